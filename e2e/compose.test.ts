import { expect, type Page, test } from '@playwright/test';
import { compose, enough, leaveField, openAthlete, openEmptyDay, rowNames, signIn } from './desk';

async function session(page: Page): Promise<string[]> {
  await signIn(page);
  await openAthlete(page, 'Mira Holm');
  return rowNames(page);
}

/** A session of its own on an empty day. */
async function composedOn(page: Page, day: string): Promise<string[]> {
  await session(page);
  await openEmptyDay(page, day);
  await compose(page);
  return rowNames(page);
}

test('the first session comes at once, then it is looked further until the coach has enough', async ({ page }) => {
  await session(page);
  await openEmptyDay(page, '2026-12-10');
  await leaveField(page);
  await page.keyboard.press('c');
  await expect(page.getByText(/within \d+\.\d % of the optimum/)).toBeVisible({ timeout: 120_000 });
  await expect(page.getByText('still improving')).toBeVisible();
  await enough(page);
  expect((await rowNames(page)).length).toBeGreaterThanOrEqual(8);
});

test('why not: asked by keyboard, answered while one watches, taken, undone to the start', async ({ page }) => {
  const names = await composedOn(page, '2026-12-11');
  await page.keyboard.press('w');
  await expect(page.getByLabel('Why not this exercise')).toBeFocused();
  // Enter at once takes what was typed, not what the list still shows of a letter before.
  await page.keyboard.type('side plank');
  await page.keyboard.press('Enter');
  const answer = page.getByRole('status').filter({ hasText: /side plank/i });
  const asked = (await answer.locator('b').innerText()).trim();
  await expect(answer).toContainText(/would (raise|lower) the training effect by \d+\.\d %/);
  await answer.getByRole('button', { name: 'Use it' }).click();
  await expect.poll(() => rowNames(page)).toContain(asked);
  await leaveField(page);
  await page.keyboard.press('u');
  await expect.poll(() => rowNames(page)).toEqual(names);
  await page.keyboard.press('u');
  await expect(page.getByText('No session on')).toBeVisible();
});

test('why this: what the session loses without it; left out, it does not come back until it is allowed again', async ({
  page,
}) => {
  const names = await composedOn(page, '2026-12-12');
  const at = (await page.locator('[data-row]').count()) - 3;
  await page.locator('[data-row] [data-name]').nth(at).click();
  const aside = page.getByRole('complementary', { name: 'Chosen exercise' });
  await expect(aside.getByText(/Without it: \d+\.\d % less/)).toBeVisible();
  await aside.getByRole('button', { name: 'Exclude' }).click();
  await expect.poll(() => rowNames(page)).not.toContain(names[at]);
  await page.keyboard.press('c');
  await expect(page.getByText(/Changed|Composed again/)).toBeVisible({ timeout: 120_000 });
  await enough(page);
  expect(await rowNames(page)).not.toContain(names[at]);
  await page.getByRole('button', { name: `Allow ${names[at]} again` }).click();
  await expect(page.getByRole('button', { name: `Allow ${names[at]} again` })).toHaveCount(0);
});

test('a refused brief says what could give, and one click lets it give', async ({ page }) => {
  await session(page);
  await openEmptyDay(page, '2026-12-14');
  await page.getByLabel('Minutes', { exact: true }).fill('5');
  await page.getByLabel('At least in prevention').fill('4');
  await leaveField(page);
  await page.keyboard.press('c');
  const way = page.getByRole('button', { name: /^Allow \d+ minutes instead of 5/ });
  await expect(way).toBeVisible({ timeout: 120_000 });
  await way.click();
  await expect(page.locator('[data-row]').first()).toBeVisible({ timeout: 120_000 });
  expect(Number(await page.getByLabel('Minutes', { exact: true }).inputValue())).toBeGreaterThan(5);
});

