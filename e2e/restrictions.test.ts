import { expect, test } from '@playwright/test';
import { compose, openAthlete, restrict, send, signIn } from './desk';

test('a restriction is typed, completed with Tab, shown with what it forbids, and kept', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Ylva Sund');
  await page.getByRole('button', { name: 'Add a restriction' }).click();
  const dialog = page.getByRole('dialog');
  const sentence = dialog.getByRole('textbox', { name: 'Restriction' });
  await expect(sentence).toBeFocused();
  await page.keyboard.type('left kn');
  await page.keyboard.press('Tab');
  await expect(sentence).toHaveValue('left knee');
  await page.keyboard.type(', limit, banana, until 40 jan');
  await expect(dialog.getByRole('alert')).toContainText('40 jan');
  await expect(dialog.getByRole('button', { name: 'Save' })).toBeDisabled();
  await sentence.fill('left knee, limit, ACL late, no kneeling, until 2027-05-15, physio');
  await expect(dialog.getByRole('img', { name: 'Body, left knee marked' })).toBeVisible();
  await expect(dialog).toContainText('A clinician, in writing');
  const out = dialog.getByRole('region', { name: 'Out' });
  await expect(out.getByRole('listitem')).toHaveCount(10);
  await expect(dialog.getByRole('region', { name: 'Allowed' }).getByRole('listitem')).toHaveCount(10);
  await page.keyboard.press('Enter');
  await expect(dialog).toHaveCount(0);
  await expect(page.getByRole('button', { name: /Left knee, limit, operation, late/ })).toBeVisible();

  await compose(page);
  await expect(page.getByText(/1 restriction kept/)).toBeVisible();
  const link = await send(page);
  const phone = await page.context().newPage();
  await phone.setViewportSize({ width: 390, height: 844 });
  await phone.goto(link);
  await expect(phone.getByRole('region', { name: 'Not today' })).toContainText('Not today for your left knee');
  await expect(phone.getByRole('region', { name: 'Not today' })).toContainText('kneeling');
});

test('what a clinician set is lifted with a release in writing, and not without', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Oda Kvam');
  await restrict(page, 'right ankle, limit, sprain, physio');
  await page.getByRole('button', { name: /Right ankle, limit/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Lift this restriction').check();
  await expect(dialog.getByRole('button', { name: 'Lift', exact: true })).toBeDisabled();
  await dialog.getByLabel('Released by').selectOption('physiotherapist');
  await dialog.getByLabel('Date of the release').fill('2026-12-08');
  await dialog.getByLabel('What is allowed').fill('everything, brace in matches');
  await dialog.getByRole('button', { name: 'Lift', exact: true }).click();
  await expect(page.getByRole('button', { name: /Right ankle, limit/ })).toHaveCount(0);
  await page.waitForTimeout(1500);
  await page.reload();
  await expect(page.getByRole('button', { name: 'Add a restriction' })).toBeVisible();
  await expect(page.getByRole('button', { name: /Right ankle, limit/ })).toHaveCount(0);
});
