import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { writeSport } from '@tropaeum/core/formats/sport';
import { sportById } from '@tropaeum/core/sport/sports';
import { compose, openEmptyDay, rowNames, signIn } from './desk';
import { foot } from './weave';

test.describe('importing a sport', () => {
  const handball = sportById('handball');
  if (!handball) throw new Error('no handball');
  const beach = { ...writeSport(handball), id: 'beach-handball', name: 'Beach handball' };

  async function open(page: Page) {
    await page.getByRole('button', { name: 'More' }).click();
    await page.getByRole('menuitem', { name: 'Import …' }).click();
    return page.getByRole('dialog');
  }

  for (const [what, text, path, message] of [
    ['a cut one', JSON.stringify(beach).slice(0, 700), '', 'ends in the middle'],
    ['a foreign one', '{"format": "tropaeum-brief/1"}', 'format', 'is not a sport profile'],
    ['an older one', JSON.stringify({ ...beach, format: 'tropaeum-sport/0' }), 'format', 'another version'],
    [
      'one edited by hand',
      JSON.stringify(beach).replace('"fast"', '"quick"'),
      'actions[0].speed',
      'must be one of slow',
    ],
  ] as const) {
    test(`${what} is refused with its path and nothing is kept`, async ({ page }) => {
      await signIn(page);
      await page.goto('/demands/handball');
      const dialog = await open(page);
      await dialog.getByLabel('Or paste it').fill(text);
      await expect(dialog.getByRole('alert')).toContainText(message);
      if (path) await expect(dialog.getByRole('alert').locator('code')).toHaveText(path);
      await expect(dialog.getByRole('button', { name: 'Import' })).toBeDisabled();
      await dialog.getByRole('button', { name: 'Cancel' }).click();
      await page.reload();
      await expect(page.getByText('standard profile')).toBeVisible();
      await expect(
        page.getByLabel('Sport', { exact: true }).locator('option', { hasText: 'Beach handball' }),
      ).toHaveCount(0);
    });
  }

  test('one that is taken off the list while a squad plays it: its sessions open, and new ones are written', async ({
    page,
  }) => {
    await signIn(page);
    await page.goto('/demands/handball');
    const dialog = await open(page);
    await dialog
      .getByLabel('Or paste it')
      .fill(JSON.stringify({ ...beach, id: 'sand-handball', name: 'Sand handball' }));
    await dialog.getByRole('button', { name: 'Import' }).click();
    await expect(page).toHaveURL(/demands\/sand-handball/);
    await expect(page.getByText('custom profile')).toBeVisible();

    await page.getByRole('link', { name: 'Tropaeum' }).click();
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    const adding = page.getByRole('dialog');
    await adding.getByLabel('Name', { exact: true }).fill('Solveig Dahl');
    await adding.getByLabel('Squad').selectOption('New squad …');
    await adding.getByLabel('Squad name').fill('Young dunes');
    await adding.getByLabel('Sport').selectOption('sand-handball');
    await adding.getByLabel('Height, cm').fill('174');
    await adding.getByLabel('Mass, kg').fill('68');
    await adding.getByLabel('Born').fill('2002-03-03');
    await adding.getByRole('button', { name: 'Add and plan a session' }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Solveig Dahl' })).toBeVisible();
    await compose(page);
    const names = await rowNames(page);
    const address = page.url();

    await page.goto('/demands/sand-handball');
    await page.getByRole('button', { name: 'More' }).click();
    await page.getByRole('menuitem', { name: 'Hide from the list' }).click();
    await expect(page).toHaveURL(/demands$/);
    await page.goto('/demands/handball');
    await expect(page.getByText('standard profile')).toBeVisible();
    await expect(page.getByLabel('Sport', { exact: true }).locator('option', { hasText: 'Sand' })).toHaveCount(0);
    await page.goto('/demands/sand-handball');
    await expect(page.getByText('hidden')).toBeVisible();

    await page.goto(address);
    await expect(page.locator('[data-row]').first()).toBeVisible();
    expect(await rowNames(page)).toEqual(names);
    await expect(foot(page, 'throw')).toBeVisible();
    await openEmptyDay(page, '2027-02-02');
    await compose(page);
  });

  test('a whole one is there at once, exports as it came, and can be taken off the list', async ({ page }) => {
    await signIn(page);
    await page.goto('/demands/handball');
    const dialog = await open(page);
    await dialog.getByLabel('Profile file').setInputFiles({
      name: 'beach.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify(beach)),
    });
    await expect(dialog).toContainText('New sport.');
    await dialog.getByRole('button', { name: 'Import' }).click();
    await expect(page).toHaveURL(/demands\/beach-handball/);
    await expect(page.getByText('custom profile')).toBeVisible();
    await page.reload();
    await expect(page.locator('[data-movement="throw"]')).toBeVisible();

    await page.getByRole('button', { name: 'More' }).click();
    const download = page.waitForEvent('download');
    await page.getByRole('menuitem', { name: 'Export to a file' }).click();
    const file = await (await download).path();
    expect(JSON.parse(readFileSync(file, 'utf8'))).toEqual(beach);

    await page.getByRole('button', { name: 'More' }).click();
    await page.getByRole('menuitem', { name: 'Hide from the list' }).click();
    await expect(page).toHaveURL(/demands$/);
    await page.goto('/demands/beach-handball');
    await expect(page.getByRole('alert')).toContainText('is not a sport');
  });
});
