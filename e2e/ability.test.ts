import AxeBuilder from '@axe-core/playwright';
import { expect, type Page, test } from '@playwright/test';
import { openAthlete, openPhone, send, signIn, tapFloor, toFloor } from './desk';

test.describe.configure({ mode: 'serial' });

/** Opens the bench of an athlete by its key, and waits until every exercise has been measured. */
async function openBench(page: Page, name: string): Promise<void> {
  await signIn(page);
  await openAthlete(page, name);
  await page.getByRole('heading', { level: 1, name }).click();
  await page.keyboard.press('b');
  await expect(page.getByText(/movement patterns; heavy enough/)).toBeVisible({ timeout: 30_000 });
}

const heavyPatterns = async (page: Page) =>
  Number((await page.getByText(/maximal strength in/).innerText()).match(/strength in (\d+)/)?.[1]);
const saved = (page: Page) => expect(page.getByText('saved', { exact: true })).toBeVisible();

test('the bench says what can be trained today; more kit brings more in reach, undo takes it back', async ({
  page,
}) => {
  await openBench(page, 'Mira Holm');
  const before = await heavyPatterns(page);
  const kit = page.getByLabel('Add equipment');
  await kit.fill('9 kg dumbbell, 11 kg dumbbell, 14 kg dumbbell, 18 kg dumbbell, 60 kg barbell, 900 kg dumbbell');
  await kit.press('Enter');
  await expect(
    page.getByRole('alert').filter({ hasText: '900kg: expected more than 0 and at most 200 kg' }),
  ).toBeVisible();
  await expect(page.getByText('barbell 60 kg', { exact: true })).toBeVisible();
  await expect(page.locator('[data-kit-bench]').getByText('60 kg', { exact: true })).toBeVisible();
  await expect.poll(() => heavyPatterns(page), { timeout: 30_000 }).toBeGreaterThan(before);
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => heavyPatterns(page), { timeout: 30_000 }).toBe(before);
  await expect(page.getByText('barbell 60 kg', { exact: true })).toHaveCount(0);
  await saved(page);
});

test('a pattern opens to its exercises; where the load is too light it is said, with honest ways that can be typed', async ({
  page,
}) => {
  await openBench(page, 'Mira Holm');
  const pattern = page.locator('[data-pattern]').filter({ hasText: 'endurance' }).first();
  await pattern.click();
  const aside = page.getByRole('complementary', { name: 'Chosen pattern' });
  await expect(aside.getByText(/is \d+ % of max: too light for maximal strength/)).toBeVisible({ timeout: 120_000 });
  await expect(aside.getByText('Overload alternatives')).toBeVisible();
  await expect(aside.locator('code').first()).toHaveText(/^\dx\d+s?(\/side)?/);
  const second = aside.getByRole('button').nth(1);
  const name = (await second.locator('span.truncate').first().innerText()).trim();
  await second.click();
  await expect(aside.getByRole('heading', { level: 3 })).toHaveText(name);
});

test('a band is measured: wrong readings are refused with why, right ones make its curve, from the scale too', async ({
  page,
}) => {
  await openBench(page, 'Ines Vold');
  const bench = page.locator('[data-kit-bench]');
  await expect(bench.getByText(/Typical for this label: 25 N at twice its length, ±40 %/)).toBeVisible();
  await bench.getByRole('button', { name: 'Measure', exact: true }).last().click();
  await page.getByLabel('Slack length, cm').fill('100');
  const readings = page.getByLabel('Readings');
  const keep = page.getByRole('button', { name: 'Save the curve' });
  const refused = (words: string) => expect(bench.getByRole('alert').filter({ hasText: words })).toBeVisible();
  await readings.fill('150 cm 20 N, 200 cm 34 N');
  await keep.click();
  await refused('a curve needs 3');
  await readings.fill('150 cm 20 N, 200 cm 12 N, 250 cm 40 N');
  await keep.click();
  await refused('a band pulls more the longer it is');
  await readings.fill('150 cm, hard');
  await keep.click();
  await refused('expected a length and a force');

  await readings.fill('150 cm 20 N, 250 cm 47 N');
  await page.getByRole('button', { name: 'Connect a hanging scale' }).click();
  const scale = page.getByLabel('Scale reads');
  await page.getByLabel('Length now, cm').fill('200');
  await expect(scale).toHaveText(/^3[78]\.\d N$/, { timeout: 120_000 });
  await page.getByLabel('Length now, cm').press('Enter');
  await expect(readings).toHaveValue(/, 200 cm 3[78]\.?\d* N$/);
  await keep.click();
  await expect(bench.getByText(/Measured: 3\d N at twice its length/)).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(bench.getByText(/Measured:/)).toHaveCount(0);
  await saved(page);
});

