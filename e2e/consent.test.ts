import { expect, type Page, test } from '@playwright/test';
import { mailedLink, openSquadList, signIn } from './desk';

const password = 'a long enough one';

/** Writes a session for somebody and sends it; the link. */
async function sendSession(page: Page, id: string): Promise<string> {
  const { brief } = await (await page.request.get(`/api/athletes/${id}`)).json();
  const dose = { sets: 2, work: { kind: 'reps', reps: 8 }, perSide: false, restSeconds: 60 };
  const group = { block: 'strength', format: 'straight', roundRestSeconds: 0 };
  const draft = { groups: [{ ...group, choices: [{ variant: 'push-up', dose, pinned: false }] }] };
  const made = await page.request.post(`/api/athletes/${id}/sessions`, { data: { brief, draft } });
  const sent = await page.request.post(`/api/sessions/${(await made.json()).id}/send`);
  return (await sent.json()).link;
}

test('a minor is a name until a guardian agrees, an athlete then, and a name again when consent is withdrawn', async ({
  page,
  browser,
}) => {
  await signIn(page);
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name', { exact: true }).fill('Une Lund');
  await dialog.getByLabel('Born').fill('2012-05-06');
  await dialog.getByLabel('Height, cm').fill('161');
  await dialog.getByLabel('Mass, kg').fill('50');
  await expect(dialog.getByText('A minor: nothing but the name is kept')).toBeVisible();
  await dialog.getByRole('button', { name: 'Keep the name' }).click();
  await dialog.getByLabel('E-mail of the guardian').fill('siri@skarvoy.example');
  await dialog.getByRole('button', { name: 'Invite' }).click();
  await expect(dialog.getByText('Mail is on its way to siri@skarvoy.example.')).toBeVisible();
  await dialog.getByRole('button', { name: 'Done' }).click();
  const row = page.getByRole('listitem').filter({ hasText: 'Une Lund' });
  await expect(row).toContainText('a guardian was invited');

  const guardian = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
  await guardian.goto(await mailedLink(page, 'siri@skarvoy.example'));
  await guardian.getByLabel('Your name').fill('Siri Lund');
  await guardian.getByLabel('Password, 12 characters or more').fill(password);
  await guardian.getByRole('button', { name: 'Join' }).click();
  await expect(guardian.getByRole('heading', { name: 'Consent needed' })).toBeVisible();
  await expect(guardian.getByText('withdraw this at any time')).toBeVisible();
  await guardian.getByRole('button', { name: 'I agree' }).click();
  await expect(guardian.getByText('Consent given by Siri Lund')).toBeVisible();

  await page.goto('/');
  await row.getByRole('button', { name: 'Enter the rest' }).click();
  await expect(dialog.getByLabel('Name', { exact: true })).toHaveValue('Une Lund');
  await dialog.getByLabel('Born').fill('2012-05-06');
  await dialog.getByLabel('Height, cm').fill('161');
  await dialog.getByLabel('Mass, kg').fill('50');
  await dialog.getByRole('button', { name: 'Add and plan a session' }).click();
  await expect(page.getByRole('heading', { name: 'Une Lund' })).toBeVisible();
  await expect(page.getByText(/^Siri Lund consented on/)).toBeVisible();
  const id = /athletes\/([\w-]+)/.exec(page.url())?.[1] as string;
  const link = await sendSession(page, id);

  await guardian.reload();
  await expect(guardian.getByText('Push-up')).toBeVisible();
  await expect(guardian.getByText('2 × 8')).toBeVisible();
  const [copy] = await Promise.all([
    guardian.waitForEvent('download'),
    guardian.getByRole('link', { name: 'Take a copy of everything that is kept' }).click(),
  ]);
  expect(copy.suggestedFilename()).toBe('Une Lund.json');
  await guardian.getByRole('button', { name: 'Withdraw consent …' }).click();
  await guardian.getByLabel('Type Une Lund').fill('Une');
  await guardian.getByRole('button', { name: 'Delete and withdraw' }).click();
  await expect(guardian.getByText('must be Une Lund')).toBeVisible();
  await guardian.getByLabel('Type Une Lund').fill('Une Lund');
  await guardian.getByRole('button', { name: 'Delete and withdraw' }).click();
  await expect(guardian.getByRole('heading', { name: 'Consent needed' })).toBeVisible();

  const phone = await (await browser.newContext()).newPage();
  await phone.goto(link);
  await expect(phone.getByText('This link did not open.')).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('row').filter({ hasText: 'Une Lund' })).toHaveCount(0);
  await expect(row).toContainText('a guardian is here and has not agreed');
  await row.getByRole('button', { name: 'Delete the name of Une Lund' }).click();
  await expect(row).toHaveCount(0);
  await guardian.goto('/family');
  await expect(guardian.getByLabel('Password')).toBeVisible();
});

