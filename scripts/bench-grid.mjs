import { chromium } from '@playwright/test';

/**
 * Scrolls the whole figure grid of the library in a real browser, a step a frame, and tells how long frames took, ms.
 */
export async function gridFrames(serverUrl) {
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
  await page.goto(`${serverUrl}/library`);
  await page.locator('[data-cell]').first().waitFor();
  const scroll = () =>
    page.evaluate(
      () =>
        new Promise((done) => {
          const grid = document.querySelector('[data-grid]');
          const frames = [];
          let before = performance.now();
          grid.scrollTop = 0;
          const step = (now) => {
            frames.push(now - before);
            before = now;
            grid.scrollTop += 60;
            if (grid.scrollTop + grid.clientHeight < grid.scrollHeight - 1) requestAnimationFrame(step);
            else done(frames.slice(2));
          };
          requestAnimationFrame(step);
        }),
    );
  const first = await scroll();
  const again = await scroll();
  await browser.close();
  const of = (frames) => {
    const sorted = [...frames].sort((a, b) => a - b);
    return {
      frames: frames.length,
      'median ms': Number(sorted[Math.floor(sorted.length / 2)].toFixed(1)),
      'longest ms': Number(sorted.at(-1).toFixed(1)),
      'over 50 ms': frames.filter((f) => f > 50).length,
    };
  };
  return { 'first time through': of(first), 'second time': of(again) };
}
