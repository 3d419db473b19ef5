import AxeBuilder from '@axe-core/playwright';
import { expect, type Page, test } from '@playwright/test';
import { compose, openAthlete, openEmptyDay, signIn } from './desk';

async function openLibrary(page: Page): Promise<void> {
  await signIn(page);
  await page.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Library' }).click();
  await expect(page.getByRole('heading', { name: 'Library' })).toBeVisible();
  await expect(page.locator('[data-cell]').first()).toBeVisible();
}
const find = (page: Page) => page.getByRole('searchbox');

test('the library is searched as one types, mistyped or by another name, and narrowed to an athlete', async ({
  page,
}) => {
  await openLibrary(page);
  await expect(page.getByText(/^\d{3} of \d{3} exercises/)).toBeVisible();
  await page.keyboard.press('/');
  await page.keyboard.type('nordik');
  await expect(page.locator('[data-cell]').first()).toContainText('Nordic hamstring curl');
  await find(page).fill('no such thing');
  await expect(page.getByText('No exercise found.')).toBeVisible();
  await page.getByRole('button', { name: 'Clear filters' }).click();

  const all = await page.getByRole('status').innerText();
  await page.locator('form select').first().selectOption({ label: 'Tove Aas' });
  await expect(page.getByRole('checkbox', { name: /Only what Tove can do today/ })).toBeChecked();
  await expect.poll(() => page.getByRole('status').innerText()).not.toBe(all);
  await page.getByRole('checkbox', { name: /Only what Tove/ }).click();
  await find(page).fill('pull-up');
  await expect(page.locator('[data-cell]').filter({ hasText: 'Needs' }).first()).toBeVisible();
});

const asTyped: readonly [typed: string, first: string][] = [
  ['RDL', 'Romanian deadlift'],
  ['Copenhagen', 'Copenhagen adduction'],
  ['cat cow', 'Cat-camel'],
  ['monster walk', 'Monster walk'],
  ['Pallof', 'Pallof press'],
  ['prone Y', 'Prone Y-T-W raises'],
  ['face pull', 'Face pull'],
  ['back squat', 'Back squat'],
  ['shrimp', 'Shrimp'],
  ['split', 'Front split'],
];

test('what a coach would type comes first, and opens', async ({ page }) => {
  await openLibrary(page);
  for (const [typed, first] of asTyped) {
    await find(page).fill(typed);
    await expect(page.locator('[data-cell="0"]')).toContainText(first);
    await page.locator('[data-cell="0"]').click();
    await expect(page.getByRole('heading', { level: 1, name: first })).toBeVisible();
    await page.goBack();
    await expect(find(page)).toHaveValue(typed);
  }
});

test('arrow keys walk the figures, Enter opens one, and going back finds the same place', async ({ page }) => {
  await openLibrary(page);
  await find(page).fill('squat');
  // The figures follow what is typed a moment later; one that goes then takes the focus with it.
  await expect(page.locator('[data-cell="0"]')).toContainText(/squat/i);
  await page.locator('[data-cell="0"]').focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('[data-cell="1"]')).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-variant]')).toBeVisible();
  await expect(page.getByRole('img', { name: /moving/ })).toBeVisible();
  await page.goBack();
  await expect(find(page)).toHaveValue('squat');
});

test('an athlete chosen, a name typed and a figure opened in the same moment: all stand in the address', async ({
  page,
}) => {
  await openLibrary(page);
  await page.evaluate(async () => {
    const select = document.querySelector('form select') as HTMLSelectElement;
    const ines = [...select.options].find((option) => option.text === 'Ines Vold');
    select.value = ines?.value ?? '';
    select.dispatchEvent(new Event('change', { bubbles: true }));
    const search = document.querySelector('form input') as HTMLInputElement;
    Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(search, 'reverse nordic');
    search.dispatchEvent(new Event('input', { bubbles: true }));
    await new Promise((done) => setTimeout(done));
    document.querySelector<HTMLElement>('[data-cell]')?.click();
  });
  await expect(page).toHaveURL(/library\/[a-z-]+\?/);
  await expect(page).toHaveURL(/find=reverse.nordic/);
  await expect(page).toHaveURL(/for=[0-9a-f-]{36}/);
});

