import { expect, type Page, test } from '@playwright/test';
import { arcMinutes, leastArcMinutes, sixInchPhone } from '../web/src/athlete/player/legibility';
import { doOneSet, signIn, tapFloor, toFloor } from './desk';
import { arrived, guestWithSession, type Logged, reachingDraft } from './phone-guest';

const nameOf = (log: Logged) => `${log.insteadOf ?? log.variant}#${log.setNumber}#${log.side}`;
const heading = (phone: Page) => phone.getByRole('heading', { level: 1 });

/** Nothing that is touched is smaller than a thumb, nothing sticks out or lies over the keys. */
async function fits(phone: Page): Promise<void> {
  const found = await phone.evaluate(() => {
    const boxes = [...document.querySelectorAll<HTMLElement>('[data-floor] button:not([data-anywhere])')].map(
      (button) => {
        const { width, height, left, right, bottom } = button.getBoundingClientRect();
        return { name: button.ariaLabel ?? button.textContent, width, height, left, right, bottom };
      },
    );
    const far = [...document.querySelectorAll('.far')].map((one) => one.getBoundingClientRect());
    const keys = [...document.querySelectorAll('button')]
      .find((b) => b.textContent === 'Change')
      ?.getBoundingClientRect();
    return {
      small: boxes.filter((b) => b.width < 44 || b.height < 44).map((b) => b.name),
      out: boxes.filter((b) => b.left < 0 || b.right > innerWidth + 1 || b.bottom > innerHeight + 1).map((b) => b.name),
      covered: far.some((box) => box.top < 0 || box.right > innerWidth || box.bottom > (keys?.top ?? innerHeight) + 8),
      sideways: document.documentElement.scrollWidth > innerWidth,
    };
  });
  expect(found).toEqual({ small: [], out: [], covered: false, sideways: false });
}

/** How high the capitals and figures of the far words are drawn, CSS pixels. */
const capitals = (phone: Page): Promise<number[]> =>
  phone.locator('.far').evaluateAll((all) =>
    all.map((one) => {
      const pen = document.createElement('canvas').getContext('2d') as CanvasRenderingContext2D;
      const { fontWeight, fontSize, fontFamily } = getComputedStyle(one);
      pen.font = `${fontWeight} ${fontSize} ${fontFamily}`;
      return pen.measureText('H').actualBoundingBoxAscent;
    }),
  );

for (const [width, height] of [
  [390, 844],
  [844, 390],
  [820, 1180],
  [1600, 900],
] as const)
  test(`a whole session at ${width} x ${height}: pair, easier way, left out, pain, rounds, early end; each set arrives once`, async ({
    page,
    browser,
  }) => {
    await signIn(page);
    const guest = await guestWithSession(page, `Guest at ${width}`);
    const context = await browser.newContext({ viewport: { width, height } });
    const phone = await context.newPage();
    await phone.goto(guest.link);
    await toFloor(phone);

    // The clock counts: a count-in, then seconds that go down.
    await tapFloor(phone);
    await expect(phone.getByText('get ready')).toBeVisible();
    await tapFloor(phone);
    await expect(phone.locator('[data-count]')).toHaveText(/^[5-9]$/);
    await fits(phone);
    await tapFloor(phone);

    // Too hard: the next easier one stands there with its dose, and is logged as such.
    await expect(heading(phone)).toHaveText('Push-up');
    await phone.getByRole('button', { name: 'Change' }).click();
    const easier = phone.getByRole('button', { name: /^Too hard/ });
    await expect(easier).toContainText('×');
    await easier.click();
    await expect(heading(phone)).not.toHaveText('Push-up');
    await doOneSet(phone, 400);
    await phone.getByRole('button', { name: '2', exact: true }).click();
    await phone.getByRole('button', { name: 'One more' }).click();
    await fits(phone);
    for (const capital of width < 500 ? await capitals(phone) : [])
      expect(arcMinutes(capital, sixInchPhone, 3)).toBeGreaterThanOrEqual(leastArcMinutes);

    // A rest longer than planned is said to be.
    await phone.getByRole('button', { name: 'Rest 15 seconds more' }).click();
    await expect(phone.getByText('15 s longer than your coach planned.')).toBeVisible();
    await tapFloor(phone);

    // One side, then the other, each in a place of its own.
    const side = phone.locator('[data-side]');
    await expect(side).toHaveText('left');
    await doOneSet(phone, 400);
    await expect(side).toHaveText('right');
    for (const capital of width < 500 ? await capitals(phone) : [])
      expect(arcMinutes(capital, sixInchPhone, 3)).toBeGreaterThanOrEqual(leastArcMinutes);
    await fits(phone);
    await doOneSet(phone, 400);

    // The second set is left out, with why.
    await phone.getByRole('button', { name: 'Leave out' }).click();
    await phone.getByRole('button', { name: 'No room for it' }).click();
    await expect(heading(phone)).toContainText('Split squat');

    // It hurts: everything on that part is out, the rest goes on.
    await phone.getByRole('button', { name: 'Change' }).click();
    await phone.getByRole('button', { name: 'It hurts' }).click();
    await phone.getByRole('button', { name: 'left knee', exact: true }).click();
    await phone.getByRole('radio', { name: 'Pain, left knee 7' }).click();
    await phone.getByRole('button', { name: 'Tell', exact: true }).click();
    await expect(phone.getByText(/Nothing more on the left knee today/)).toBeVisible();
    await expect(phone.getByText('Split squat: left out')).toBeVisible();
    await phone.getByRole('button', { name: 'Go on' }).last().click();
    await expect(heading(phone)).not.toContainText('Split squat');

    // It is told at once: a session that hurts may never be finished.
    await expect
      .poll(async () => (await arrived(phone)).readiness?.meanwhile)
      .toEqual([{ region: 'knee', side: 'left', score: 7 }]);

    // What is left ends early: a plank of which one side is done.
    await expect(heading(phone)).toContainText('Side plank');
    await doOneSet(phone, 1500);
    await phone.getByRole('button', { name: 'Close' }).click();
    await phone.getByRole('button', { name: 'End here' }).click();
    await phone.getByRole('radio', { name: 'How hard 6' }).click();
    await expect(phone.getByText('left knee', { exact: true }).first()).toBeVisible();
    const minutes = phone.getByLabel('Minutes, breaks and all');
    await minutes.fill('a few');
    await expect(phone.getByRole('button', { name: 'Finish' })).toBeDisabled();
    await minutes.fill('23');
    await phone.getByRole('button', { name: 'Finish' }).click();
    await expect(phone.getByText('Your coach has everything')).toBeVisible();

    const { logs, past } = await arrived(phone);
    expect(past[0]).toMatchObject({ minutes: 23 });
    expect(logs.map(nameOf).sort()).toEqual([
      ...['defensive-slide#1#both', 'defensive-slide#2#both', 'march-on-the-spot#1#both', 'push-up#1#both'],
      ...['push-up#2#both', 'side-plank#1#left', 'split-squat#1#left', 'split-squat#1#right'],
      ...['split-squat#2#left', 'split-squat#2#right'],
    ]);
    const of = (name: string) => logs.find((log) => nameOf(log) === name);
    expect(of('push-up#1#both')).toMatchObject({ insteadOf: 'push-up', reserve: 2 });
    expect(of('push-up#2#both')).toMatchObject({ skipped: 'no room', amount: 0 });
    expect(of('split-squat#2#left')).toMatchObject({ skipped: 'pain' });
    await guest.leave();
    await context.close();
  });

