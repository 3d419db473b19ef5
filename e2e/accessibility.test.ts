import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { openAthlete, signIn } from './desk';

for (const [name, open] of [
  ['squad', async () => undefined],
  ['session', async (page: import('@playwright/test').Page) => openAthlete(page, 'Tove Aas')],
  [
    'season',
    async (page: import('@playwright/test').Page) => {
      await page.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Season' }).click();
      await expect(page.locator('[data-chip="session"]').first()).toBeVisible();
    },
  ],
  ['people', async (page: import('@playwright/test').Page) => void (await page.goto('/settings/people'))],
  ['account', async (page: import('@playwright/test').Page) => void (await page.goto('/settings/account'))],
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
