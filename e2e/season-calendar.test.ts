import { expect, test } from '@playwright/test';
import { extractText, getDocumentProxy } from 'unpdf';
import { openSeason } from './desk';
import { laid, on, saved } from './season-page';

test('a calendar file is read, its bad lines told by number; a feed that answers with a page is not taken, the league is', async ({
  page,
}) => {
  await openSeason(page, 'Signe Moe');
  const before = await laid(page);
  await page.getByRole('tab', { name: 'Calendars' }).click();
  await page.getByLabel('Choose a calendar file').setInputFiles('core/src/formats/icalendar-cases/bad-lines.ics');
  await expect(page.getByText('bad-lines.ics: 4 new of 4')).toBeVisible();
  await expect(page.getByText('Line 18 ends before it starts')).toBeVisible();
  await expect(on(page, '2026-12-16').getByRole('button', { name: 'Practice: Practice at last, 15:00' })).toBeVisible();
  const league = `${new URL(page.url()).origin}/api/stand-ins/league.ics`;
  await page.getByLabel('Address of a calendar feed').fill(`${league}?behave=page`);
  await page.getByRole('button', { name: 'Subscribe', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('brings no calendar');
  await page.getByLabel('Address of a calendar feed').fill(league);
  await page.getByRole('button', { name: 'Subscribe', exact: true }).click();
  const feed = page.locator('[data-feed]');
  await expect(feed).toContainText('8 entries, updated');
  await expect(
    on(page, '2026-12-19').getByRole('button', { name: /Skarvøy v Nordvik, 17:00, from a feed/ }),
  ).toBeVisible();
  await feed.getByRole('button', { name: 'Unsubscribe' }).click();
  await expect(feed).toHaveCount(0);
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('u');
  await expect(on(page, '2026-12-16').getByRole('button', { name: /at last/ })).toHaveCount(0);
  await expect.poll(() => laid(page)).toEqual(before);
  await saved(page);
});

test('the season is printed on landscape pages with its fixtures and sessions', async ({ page }) => {
  await openSeason(page, 'Signe Moe');
  const pdf = await getDocumentProxy(new Uint8Array(await page.pdf({ preferCSSPageSize: true })));
  const first = await pdf.getPage(1);
  const { width, height } = first.getViewport({ scale: 1 });
  expect(width).toBeGreaterThan(height);
  const { text } = await extractText(pdf, { mergePages: true });
  for (const word of ['Torsnes', 'Vestøy', 'Legs', 'Power', '28 Dec', 'MD-4', 'after practice', '20:15'])
    expect(text).toContain(word);
  expect(text).not.toContain('Sign out');
});
