import AxeBuilder from '@axe-core/playwright';
import { expect, type Page, test } from '@playwright/test';
import { openAthlete, openPhone, signIn } from './desk';

const main = (page: Page) => page.getByRole('navigation', { name: 'Main' });
const current = (page: Page) => main(page).locator('[aria-current="page"]');
const serious = async (page: Page) =>
  (await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze()).violations
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map((v) => `${v.id}: ${v.nodes[0]?.target}`);

test('the main places are named, the current one is marked, and g with a letter goes to each', async ({ page }) => {
  await signIn(page);
  await expect(main(page).getByRole('link')).toHaveText([
    /^Attention/,
    'Squads',
    'Season',
    'Library',
    'Sports',
    'Messages',
    'Settings',
  ]);
  await expect(current(page)).toHaveText('Squads');
  await page.getByRole('heading', { name: 'Squads' }).click();
  for (const [key, name] of [
    ['l', 'Library'],
    ['p', 'Sports'],
    ['m', 'Messages'],
    ['t', 'Settings'],
    ['s', 'Season'],
    ['a', /^Attention/],
    ['q', 'Squads'],
  ] as const) {
    // Out of whatever field the place begins with.
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await page.keyboard.press('g');
    await expect(main(page).locator('kbd')).toHaveText(['a', 'q', 's', 'l', 'p', 'm', 't']);
    await page.keyboard.press(key);
    await expect(current(page)).toHaveText(name);
  }
  // The second letter means nothing else: on a session, s alone would open the substitutes.
  await openAthlete(page, 'Aksel Vik');
  await expect(current(page)).toHaveText('Squads');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('g');
  await page.keyboard.press('s');
  await expect(current(page)).toHaveText('Season');
});

test('everything is found by a few letters: athletes, exercises, places, actions', async ({ page }) => {
  await signIn(page);
  const find = async (typed: string) => {
    await page.keyboard.press('Control+k');
    const field = page.getByRole('combobox', { name: /Find an athlete/ });
    await field.fill(typed);
    return page.getByRole('listbox').getByRole('option');
  };
  await expect((await find('aks')).first()).toContainText('Aksel Vik');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Aksel Vik' })).toBeVisible();

  await expect((await find('pistol')).first()).toContainText('exercise');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/library\/.+/);

  await expect((await find('mess')).first()).toContainText('Messages');
  expect(await serious(page)).toEqual([]);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Messages' })).toBeVisible();

  await find('zzzz');
  await expect(page.getByText('Nothing has a name like that.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('combobox', { name: /Find an athlete/ })).toHaveCount(0);

  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keyboard shortcuts' })).toContainText('change its dose');
  expect(await serious(page)).toEqual([]);
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('on a small laptop the names of exercises and of the athlete can be read', async ({ page }) => {
  await page.setViewportSize({ width: 1024, height: 700 });
  await signIn(page);
  await openAthlete(page, 'Aksel Vik');
  const names = page.locator('[data-row] [data-name]');
  await expect(names.first()).toBeVisible();
  const widths = await names.evaluateAll((all) => all.map((name) => (name.parentElement as HTMLElement).clientWidth));
  expect(Math.min(...widths)).toBeGreaterThanOrEqual(140);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(1024);
});

test.describe('the first time', () => {
  test.use({ storageState: { cookies: [], origins: [] } });

  test('a tour of five hints stands at the foot of the demo, and is gone for good once it is ended', async ({
    page,
  }) => {
    await signIn(page);
    const tour = page.getByRole('complementary', { name: 'Tour' });
    await expect(tour).toContainText('1 of 5');
    await tour.getByRole('button', { name: 'Next' }).click();
    await expect(tour).toContainText('press c to compose');
    await tour.getByRole('button', { name: 'End the tour' }).click();
    await expect(tour).toHaveCount(0);
    await page.reload();
    await expect(page.getByRole('heading', { name: 'Squads' })).toBeVisible();
    await expect(tour).toHaveCount(0);
  });
});

test("an athlete's view is one click from the list; what the bars of the season mean is one more", async ({
  page,
  browser,
}) => {
  await signIn(page);
  await page.getByRole('button', { name: 'Link for Liv Strand' }).click();
  const link = await page.locator('[data-athlete-link]').getAttribute('href');
  const { phone, context } = await openPhone(browser, link as string);
  await expect(phone.getByRole('heading', { level: 1 })).toContainText('Liv');
  await context.close();
  await page.getByText('Legend', { exact: true }).click();
  await expect(page.getByText('Height: minutes of the week.')).toBeVisible();
});
