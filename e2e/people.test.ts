import { type Browser, expect, type Page, test } from '@playwright/test';
import { TOTP } from 'otpauth';
import { mailedLink, openSquadList, signIn } from './desk';

const password = 'a long enough one';

/** Invites somebody, and takes the invitation up in a browser of their own. */
async function join(
  owner: Page,
  browser: Browser,
  email: string,
  name: string,
  role: string,
  squad?: string,
): Promise<Page> {
  await owner.goto('/settings/people');
  await owner.getByLabel('E-mail').fill(email);
  await owner.getByLabel('Role of the invited').selectOption(role);
  if (squad) await owner.locator('form').getByLabel(squad).check();
  await owner.getByRole('button', { name: 'Send the invitation' }).click();
  await expect(owner.getByText(`An invitation is on its way to ${email}.`)).toBeVisible();
  const link = await mailedLink(owner, email);
  const page = await (await browser.newContext()).newPage();
  await page.goto(link);
  await page.getByLabel('Your name').fill(name);
  await page.getByLabel('Password, 12 characters or more').fill('short');
  await page.getByRole('button', { name: 'Join' }).click();
  await expect(page.getByText('must be 12 characters or more')).toBeVisible();
  await page.getByLabel('Password, 12 characters or more').fill(password);
  await page.getByRole('button', { name: 'Join' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Attention' })).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Squads' })).toBeVisible();
  return page;
}

test('an invited assistant sees the squad it is limited to, and neither people nor trail; a used link says so', async ({
  page,
  browser,
}) => {
  await signIn(page);
  const mate = await join(page, browser, 'ragnhild@skarvoy.example', 'Ragnhild Moe', 'assistant', 'Sound canoe group');
  await expect(mate.getByRole('row').filter({ hasText: 'Ines Vold' })).toHaveCount(0);
  await expect(mate.getByText('Aksel Vik').first()).toBeVisible();
  await mate.goto('/settings/people');
  await expect(mate).toHaveURL(/settings\/account/);
  await expect(mate.getByRole('navigation', { name: 'Settings' }).getByRole('link')).toHaveText([
    'Account',
    'Sign-ins',
    'Progression',
    'Links',
  ]);
  const link = await mailedLink(page, 'ragnhild@skarvoy.example');
  await mate.goto(link);
  await expect(mate.getByRole('alert')).toContainText('This link has been used.');
  // Taken away by the owner, the next call is refused.
  await page.goto('/settings/people');
  await page.getByRole('button', { name: 'Remove Ragnhild Moe' }).click();
  await page.getByRole('button', { name: 'Remove Ragnhild Moe' }).click();
  await expect(page.getByText('ragnhild@skarvoy.example')).toHaveCount(0);
  await mate.goto('/');
  await expect(mate.getByLabel('Password')).toBeVisible();
});

test('a lost password is reset by mail; sign-ins elsewhere end, and all but one at once', async ({ page, browser }) => {
  await signIn(page);
  const email = 'eirik@skarvoy.example';
  const first = await join(page, browser, email, 'Eirik Lund', 'coach');
  await first.goto('/sign-in');
  await first.getByRole('link', { name: 'Forgot the password?' }).click();
  await expect(first.getByRole('heading', { name: 'A new password' })).toBeVisible();
  await first.getByLabel('E-mail').fill(email);
  await first.getByRole('button', { name: 'Send a link' }).click();
  await expect(first.getByRole('status')).toContainText(email);
  await first.goto(await mailedLink(page, email));
  await first.getByLabel('Password, 12 characters or more').fill('another long one');
  await first.getByRole('button', { name: 'Set the password' }).click();
  const enter = async (at: Page) => {
    await at.goto('/sign-in');
    await at.getByLabel('E-mail').fill(email);
    await at.getByLabel('Password').fill('another long one');
    await at.getByRole('button', { name: 'Sign in' }).click();
    await expect(at.getByRole('heading', { level: 1, name: 'Attention' })).toBeVisible();
  };
  await enter(first);
  const second = await (await browser.newContext()).newPage();
  await enter(second);
  await first.goto('/settings/sign-ins');
  await expect(first.getByRole('listitem').filter({ hasText: 'Chrome on' })).toHaveCount(2);
  await first.getByRole('button', { name: 'Sign out everywhere else' }).click();
  await expect(first.getByRole('listitem').filter({ hasText: 'Chrome on' })).toHaveCount(1);
  await second.goto('/');
  await expect(second.getByLabel('Password')).toBeVisible();
});

