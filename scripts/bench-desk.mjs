import { deskPage, spread } from './bench-browser.mjs';

const whyNots = [
  'Nordic lowering',
  'Side plank',
  'Wall push-up',
  'Split squat',
  'Dead bug',
  'Bent row',
  'Pogo jumps',
  'Single-leg bridge',
  'Pike push-up',
  'Copenhagen side plank',
  'Goblet squat',
  'Bear crawl',
  'Wall sit',
  'Squat jump',
];
/** The first answer warms the worker up and is not counted. */
const asked = 11;
/** Somebody with a full rack, so that there is most to choose from. */
const athleteName = 'Tove Aas';

/** From a key, in the page itself, to the first time that `seen` finds something there, ms. */
async function fromKey(page, key, seen, argument) {
  await page.evaluate(
    ([source, given]) => {
      // biome-ignore lint/security/noGlobalEval: the question comes from this file
      const isSeen = eval(source);
      window.waited = new Promise((resolve, reject) => {
        setTimeout(() => reject(new Error('was not seen in 20 s')), 20_000);
        let start;
        const look = () => {
          if (start === undefined || !isSeen(given)) return;
          observer.disconnect();
          resolve(performance.now() - start);
        };
        const observer = new MutationObserver(look);
        observer.observe(document.body, { subtree: true, childList: true, characterData: true, attributes: true });
        const begin = () => {
          start = performance.now();
        };
        addEventListener('keydown', begin, { capture: true, once: true });
      });
    },
    [`(${seen})`, argument],
  );
  await page.keyboard.press(key);
  return page.evaluate(() => window.waited);
}

const rowsSeen = () => document.querySelector('[data-row]') !== null;
const answered = (name) =>
  [...document.querySelectorAll('[role="status"]')].some(
    (status) => status.textContent.startsWith(name) && !status.textContent.includes('Weighing'),
  );
const refusalSeen = (minutes) => document.body.textContent.includes(`into ${minutes} minutes and the limits`);

async function openAthlete(page) {
  await page.getByPlaceholder('Type a name, Enter opens').fill(athleteName);
  await page.keyboard.press('Enter');
  await page.getByRole('heading', { level: 1, name: athleteName }).waitFor();
}

async function toDay(page, day) {
  await page.getByLabel('Day').fill(day);
  await page.getByText('No session on').waitFor();
  await page.locator('body').click({ position: { x: 640, y: 780 } });
}

const stopLooking = async (page) => {
  await page.getByText('still improving').waitFor();
  await page.keyboard.press('Escape');
  await page.getByText('still improving').waitFor({ state: 'detached' });
};

/** From a key press to the next paint for each letter typed while a proof is worked on, ms, as the browser itself measures events. */
async function typingWhileProving(page) {
  await page.getByText('still improving').waitFor();
  await page.evaluate(() => {
    window.eventTimes = [];
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) if (entry.name === 'keydown') window.eventTimes.push(entry.duration);
    }).observe({ type: 'event', durationThreshold: 16, buffered: false });
  });
  await page.keyboard.press('?');
  const letters = 'split squat slow';
  for (const letter of letters) await page.keyboard.type(letter, { delay: 40 });
  const proving = await page.getByText('still improving').count();
  if (!proving) throw new Error('the proof ended before the typing did');
  await page.waitForTimeout(200);
  // What took less than 16 ms is not told.
  const told = await page.evaluate(() => window.eventTimes);
  return [...told, ...Array.from({ length: Math.max(0, letters.length - told.length) }, () => 16)];
}

/** Composing, why-nots, a refused brief, and typing meanwhile, as the coach sees them. */
export async function deskTimes(serverUrl) {
  const { browser, page } = await deskPage(serverUrl);
  await openAthlete(page);
  await toDay(page, '2027-03-01');
  const first = [await fromKey(page, 'c', rowsSeen)];
  const typing = await typingWhileProving(page);
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+a');
  await page.keyboard.press('Delete');
  await page.locator('body').click({ position: { x: 640, y: 780 } });
  await page.keyboard.press('Escape');
  const there = await page
    .locator('[data-row] [data-name]')
    .evaluateAll((names) => names.map((n) => n.firstChild.textContent.trim()));
  const answers = [];
  for (const typed of whyNots) {
    if (answers.length === asked) break;
    await page.keyboard.press('?');
    await page.keyboard.type(typed);
    const option = page.getByRole('listbox').getByRole('option').first();
    await option.waitFor();
    const name = (await option.innerText()).trim();
    if (!there.includes(name)) answers.push(await fromKey(page, 'Enter', answered, name));
    await page.keyboard.press('Control+a');
    await page.keyboard.press('Delete');
    await page.locator('body').click({ position: { x: 640, y: 780 } });
  }
  for (const day of ['2027-03-02', '2027-03-03', '2027-03-04']) {
    await toDay(page, day);
    await page.waitForTimeout(50);
    first.push(await fromKey(page, 'c', rowsSeen));
    await stopLooking(page);
  }
  await toDay(page, '2027-03-05');
  await page.getByLabel('At least in prevention').fill('6');
  const relaxed = [];
  for (const minutes of ['5', '6', '7', '8']) {
    await page.getByLabel('Minutes', { exact: true }).fill(minutes);
    await page.locator('body').click({ position: { x: 640, y: 780 } });
    // What was composed ahead for the day as it was opened is over when somebody has typed so much.
    await page.waitForTimeout(1500);
    relaxed.push(await fromKey(page, 'c', refusalSeen, minutes));
  }
  await browser.close();
  const line = (values) => ({
    times: values.length,
    'median ms': spread(values).median,
    'longest ms': spread(values).longest,
  });
  return {
    'first session on opening a day': line(first),
    'a letter to the next paint while proving': line(typing),
    'why not, answered, warm': line(answers.slice(1)),
    'what must give of a refused brief': line(relaxed),
  };
}

