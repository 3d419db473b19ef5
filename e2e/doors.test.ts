import { expect, type Page, test } from '@playwright/test';
import { doOneSet, openAthlete, openPhone, openSeason, send, signIn, toFloor } from './desk';

test.describe.configure({ mode: 'serial' });

/** Does the next set on the floor, of both sides where it has two. */
async function doSet(phone: Page): Promise<void> {
  const name = async () => (await phone.getByRole('heading', { level: 1 }).innerText()).replace('Next: ', '');
  const before = await name();
  await doOneSet(phone);
  if ((await name()) === before && (await phone.locator('[data-side]').count()) > 0) await doOneSet(phone);
  await phone.waitForTimeout(500);
}

/** Makes a link in the outbox, where it is shown once. */
async function newLink(page: Page, name: string): Promise<string> {
  await page.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Messages' }).click();
  const row = page.getByRole('listitem').filter({ hasText: name }).first();
  await row.getByRole('button', { name: 'New link' }).click();
  const link = page.locator('[data-athlete-link]');
  await expect(link).toBeVisible();
  return (await link.getAttribute('href')) ?? '';
}

test('a new link ends the old one; sets that wait on the phone go by the new one, and what is refused is set aside', async ({
  page,
  browser,
}) => {
  await signIn(page);
  await openAthlete(page, 'Tove Aas');
  const first = await send(page);
  const { phone, context } = await openPhone(browser, first);
  await phone.getByRole('button', { name: 'Start' }).click();
  // The server is away while the first sets are done.
  await context.route('**/api/link/*/logs', (route) =>
    route.fulfill({ status: 503, json: { error: { message: 'away', faults: [] } } }),
  );
  await doSet(phone);
  await phone.reload();
  await expect(phone.getByText(/\d (entry|entries) saved on this phone/)).toBeVisible();

  const second = await newLink(page, 'Tove Aas');
  expect(second).not.toBe(first);
  await expect(page.getByText('Replaced by a newer link').first()).toBeVisible();
  await context.unroute('**/api/link/*/logs');
  await phone.reload();
  await expect(phone.getByRole('alert')).toContainText('A newer link has taken the place of this one');
  await expect(phone.getByRole('alert')).toContainText('Open the new link on this phone');

  await phone.goto(second);
  await expect(phone.getByText(/[12] of \d+ sets done/)).toBeVisible({ timeout: 15_000 });

  // One that is refused is told and holds nothing up, whatever goes together with it and however often it is sent.
  let refused: string | undefined;
  await context.route('**/api/link/*/logs', (route) => {
    const ids: string[] = route
      .request()
      .postDataJSON()
      .logs.map(({ id }: { id: string }) => id);
    refused ??= ids.at(-1);
    const faults = [{ path: 'logs', message: '"x" is not in this session' }];
    const refusal = { status: 422, json: { error: { message: 'Some fields are wrong.', faults } } };
    return ids.includes(refused as string) ? route.fulfill(refusal) : route.continue();
  });
  await toFloor(phone);
  await doSet(phone);
  await expect.poll(() => refused).toBeDefined();
  await phone.reload();
  await expect(phone.getByText(/entr(y was|ies were) not accepted. Tell your coach/)).toBeVisible();
  await context.unroute('**/api/link/*/logs');
  await phone.getByText(/not accepted. Tell your coach/).click();
  await expect(phone.getByText('"x" is not in this session')).toBeVisible();
  await expect(phone.getByText(/saved on this phone/)).toHaveCount(0);

  // The coach ends the link: the page says so and shows what it has.
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Tove Aas' })
    .first()
    .getByRole('button', { name: 'Revoke link' })
    .click();
  await expect(page.getByText('Link revoked').first()).toBeVisible();
  await phone.reload();
  await expect(phone.getByRole('alert')).toContainText('Your coach has ended this link');
  await context.close();
});

test('what another coach has changed is not written over: the page says so and keeps what was typed', async ({
  page,
}) => {
  await signIn(page);
  await openAthlete(page, 'Sunna Berg');
  const id = new URL(page.url()).pathname.split('/')[2] as string;
  await page.getByRole('heading', { level: 1, name: 'Sunna Berg' }).click();
  await page.keyboard.press('b');
  await expect(page.getByText(/movement patterns; heavy enough/)).toBeVisible({ timeout: 30_000 });
  const { brief } = await (await page.request.get(`/api/athletes/${id}`)).json();
  const elsewhere = { ...brief.kit, items: [...brief.kit.items, { kind: 'dumbbell', massKg: 3 }] };
  expect((await page.request.patch(`/api/athletes/${id}`, { data: { kit: elsewhere } })).status()).toBe(204);

  const kit = page.getByLabel('Add equipment');
  await kit.fill('8 kg kettlebell');
  await kit.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Not saved: Kit and room was changed elsewhere in the meantime.');
  await expect(page.getByText('kettlebell 8 kg', { exact: true })).toBeVisible();
  const now = (await (await page.request.get(`/api/athletes/${id}`)).json()).brief.kit.items;
  expect(now).toEqual(elsewhere.items);
});

test('calendars that are given out are listed, shown once, and end one by one', async ({ page }) => {
  await openSeason(page, 'Tove Aas');
  await page.getByRole('tab', { name: /Calendar/ }).click();
  const listed = page.locator('[data-calendar-link]');
  await page.getByRole('button', { name: 'Create calendar link' }).click();
  await expect(listed).toHaveCount(1);
  const address = await page.getByLabel('Calendar link').inputValue();
  const read = await page.request.get(address);
  expect(await read.text()).toContain('BEGIN:VCALENDAR');
  await page.getByRole('button', { name: 'Create another link' }).click();
  await expect(listed).toHaveCount(2);
  expect(await page.getByLabel('Calendar link').inputValue()).not.toBe(address);
  await expect(listed.last()).toContainText('last read');
  await listed.last().getByRole('button', { name: 'Revoke' }).click();
  await expect(listed).toHaveCount(1);
  expect((await page.request.get(address)).status()).toBe(404);
});
