import { expect, test } from '@playwright/test';
import { compose, enough, leaveField, openDay, rowNames, send, signIn, tapFloor, toFloor } from './desk';

test('the type is changed by one key: strip, frame and session follow, and one undo takes it back', async ({
  page,
}) => {
  await openDay(page, 'Signe Moe', '2027-02-16');
  const type = page.getByLabel('Session type');
  await expect(type.locator('option:checked')).toHaveText(/^Auto: /);
  await compose(page);
  const [rows, frame] = [await rowNames(page), await page.locator('[data-frame]').innerText()];
  await leaveField(page);
  await page.keyboard.press('y');
  await expect(type.locator('option:checked')).not.toHaveText(/^Auto: /);
  await expect.poll(() => rowNames(page), { timeout: 30_000 }).not.toEqual(rows);
  await expect(page.locator('[data-frame]')).not.toHaveText(frame);
  await enough(page);
  await leaveField(page);
  await page.keyboard.press('u');
  await expect.poll(() => rowNames(page)).toEqual(rows);
  await expect(type.locator('option:checked')).toHaveText(/^Auto: /);
});

test('ten minutes of arm care are composed, and printed on one page', async ({ page }) => {
  await openDay(page, 'Nora Fjell', '2027-02-17');
  await page.getByLabel('Minutes', { exact: true }).fill('10');
  await page.getByLabel('Session type').selectOption('arm-care');
  await compose(page);
  await expect(page.locator('[data-frame]')).toContainText('prevention');
  const names = await rowNames(page);
  await page.getByRole('link', { name: 'Printout' }).click();
  await expect(page.getByRole('heading', { name: 'Nora Fjell' })).toBeVisible();
  for (const name of names) await expect(page.getByText(name, { exact: true })).toBeVisible();
  await expect(page.getByText('When form breaks, end the set.')).toBeVisible();
  const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page[^s]/g)?.length).toBe(1);
});

test('timed rounds are played on the phone: what happens inside is said, and the clock runs', async ({
  page,
  browser,
}) => {
  // Somebody of its own: a phone shows what is for today, and others write on that day too.
  await signIn(page);
  const guest = await page.request.post('/api/athletes', {
    data: {
      name: 'Guest of rounds',
      newSquad: { name: 'Rounds', sportId: 'handball' },
      role: 'back',
      athlete: { heightCm: 175, massKg: 70, born: '2001-03-04', level: 'intermediate' },
    },
  });
  const { id } = await guest.json();
  await page.goto(`/athletes/${id}`);
  await expect(page.getByText('No session on')).toBeVisible();
  await page.getByLabel('Session type').selectOption('rounds');
  await compose(page);
  const link = await send(page);
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
  await phone.goto(link);
  await toFloor(phone);
  const part = phone.locator('[data-round-part]');
  const tap = () => tapFloor(phone);
  // Through the warm-up, set by set, to the first round.
  for (let taps = 0; taps < 40 && (await part.count()) === 0; taps++) {
    await tap();
    await phone.waitForTimeout(250);
  }
  await expect(part).toHaveText(/Work|Easy/);
  await expect(phone.locator('header .label').first()).toContainText('round 1 of');
  expect((await page.request.delete(`/api/athletes/${id}`)).ok()).toBe(true);
});
