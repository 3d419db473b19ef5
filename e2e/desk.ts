import { expect, type Page } from '@playwright/test';

/** Signs in as the demo's coach. */
export async function signIn(page: Page): Promise<void> {
  await page.goto('/sign-in');
  await page.fill('#email', 'coach@skarvoy.example');
  await page.fill('#password', 'hall closed');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: 'Squads' })).toBeVisible();
}

/** Finds an athlete by typing and opens with Enter. */
export async function openAthlete(page: Page, name: string): Promise<void> {
  await page.getByPlaceholder('Type a name, Enter opens').fill(name);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible();
  await expect(page.getByLabel('Aim')).toBeVisible();
}

/** A day of one athlete that no other test writes on. */
export async function openDay(page: Page, name: string, day: string): Promise<void> {
  await signIn(page);
  await openAthlete(page, name);
  await page.getByLabel('Day').fill(day);
  await expect(page.getByText(/Nothing written for/)).toBeVisible();
}

/** Out of whatever field was typed in: keys are letters there. */
export const leaveField = (page: Page): Promise<void> => page.getByRole('heading', { level: 1 }).click();

/** Composes by the one key and waits for the session and its save. */
export async function compose(page: Page): Promise<void> {
  await leaveField(page);
  await page.keyboard.press('c');
  await expect(page.locator('[data-row]').first()).toBeVisible({ timeout: 20_000 });
  await enough(page);
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
}

/** Ends the looking further: the session stays as it is from here. */
export async function enough(page: Page): Promise<void> {
  await expect(page.getByText(/of the optimum/)).toBeVisible({ timeout: 20_000 });
  await page.keyboard.press('Escape');
  await expect(page.getByText('still improving')).toHaveCount(0);
}

/** Rows of the session by name. */
export async function rowNames(page: Page): Promise<string[]> {
  return page
    .locator('[data-row] [data-name]')
    .evaluateAll((buttons) => buttons.map((b) => (b.firstChild?.textContent ?? '').trim()));
}

/** Sends the session; the athlete's link. */
export async function send(page: Page): Promise<string> {
  await page.getByRole('button', { name: /^Send/ }).click();
  const link = page.locator('[data-athlete-link]');
  await expect(link).toBeVisible();
  return (await link.getAttribute('href')) ?? '';
}

/** Adds a restriction in a sentence. */
export async function restrict(page: Page, sentence: string): Promise<void> {
  await page.getByRole('button', { name: 'Add a restriction' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('textbox', { name: 'Restriction' }).fill(sentence);
  // What is allowed comes in a moment later and moves the button: it is pressed when all of it stands.
  await dialog
    .getByRole('heading', { name: /^Allowed/ })
    .waitFor({ timeout: 5000 })
    // One that does not hold on the day has no list.
    .catch(() => undefined);
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(dialog).toHaveCount(0);
}
