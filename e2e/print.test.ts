import { expect, type Page, test } from '@playwright/test';
import { extractText, getDocumentProxy } from 'unpdf';
import { compose, openDay, rowNames } from './desk';

/** A session printed through the browser: its pages, their size in points, and what is written on them in one line. */
async function printed(page: Page) {
  const document = await getDocumentProxy(new Uint8Array(await page.pdf({ preferCSSPageSize: true })));
  const { totalPages, text } = await extractText(document, { mergePages: true });
  const [, , width, height] = (await document.getPage(1)).view as [number, number, number, number];
  return { pages: totalPages, size: [Math.round(width), Math.round(height)], text: oneLine(text) };
}

const oneLine = (text: string) => text.replace(/\s+/g, ' ');
/** What does not depend on where a line was broken. */
const solid = (text: string) => text.replace(/\s+/g, '');

test('the sheet prints on one page of A4 and of Letter, with every item, dose and caution; in large type with the same words', async ({
  page,
}) => {
  await openDay(page, 'Mira Holm', '2027-02-09');
  await page.getByLabel('Minutes', { exact: true }).fill('22');
  await compose(page);
  const names = await rowNames(page);
  expect(names.length).toBeGreaterThanOrEqual(10);
  const doses = await page
    .locator('[data-dose]')
    .evaluateAll((fields) => fields.map((field) => (field as HTMLInputElement).value));
  await page.getByRole('link', { name: 'Printout' }).click();
  await expect(page.getByText('Cautions:')).toBeVisible();
  const boxes = await page.locator('main span[aria-hidden="true"] > span').count();
  expect(boxes).toBeGreaterThan(names.length);

  const holdsAll = (text: string) => {
    for (const words of [...names, ...doses, 'Mira Holm', 'Stop if pain is sharp', 'Equipment:', 'Cautions:'])
      expect(solid(text)).toContain(solid(words));
    // What is only for the screen stays there.
    expect(text).not.toContain('large type');
  };
  const a4 = await printed(page);
  expect(a4.pages).toBe(1);
  expect(a4.size).toEqual([595, 842]);
  holdsAll(a4.text);

  await page.getByLabel('Paper').selectOption('Letter');
  const letter = await printed(page);
  expect(letter.pages).toBe(1);
  expect(letter.size).toEqual([612, 792]);
  holdsAll(letter.text);

  await page.getByLabel('large type').check();
  const large = await printed(page);
  expect(large.pages).toBeLessThanOrEqual(2);
  holdsAll(large.text);
});
