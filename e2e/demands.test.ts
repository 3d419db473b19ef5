import AxeBuilder from '@axe-core/playwright';
import { expect, type Page, test } from '@playwright/test';
import { compose, enough, openDay, rowNames, signIn } from './desk';
import { foot, footWords } from './weave';

const asked = (page: Page, id: string) => page.locator(`[data-asked="${id}"]`).innerText();

test('a role is changed from the session: the weave follows at once, it is composed anew for it, undo restores both', async ({
  page,
}) => {
  await openDay(page, 'Aksel Vik', '2027-01-12');
  // Legs and trunk have a place in it, so that what is asked of them can show.
  await page.getByLabel('Session type').selectOption('whole-body');
  await compose(page);
  const before = {
    rows: await rowNames(page),
    foot: await footWords(page, 'catch'),
    legs: await footWords(page, 'leg-drive'),
  };

  /** Takes a movement down to nothing in both respects, or up to all. */
  const set = async (id: string, key: 'Home' | 'End') => {
    await foot(page, id).click();
    for (const respect of ['Often', 'Decisive']) {
      const slider = page.getByRole('slider', { name: new RegExp(`^${respect} for every kayak`) });
      await slider.focus();
      await page.keyboard.press(key);
    }
  };
  await set('leg-drive', 'End');
  const shown = await page.locator('[data-foot]').evaluateAll((all) => all.map((one) => one.getAttribute('data-foot')));
  for (const id of shown) if (id && !['leg-drive', 'catch', 'guards'].includes(id)) await set(id, 'Home');
  await set('catch', 'Home');
  const share = (words: string | null) => Number(/(\d+) % of the session target/.exec(words ?? '')?.[1]);
  expect(share(await footWords(page, 'catch'))).toBeLessThan(share(before.foot) / 2);
  await page.getByRole('button', { name: /^Recompose/ }).click();
  await enough(page);
  await expect.poll(() => footWords(page, 'leg-drive')).not.toBe(before.legs);
  await expect(page.getByText('saved', { exact: true })).toBeVisible();

  // The club has it now.
  await page.getByRole('link', { name: 'all demands' }).click();
  await expect(page.getByText('custom profile')).toBeVisible();
  await page.goBack();
  await expect(page.locator('[data-row]').first()).toBeVisible();

  // Step by step back to what was composed first.
  const back = async () =>
    (await footWords(page, 'catch')) === before.foot &&
    (await footWords(page, 'leg-drive')) === before.legs &&
    `${await rowNames(page)}` === `${before.rows}`;
  for (let step = 0; step < 40 && !(await back()); step++) await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => footWords(page, 'catch')).toBe(before.foot);
  expect(await rowNames(page)).toEqual(before.rows);
  await page.goto('/demands/sprint-canoe?role=kayak');
  await expect(page.getByText('standard profile')).toBeVisible();
});

test('points on the demands view move the shares, and the sessions of the role, and come back', async ({ page }) => {
  await openDay(page, 'Signe Moe', '2027-01-14');
  await compose(page);
  const before = await footWords(page, 'goal-save');
  await page.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Sports' }).click();
  await page.getByRole('tab', { name: 'Goalkeeper' }).click();
  const share = await asked(page, 'goal-save');
  const points = page.getByRole('slider', { name: 'How often: Split save' });
  await points.focus();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await expect.poll(() => asked(page, 'goal-save')).not.toBe(share);
  await expect(page.getByText('custom profile')).toBeVisible();

  await page.goBack();
  await expect(page.locator('[data-row]').first()).toBeVisible();
  await expect.poll(() => footWords(page, 'goal-save')).not.toBe(before);
  await page.goForward();
  await expect(page.getByRole('tab', { name: 'Goalkeeper' })).toBeVisible();
  await page.keyboard.press('u');
  await page.keyboard.press('u');
  await expect.poll(() => asked(page, 'goal-save')).toBe(share);
  await expect(page.getByText('standard profile')).toBeVisible();
  await page.reload();
  await expect(page.getByText('standard profile')).toBeVisible();
});

test('a movement is described in joint actions, answered while it is written, kept and taken back', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/demands/rowing?role=scull');
  await expect(page.locator('[data-movement]').first()).toBeVisible();
  const count = await page.locator('[data-movement]').count();
  await page.keyboard.press('n');
  const form = page.getByRole('form', { name: 'New movement' });
  const answers = page.locator('[data-answers] li');
  const first = await answers.first().innerText();
  await form.getByLabel('Joint action 1: joint').selectOption('neck');
  await expect(answers.first()).not.toHaveText(first);
  await expect(answers.first()).toContainText(/neck|head|chin/i);
  await expect(form.getByLabel('Joint action 1: way')).toHaveValue('extension');
  await form.getByLabel('name', { exact: true }).fill('');
  await form.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(form.getByText('must not be empty')).toBeVisible();
  await form.getByLabel('name', { exact: true }).fill('Looking round');
  await form.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.locator('[data-movement]')).toHaveCount(count + 1);
  await expect(page.locator('[data-movement="looking-round"]')).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByText('custom profile')).toBeVisible();
  await page.keyboard.press('u');
  await expect(page.locator('[data-movement]')).toHaveCount(count);
  await expect(page.getByText('standard profile')).toBeVisible();
});

