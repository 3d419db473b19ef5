import { gzipSync } from 'node:zlib';
import { chromium } from '@playwright/test';

/** A cheap phone on a slow line: a processor four times slower, 1.6 Mbit/s with 150 ms there and back. */
const slow = { cpu: 4, latency: 150, down: (1.6 * 1024 * 1024) / 8, up: (0.75 * 1024 * 1024) / 8 };
const runs = 5;

/** Milliseconds to the first words of a page, and the script that was fetched until then, KB as it goes over the line. */
async function firstWords(browser, url, words) {
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
  const before = [...scripts];
  const painted = await page.evaluate(() =>
    performance.getEntriesByName('first-contentful-paint').map(({ startTime }) => startTime),
  );
  const scriptKb = (await Promise.all(before)).reduce((sum, size) => sum + size, 0) / 1024;
  await context.close();
  return { paintMs: painted[0] ?? wordsMs, wordsMs, scriptKb };
}

const median = (values) => [...values].sort((a, b) => a - b)[values.length >> 1];

/** First paint and first words of the athlete's page, as ratios to a page of the same server that holds nothing. */
export async function phoneTimes(serverUrl, token) {
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  });
  const [empty, phone] = [[], []];
  for (let i = 0; i < runs; i++) {
    empty.push(await firstWords(browser, `${serverUrl}/api/alive`, 'alive'));
    phone.push(await firstWords(browser, `${serverUrl}/a/${token}`, /^(Hi|Well done|Nothing for today|Not today)/));
  }
  await browser.close();
  const of = (all, key) => median(all.map((one) => one[key]));
  const base = of(empty, 'paintMs');
  return ['paintMs', 'wordsMs'].map((key) => ({
    what: key === 'paintMs' ? 'first paint' : "today's session in words",
    ms: Math.round(of(phone, key)),
    ofEmptyPage: Number((of(phone, key) / base).toFixed(2)),
    ...(key === 'paintMs' ? {} : { scriptKb: Math.round(of(phone, 'scriptKb')) }),
  }));
}
