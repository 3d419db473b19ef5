import { type Browser, type BrowserContext, expect, type Locator, type Page } from '@playwright/test';

/** The demo's coach. */
export const coach = { email: 'coach@skarvoy.example', password: 'hall closed' };

/** Signs in as the demo's coach, without the form: that has a test of its own. */
export async function signIn(page: Page): Promise<void> {
  expect((await page.request.post('/api/sign-in', { data: coach })).ok()).toBe(true);
  await page.goto('/');
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
  await openEmptyDay(page, day);
}

/** Another day of the open athlete, once its page stands there and nothing is written on it. */
export async function openEmptyDay(page: Page, day: string): Promise<void> {
  await page.getByLabel('Day').fill(day);
  await expect(page.locator(`main[data-day="${day}"]`).getByText('No session on')).toBeVisible();
}

/** Out of whatever field was typed in: keys are letters there. */
export const leaveField = (page: Page): Promise<void> => page.getByRole('heading', { level: 1 }).click();

/** Composes by the one key and waits for the session and its save. */
export async function compose(page: Page): Promise<void> {
  await leaveField(page);
  await page.keyboard.press('c');
  await expect(page.locator('[data-row]').first()).toBeVisible({ timeout: 120_000 });
  await enough(page);
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
}

/** Ends the looking further: the session stays as it is from here. */
export async function enough(page: Page): Promise<void> {
  await expect(page.getByText(/of the optimum/)).toBeVisible({ timeout: 120_000 });
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

/** The season of the squad that an athlete is in. */
export async function openSeason(page: Page, athlete: string): Promise<void> {
  await signIn(page);
  await openAthlete(page, athlete);
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('g');
  await page.keyboard.press('s');
  await page
    .getByRole('main')
    .getByRole('link', { name: /Skarvøy|group/ })
    .click();
  // The athlete's own season stands there until the squad's has come.
  await expect(page.getByRole('heading', { level: 1, name: athlete })).toHaveCount(0);
  await seasonSettled(page);
}

/** Laid, and nothing on its way. */
export async function seasonSettled(page: Page): Promise<void> {
  await expect(page.locator('[data-week]')).toHaveCount(12);
  await expect(page.getByText('calculating …')).toHaveCount(0);
  await expect(page.locator('[data-chip="session"]').first()).toBeVisible();
}

/** What an athlete sees who opens a link on a phone of their own. */
export async function openPhone(browser: Browser, link: string): Promise<{ phone: Page; context: BrowserContext }> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const phone = await context.newPage();
  await phone.goto(link);
  return { phone, context };
}

/** The whole screen of the floor is one button. */
export const tapFloor = (phone: Page): Promise<void> => phone.locator('[data-anywhere]').click();

/** Onto the floor, with an adult said to be there where one is asked for. */
export async function toFloor(phone: Page): Promise<void> {
  const start = phone.getByRole('button', { name: /^(Start|Go on|An adult first)$/ });
  await expect(start).toBeVisible();
  const adult = phone.getByRole('button', { name: 'An adult is here' });
  if (await adult.isVisible()) await adult.click();
  await start.click();
  await expect(phone.locator('[data-far]')).toBeVisible();
}

/** Where it stands on the floor: block, set, exercise and side. */
export async function floorPlace(phone: Page): Promise<string> {
  const side = phone.locator('[data-side]');
  const words = [phone.locator('header .label').first(), phone.getByRole('heading', { level: 1 }), side];
  const texts = [];
  for (const one of words) texts.push((await one.count()) > 0 ? (await one.innerText()).replace('Next: ', '') : '');
  return texts.join(': ');
}

/** One set: begun at once with two taps, ended with a third after a while. */
export async function doOneSet(phone: Page, ms = 800): Promise<void> {
  if (await phone.locator('[data-rest]').isVisible()) await tapFloor(phone);
  await expect(phone.getByText('Tap to start')).toBeVisible();
  await tapFloor(phone);
  await tapFloor(phone);
  await phone.waitForTimeout(ms);
  await tapFloor(phone);
}

/** The link in the latest mail to an address, as Messages shows it where no mail server is set. */
export async function mailedLink(owner: Page, to: string): Promise<string> {
  await owner.goto('/outbox');
  const mail = owner
    .locator('li')
    .filter({ hasText: `to ${to}` })
    .first();
  return (await mail.getByRole('link').getAttribute('href')) ?? '';
}

/** A browser of somebody else of the demo, signed in by the form. */
export async function signedInAs(browser: Browser, who: string): Promise<Page> {
  const page = await (await browser.newContext()).newPage();
  await page.goto('/sign-in');
  await page.getByLabel('E-mail').fill(`${who}@skarvoy.example`);
  await page.getByLabel('Password').fill(coach.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  return page;
}

/** Somebody new in a squad that begins with them; the id. */
export async function newAthlete(page: Page, name: string, more: object = {}): Promise<string> {
  const added = await page.request.post('/api/athletes', {
    data: {
      ...{ name, newSquad: { name: `Squad of ${name}`, sportId: 'handball' }, role: 'wing' },
      athlete: { heightCm: 170, massKg: 60, born: '2004-04-04', level: 'beginner', ...more },
    },
  });
  return (await added.json()).id;
}

/** Opens the list at which a new squad is typed; its field. */
export async function openSquadList(page: Page, squad: string): Promise<Locator> {
  await page.getByRole('button', { name: 'List' }).click();
  await page.getByLabel('Squad', { exact: true }).selectOption({ label: 'New squad …' });
  await page.getByLabel('Squad name').fill(squad);
  return page.getByLabel('Athletes, a line each', { exact: true });
}
