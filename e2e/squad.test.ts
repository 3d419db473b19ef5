import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { compose, openAthlete, openEmptyDay, openPhone, rowNames, send, signIn } from './desk';

test('an athlete is added, faults named at their fields, and written for at once', async ({ page }) => {
  await signIn(page);
  await page.getByRole('button', { name: 'Add' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill('Runa Eide');
  await dialog.getByLabel('Height, cm').fill('17');
  await dialog.getByLabel('Mass, kg').fill('61');
  await dialog.getByLabel('Born').fill('2008-05-05');
  await dialog.getByRole('button', { name: 'Add and plan a session' }).click();
  await expect(dialog.getByText('must be 120 cm or more')).toBeVisible();
  await expect(dialog.getByLabel('Name')).toHaveValue('Runa Eide');
  await dialog.getByLabel('Height, cm').fill('171');
  await dialog.getByRole('button', { name: 'Add and plan a session' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Runa Eide' })).toBeVisible();
  await expect(page.getByText('No equipment: body weight only.')).toBeVisible();
  await compose(page);
  await expect(page.getByText(/years old: an adult nearby/)).toHaveCount(0);
});

test('a squad of another sport begins with its first athlete, whose session follows that sport', async ({ page }) => {
  await signIn(page);
  await page.getByRole('button', { name: 'Add' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name', { exact: true }).fill('Eldrid Moen');
  await dialog.getByLabel('Squad').selectOption('New squad …');
  await dialog.getByLabel('Sport').selectOption('rowing');
  await expect(dialog.getByLabel('Role')).toContainText('Sweep');
  await dialog.getByLabel('Height, cm').fill('181');
  await dialog.getByLabel('Mass, kg').fill('74');
  await dialog.getByLabel('Born').fill('2003-02-02');
  await dialog.getByRole('button', { name: 'Add and plan a session' }).click();
  await expect(dialog.getByText('is required')).toBeVisible();
  await dialog.getByLabel('Squad name').fill('Boathouse');
  await dialog.getByRole('button', { name: 'Add and plan a session' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Eldrid Moen' })).toBeVisible();
  await expect(page.getByText('Leg drive')).toBeVisible();
  await compose(page);
  await expect(page.locator('[data-foot="leg-drive"]')).toBeVisible();
});

test('typing finds, arrows choose, nobody found says so', async ({ page }) => {
  await signIn(page);
  const find = page.getByPlaceholder('Type a name, Enter opens');
  await find.fill('zzz');
  await expect(page.getByText('No athlete by that name.')).toBeVisible();
  await find.press('Escape');
  await find.fill('canoe');
  await expect(page.locator('tbody tr')).toHaveCount(2);
  await find.press('ArrowDown');
  const second = await page.locator('tbody tr').nth(1).locator('a').first().innerText();
  await find.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: second })).toBeVisible();
});

test('a day chosen on the ribbon is a page of its own', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Tove Aas');
  await openEmptyDay(page, '2026-12-18');
  await compose(page);
  await page.getByLabel('Day').fill('2026-12-09');
  await expect(page.getByText('No session on')).toHaveCount(0);
  await page.getByLabel('Day').fill('2026-12-18');
  await expect(page.locator('[data-row]').first()).toBeVisible();
});

test('a session is kept when its day is left at once', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Tove Aas');
  await openEmptyDay(page, '2026-12-19');
  await page.locator('body').click({ position: { x: 640, y: 780 } });
  await page.keyboard.press('c');
  await expect(page.locator('[data-row]').first()).toBeVisible({ timeout: 120_000 });
  // The search goes on until the day is left: what stood there last is what is kept.
  const names = await page.getByLabel('Day').evaluate((day: HTMLInputElement) => {
    const left = '2026-12-19';
    const shown = () =>
      [...document.querySelectorAll(`main[data-day="${left}"] [data-row] [data-name]`)].map((row) =>
        (row.firstChild?.textContent ?? '').trim(),
      );
    let last = shown();
    return new Promise<string[]>((resolve) => {
      new MutationObserver((_, observer) => {
        const now = shown();
        if (now.length > 0) last = now;
        if (document.querySelector(`main[data-day="${left}"]`)) return;
        observer.disconnect();
        resolve(last);
      }).observe(document.body, { subtree: true, childList: true, characterData: true, attributes: true });
      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(day, '2026-12-20');
      day.dispatchEvent(new Event('input', { bubbles: true }));
      day.dispatchEvent(new Event('change', { bubbles: true }));
    });
  });
  await expect(page.locator('main[data-day="2026-12-20"]').getByText('No session on')).toBeVisible();
  await page.getByLabel('Day').fill('2026-12-19');
  await expect(page.locator('[data-row]').first()).toBeVisible();
  expect(await rowNames(page)).toEqual(names);
});

test('light and dark are kept', async ({ page }) => {
  await signIn(page);
  const theme = () => page.evaluate(() => document.documentElement.dataset.theme);
  const before = await theme();
  await page.getByRole('button', { name: 'Marit Lien' }).click();
  await page.getByRole('menuitem', { name: 'Light or dark' }).click();
  expect(await theme()).not.toBe(before);
  const chosen = await theme();
  await page.reload();
  await expect.poll(theme).toBe(chosen);
});

test('the outbox is empty-handed until something is sent, and the athlete of a minor squad is told of an adult', async ({
  page,
  browser,
}) => {
  await signIn(page);
  await openAthlete(page, 'Nora Fjell');
  await compose(page);
  await expect(page.getByText('15 years old: an adult nearby while training')).toBeVisible();
  const link = await send(page);
  const { phone, context } = await openPhone(browser, link);
  await expect(phone.getByText('Is an adult at home?')).toBeVisible();
  await expect(phone.getByRole('button', { name: 'An adult first' })).toBeDisabled();
  const { violations } = await new AxeBuilder({ page: phone }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze();
  const serious = violations
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map((v) => `${v.id}: ${v.nodes[0]?.target}`);
  expect(serious).toEqual([]);
  await context.close();
});

test('the server gone: what is typed stays, and is saved when it is back', async ({ page, context }) => {
  await signIn(page);
  await openAthlete(page, 'Aksel Vik');
  await expect(page.locator('[data-row]').first()).toBeVisible();
  await context.setOffline(true);
  await page.locator('[data-row] [data-name]').first().click();
  await page.keyboard.press('p');
  await expect(page.getByText('Not saved: The server cannot be reached.')).toBeVisible();
  await expect(page.locator('[data-row]').first()).toContainText('pinned');
  await context.setOffline(false);
  await expect(page.getByText('saved', { exact: true })).toBeVisible({ timeout: 15_000 });
  await page.reload();
  await expect(page.locator('[data-row]').first()).toContainText('pinned');
});