test('a note and another rest for the athlete; a group is dragged on the strip; what composing anew changed is taken back', async ({
  page,
}) => {
  const names = await composedOn(page, '2026-12-15');
  await page.locator('[data-row] [data-name]').nth(7).click();
  const note = page.getByLabel('Note for the athlete');
  await note.fill('left knee over the foot');
  await note.press('Enter');
  await expect(page.getByText('saved', { exact: true })).toBeVisible();

  const strengthAt = await page.locator('[data-strip-group]').evaluateAll((groups) => {
    const labels = groups.map((g) => g.querySelector('.label')?.textContent ?? '');
    return labels.indexOf('Strength');
  });
  const from = page.locator('[data-strip-group]').nth(strengthAt);
  await from.dragTo(page.locator('[data-strip-group]').nth(strengthAt + 1));
  await expect.poll(() => rowNames(page)).not.toEqual(names);
  expect([...(await rowNames(page))].sort()).toEqual([...names].sort());
  const dragged = await rowNames(page);

  await page.locator('[data-row] [data-name]').nth(9).click();
  await page.keyboard.press('x');
  await expect.poll(() => rowNames(page)).not.toEqual(dragged);
  const removed = await rowNames(page);
  await page.keyboard.press('c');
  await expect(page.getByText(/Changed/)).toBeVisible({ timeout: 120_000 });
  await enough(page);
  await page.getByRole('button', { name: 'revert changes' }).click();
  await expect.poll(() => rowNames(page)).toEqual(removed);
});

test('one session for the whole squad: adapted, corrected, saved for those who have none', async ({ page }) => {
  await composedOn(page, '2027-01-07');
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Plan for the whole squad' }).click();
  await expect(page.getByText(/(\d+) of \1 adapted/)).toBeVisible({ timeout: 120_000 });
  await expect(page.getByText(/% of the training effect on average|% of the stimulus/)).toBeVisible();
  const rows = page.locator('[data-squad-row]');
  const count = await rows.count();
  expect(count).toBeGreaterThanOrEqual(6);
  const cell = rows.first().locator('select').first();
  const options = await cell.locator('option').count();
  if (options > 1) await cell.selectOption({ index: options - 1 });
  await page.getByRole('button', { name: /^Save for \d+/ }).click();
  await expect(rows.filter({ hasText: 'saved' })).toHaveCount(count, { timeout: 30_000 });
});

test('a session is kept as a template and fitted to another day', async ({ page }) => {
  await composedOn(page, '2027-02-01');
  await page.getByLabel('Template name').fill('Hall closed, half an hour');
  await page.getByRole('button', { name: 'Save template' }).click();
  await expect(page.getByText('Saved as Hall closed, half an hour')).toBeVisible();
  const names = await rowNames(page);
  await openEmptyDay(page, '2027-02-02');
  await page.getByRole('button', { name: /^Hall closed, half an hour/ }).click();
  await expect(page.locator('[data-row]').first()).toBeVisible({ timeout: 120_000 });
  const fitted = await rowNames(page);
  expect(fitted.filter((name) => names.includes(name)).length).toBeGreaterThan(names.length / 2);
  await page.keyboard.press('u');
  await page.getByRole('button', { name: 'Delete Hall closed, half an hour' }).click();
  await expect(page.getByText('Hall closed, half an hour deleted')).toBeVisible();
  await page.getByRole('button', { name: 'Restore' }).click();
  await expect(page.getByRole('button', { name: /^Hall closed, half an hour/ })).toBeVisible();
});

test('an earlier session is done again; one undo leads back to the empty page', async ({ page }) => {
  await session(page);
  await openEmptyDay(page, '2027-02-03');
  await page
    .getByRole('button', { name: /^Progress the session of .*/ })
    .first()
    .click();
  await expect(page.locator('[data-row]').first()).toBeVisible({ timeout: 120_000 });
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
  await page.keyboard.press('u');
  await expect(page.getByText('No session on')).toBeVisible();
});
