import AxeBuilder from '@axe-core/playwright';
import { expect, type Page, test } from '@playwright/test';
import { openAthlete, signedInAs, signIn } from './desk';

/** Looks for faults that keep somebody out. */
async function expectNoFaults(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze();
  const serious = violations
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map((v) => `${v.id}: ${v.nodes.length} x ${v.nodes[0]?.target}`);
  expect(serious).toEqual([]);
}

for (const [name, open] of [
  ['squad', async () => undefined],
  ['session', async (page: Page) => openAthlete(page, 'Tove Aas')],
  [
    'season',
    async (page: Page) => {
      await page.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Season' }).click();
      await expect(page.locator('[data-chip="session"]').first()).toBeVisible();
    },
  ],
  ['people', async (page: Page) => void (await page.goto('/settings/people'))],
  ['retention', async (page: Page) => void (await page.goto('/settings/retention'))],
  ['account', async (page: Page) => void (await page.goto('/settings/account'))],
] as const) {
  test(`the ${name} view has no accessibility faults of the serious kind`, async ({ page }) => {
    await signIn(page);
    await open(page);
    await page.waitForTimeout(500);
    await expectNoFaults(page);
  });
}

for (const who of ['physio', 'guardian', 'athlete'] as const) {
  test(`the pages of a ${who} have no accessibility faults of the serious kind`, async ({ browser }) => {
    const page = await signedInAs(browser, who);
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
    await expectNoFaults(page);
    if (who === 'physio') {
      await page.getByRole('link', { name: 'Mira Holm' }).click();
      await expect(page.getByRole('heading', { level: 1, name: 'Mira Holm' })).toBeVisible();
      await expectNoFaults(page);
    }
  });
}