test('a second factor is set up with a code and asked for at signing in', async ({ page, browser }) => {
  await signIn(page);
  const email = 'sigrid@skarvoy.example';
  const mate = await join(page, browser, email, 'Sigrid Nes', 'coach');
  await mate.goto('/settings/account');
  await mate.getByLabel('Your password').fill(password);
  await mate.getByRole('button', { name: 'Set up' }).click();
  const secret = (await mate.locator('p.dose.break-all').innerText()).trim();
  const code = (stepsAhead: number) => new TOTP({ secret }).generate({ timestamp: Date.now() + stepsAhead * 30_000 });
  await mate.getByLabel('Code').fill(code(0));
  await mate.getByRole('button', { name: 'Confirm' }).click();
  await expect(mate.getByRole('status').filter({ hasText: 'Keep these somewhere safe' })).toBeVisible();
  const recovery = await mate.locator('ul.dose li').first().innerText();
  const other = await (await browser.newContext()).newPage();
  await other.goto('/sign-in');
  await other.getByLabel('E-mail').fill(email);
  await other.getByLabel('Password').fill(password);
  await other.getByRole('button', { name: 'Sign in' }).click();
  await other.getByLabel('Code of your authenticator app').fill('000000');
  await other.getByRole('button', { name: 'Sign in' }).click();
  await expect(other.getByText('That code is wrong or was used before.')).toBeVisible();
  await other.getByLabel('Code of your authenticator app').fill(recovery);
  await other.getByRole('button', { name: 'Sign in' }).click();
  await expect(other.getByRole('heading', { level: 1, name: 'Attention' })).toBeVisible();
});

test('units of the club are those of kit and loads; the trail says who has read an athlete', async ({ page }) => {
  await signIn(page);
  await page.goto('/settings/club');
  const kept = () => page.waitForResponse((r) => r.url().endsWith('/club') && r.ok());
  await Promise.all([kept(), page.getByLabel('Pounds and inches').check()]);
  await page.goto('/');
  await page.getByPlaceholder('Type a name, Enter opens').fill('Mira Holm');
  await page.keyboard.press('Enter');
  const main = page.locator('main[data-day]');
  await expect(main.locator('[data-row]').first()).toBeVisible();
  await expect(main.getByText(/\d lb/).first()).toBeVisible();
  await expect(main.getByText(/\d kg\b/)).toHaveCount(0);
  await page.goto('/settings/club');
  await Promise.all([kept(), page.getByLabel('Kilograms and centimetres').check()]);
  await page.goto('/settings/audit');
  await page.getByLabel('Athlete', { exact: true }).selectOption({ label: 'Mira Holm' });
  await expect(page.getByRole('row').filter({ hasText: 'read athlete' }).first()).toContainText('Marit Lien');
});

test('a squad is begun by typing its athletes; what is wrong is named by line before anything is kept', async ({
  page,
}) => {
  await signIn(page);
  const list = await openSquadList(page, 'Summer camp');
  await list.fill('Ida Camp, 2004-05-01, back, 170, 60\nEva Camp, 2005-02-30, wing, 168, 58');
  await expect(page.getByText('Line 2: 2005-02-30 is no day of birth')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Add one athlete' })).toBeDisabled();
  await list.fill('Ida Camp, 2004-05-01, back, 170, 60\nEva Camp; 28.2.2005; wing; 1.68 m; 58');
  await page.getByRole('button', { name: 'Add 2 athletes' }).click();
  // The list goes once it is kept; until then the preview holds the same names.
  await expect(list).toHaveCount(0);
  await expect(page.getByRole('row').filter({ hasText: 'Eva Camp' })).toBeVisible();
  for (const name of ['Ida Camp', 'Eva Camp']) {
    const { athletes } = await (await page.request.get('/api/squads')).json();
    const { id } = athletes.find((a: { name: string }) => a.name === name);
    expect((await page.request.delete(`/api/athletes/${id}`)).ok()).toBe(true);
  }
});

test('an athlete is exported, and deleted once the name is typed', async ({ page }) => {
  await signIn(page);
  const added = await page.request.post('/api/athletes', {
    data: {
      name: 'Guest Player',
      newSquad: { name: 'Guests', sportId: 'handball' },
      role: 'wing',
      athlete: { heightCm: 170, massKg: 60, born: '2004-04-04', level: 'beginner' },
    },
  });
  await page.goto(`/athletes/${(await added.json()).id}`);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Export everything (JSON)' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('Guest Player.json');
  await page.getByRole('button', { name: 'Delete Guest Player …' }).click();
  const erase = page.getByRole('button', { name: 'Delete', exact: true });
  await expect(erase).toBeDisabled();
  await page.getByLabel('Name of the athlete').fill('Guest Player');
  await erase.click();
  await expect(page.getByRole('heading', { name: 'Squads' })).toBeVisible();
  await expect(page.getByText('Guest Player')).toHaveCount(0);
});