test('rounds with what happens inside, led by itself and by keys; spoken line by line', async ({ page, browser }) => {
  await signIn(page);
  const guest = await guestWithSession(page, 'Guest of voice');
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const phone = await context.newPage();
  await phone.addInitScript(() => {
    localStorage.setItem('tropaeum-player', JSON.stringify({ state: { auto: true }, version: 0 }));
    const heard: string[] = [];
    Object.assign(window, { heard });
    speechSynthesis.speak = (words) => heard.push(words.text);
  });
  await phone.goto(guest.link);
  await toFloor(phone);
  const heard = () => phone.evaluate(() => (window as unknown as { heard: string[] }).heard.join(' | '));
  await phone.keyboard.press('Space');
  await expect
    .poll(heard, { timeout: 60_000 })
    .toMatch(/Marching on the spot.*3 \| 2 \| 1 \| Go\..*Rest, 5 seconds\. Next: Push-up, set 1 of 2, 4 reps/);
  // The next one starts by itself; a key pauses, a key goes on, a key goes back.
  await expect(phone.getByText('of 4')).toBeVisible({ timeout: 60_000 });
  await phone.keyboard.press('p');
  await expect(phone.getByText('paused')).toBeVisible();
  await phone.keyboard.press('ArrowLeft');
  await expect(heading(phone)).toContainText('Push-up');
  // A page that is gone and comes back stands at the same set.
  await phone.reload();
  await toFloor(phone);
  await expect(heading(phone)).toContainText('Push-up');
  for (let sets = 0; sets < 8 && !(await heading(phone).innerText()).includes('Defensive slide'); sets++) {
    await phone.getByRole('button', { name: 'Leave out' }).click();
    await phone.getByRole('button', { name: 'No time' }).click();
    await phone.waitForTimeout(300);
  }
  await tapFloor(phone);
  await tapFloor(phone);
  await expect(phone.locator('[data-round-part]')).toHaveText(/Work/);
  await expect.poll(heard).toMatch(/Go\. Work: shuffle, jump, brace/);
  await guest.leave();
  await context.close();
});

test('how far it went and which side was better are asked for at the end, and read by the coach', async ({
  page,
  browser,
}) => {
  await signIn(page);
  const guest = await guestWithSession(page, 'Guest of reach', reachingDraft);
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const phone = await context.newPage();
  // The words of the session come with the page: they stand before any script runs.
  await context.route('**/assets/*.js', (route) => route.abort());
  await phone.goto(guest.link);
  await expect(phone.getByText('Half-kneeling ankle mobilisation')).toBeVisible();
  await expect(phone.getByText('1 × 3 each side')).toBeVisible();
  await context.unroute('**/assets/*.js');
  await phone.reload();
  await toFloor(phone);
  await expect(phone.locator('#first')).toHaveCount(0);
  await doOneSet(phone);
  await doOneSet(phone);
  const finish = phone.getByRole('button', { name: 'Finish', exact: true });
  await expect(phone.getByRole('heading', { name: 'How was it?' })).toBeVisible();
  await phone.getByRole('radio', { name: 'How hard 2' }).click();
  await phone.getByRole('button', { name: 'Right', exact: true }).click();
  const reach = phone.getByRole('group', { name: 'Knee to the wall, cm' });
  await reach.getByLabel('left').fill('90');
  await expect(reach.getByRole('alert')).toHaveText('Centimetres, 0 to 30');
  await expect(finish).toBeDisabled();
  await reach.getByLabel('left').fill('7,5');
  await reach.getByLabel('right').fill('10');
  await finish.click();
  await expect(phone.getByText('Your coach has everything')).toBeVisible();

  await page.goto(`/returned/${guest.sessionId}`);
  await expect(page.getByText('The right side went better.')).toBeVisible();
  await expect(page.getByText('Knee to the wall, left: 7.5 cm')).toBeVisible();
  await expect(page.getByText('Knee to the wall, right: 10 cm')).toBeVisible();
  await guest.leave();
  await context.close();
});
