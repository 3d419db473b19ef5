import { expect, test } from '@playwright/test';
import { newAthlete, signedInAs, signIn } from './desk';

test('a physio sets a stage, the coach sees it at once, cannot ease it, asks, and is answered', async ({
  page,
  browser,
}) => {
  await signIn(page);
  const id = await newAthlete(page, 'Kaja Vang');
  const { people } = await (await page.request.get('/api/people')).json();
  const runa = people.find((p: { name: string }) => p.name === 'Runa Eik');
  await page.request.patch(`/api/people/${runa.id}`, { data: { athleteIds: [...runa.athleteIds, id] } });
  await page.goto(`/athletes/${id}`);
  await expect(page.getByRole('heading', { name: 'Kaja Vang' })).toBeVisible();

  const physio = await signedInAs(browser, 'physio');
  await expect(physio.getByRole('heading', { name: 'Athletes you treat' })).toBeVisible();
  await physio.getByRole('link', { name: 'Kaja Vang' }).click();
  await physio.getByRole('button', { name: 'Add a restriction' }).click();
  const dialog = physio.getByRole('dialog');
  await dialog
    .getByRole('textbox', { name: 'Restriction' })
    .fill('right knee, limit, operation late, stage 2, until 2027-01-18, physiotherapist');
  await dialog.getByLabel('Criteria').fill('Ten slow squats without pain on two days.');
  await dialog.getByRole('heading', { name: /^Allowed/ }).waitFor();
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(physio.getByText('Stage 2 of 5')).toBeVisible();

  // The coach's page is open all the while.
  await expect(page.getByText('Runa Eik changed a restriction of Kaja Vang')).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Read it anew' }).click();
  await expect(page.getByText('Then: Ten slow squats without pain on two days.')).toBeVisible();
  await page.getByRole('button', { name: /Right knee, limit/ }).click();
  const mine = page.getByRole('dialog');
  await mine.getByLabel('Lift this restriction').check();
  await expect(mine.getByText('Runa Eik set this, and only Runa Eik eases it.')).toBeVisible();
  await expect(mine.getByRole('button', { name: 'Lift', exact: true })).toBeDisabled();
  await mine.getByLabel('Why it can be eased').fill('two weeks of full sets without pain');
  await mine.getByRole('button', { name: 'Ask for a release' }).click();
  await expect(page.getByText(/^Release of the right knee asked for/)).toBeVisible();

  await physio.goto('/care');
  await expect(physio.getByText('1 asks for a release')).toBeVisible();
  await physio.getByText('two weeks of full sets without pain').click();
  await physio.getByLabel('Why not yet').fill('one more week');
  await physio.getByRole('button', { name: 'Not yet' }).click();
  await expect(physio.getByText('two weeks of full sets without pain')).toHaveCount(0);
  await page.reload();
  await expect(page.getByText('answered: one more week')).toBeVisible();

  // Eased by the physio, with the words that stay as the release.
  await physio.getByRole('button', { name: /Right knee, limit/ }).click();
  await dialog
    .getByRole('textbox', { name: 'Restriction' })
    .fill('right knee, limit, operation late, stage 4, until 2027-01-18, physiotherapist');
  await dialog.getByLabel('What is allowed').fill('low jumps on two legs');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(physio.getByText('Stage 4 of 5')).toBeVisible();
  await expect(physio.getByText('Released by physiotherapist: low jumps on two legs')).toBeVisible();

  await physio.getByRole('cell', { name: 'Push-ups to form failure' }).click();
  await physio.getByLabel('Result', { exact: true }).fill('18');
  await physio.getByRole('button', { name: 'Save' }).click();
  await expect(physio.getByRole('row').filter({ hasText: 'Push-ups to form failure' })).toContainText('18');
  const detail = await (await page.request.get(`/api/athletes/${id}`)).json();
  expect(detail.brief.athlete.battery).toMatchObject([{ test: 'push-up', value: 18 }]);
  expect(detail.brief.athlete.restrictions[0].stage).toBe(4);
  // No address of coaches opens for a physio.
  await physio.goto(`/athletes/${id}`);
  await expect(physio).toHaveURL(/\/care$/);
  expect((await page.request.delete(`/api/athletes/${id}`)).ok()).toBe(true);
});

test('an athlete signs in, opens the session of the day, and finds the own account', async ({ browser }) => {
  const athlete = await signedInAs(browser, 'athlete');
  await expect(athlete.getByRole('heading', { name: 'Tove Aas' })).toBeVisible();
  await expect(athlete.getByRole('heading', { name: 'Results' })).toBeVisible();
  await athlete.getByRole('link', { name: 'Open today’s session' }).click();
  await expect(athlete.getByRole('heading', { name: /Tove/ })).toBeVisible();
  await expect(athlete.getByRole('button', { name: /Start|Go on|Finish/ })).toBeVisible();
  await athlete.goto('/my/account');
  await expect(athlete.getByRole('navigation', { name: 'Settings' }).getByRole('link')).toHaveText([
    'Account',
    'Sign-ins',
  ]);
  await athlete.goto('/settings/people');
  await expect(athlete).toHaveURL(/\/family$/);
});
