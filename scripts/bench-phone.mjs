import { gzipSync } from 'node:zlib';
import { chromium } from '@playwright/test';

/** A cheap phone on a slow line: a processor four times slower, 1.6 Mbit/s with 150 ms there and back. */
const slow = { cpu: 4, latency: 150, down: (1.6 * 1024 * 1024) / 8, up: (0.75 * 1024 * 1024) / 8 };
const runs = 5;

/** Milliseconds to first paint, to the words and to where it answers; and the script that was fetched until then, KB as it goes over the line. */
async function timesOf(browser, url, words, answers) {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' });
  const page = await context.newPage();
  const line = await context.newCDPSession(page);
  await line.send('Network.enable');
  await line.send('Emulation.setCPUThrottlingRate', { rate: slow.cpu });
  const { latency, down, up } = slow;
  await line.send('Network.emulateNetworkConditions', {
    ...{ offline: false, latency, downloadThroughput: down, uploadThroughput: up },
  });
  const scripts = [];
  page.on('response', async (response) => {
    if (response.url().endsWith('.js'))
      scripts.push(
        response.body().then(
          (body) => gzipSync(body).length,
          () => 0,
        ),
      );
  });
  const started = Date.now();
  await page.goto(url, { waitUntil: 'commit' });
  await page.getByText(words).first().waitFor();
  const wordsMs = Date.now() - started;
  if (answers) await page.locator(answers).first().waitFor();
  const answersMs = Date.now() - started;
  const before = [...scripts];
  const painted = await page.evaluate(() =>
    performance.getEntriesByName('first-contentful-paint').map(({ startTime }) => startTime),
  );
  const scriptKb = (await Promise.all(before)).reduce((sum, size) => sum + size, 0) / 1024;
  await context.close();
  return { paintMs: painted[0] ?? wordsMs, wordsMs, answersMs, scriptKb };
}

const median = (values) => [...values].sort((a, b) => a - b)[values.length >> 1];

const told = { paintMs: 'first paint', wordsMs: "today's session in words", answersMs: 'page answers' };

/** First paint, first words and first answer of the athlete's page, as ratios to a page of the same server that holds nothing. */
export async function phoneTimes(serverUrl, token) {
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  });
  const [empty, phone] = [[], []];
  const words = /^(Hi|Well done|Nothing for today|Not today)/;
  for (let i = 0; i < runs; i++) {
    empty.push(await timesOf(browser, `${serverUrl}/api/alive`, 'alive'));
    phone.push(await timesOf(browser, `${serverUrl}/a/${token}`, words, '#root h1'));
  }
  await browser.close();
  const of = (all, key) => median(all.map((one) => one[key]));
  const base = of(empty, 'paintMs');
  return Object.entries(told).map(([key, what]) => ({
    what,
    ms: Math.round(of(phone, key)),
    ofEmptyPage: Number((of(phone, key) / base).toFixed(2)),
    ...(key === 'answersMs' ? { scriptKb: Math.round(of(phone, 'scriptKb')) } : {}),
  }));
}
