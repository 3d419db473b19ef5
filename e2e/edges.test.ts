import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { regions } from '@tropaeum/core/exercise/vocabulary';
import { compose, enough, leaveField, openAthlete, openDay, restrict, rowNames, signIn } from './desk';

test('a wrong password says so and keeps what was typed', async ({ page }) => {
  await page.goto('/sign-in');
  await page.fill('#email', 'coach@skarvoy.example');
  await page.fill('#password', 'no');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert')).toHaveText('E-mail address or password is not right.');
  await expect(page.locator('#email')).toHaveValue('coach@skarvoy.example');
});

test('nobody sees the desk without signing in; a worn-out link says what to do', async ({ page }) => {
  await page.goto('/');
  await expect(page.locator('#password')).toBeVisible();
  await page.goto(`/a/${'x'.repeat(43)}`);
  await expect(page.getByText('ask your coach for a new one')).toBeVisible();
});

test('by keyboard alone: find, compose, pin, dose, swap, turn, move, note, ask why not, print', async ({ page }) => {
  const { keyboard } = page;
  await signIn(page);
  await keyboard.type('Oda');
  await keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Oda Kvam' })).toBeVisible();
  await expect(page.getByText('Nothing written for')).toBeVisible();
  await keyboard.press('c');
  await expect(page.locator('[data-row]').first()).toBeVisible({ timeout: 20_000 });
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
  const at = labels.indexOf('strength');
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

  await keyboard.press('?');
  await keyboard.type('side plank');
  await expect(page.getByRole('listbox').getByRole('option').first()).toBeVisible();
  await keyboard.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: /^Side plank.*(would cover \d|: \w)/ })).toBeVisible();
  await keyboard.press('Escape');

  await expect(page.getByText('saved', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Sheet for print' }).focus();
  await keyboard.press('Enter');
  await expect(page.getByText('slow, and breathe')).toBeVisible();
  await page.getByRole('link', { name: 'Back' }).focus();
  await keyboard.press('Enter');
  await expect(page.locator('[data-row]').first()).toBeVisible();
});

test('while it composes the page goes on answering', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Nora Fjell');
  await page.getByRole('spinbutton', { name: 'Minutes' }).fill('40');
  await page.getByRole('button', { name: /^Compose/ }).click();
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
  await page.getByRole('spinbutton', { name: 'Minutes' }).fill('35');
  await expect(page.getByRole('spinbutton', { name: 'Minutes' })).toHaveValue('35');
});

test('composing can be stopped and started again', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Tale Nes');
  await page.getByRole('spinbutton', { name: 'Minutes' }).fill('60');
  await page.getByRole('button', { name: /^Compose/ }).click();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('button', { name: /^Compose/ })).toBeVisible();
  await expect(page.locator('[data-row]')).toHaveCount(0);
  await compose(page);
});

test('what cannot be is refused with what would have to give', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Ragna Tveit');
  for (const region of regions) await restrict(page, `${region.replace('-', ' ')}, avoid`);
  await page.getByRole('button', { name: /^Compose/ }).click();
  await expect(page.getByText('What would have to give')).toBeVisible({ timeout: 20_000 });
});

test('two tabs on one session: the later save sees the earlier one and says so', async ({ page, context }) => {
  await signIn(page);
  await openAthlete(page, 'Signe Moe');
  await expect(page.locator('[data-row]').first()).toBeVisible();
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.locator('[data-row]').first()).toBeVisible();
  await page.locator('[data-row] [data-name]').first().click();
  await page.keyboard.press('x');
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
  await other.locator('[data-row] [data-name]').nth(1).click();
  await other.keyboard.press('x');
  await expect(other.getByText('saved elsewhere in the meantime')).toBeVisible();
});

test('two tabs compose the same empty day: the first is kept whole, the second is told', async ({ page, context }) => {
  await openDay(page, 'Liv Strand', '2027-02-10');
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.getByText('Nothing written for')).toBeVisible();
  await compose(page);
  const kept = await rowNames(page);
  await leaveField(other);
  await other.keyboard.press('c');
  await expect(other.locator('[data-row]').first()).toBeVisible({ timeout: 20_000 });
  await expect(other.getByText(/^Not saved:/)).toBeVisible({ timeout: 20_000 });
  await page.reload();
  await expect(page.locator('[data-row]').first()).toBeVisible();
  expect(await rowNames(page)).toEqual(kept);
});

test('a page left while it composes, or while a proof is worked on, leaves nothing by half', async ({ page }) => {
  await openDay(page, 'Liv Strand', '2027-02-11');
  const address = page.url();
  await leaveField(page);
  await page.keyboard.press('c');
  await page.goto('about:blank');
  await page.goto(address);
  await expect(page.getByText('Nothing written for').or(page.locator('[data-row]').first())).toBeVisible();
  const rows = await page.locator('[data-row]').count();
  expect(rows === 0 || rows >= 6).toBe(true);

  await page.getByLabel('Day').fill('2027-02-12');
  await expect(page.getByText('Nothing written for')).toBeVisible();
  await leaveField(page);
  await page.keyboard.press('c');
  await expect(page.locator('[data-row]').first()).toBeVisible({ timeout: 20_000 });
  await page.keyboard.press('Escape');
  const seen = await rowNames(page);
  const there = page.url();
  await page.goto('about:blank');
  await page.goto(there);
  await expect(page.locator('[data-row]').first()).toBeVisible();
  expect(await rowNames(page)).toEqual(seen);
});

