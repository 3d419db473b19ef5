import { expect, type Page, test } from '@playwright/test';
import { struckIn, struckWords } from '../core/test/user-facing-words';
import { openAthlete, openSeason, signedInAs, signIn } from './desk';

/** All that can be read on a page: its text, and what stands in labels, tooltips and fields that wait for typing. */
const readable = (page: Page): Promise<string[]> =>
  page.evaluate(() => [
    ...document.body.innerText.split('\n'),
    ...['aria-label', 'title', 'placeholder'].flatMap((name) =>
      [...document.querySelectorAll(`[${name}]`)].map((element) => element.getAttribute(name) ?? ''),
    ),
  ]);

const struck = struckWords();

async function expectPlain(page: Page): Promise<void> {
  await page.waitForTimeout(800);
  const lines = await readable(page);
  expect(lines.length).toBeGreaterThan(20);
  expect(lines.flatMap((line) => struckIn(line, struck).map((word) => `"${word}" in "${line}"`))).toEqual([]);
}

test('no view of the built pages holds a struck word', async ({ page }) => {
  await signIn(page);
  await expectPlain(page);
  for (const place of [
    ...['/attention', '/weeks', '/library', '/library/bent-row', '/demands', '/outbox'],
    ...['account', 'sign-ins', 'club', 'squads', 'people', 'rules', 'progression', 'links', 'retention', 'audit'].map(
      (part) => `/settings/${part}`,
    ),
  ]) {
    await page.goto(place);
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
    await expectPlain(page);
  }
  await page.goto('/');
  await openAthlete(page, 'Mira Holm');
  await expect(page.locator('[data-row]').first()).toBeVisible();
  await expectPlain(page);
  await page.locator('[data-row] [data-name]').nth(4).click();
  await expectPlain(page);
  await page.getByRole('button', { name: 'Demands' }).click();
  await expectPlain(page);
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('b');
  for (const tab of ['1', '2', '3']) {
    await page.keyboard.press(tab);
    await expectPlain(page);
  }
  await page.goto(page.url().replace(/ability.*/, 'progress'));
  await expect(page.getByText(/sessions done in the last four weeks/)).toBeVisible();
  await expectPlain(page);
  await page.goto('/');
  await page.getByRole('row').filter({ hasText: 'Liv Strand' }).getByRole('link', { name: /RPE/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expectPlain(page);
});

test('nor does the season, in any of its panels', async ({ page }) => {
  await openSeason(page, 'Signe Moe');
  await page.locator('[data-chip="session"]').first().click();
  for (const panel of ['Load', 'Calendars', 'Rules', 'Squad']) {
    await page.getByRole('tab', { name: panel }).click();
    await expectPlain(page);
  }
});

test('nor do the pages of physio, guardian and athlete', async ({ browser }) => {
  for (const who of ['physio', 'guardian', 'athlete'] as const) {
    const page = await signedInAs(browser, who);
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
    if (who === 'physio') await page.getByRole('link', { name: 'Mira Holm' }).click();
    await expect(page.getByText(/^Sessions$/i)).toBeVisible();
    await expectPlain(page);
  }
});
