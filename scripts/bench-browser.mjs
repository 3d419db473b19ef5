import { chromium } from '@playwright/test';

/** A page of the desk in a real browser, signed in as the demo's coach. */
export async function deskPage(serverUrl) {
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  });
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
  await page.goto(`${serverUrl}/sign-in`);
  await page.fill('#email', 'coach@skarvoy.example');
  await page.fill('#password', 'hall closed');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.getByRole('heading', { name: 'Squads' }).waitFor();
  return { browser, page };
}

export function spread(values) {
  const sorted = [...values].sort((a, b) => a - b);
  return { median: Number(sorted[sorted.length >> 1].toFixed(1)), longest: Number(sorted.at(-1).toFixed(1)) };
}

/** Milliseconds of the same plain arithmetic in this process: how fast the machine is just now. */
export function paceOfMachine() {
  const start = performance.now();
  let sum = 0;
  for (let i = 0; i < 1e8; i++) sum += i % 7;
  return sum > 0 ? Math.round(performance.now() - start) : 0;
}
