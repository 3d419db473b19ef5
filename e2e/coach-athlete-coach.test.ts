import { expect, test } from '@playwright/test';
import {
  compose,
  doOneSet,
  floorPlace,
  leaveField,
  openAthlete,
  openPhone,
  rowNames,
  send,
  signIn,
  toFloor,
} from './desk';

test.describe.configure({ mode: 'serial' });

let link = '';

test('the squad shows first who hurts, then who is to be written for', async ({ page }) => {
  await signIn(page);
  const first = page.locator('tbody tr').first();
  await expect(first).toContainText('Liv Strand');
  await expect(first).toContainText('Pain 4 of 10: shoulder');
  await expect(page.locator('tbody tr').nth(1)).toContainText('Plan a session');
});

test('a coach composes with one key, changes, undoes, redoes, and it is kept', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Ines Vold');
  await expect(page.getByText('No session on')).toBeVisible();
  await compose(page);
  const names = await rowNames(page);
  expect(names.length).toBeGreaterThanOrEqual(8);
  await expect(page.getByText(/within \d+\.\d % of the optimum/)).toBeVisible();

  await page.locator('[data-row] [data-name]').nth(5).click();
  const aside = page.getByRole('complementary', { name: 'Chosen exercise' });
  await expect(aside.getByRole('heading', { level: 2 })).toHaveText(names[5] as string);
  const instead = aside.locator('ul button').first();
  const other = (await instead.locator('span.truncate').innerText()).trim();
  await instead.click();
  await expect.poll(() => rowNames(page)).toContain(other);

  await leaveField(page);
  await page.keyboard.press('u');
  await expect.poll(() => rowNames(page)).toEqual(names);
  await page.keyboard.press('Shift+u');
  await expect.poll(() => rowNames(page)).toContain(other);
  await page.keyboard.press('u');

  const dose = page.getByLabel(`Dose of ${names[5]}`);
  await dose.fill('lots of it');
  await dose.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'expected sets and work' })).toBeVisible();
  await expect(dose).toHaveValue('lots of it');
  await dose.fill('2x6 3-1-1 r45');
  await dose.press('Enter');
  await expect(dose).toHaveValue('2x6 3-1-1 r45');
  await expect(page.getByText('saved', { exact: true })).toBeVisible();

  await page.reload();
  await expect(page.getByLabel(`Dose of ${names[5]}`)).toHaveValue('2x6 3-1-1 r45');
});

test('a pinned item stays when the rest is composed anew; a removed one goes', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Ines Vold');
  const names = await rowNames(page);
  await page.locator('[data-row] [data-name]').nth(6).click();
  await page.keyboard.press('p');
  await expect(page.locator('[data-row]').nth(6)).toContainText('pinned');
  const pinned = names[6] as string;
  await page.getByRole('button', { name: 'Brief', exact: true }).click();
  await page.getByRole('spinbutton', { name: 'Minutes' }).fill('20');
  await page.getByRole('button', { name: /^Recompose/ }).click();
  await expect.poll(() => rowNames(page), { timeout: 120_000 }).not.toEqual(names);
  expect(await rowNames(page)).toContain(pinned);
  await expect(page.getByRole('main').getByText('of 20 min')).toBeVisible();
  const before = await rowNames(page);
  await page.locator('[data-row] [data-name]').first().click();
  await page.keyboard.press('x');
  await expect.poll(() => rowNames(page)).toEqual(before.slice(1));
  // The best that still fits is added to a block, where the block stands.
  await page.getByRole('button', { name: 'mobilise', exact: true }).click();
  await expect.poll(async () => (await rowNames(page)).length).toBe(before.length);
});

test('kit is typed in a line, or refused with the word marked', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Ragna Tveit');
  const kit = page.getByLabel('Add equipment');
  await kit.fill('two spoons');
  await kit.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'two: expected' })).toBeVisible();
  await kit.fill('2x7,5 kg dumbbell');
  await kit.press('Enter');
  await expect(page.getByText('2 × dumbbell 7.5 kg')).toBeVisible();
  // What was learned of the athlete is kept with the athlete.
  const kept = page.waitForResponse((r) => r.request().method() === 'PATCH' && r.ok());
  await kept;
  await page.reload();
  await expect(page.getByText('2 × dumbbell 7.5 kg')).toBeVisible();
});

