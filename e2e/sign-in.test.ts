import { expect, test } from '@playwright/test';
import { coach } from './desk';

test('a wrong password says so and keeps what was typed', async ({ page }) => {
  await page.goto('/sign-in');
  await page.getByLabel('E-mail').fill(coach.email);
  await page.getByLabel('Password').fill('no');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert')).toHaveText('E-mail address or password is wrong.');
  await expect(page.getByLabel('E-mail')).toHaveValue(coach.email);
  await page.getByLabel('Password').fill(coach.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Attention' })).toBeVisible();
});

test('nobody sees the desk without signing in; a worn-out link says what to do', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByLabel('Password')).toBeVisible();
  await page.goto(`/a/${'x'.repeat(43)}`);
  await expect(page.getByText('ask your coach for a new one')).toBeVisible();
});