test('what a list leaves out is assumed, said, and asked first in the brief', async ({ page }) => {
  await signIn(page);
  const list = await openSquadList(page, 'Trial');
  await list.fill('Eir Haug, 2003-01-01, wing\nUlf Haug, 2014-01-01');
  await expect(page.getByText('height and mass assumed')).toBeVisible();
  await expect(page.getByText('minor: only the name', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Add 2 athletes' }).click();
  await expect(list).toHaveCount(0);
  await page.getByRole('link', { name: 'Eir Haug' }).last().click();
  const measures = page.locator('section').filter({ has: page.getByRole('heading', { name: 'Measures' }) });
  await expect(measures.getByText('Assumed: height and mass.')).toBeVisible();
  await measures.getByLabel('Mass, kg').fill('66.5');
  await measures.getByRole('button', { name: 'Save measures' }).click();
  await expect(measures.getByText('Assumed')).toHaveCount(0);
  await page.reload();
  await expect(measures.getByLabel('Mass, kg')).toHaveValue('66.5');
  const { athletes, waiting, squads } = await (await page.request.get('/api/squads')).json();
  for (const one of athletes) if (one.name === 'Eir Haug') await page.request.delete(`/api/athletes/${one.id}`);
  for (const one of waiting) await page.request.delete(`/api/pending-athletes/${one.id}`);
  // Empty, the squad goes by the settings.
  expect(squads.some((s: { name: string }) => s.name === 'Trial')).toBe(true);
  await page.goto('/settings/squads');
  const trial = page.getByRole('listitem').filter({ has: page.getByLabel('Name of Trial') });
  await trial.getByRole('button', { name: 'Delete' }).click();
  await expect(trial).toHaveCount(0);
});

test('settings of the club: dates in its language, links ended, how long things stay, the whole taken out', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/settings/club');
  const kept = () => page.waitForResponse((r) => r.url().endsWith('/club') && r.ok());
  await Promise.all([kept(), page.getByLabel('Dates').selectOption('nb-NO')]);
  await page.goto('/settings/links');
  await expect(page.getByText(/ends on (man|tir|ons|tor|fre|lør|søn)\. \d/).first()).toBeVisible();
  const link = page.getByRole('button', { name: 'End the link of Sunna Berg' });
  await link.click();
  await expect(link).toHaveCount(0);
  await page.goto('/settings/club');
  await Promise.all([kept(), page.getByLabel('Dates').selectOption('')]);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Export everything' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('Skarvøy HK.jsonl');
  await page.goto('/settings/retention');
  await Promise.all([kept(), page.getByLabel('Messages').selectOption('365')]);
  await page.reload();
  await expect(page.getByLabel('Messages')).toHaveValue('365');
  await page.goto('/settings/rules');
  await Promise.all([kept(), page.getByLabel('Format').selectOption('circuits')]);
  await page.reload();
  await expect(page.getByLabel('Format')).toHaveValue('circuits');
  await Promise.all([kept(), page.getByLabel('Format').selectOption('pairs')]);
  // Clubs do not found themselves where the installation does not say so.
  await page.goto('/sign-up');
  await expect(page.getByText('Clubs are added by whoever runs this installation.')).toBeVisible();
});
