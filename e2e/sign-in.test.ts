import { expect, test } from '@playwright/test';
import { coach, signIn } from './desk';

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

test('an address that is none says so and leads back, inside the desk and outside of it', async ({ page }) => {
  await page.goto('/no/such/page');
  await expect(page.getByRole('heading', { name: 'There is no such page.' })).toBeVisible();
  await signIn(page);
  await page.goto('/sessions/none');
  await page.getByRole('link', { name: 'To the start' }).click();
  await expect(page.getByRole('heading', { name: 'Squads' })).toBeVisible();
});

test('a page whose script cannot be had says so and can be opened again', async ({ page }) => {
  await signIn(page);
  await page.route('**/assets/Messages-*.js', (route) => route.abort());
  await page.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Messages' }).click();
  await expect(page.getByRole('heading', { name: 'This page could not be shown.' })).toBeVisible();
  await expect(page.getByRole('navigation', { name: 'Main' })).toBeVisible();
  await page.unroute('**/assets/Messages-*.js');
  await page.getByRole('button', { name: 'Open it again' }).click();
  await expect(page.getByRole('heading', { name: 'Messages' })).toBeVisible();
});
