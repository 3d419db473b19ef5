import { expect, type Page } from '@playwright/test';

export const saved = (page: Page) => expect(page.getByText('saved', { exact: true })).toBeVisible();

/** What is laid on which day, and how thick the ribbon is. */
export const laid = (page: Page) =>
  page
    .locator('[data-day]:has([data-chip="session"])')
    .evaluateAll((days) =>
      days.map((d) => `${d.getAttribute('data-day')} ${d.querySelector('[data-chip="session"]')?.textContent}`),
    );
export const ribbon = (page: Page) => page.locator('[data-ribbon]').getAttribute('data-ribbon');

export const on = (page: Page, day: string) => page.locator(`[data-day="${day}"]`);
export const fixtureOn = (page: Page, day: string) => on(page, day).getByRole('button', { name: /^Fixture/ });

/** Takes something up and holds it over a day. */
export async function hold(page: Page, what: ReturnType<typeof fixtureOn>, day: string): Promise<void> {
  const from = await what.boundingBox();
  const to = await on(page, day).boundingBox();
  if (!from || !to) throw new Error('is not on the page');
  await page.mouse.move(from.x + 15, from.y + 6);
  await page.mouse.down();
  await page.mouse.move(from.x + 5, from.y + 14, { steps: 4 });
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 8 });
}

export async function drag(page: Page, what: ReturnType<typeof fixtureOn>, day: string): Promise<void> {
  await hold(page, what, day);
  await page.mouse.up();
}
