import { expect, test } from '@playwright/test';
import { compose, leaveField, openAthlete, openDay, openEmptyDay, rowNames, signIn } from './desk';

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
  await expect(other.getByText('No session on')).toBeVisible();
  await compose(page);
  const kept = await rowNames(page);
  await leaveField(other);
  await other.keyboard.press('c');
  await expect(other.locator('[data-row]').first()).toBeVisible({ timeout: 120_000 });
  await expect(other.getByText(/^Not saved:/)).toBeVisible({ timeout: 120_000 });
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
  await expect(page.getByText('No session on').or(page.locator('[data-row]').first())).toBeVisible();
  const rows = await page.locator('[data-row]').count();
  expect(rows === 0 || rows >= 6).toBe(true);

  await openEmptyDay(page, '2027-02-12');
  await leaveField(page);
  await page.keyboard.press('c');
  await expect(page.locator('[data-row]').first()).toBeVisible({ timeout: 120_000 });
  await page.keyboard.press('Escape');
  const seen = await rowNames(page);
  const there = page.url();
  await page.goto('about:blank');
  await page.goto(there);
  await expect(page.locator('[data-row]').first()).toBeVisible();
  expect(await rowNames(page)).toEqual(seen);
});