test('sends; the outbox holds the link; the sheet is one page with every item', async ({ page }) => {
  await signIn(page);
  await openAthlete(page, 'Ines Vold');
  await expect(page.locator('[data-row]').first()).toBeVisible();
  const names = await rowNames(page);
  link = await send(page);
  await page.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Messages' }).click();
  await expect(page.getByText('Hello Ines, your session').first()).toBeVisible();
  await page.goBack();
  await page.getByRole('link', { name: 'Printout' }).click();
  await expect(page.getByRole('heading', { name: 'Ines Vold' })).toBeVisible();
  for (const name of names) await expect(page.getByText(name, { exact: true })).toBeVisible();
  const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page[^s]/g)?.length).toBe(1);
});

test('the athlete does it on the floor: taps, counts, a reload in the middle, the network cut and back', async ({
  browser,
}) => {
  const { phone, context } = await openPhone(browser, link);
  await toFloor(phone);
  const first = await floorPlace(phone);
  await doOneSet(phone, 3500);
  await expect.poll(() => floorPlace(phone)).not.toBe(first);

  // A reload in the middle loses nothing: it goes on with the second set.
  const second = await floorPlace(phone);
  await phone.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await phone.waitForTimeout(1000);
  await phone.reload();
  await expect(phone.getByText(/1 of \d+ sets/)).toBeVisible();
  await toFloor(phone);
  await expect.poll(() => floorPlace(phone)).toBe(second);

  // No network: sets are kept, the page opens again, and they go when it is back.
  await context.setOffline(true);
  for (let i = 0; i < 2; i++) {
    await doOneSet(phone);
    await phone.getByRole('button', { name: 'One more' }).click();
  }
  await phone.reload();
  await expect(phone.getByText(/entries saved on this phone/)).toBeVisible();
  await context.setOffline(false);
  await expect(phone.getByText(/\d+ of \d+ sets done/)).toBeVisible({ timeout: 15_000 });

  // Enough for today: effort, a sore shoulder, a word to the coach.
  await phone.getByRole('button', { name: 'End here' }).click();
  await phone.getByRole('radio', { name: 'How hard 7' }).click();
  await phone.getByText('No pain. Tap here if there is some.').click();
  await phone.getByRole('button', { name: 'left shoulder', exact: true }).click();
  await phone.getByRole('radio', { name: 'Pain in the left shoulder 4' }).click();
  await phone.getByLabel('Message to your coach').fill('Had to stop early.');
  await phone.getByRole('button', { name: 'Finish' }).click();
  await expect(phone.getByText('Well done, Ines.')).toBeVisible();
  await expect(phone.getByText('Your coach has everything')).toBeVisible({ timeout: 15_000 });
  await context.close();
});

test('the coach sees what came back and decides', async ({ page }) => {
  await signIn(page);
  const row = page.locator('tbody tr').filter({ hasText: 'Ines Vold' });
  await expect(row).toContainText(/Pain 4 of 10: (left )?shoulder/);
  await row.getByRole('link', { name: /Pain 4/ }).click();
  await expect(page.getByText('“Had to stop early.”')).toBeVisible();
  await expect(page.getByText('not done').first()).toBeVisible();
  const decision = page.getByRole('group', { name: /^Decision for/ }).first();
  await decision.getByRole('button', { name: 'Stop' }).click();
  await expect(decision.getByRole('button', { name: 'Stop' })).toHaveAttribute('aria-pressed', 'true');
  await page.reload();
  await expect(
    page
      .getByRole('group', { name: /^Decision for/ })
      .first()
      .getByRole('button', { name: 'Stop' }),
  ).toHaveAttribute('aria-pressed', 'true');
});