test('tests are read as they are typed, or refused; noise is not called progress; the mat counts jumps', async ({
  page,
}) => {
  await openBench(page, 'Ines Vold');
  await page.locator('body').click({ position: { x: 900, y: 780 } });
  await page.keyboard.press('3');
  const row = (name: string) => page.locator('tbody tr').filter({ hasText: name });
  await expect(row('Push-ups to form failure')).toContainText('within measurement error');
  await expect(row('Countermovement jump')).toContainText('higher than last time');
  await expect(row('Side plank')).toContainText('left 82 %');
  await expect(page.getByText('out of range: target under 1.00')).toBeVisible();

  await row('Push-ups to form failure').click();
  const aside = page.getByRole('complementary', { name: 'Chosen test' });
  await page.getByLabel('Result', { exact: true }).fill('twenty');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(aside.getByRole('alert')).toContainText('expected repetitions such as 22');
  await page.getByLabel('Result', { exact: true }).fill('31');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(aside.getByText(/Since last time \+12: a real gain/)).toBeVisible();
  await expect(row('Push-ups to form failure')).toContainText('higher than last time');
  await page.getByLabel('Result', { exact: true }).fill('31');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(aside.locator('li').filter({ hasText: '31' })).toHaveCount(1);

  await row('Countermovement jump').click();
  await page.getByRole('button', { name: 'Connect a contact mat' }).click();
  await expect(page.getByLabel('Result', { exact: true })).toHaveValue(/^0\.4\d+ s$/, { timeout: 120_000 });
  await page.getByRole('button', { name: 'Stop' }).click();

  // Joint strength has learnt from it, and what was kept is there after a reload.
  await saved(page);
  await page.reload();
  await expect(row('Push-ups to form failure')).toContainText('31');
  await page.keyboard.press('2');
  const elbow = page.locator('[data-joint="elbow extension"]');
  await expect(elbow).not.toContainText('guess');
  await page.keyboard.press('3');
  await row('Push-ups to form failure').click();
  await aside.locator('li').filter({ hasText: '31' }).getByRole('button', { name: 'delete' }).click();
  await saved(page);
});

test('the athlete says what was left after a set; the bench has learnt from it', async ({ page, browser }) => {
  await signIn(page);
  await openAthlete(page, 'Aksel Vik');
  const link = await send(page);
  const { phone, context } = await openPhone(browser, link);
  await toFloor(phone);
  const tap = () => tapFloor(phone);
  const question = phone.getByRole('group', { name: 'How many more could you have done?' });
  const told = question.getByRole('button', { name: '2', exact: true });
  const logs = phone.waitForResponse(
    (r) => r.url().includes('/logs') && r.request().postData()?.includes('"reserve":2') === true,
  );
  // Through the warm-up, then through some sets of main work.
  for (let taps = 0, asked = 0; taps < 90 && asked < 10; taps++) {
    if (await question.isVisible()) {
      asked++;
      for (let i = 0; i < 3; i++) await phone.getByRole('button', { name: 'One more' }).click();
      await told.click();
      await expect(told).toHaveAttribute('aria-pressed', 'true');
    }
    await tap();
    await phone.waitForTimeout(100);
  }
  expect((await logs).ok()).toBe(true);
  await context.close();

  await page.goto('/');
  await openBench(page, 'Aksel Vik');
  await page.keyboard.press('2');
  await expect(
    page
      .getByRole('main')
      .getByText(/last Wed 9 Dec/)
      .first(),
  ).toBeVisible();
});

test('the bench is accessible in each of its views', async ({ page }) => {
  await openBench(page, 'Ines Vold');
  for (const key of ['1', '2', '3']) {
    await page.keyboard.press(key);
    await page.waitForTimeout(400);
    const { violations } = await new AxeBuilder({ page }).analyze();
    expect(violations.map((v) => `${v.id}: ${v.nodes[0]?.target}`)).toEqual([]);
  }
});
