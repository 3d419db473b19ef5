import { expect, test } from '@playwright/test';
import { compose, enough, openAthlete, openDay, openEmptyDay, rowNames, signIn } from './desk';

test('by keyboard alone: find, compose, pin, dose, swap, turn, move, note, ask why not, print', async ({ page }) => {
  const { keyboard } = page;
  await signIn(page);
  await keyboard.type('Oda');
  await keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Oda Kvam' })).toBeVisible();
  await expect(page.getByText('No session on')).toBeVisible();
  await keyboard.press('c');
  await expect(page.locator('[data-row]').first()).toBeVisible({ timeout: 120_000 });
  await enough(page);

  await keyboard.press('ArrowDown');
  await keyboard.press('ArrowDown');
  await keyboard.press('p');
  await expect(page.locator('[data-row]').nth(1)).toContainText('pinned');
  await keyboard.press('d');
  const dose = page.locator('[data-dose]').nth(1);
  await expect(dose).toBeFocused();
  await keyboard.press('Control+a');
  await keyboard.type('1x14');
  await keyboard.press('Enter');
  await expect(dose).toHaveValue(/^1x14/);
  await keyboard.press('Escape');

  // The first item of the main work that has another one after it in its block.
  const labels = await page
    .locator('[data-row]')
    .evaluateAll((rows) => rows.map((row) => row.querySelector('.label')?.textContent?.trim() ?? ''));
  const at = labels.indexOf('Strength');
  expect(at).toBeGreaterThan(0);
  for (let row = 1; row < at; row++) await keyboard.press('ArrowDown');
  await expect(page.locator('[data-row] [data-name]').nth(at)).toHaveAttribute('aria-pressed', 'true');
  const before = await rowNames(page);
  await expect(page.locator('[data-instead]').first()).toBeVisible();
  await keyboard.press('s');
  await expect(page.locator('[data-instead]').first()).toBeFocused();
  await keyboard.press('Enter');
  await expect.poll(async () => (await rowNames(page))[at]).not.toBe(before[at]);
  const swapped = await rowNames(page);

  const turns = () => page.locator('[data-row]').evaluateAll((rows) => rows.map((row) => row.children[1]?.textContent));
  const turnsBefore = await turns();
  await keyboard.press('t');
  await expect.poll(turns).not.toEqual(turnsBefore);
  await keyboard.press('Shift+ArrowDown');
  await expect.poll(() => rowNames(page)).not.toEqual(swapped);
  await keyboard.press('n');
  await keyboard.type('slow, and breathe');
  await keyboard.press('Enter');
  await expect(page.getByLabel('Note for the athlete')).toHaveValue('slow, and breathe');

  await keyboard.press('w');
  await keyboard.type('side plank');
  await expect(page.getByRole('listbox').getByRole('option').first()).toBeVisible();
  await keyboard.press('Enter');
  await expect(
    page.getByRole('status').filter({ hasText: /^Side plank.*(would (raise|lower) the|: \w)/ }),
  ).toBeVisible();
  await keyboard.press('Escape');

  await expect(page.getByText('saved', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Printout' }).focus();
  await keyboard.press('Enter');
  await expect(page.getByText('slow, and breathe')).toBeVisible();
  await page.getByRole('link', { name: 'Back' }).focus();
  await keyboard.press('Enter');
  await expect(page.locator('[data-row]').first()).toBeVisible();
});

test('a dose is completed while it is typed, by arrow keys and Enter; other ways of typing are understood', async ({
  page,
}) => {
  await signIn(page);
  await openAthlete(page, 'Tove Aas');
  await openEmptyDay(page, '2027-01-20');
  await compose(page);
  const dose = page.locator('[data-dose]').nth(7);
  await dose.fill('3x8 r');
  const options = page.locator('[role="listbox"] [role="option"]');
  await expect(options).toHaveText([/3x8 rir2/, /3x8 r60/]);
  await dose.press('ArrowDown');
  await dose.press('ArrowDown');
  await dose.press('Enter');
  await expect(dose).toHaveValue('3x8 r60');
  await dose.press('Enter');
  await expect(options).toHaveCount(0);
  await dose.fill('3 sets of 6 each leg, rpe 8');
  await dose.press('Enter');
  await expect(dose).toHaveValue('3x6/side rir2');
  await dose.fill('3x6 soon');
  await dose.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: '"soon"' })).toContainText('a tempo (3-1-1)');
  await dose.press('Escape');
  await expect(dose).toHaveValue('3x6/side rir2');
});

test('everything that was done by keyboard is undone by it, step by step, to the empty page', async ({ page }) => {
  const { keyboard } = page;
  await openDay(page, 'Oda Kvam', '2027-02-08');
  await compose(page);
  const seen = [await rowNames(page)];
  await keyboard.press('ArrowDown');
  for (const [press, steps] of [
    ['x', 4],
    ['x', 1],
    ['t', 3],
  ] as const) {
    for (let step = 0; step < steps; step++) await keyboard.press('ArrowDown');
    await keyboard.press(press);
    seen.push(await rowNames(page));
  }
  for (let step = 0; step < 8 && (await page.locator('[data-row]').count()) > 0; step++) await keyboard.press('u');
  await expect(page.getByText('No session on')).toBeVisible();
  for (let step = 0; step < 8; step++) await keyboard.press('Shift+u');
  await expect.poll(() => rowNames(page)).toEqual(seen.at(-1));
});
