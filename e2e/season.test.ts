import { expect, test } from '@playwright/test';
import { openAthlete, openSeason, seasonSettled, signIn } from './desk';
import { drag, fixtureOn, hold, laid, on, ribbon, saved } from './season-page';

test('a fixture is dragged: the ribbon and two sessions move at least, undo takes all of it back', async ({ page }) => {
  await openSeason(page, 'Signe Moe');
  const [before, thick] = [await laid(page), await ribbon(page)];
  await drag(page, fixtureOn(page, '2026-12-19'), '2026-12-16');
  await expect(fixtureOn(page, '2026-12-16')).toBeVisible();
  await expect(page.locator('[data-moves]')).toContainText(/\d sessions moved/);
  const after = await laid(page);
  expect(before.filter((day) => !after.includes(day)).length).toBeGreaterThanOrEqual(2);
  await expect.poll(() => ribbon(page)).not.toEqual(thick);
  await saved(page);
  await page.locator('[data-moves]').getByRole('button', { name: 'Undo' }).click();
  await expect(fixtureOn(page, '2026-12-19')).toBeVisible();
  await expect.poll(() => laid(page)).toEqual(before);
  await expect.poll(() => ribbon(page)).toEqual(thick);
  await saved(page);
  await page.reload();
  await seasonSettled(page);
  expect(await laid(page)).toEqual(before);
});

test('by keyboard: a fixture moves with shift and an arrow, a session is pinned and let go, u and shift u go back and forth', async ({
  page,
}) => {
  await openSeason(page, 'Signe Moe');
  const before = await laid(page);
  await fixtureOn(page, '2027-01-09').focus();
  await page.keyboard.press('Shift+ArrowLeft');
  await expect(fixtureOn(page, '2027-01-08')).toBeVisible();
  await page.keyboard.press('u');
  await expect(fixtureOn(page, '2027-01-09')).toBeVisible();
  await page.keyboard.press('Shift+U');
  await expect(fixtureOn(page, '2027-01-08')).toBeVisible();
  await page.keyboard.press('u');
  await expect.poll(() => laid(page)).toEqual(before);

  await page.locator('[data-chip="session"]').nth(3).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Pin', exact: true }).click();
  await expect(page.getByRole('button', { name: /, pinned/ })).toHaveCount(1);
  await page.getByRole('button', { name: 'Unpin' }).click();
  await expect(page.getByRole('button', { name: /, pinned/ })).toHaveCount(0);
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('u');
  await page.keyboard.press('u');
  await expect.poll(() => laid(page)).toEqual(before);
  await saved(page);
});

test('entries are typed, or refused with the part that is wrong; a week away has none, and the week says what it lacks', async ({
  page,
}) => {
  await openSeason(page, 'Signe Moe');
  const before = await laid(page);
  const line = page.getByLabel('Add to the calendar');
  await page.keyboard.press('a');
  await expect(line).toBeFocused();
  await line.fill('30 feb match Nowhere');
  await page.keyboard.press('Enter');
  await expect(page.getByText('is no day of that month')).toBeVisible();
  await expect(line).toHaveValue('30 feb match Nowhere');
  await line.fill('21 dec - 27 dec free family');
  await page.keyboard.press('Enter');
  await expect
    .poll(async () => (await laid(page)).some((day) => day >= '2026-12-21' && day < '2026-12-28'))
    .toBe(false);
  await seasonSettled(page);
  await expect(page.locator('[data-week="2026-12-21"]')).toContainText('0 of');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('u');
  await expect.poll(() => laid(page)).toEqual(before);
  await saved(page);
});

test('days bear labels and times; what a fixture would move is told before it is let go; what a day allows is a rule', async ({
  page,
}) => {
  await openSeason(page, 'Signe Moe');
  const before = await laid(page);
  await expect(on(page, '2027-01-16')).toContainText('MD');
  await expect(on(page, '2027-01-12')).toContainText('MD-4');
  const session = on(page, '2027-01-12').locator('[data-chip="session"]');
  await expect(session).toContainText('20:15');
  await session.click();
  const chosen = page.getByRole('region', { name: 'Chosen session' });
  await expect(chosen).toContainText('20:15 after practice');
  await expect(chosen).toContainText(/MD-4: .+ after practice/);

  await hold(page, fixtureOn(page, '2026-12-19'), '2026-12-17');
  await expect(page.locator('[data-consequence]')).toContainText(/If moved to Thu 17 Dec:.*(to|left out|new on)/);
  expect(await laid(page)).toEqual(before);
  await page.keyboard.press('Escape');
  await page.mouse.up();
  await expect(page.locator('[data-consequence]')).toHaveCount(0);
  await expect.poll(() => laid(page)).toEqual(before);

  await page.getByRole('tab', { name: 'Rules' }).click();
  await page.getByText('What each day allows').click();
  await page.getByLabel('Day before a fixture').selectOption('nothing');
  await expect.poll(async () => (await laid(page)).filter((day) => /Primer/.test(day)).length).toBe(0);
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('u');
  await expect.poll(() => laid(page)).toEqual(before);
  await saved(page);
});