test('a group is moved inside its block by dragging, and undo puts it back', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 1400 });
  await signIn(page);
  await openAthlete(page, 'Tove Aas');
  await expect(page.locator('[data-row]').first()).toBeVisible();
  const names = await rowNames(page);
  const blocks = await page
    .locator('[data-row]')
    .evaluateAll((rows) => rows.map((row) => row.querySelector('.label')?.textContent?.trim() ?? ''));
  const blockOf = (label: string) =>
    blocks.slice(0, names.indexOf(label.replace('Move ', '')) + 1).findLast((b) => b !== '');
  const labels = await page
    .locator('[aria-label^="Move "]')
    .evaluateAll((list) => list.map((h) => h.getAttribute('aria-label') ?? ''));
  // The first two groups that stand in one block.
  const first = labels.findIndex((label, i) => i > 0 && blockOf(label) === blockOf(labels[i - 1] as string));
  const moved = labels.slice(first - 1, first + 1);
  await page
    .locator('[data-row]')
    .nth(names.indexOf((moved[0] as string).replace('Move ', '')))
    .hover();
  const handle = page.locator(`[aria-label="${moved[0]}"]`);
  const from = await handle.boundingBox();
  if (!from) throw new Error('no handle');
  await page.mouse.move(from.x + 8, from.y + 8);
  await page.mouse.down();
  const target = await page.locator(`[aria-label="${moved[1]}"]`).boundingBox();
  if (!target) throw new Error('no second group in the block');
  await page.mouse.move(from.x + 8, from.y + 40, { steps: 6 });
  await page.mouse.move(from.x + 8, target.y + 20, { steps: 12 });
  await page.waitForTimeout(300);
  await page.mouse.up();
  await expect.poll(() => rowNames(page)).not.toEqual(names);
  expect((await rowNames(page)).sort()).toEqual([...names].sort());
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => rowNames(page)).toEqual(names);
});

for (const [name, open] of [
  ['squad', async () => undefined],
  ['session', async (page: import('@playwright/test').Page) => openAthlete(page, 'Tove Aas')],
  [
    'season',
    async (page: import('@playwright/test').Page) => {
      await page.getByRole('link', { name: 'Season' }).click();
      await expect(page.locator('[data-chip="session"]').first()).toBeVisible();
    },
  ],
] as const) {
  test(`the ${name} view has no accessibility faults of the serious kind`, async ({ page }) => {
    await signIn(page);
    await open(page);
    await page.waitForTimeout(500);
    const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze();
    const serious = violations
      .filter((v) => v.impact === 'serious' || v.impact === 'critical')
      .map((v) => `${v.id}: ${v.nodes.length} x ${v.nodes[0]?.target}`);
    expect(serious).toEqual([]);
  });
}

test('a whole kit is typed at once; what is not understood stays to be put right', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Oda Kvam');
  const field = page.getByLabel('Add kit');
  await field.fill('2x7,5 kg db, spoon, 10 l paint-tin paint, rucksack max 15, door low');
  await field.press('Enter');
  await expect(page.getByText('2 × dumbbell 7.5 kg')).toBeVisible();
  await expect(page.getByText('paint tin 13.5 kg ±1.4')).toBeVisible();
  await expect(page.getByText('rucksack up to 15 kg')).toBeVisible();
  await expect(page.getByRole('checkbox', { name: 'door low' })).toBeChecked();
  await expect(field).toHaveValue('spoon');
  await expect(page.getByRole('alert').filter({ hasText: 'spoon' })).toContainText('expected a thing such as');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('rucksack up to 15 kg')).toHaveCount(0);
  await expect(page.getByRole('checkbox', { name: 'door low' })).not.toBeChecked();
});

test('what to buy first is weighed by composing with each, and can be stopped', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Ylva Sund');
  await page.getByRole('button', { name: 'What to buy first?' }).click();
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await page.getByRole('button', { name: 'What to buy first?' }).click();
  await expect(
    page
      .locator('ol li')
      .filter({ hasText: /\+\d+\.\d %/ })
      .first(),
  ).toBeVisible({ timeout: 30_000 });
});

test('a dose is completed while it is typed, by arrow keys and Enter; other ways of typing are understood', async ({
  page,
}) => {
  await signIn(page);
  await openAthlete(page, 'Tove Aas');
  await page.getByLabel('Day').fill('2027-01-20');
  await expect(page.getByText(/Nothing written for/)).toBeVisible();
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
  await expect(page.getByText('Nothing written for')).toBeVisible();
  for (let step = 0; step < 8; step++) await keyboard.press('Shift+u');
  await expect.poll(() => rowNames(page)).toEqual(seen.at(-1));
});