test('an exercise shows its load over the range, its ladder, its fault posed, and what else does the same', async ({
  page,
}) => {
  await openLibrary(page);
  await page.locator('form select').first().selectOption({ label: 'Ines Vold' });
  await find(page).fill('reverse nordic');
  await page.locator('[data-cell]').filter({ hasText: 'short range' }).click();
  await expect(page.locator('.recharts-line')).not.toHaveCount(0);
  await expect(page.getByText(/knee \d+ N m/).first()).toBeVisible();
  await expect(page.getByRole('img', { name: 'Common error: Hips fold' })).toBeVisible();
  await expect(page.getByText(/% similar/).first()).toBeVisible({ timeout: 120_000 });
  const ladder = page.getByRole('list').filter({ hasText: 'Reverse Nordic, short range' }).last();
  await expect(ladder.getByRole('listitem')).toHaveCount(3);
  await ladder.getByRole('link', { name: /Weighted reverse Nordic/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Weighted reverse Nordic' })).toBeVisible();
});

test('the figure is stopped anywhere on its way, the plot says what the joints hold there', async ({ page }) => {
  await openLibrary(page);
  await page.goto('/library/hinge-lift');
  await expect(page.getByText('Gluteus maximus')).toBeVisible();
  await expect(page.getByText('filled bottle or canister', { exact: false })).toBeVisible();
  const hip = page.locator('figcaption span').filter({ hasText: /^hip/ });
  await expect(hip).toContainText('max');
  const way = page.getByLabel('Position in the range');
  await page.getByRole('button', { name: 'Pause' }).click();
  await expect(hip).not.toContainText('max');
  const discs = () =>
    page
      .locator('[data-variant] [data-ring]')
      .evaluateAll((all) => all.map((disc) => disc.getAttribute('transform') ?? '').join());
  const [tall, standing] = [await discs(), await hip.innerText()];
  await way.fill('100');
  await expect(hip).not.toHaveText(standing);
  expect(await discs()).not.toBe(tall);
  const newtonMetres = (text: string) => Number(/(\d+) N m/.exec(text)?.[1]);
  expect(newtonMetres(await hip.innerText())).toBeGreaterThan(newtonMetres(standing));
  await page.getByRole('button', { name: 'Play' }).click();
  await expect(hip).toContainText('max');
});

test('an exercise goes from the library into the session of an athlete, and the rest is composed round it', async ({
  page,
}) => {
  await openLibrary(page);
  await page.goto('/library?day=2026-12-22');
  await page.getByRole('combobox', { name: /^For/ }).selectOption({ label: 'Aksel Vik' });
  await find(page).fill('side plank on the knees');
  await page.locator('[data-cell]').filter({ hasText: 'Side plank on the knees' }).first().click();
  await page.getByRole('link', { name: "Add to Aksel's session" }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Aksel Vik' })).toBeVisible();
  const added = page.locator('[data-row]').filter({ hasText: 'Side plank on the knees' });
  await expect(added).toContainText('pinned', { ignoreCase: true });
  await page.getByRole('button', { name: /ompose/ }).click();
  await expect.poll(() => page.locator('[data-row]').count(), { timeout: 120_000 }).toBeGreaterThan(5);
  await expect(added).toHaveCount(1);
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
});

test("a club's own exercise: faults at their fields, typing kept, found by search, changed, removed", async ({
  page,
}) => {
  await openLibrary(page);
  await find(page).fill('push-up');
  await page
    .locator('[data-cell]')
    .filter({ has: page.getByText('Push-up', { exact: true }) })
    .click();
  await page.getByRole('button', { name: 'Copy as custom' }).click();
  const name = page.getByLabel('Name', { exact: true });
  await name.fill('');
  await page.getByLabel(/^Cues/).fill('Only one cue');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Name must not be empty')).toBeVisible();
  await expect(page.getByText('Cues must name at least 2 cues')).toBeVisible();
  await expect(page.getByLabel(/^Cues/)).toHaveValue('Only one cue');

  await name.fill('Harbour push-up');
  await page.getByLabel(/^Cues/).fill('Like a plank on deck\nNose over the rail');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('heading', { level: 1, name: /Harbour push-up/ })).toBeVisible();
  await expect(page.getByText('Nose over the rail')).toBeVisible();

  const library = page.url();
  await page.goto('/');
  await openAthlete(page, 'Mira Holm');
  await openEmptyDay(page, '2026-12-21');
  await compose(page);
  // The club's own one is composed with like any other; if it was not chosen, it can be named.
  // By its own name: the reasons of other items may speak of it.
  const ours = page.locator('[data-row] [data-name]').filter({ hasText: 'Harbour push-up' });
  const nameIt = async () => {
    await page.keyboard.press('/');
    await page.keyboard.type('harbor');
    const option = page.getByRole('listbox').getByRole('option', { name: 'Harbour push-up' });
    await expect(option).toHaveAttribute('data-focus', '');
    await page.keyboard.press('Enter');
  };
  if ((await ours.count()) === 0) await nameIt();
  await expect(ours).toHaveCount(1);
  await nameIt();
  await expect(page.getByText('Harbour push-up: Is in the session already.')).toBeVisible();
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
  await page.goto(library);

  await page.getByRole('link', { name: 'Library', exact: true }).first().click();
  await find(page).fill('harbor');
  await expect(page.locator('[data-cell]').first()).toContainText('Custom: Harbour push-up');
  await page.locator('[data-cell]').first().click();
  await page.getByRole('button', { name: 'Edit' }).click();
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(page.locator('[data-cell]').first()).toBeVisible();
  await find(page).fill('harbour');
  await expect(page.getByText('No exercise found.')).toBeVisible();
});

test('figures stand still for who asks for less motion', async ({ browser }) => {
  const context = await browser.newContext({ reducedMotion: 'reduce' });
  const page = await context.newPage();
  await openLibrary(page);
  await page.goto('/library/squat');
  const path = page.locator('main svg path').nth(4);
  const before = await path.getAttribute('d');
  await page.waitForTimeout(900);
  expect(await path.getAttribute('d')).toBe(before);
  await context.close();
});

for (const place of ['/library', '/library/push-up']) {
  test(`${place} has no accessibility faults of the serious kind`, async ({ page }) => {
    await signIn(page);
    await page.goto(place);
    await page.waitForTimeout(1200);
    const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze();
    const serious = violations
      .filter((v) => v.impact === 'serious' || v.impact === 'critical')
      .map((v) => `${v.id}: ${v.nodes.length} x ${v.nodes[0]?.target}`);
    expect(serious).toEqual([]);
  });
}