test('a role is added after the likeness of another and taken back; a risk weighs more', async ({ page }) => {
  await signIn(page);
  await page.goto('/demands/rowing?role=sweep');
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Roles …' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('New role').fill('Coastal');
  await dialog.getByLabel('same demands as').selectOption('sweep');
  await dialog.getByRole('button', { name: 'Add' }).click();
  await dialog.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('tab', { name: 'Coastal' }).click();
  const share = await asked(page, 'sweep-turn');
  await page.getByRole('tab', { name: 'Sweep' }).click();
  expect(await asked(page, 'sweep-turn')).toBe(share);
  const elbow = page.getByRole('slider', { name: 'Weight of the elbow' });
  await elbow.focus();
  await page.keyboard.press('End');
  await expect(elbow).toHaveAttribute('aria-valuenow', '5');
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('tab', { name: 'Coastal' })).toHaveCount(0);
  await expect(page.getByText('standard profile')).toBeVisible();
});

test('points given beside an open form are kept with it', async ({ page }) => {
  await signIn(page);
  await page.goto('/demands/cycling?role=road');
  await page.locator('[data-movement="hop"]').click();
  await page.keyboard.press('e');
  const form = page.getByRole('form', { name: 'Edit Lifting the bike over' });
  await form.getByLabel('name', { exact: true }).fill('Lifting the bike');
  const often = page.getByRole('slider', { name: 'How often: Lifting the bike over' });
  await often.focus();
  await page.keyboard.press('End');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(page.locator('[data-movement="hop"]')).toContainText('Lifting the bike');
  await expect(page.getByRole('slider', { name: 'How often: Lifting the bike' })).toHaveAttribute('aria-valuenow', '5');
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('standard profile')).toBeVisible();
});

test('two roles and two sports stand side by side', async ({ page }) => {
  await signIn(page);
  await page.goto('/demands/handball?role=back');
  await page.getByLabel('Compare with').selectOption('handball:goalkeeper');
  const side = page.getByRole('region', { name: 'Side by side' });
  await expect(side).toContainText('Handball · goalkeeper');
  const alike = Number((await side.locator('b').first().innerText()).replace(' %', ''));
  await page.getByLabel('Compare with').selectOption('aiming:bow');
  await expect(side).toContainText('Archery');
  expect(Number((await side.locator('b').first().innerText()).replace(' %', ''))).toBeLessThan(alike);
  await page.reload();
  await expect(side).toContainText('Archery');
});

test('a mark of the weave opens its five criteria, by pointing and by keyboard', async ({ page }) => {
  await openDay(page, 'Tove Aas', '2027-01-15');
  await compose(page);
  const row = page.locator('[data-row]').nth(6);
  await row.locator('[data-mark]').first().hover();
  const note = page.getByRole('tooltip');
  await expect(note.locator('[data-criterion]')).toHaveCount(5);
  await expect(note).toContainText('transfer');
  await row.locator('[data-mark="guards"]').hover();
  await expect(note).toContainText('injury prevention');
  await page.mouse.move(5, 5);
  await expect(note).toHaveCount(0);
  await row.locator('[data-name]').click();
  await row.locator('[data-mark]').first().focus();
  const words = await note.innerText();
  await page.keyboard.press('ArrowRight');
  await expect(note).not.toHaveText(words);
});

test('an exercise of the library says which movements it serves, and why', async ({ page }) => {
  await signIn(page);
  await page.goto('/library/nordic-lowering');
  const row = page.getByRole('button', { name: /Braking the swinging leg/ }).first();
  await row.click();
  await expect(row).toHaveAttribute('aria-expanded', 'true');
  await expect(page.locator('[data-criterion="regime"]')).toContainText('eccentric, as in the sport');
});

test('an under-served column offers what would answer it; what is added is kept when the rest is composed anew', async ({
  page,
}) => {
  await openDay(page, 'Nora Fjell', '2027-01-16');
  await compose(page);
  const rows = await page.locator('[data-row]').count();
  await foot(page, 'arm-brake').click();
  const panel = page.getByRole('complementary', { name: 'Demands' });
  await expect(panel.locator('[data-need="arm-brake"]')).toHaveAttribute('aria-expanded', 'true');
  const add = panel.getByRole('button', { name: /^Add / }).first();
  const name = ((await add.getAttribute('aria-label')) ?? '').replace('Add ', '');
  await add.click();
  await expect(page.locator('[data-row]')).toHaveCount(rows + 1);
  await page.getByRole('button', { name: /^Recompose/ }).click();
  await expect(page.getByText(/^Composing/)).toHaveCount(0);
  expect(await rowNames(page)).toContain(name);
});

test('a need is moved for one athlete, with its reason beside it, and reset', async ({ page }) => {
  await openDay(page, 'Ines Vold', '2027-01-18');
  await page.getByRole('button', { name: 'Demands' }).click();
  const ankle = page.locator('[data-need="risk-ankle"]');
  await ankle.click();
  await expect(page.getByText('left ankle injured before (sprain, landed on a foot)')).toBeVisible();
  await expect(page.getByText('left does 76 % of the other side')).toBeVisible();
  const before = await ankle.innerText();
  await page.getByLabel('Target for ankle, percent').focus();
  for (let step = 0; step < 10; step++) await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Tab');
  await expect(ankle).not.toHaveText(before);
  await page.getByRole('button', { name: 'reset' }).click();
  await expect.poll(() => ankle.innerText()).toBe(before);
});

for (const place of ['/demands/handball?role=back', '/demands/rowing?role=scull&with=cycling:track']) {
  test(`${place} has no accessibility faults of the serious kind`, async ({ page }) => {
    await signIn(page);
    await page.goto(place);
    await page.waitForTimeout(900);
    if (!place.includes('with')) await page.keyboard.press('n');
    await page.waitForTimeout(300);
    const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze();
    const serious = violations
      .filter((v) => v.impact === 'serious' || v.impact === 'critical')
      .map((v) => `${v.id}: ${v.nodes.length} x ${v.nodes[0]?.target}`);
    expect(serious).toEqual([]);
  });
}