test('who did not play is typed in a line for the squad, and trains on the day after in the own season', async ({
  page,
}) => {
  await openSeason(page, 'Signe Moe');
  await fixtureOn(page, '2026-12-19').click();
  const played = page.getByLabel('Minutes played');
  await played.fill('Nobody 20');
  await played.press('Enter');
  await expect(page.getByText('is nobody of this squad')).toBeVisible();
  await played.fill('Signe out');
  await played.press('Enter');
  await expect(played).toHaveValue('Signe Moe out');
  await saved(page);
  const squad = page.url();
  await page.goto('/');
  await openAthlete(page, 'Signe Moe');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('g');
  await page.keyboard.press('s');
  await seasonSettled(page);
  await expect(on(page, '2026-12-20')).toContainText('DNP+1');
  await page.goto(squad);
  await seasonSettled(page);
  await fixtureOn(page, '2026-12-19').click();
  await page.getByLabel('Minutes played').fill('');
  await page.getByLabel('Minutes played').press('Enter');
  await saved(page);
});

test('a session is dragged to another day and stays pinned there; the squad is laid for each member', async ({
  page,
}) => {
  await openSeason(page, 'Signe Moe');
  const before = await laid(page);
  const [day] = (before.find((d) => d >= '2026-12-28' && /Legs|Whole body/.test(d)) ?? before[4] ?? '').split(' ') as [
    string,
  ];
  await drag(page, on(page, day).locator('[data-chip="session"]'), '2026-12-30');
  await expect(on(page, '2026-12-30').getByRole('button', { name: /, pinned/ })).toBeVisible();
  await page.getByRole('tab', { name: 'Squad' }).click();
  await page.getByRole('button', { name: 'Schedule each athlete' }).click();
  const members = await page.locator('[data-member]').count();
  await expect(page.getByText(`${members} of ${members} scheduled`)).toBeVisible({ timeout: 30_000 });
  await expect(page.locator('[data-member]').first()).toContainText(/same as the squad|different/);
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('u');
  await expect.poll(() => laid(page)).toEqual(before);
  await saved(page);
});

test('from the season to a session and back in one step, with aim and minutes as they are laid', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Tale Nes');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('g');
  await page.keyboard.press('s');
  await seasonSettled(page);
  const [day] = ((await laid(page)).find((d) => d > '2026-12-21') ?? '').split(' ') as [string];
  await on(page, day).locator('[data-chip="session"]').click();
  const minutes = /(\d+) min/.exec(await page.getByRole('region', { name: 'Chosen session' }).innerText())?.[1];
  await page.getByRole('link', { name: 'Plan it' }).click();
  await expect(page.getByText('No session on')).toBeVisible();
  await expect(page.getByText('in use', { exact: true })).toBeVisible();
  await expect(page.getByLabel('Minutes', { exact: true })).toHaveValue(minutes ?? '');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('g');
  await page.keyboard.press('s');
  await seasonSettled(page);
});

test('a phase of no days is named and not kept; what somebody else saved in the meantime is said', async ({
  page,
  context,
}) => {
  await openSeason(page, 'Signe Moe');
  await page.getByRole('tab', { name: 'Rules' }).click();
  await page.getByLabel('League II to').fill('2027-01-01');
  await expect(page.getByText(/League II has no days/).first()).toBeVisible();
  await expect(page.getByRole('alert').filter({ hasText: 'wrong' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await saved(page);

  const other = await context.newPage();
  await other.goto(page.url());
  await seasonSettled(other);
  await other.getByRole('tab', { name: 'Rules' }).click();
  await other.getByLabel('Rest days a week').fill('2');
  await saved(other);
  await page.getByLabel('Rest days a week').fill('0');
  await expect(page.getByRole('alert').filter({ hasText: 'in the meantime' })).toBeVisible();
  await page.getByRole('button', { name: 'Reload' }).click();
  await expect(page.getByLabel('Rest days a week')).toHaveValue('2');
  await page.getByLabel('Rest days a week').fill('1');
  await saved(page);
  await other.close();
});
