import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { compose, openAthlete, rowNames, signIn } from './desk';

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

test('by keyboard alone: find, compose, walk, pin, dose', async ({ page }) => {
  await signIn(page);
  await page.keyboard.type('Oda');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Oda Kvam' })).toBeVisible();
  await expect(page.getByText('Nothing written for')).toBeVisible();
  await page.keyboard.press('c');
  await expect(page.locator('[data-row]').first()).toBeVisible({ timeout: 20_000 });
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('p');
  await expect(page.locator('[data-row]').nth(1)).toContainText('pinned');
  await page.keyboard.press('d');
  await expect(page.locator('[data-dose]').nth(1)).toBeFocused();
});

test('while it composes the page goes on answering', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Nora Fjell');
  await page.evaluate(() => {
    const state = window as unknown as { longest: number };
    state.longest = 0;
    let last = performance.now();
    const tick = () => {
      state.longest = Math.max(state.longest, performance.now() - last);
      last = performance.now();
      setTimeout(tick, 10);
    };
    tick();
  });
  await page.getByLabel('Minutes').fill('40');
  await page.getByRole('button', { name: /^Compose/ }).click();
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
  await page.getByLabel('Minutes').fill('35');
  await expect(page.getByLabel('Minutes')).toHaveValue('35');
});

test('composing can be stopped and started again', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Tale Nes');
  await page.getByLabel('Minutes').fill('60');
  await page.getByRole('button', { name: /^Compose/ }).click();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('button', { name: /^Compose/ })).toBeVisible();
  await expect(page.locator('[data-row]')).toHaveCount(0);
  await compose(page);
});

test('what cannot be is refused with what would have to give', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Ragna Tveit');
  for (const region of ['knee', 'hip', 'shoulder', 'lower-back'])
    await page.getByLabel('Add a limit').selectOption(`avoid:${region}`);
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
  await page.locator('[data-row] button[aria-pressed]').first().click();
  await page.keyboard.press('x');
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
  await other.locator('[data-row] button[aria-pressed]').nth(1).click();
  await other.keyboard.press('x');
  await expect(other.getByText('saved elsewhere in the meantime')).toBeVisible();
});

test('rows are moved inside their block by dragging', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Mira Holm');
  await expect(page.locator('[data-row]').first()).toBeVisible();
  const labels = await page
    .locator('[aria-label^="Move "]')
    .evaluateAll((b) => b.map((x) => x.getAttribute('aria-label') ?? ''));
  const blocks = await page
    .locator('[data-row]')
    .evaluateAll((rows) => rows.map((r) => r.querySelector('.label')?.textContent ?? ''));
  expect(blocks.filter(Boolean).length).toBeGreaterThan(3);
  const names = await rowNames(page);
  const handle = page.locator(`[aria-label="${labels[1]}"]`);
  await handle.focus();
  await page.keyboard.press('Space');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Space');
  expect((await rowNames(page)).sort()).toEqual([...names].sort());
});

for (const [name, open] of [
  ['squad', async () => undefined],
  ['session', async (page: import('@playwright/test').Page) => openAthlete(page, 'Tove Aas')],
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
