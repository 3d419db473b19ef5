import { expect, test } from '@playwright/test';
import { openAthlete, rowNames, signIn } from './desk';

test('a group is moved inside its block by dragging, and undo puts it back', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 1400 });
  await signIn(page);
  await openAthlete(page, 'Tove Aas');
  await expect(page.locator('[data-row]').first()).toBeVisible();
  const names = await rowNames(page);
  const blocks = await page
    .locator('[data-row]')
    .evaluateAll((rows) => rows.map((row) => row.querySelector('.label')?.textContent?.trim() ?? ''));
  const blockOf = (label: string) =>
    blocks.slice(0, names.indexOf(label.replace('Move ', '')) + 1).findLast((b) => b !== '');
  const labels = await page
    .locator('[aria-label^="Move "]')
    .evaluateAll((list) => list.map((h) => h.getAttribute('aria-label') ?? ''));
  // The first two groups that stand in one block.
  const first = labels.findIndex((label, i) => i > 0 && blockOf(label) === blockOf(labels[i - 1] as string));
  const moved = labels.slice(first - 1, first + 1);
  await page
    .locator('[data-row]')
    .nth(names.indexOf((moved[0] as string).replace('Move ', '')))
    .hover();
  const handle = page.locator(`[aria-label="${moved[0]}"]`);
  const from = await handle.boundingBox();
  if (!from) throw new Error('no handle');
  await page.mouse.move(from.x + 8, from.y + 8);
  await page.mouse.down();
  const target = await page.locator(`[aria-label="${moved[1]}"]`).boundingBox();
  if (!target) throw new Error('no second group in the block');
  await page.mouse.move(from.x + 8, from.y + 40, { steps: 6 });
  await page.mouse.move(from.x + 8, target.y + 20, { steps: 12 });
  await page.waitForTimeout(300);
  await page.mouse.up();
  await expect.poll(() => rowNames(page)).not.toEqual(names);
  expect((await rowNames(page)).sort()).toEqual([...names].sort());
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => rowNames(page)).toEqual(names);
});

test('a whole kit is typed at once; what is not understood stays to be put right', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Oda Kvam');
  const field = page.getByLabel('Add equipment');
  await field.fill('2x7,5 kg db, spoon, 10 l paint-tin paint, rucksack max 15, door low');
  await field.press('Enter');
  await expect(page.getByText('2 × dumbbell 7.5 kg')).toBeVisible();
  await expect(page.getByText('paint tin 13.5 kg ±1.4')).toBeVisible();
  await expect(page.getByText('rucksack up to 15 kg')).toBeVisible();
  await expect(page.getByRole('checkbox', { name: 'door low' })).toBeChecked();
  await expect(field).toHaveValue('spoon');
  await expect(page.getByRole('alert').filter({ hasText: 'spoon' })).toContainText('expected a thing such as');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('rucksack up to 15 kg')).toHaveCount(0);
  await expect(page.getByRole('checkbox', { name: 'door low' })).not.toBeChecked();
});
