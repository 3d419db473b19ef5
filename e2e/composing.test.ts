import { expect, test } from '@playwright/test';
import { regions } from '@tropaeum/core/exercise/model/vocabulary';
import { compose, openAthlete, restrict, signIn } from './desk';

test('while it composes the page goes on answering', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Nora Fjell');
  await page.getByRole('spinbutton', { name: 'Minutes' }).fill('40');
  await page.getByRole('button', { name: /^Compose/ }).click();
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
  await page.getByRole('spinbutton', { name: 'Minutes' }).fill('35');
  await expect(page.getByRole('spinbutton', { name: 'Minutes' })).toHaveValue('35');
});

test('composing can be stopped and started again', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Tale Nes');
  await page.getByRole('spinbutton', { name: 'Minutes' }).fill('60');
  await page.getByRole('button', { name: /^Compose/ }).click();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('button', { name: /^Compose/ })).toBeVisible();
  await expect(page.locator('[data-row]')).toHaveCount(0);
  await compose(page);
});

test('what cannot be is refused with what would have to give', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Ragna Tveit');
  for (const region of regions) await restrict(page, `${region.replace('-', ' ')}, avoid`);
  await page.getByRole('button', { name: /^Compose/ }).click();
  await expect(page.getByText('What could be relaxed')).toBeVisible({ timeout: 120_000 });
});

test('what to buy first is weighed by composing with each, and can be stopped', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Ylva Sund');
  await page.getByRole('button', { name: 'What equipment to buy first?' }).click();
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await page.getByRole('button', { name: 'What equipment to buy first?' }).click();
  await expect(
    page
      .locator('ol li')
      .filter({ hasText: /\+\d+\.\d %/ })
      .first(),
  ).toBeVisible({ timeout: 30_000 });
});
