import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { doOneSet, signIn, toFloor } from './desk';
import { arrived, guestWithSession } from './phone-guest';

test('a bad night, an adult, a small screen with large letters; nothing of the serious kind for who cannot see', async ({
  page,
  browser,
}) => {
  await signIn(page);
  const guest = await guestWithSession(page, 'Guest of access');
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, reducedMotion: 'reduce' });
  const phone = await context.newPage();
  const serious = async () => {
    const { violations } = await new AxeBuilder({ page: phone }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze();
    return violations
      .filter((v) => v.impact === 'serious' || v.impact === 'critical')
      .map((v) => `${v.id}: ${v.nodes[0]?.target}`);
  };
  await phone.goto(guest.link);
  await phone.getByRole('button', { name: /How are you today/ }).click();
  await phone.getByRole('radiogroup', { name: 'Slept' }).getByRole('radio', { name: 'Badly' }).click();
  await phone.getByRole('radiogroup', { name: 'Head' }).getByRole('radio', { name: 'Stressed' }).click();
  expect(await serious()).toEqual([]);
  await phone.getByRole('button', { name: 'Done' }).click();
  await expect(phone.getByText('A hard day: one set fewer, no jumps and no finisher.')).toBeVisible();
  await expect(phone.getByRole('listitem').filter({ hasText: 'Split squat' })).toContainText('1 × 3 each side');
  // Ill is rest, which the coach reads on the list; well again, it can be done.
  const tell = async (ill: string) => {
    await phone.getByRole('button', { name: /^You today/ }).click();
    await phone.getByRole('radiogroup', { name: 'Ill' }).getByRole('radio', { name: ill }).click();
    await phone.getByRole('button', { name: 'Done' }).click();
  };
  await tell('Fever, stomach, chest');
  await expect(phone.getByRole('button', { name: 'Rest today', exact: true })).toBeDisabled();
  await page.goto('/attention');
  await expect(page.getByText('Ill: told to rest').first()).toBeVisible();
  await tell('No');
  // Pain that was told makes it less; taken back, so is what it made of the session.
  const squat = phone.getByRole('listitem').filter({ hasText: 'Split squat' });
  await phone.getByRole('button', { name: /^You today/ }).click();
  await phone.getByText('No pain. Tap here if there is some.').click();
  await phone.getByRole('button', { name: 'left knee', exact: true }).click();
  await phone.getByRole('radio', { name: 'Pain in the left knee 5' }).click();
  await phone.getByRole('button', { name: 'Done' }).click();
  await expect(phone.getByText(/Less for the knee/)).toBeVisible();
  await expect(squat).not.toContainText('1 × 3 each side');
  await phone.getByRole('button', { name: /^You today/ }).click();
  await phone.getByRole('button', { name: 'No pain in the left knee' }).click();
  await phone.getByRole('button', { name: 'Done' }).click();
  await expect(squat).toContainText('1 × 3 each side');
  for (const tab of ['Week', 'Me', 'Today']) {
    await phone.getByRole('navigation', { name: 'Places' }).getByRole('button', { name: tab }).click();
    expect([tab, await serious()]).toEqual([tab, []]);
  }
  await toFloor(phone);
  expect(await serious()).toEqual([]);
  for (const sheet of ['Change', 'Leave out', 'Voice, sounds, pace']) {
    await phone.getByRole('button', { name: sheet }).click();
    await expect(phone.getByRole('dialog')).toBeVisible();
    expect([sheet, await serious()]).toEqual([sheet, []]);
    await phone.keyboard.press('Escape');
    await expect(phone.getByRole('dialog')).toHaveCount(0);
  }
  await phone.evaluate(() => {
    document.documentElement.style.fontSize = '32px';
  });
  await expect(phone.getByRole('button', { name: 'Change' })).toBeInViewport();
  await expect(phone.locator('[data-count]')).toBeInViewport();
  expect(await phone.evaluate(() => document.documentElement.scrollWidth <= innerWidth)).toBe(true);
  await guest.leave();
  await context.close();
});

test('a phone that keeps nothing says so and what is done arrives; two of one phone choose; reminders are asked for', async ({
  page,
  browser,
}) => {
  await signIn(page);
  const [guest, sister] = [await guestWithSession(page, 'Guest alone'), await guestWithSession(page, 'Guest sister')];
  const bare = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const phone = await bare.newPage();
  await phone.addInitScript(() => {
    indexedDB.open = () => {
      throw new DOMException('not here', 'SecurityError');
    };
  });
  await phone.goto(guest.link);
  await expect(phone.getByRole('alert')).toContainText('This browser keeps nothing here');
  await toFloor(phone);
  await doOneSet(phone, 1500);
  await expect.poll(async () => (await arrived(phone)).logs.length).toBe(1);
  await bare.close();

  const shared = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const both = await shared.newPage();
  for (const { link } of [guest, sister]) {
    await both.goto(link);
    await expect(both.getByRole('heading', { level: 1 })).toContainText('Guest');
  }
  await both.getByRole('button', { name: 'Me', exact: true }).click();
  await expect(both.getByRole('link', { name: 'Guest alone' })).toBeVisible();
  await both.getByRole('button', { name: 'Remind me' }).click();
  await both.getByLabel("Today's session").fill('06:30');
  await both.getByLabel('Quiet until').fill('06:00');
  await both.reload();
  await both.getByRole('button', { name: 'Me', exact: true }).click();
  await expect(both.getByLabel("Today's session")).toHaveValue('06:30');
  await both.goto('/a');
  await both.getByRole('link', { name: 'Guest sister' }).click();
  await expect(both).toHaveURL(new RegExp(`${sister.link}$`));
  await shared.close();
  await guest.leave();
  await sister.leave();
});

test('a hall shows a squad its stations, by the keys of a remote', async ({ page }) => {
  await signIn(page);
  const { squads } = await (await page.request.get('/api/squads')).json();
  await page.goto(`/hall/${squads[0].id}?day=2026-12-07`);
  const names = page.getByRole('list', { name: 'Who does it how' }).getByRole('listitem');
  await expect(names).not.toHaveCount(0);
  await expect(page.getByText(/1 of \d+/)).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText(/2 of \d+/)).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByRole('timer')).toHaveText(/^\d+$/);
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze();
  expect(violations.filter((v) => v.impact === 'serious' || v.impact === 'critical').map((v) => v.id)).toEqual([]);
});