const squadSize = 31;

/** The seconds in which a session is adapted for thirty, and how much of it they keep. */
export async function squadSeconds(serverUrl) {
  const { browser, page } = await deskPage(serverUrl);
  await page.evaluate(
    async ([size, name]) => {
      const ask = async (path, body) => {
        const response = await fetch(`/api${path}`, {
          method: body ? 'POST' : 'GET',
          credentials: 'same-origin',
          ...(body ? { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } } : {}),
        });
        if (!response.ok) throw new Error(await response.text());
        return response.json();
      };
      const { squads, athletes } = await ask('/squads');
      const squad = squads.find((s) => s.id === athletes.find((a) => a.name === name).squadId);
      const members = athletes.filter((a) => a.squadId === squad.id);
      const briefs = await Promise.all(members.map((a) => ask(`/athletes/${a.id}`)));
      for (let n = members.length; n < size; n++) {
        const { brief } = briefs[n % briefs.length];
        const { athlete, kit, minutes, aim, houseRules, sport } = brief;
        const { heightCm, massKg, born, sex, level, dominantSide } = athlete;
        const body = { heightCm: heightCm + (n % 5), massKg: massKg + (n % 7), born, sex, level, dominantSide };
        await ask('/athletes', {
          name: `Member ${n}`,
          squadId: squad.id,
          role: sport.role,
          athlete: body,
          kit,
          minutes,
          aim,
          houseRules,
        });
      }
    },
    [squadSize, athleteName],
  );
  await page.reload();
  await openAthlete(page);
  await toDay(page, '2027-03-08');
  await page.keyboard.press('c');
  await page.locator('[data-row]').first().waitFor();
  await stopLooking(page);
  await page.getByText('saved', { exact: true }).waitFor();
  const start = Date.now();
  await page.getByRole('link', { name: 'Plan for the whole squad' }).click();
  await page.getByText(`${squadSize - 1} of ${squadSize - 1} adapted`).waitFor({ timeout: 120_000 });
  const seconds = (Date.now() - start) / 1000;
  const kept = await page
    .locator('[data-squad-row] td:nth-child(2)')
    .evaluateAll((cells) => cells.map((c) => Number.parseInt(c.textContent, 10)));
  await browser.close();
  const sorted = kept.sort((a, b) => a - b);
  return [
    {
      athletes: kept.length,
      seconds: Number(seconds.toFixed(1)),
      'kept at least %': sorted[0],
      'median %': sorted[sorted.length >> 1],
    },
  ];
}

/** The seconds in which the season of a squad is laid for each of its members, and in which one fixture moved lays the squad's own anew. */
export async function seasonSeconds(serverUrl) {
  const { browser, page } = await deskPage(serverUrl);
  await openAthlete(page, athleteName);
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('g');
  await page.keyboard.press('s');
  await page
    .getByRole('main')
    .getByRole('link', { name: /seniors/ })
    .click();
  await page.locator('[data-week]').first().waitFor();
  await page.getByText('calculating …').waitFor({ state: 'detached' });
  const fixture = page.getByRole('button', { name: /^Fixture: Vestøy/ });
  await fixture.focus();
  const moved = Date.now();
  await page.keyboard.press('Shift+ArrowLeft');
  await page.locator('[data-moves]').waitFor();
  const movedMs = Date.now() - moved;
  await page.getByRole('tab', { name: 'Squad' }).click();
  const members = await page.locator('[data-member]').count();
  const start = Date.now();
  await page.getByRole('button', { name: 'Schedule each athlete' }).click();
  await page.getByText(`${members} of ${members} scheduled`).waitFor({ timeout: 120_000 });
  const seconds = (Date.now() - start) / 1000;
  await browser.close();
  return [{ members, seconds: Number(seconds.toFixed(2)), 'a fixture moved, ms': movedMs }];
}
