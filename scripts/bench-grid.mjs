import { deskPage, spread } from './bench-browser.mjs';

/**
 * Scrolls the whole figure grid of the library in a real browser, a step a frame, and tells how long frames took, ms.
 */
export async function gridFrames(serverUrl) {
  const { browser, page } = await deskPage(serverUrl);
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
    const { median, longest } = spread(frames);
    const over = frames.filter((f) => f > 50).length;
    return { frames: frames.length, 'median ms': median, 'longest ms': longest, 'over 50 ms': over };
  };
  return { 'first time through': of(first), 'second time': of(again) };
}
