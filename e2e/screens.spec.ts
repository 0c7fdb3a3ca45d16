import { expect, test } from '@playwright/test';
import { accessible, begin, emptySet, pass, readDemo, rows, saved, voicesReady, words } from './steps.ts';

const VOICE = { name: 'maud', pace: 1, pitch: 0, tone: 'plain', pauses: 1 };

const DELIVERY = {
  id: 'x',
  kind: 'mp4',
  format: null,
  height: 480,
  captions: true,
  language: null,
  loudness: -14,
  name: '',
};

test('every screen and pass meets WCAG 2.2 AA as far as axe can tell', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Pieces' })).toBeVisible();
  await expect(page.locator('.piece-card').first()).toBeVisible();
  await accessible(page, 'desk');
  await page.goto('/licences');
  await accessible(page, 'licences');
  await page.goto('/begin/article');
  await page.getByRole('button', { name: 'a script', exact: true }).click();
  await expect(page.getByText(/^A script of \d+ words: 14 scenes/)).toBeVisible();
  await accessible(page, 'a script on the sheet');
  await begin(page);
  await voicesReady(page);
  await accessible(page, 'words');
  for (const name of ['Pictures', 'Voice', 'Music'] as const) {
    await pass(page, name);
    await page.waitForLoadState('networkidle');
    await accessible(page, name);
  }
  await page.getByRole('button', { name: 'Render', exact: true }).click();
  await accessible(page, 'render');
});

test('on a narrow screen every screen and pass can be used, and meets WCAG 2.2 AA as far as axe can tell', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const fits = async (where: string) => {
    // What has just come may still be sliding in.
    await expect
      .poll(() => page.evaluate(() => document.documentElement.scrollWidth), where)
      .toBeLessThanOrEqual(390);
    await accessible(page, where);
  };
  await page.goto('/');
  await expect(page.locator('.piece-card').first()).toBeVisible();
  await fits('desk, narrow');
  for (const path of ['osierwick-courier/toll-house', 'lanternworks/wick-no-3']) {
    await readDemo(page, path);
    await expect(page.locator('.scene-line__picture img').first()).toBeVisible({ timeout: 30_000 });
    await fits(`${path}, narrow`);
  }
  await emptySet(page);
  await fits('photo set, narrow');
  await begin(page);
  await voicesReady(page);
  await fits('words, narrow');
  await words(page, 2).fill('The miller kneads the dough at dawn.');
  await pass(page, 'Pictures');
  const other = page.getByRole('button', { name: /^Use “.*” for scene 2$/ }).first();
  const name = (await other.getAttribute('aria-label'))?.replace(/^Use “(.*)” for scene 2$/, '$1') ?? '';
  await other.click();
  await expect(page.getByRole('button', { name: `Pictures for scene 2, now: ${name}` })).toBeVisible();
  await fits('pictures, narrow');
  for (const rest of ['Voice', 'Music'] as const) {
    await pass(page, rest);
    await fits(`${rest}, narrow`);
  }
  await page.getByRole('button', { name: 'Render', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Start the render' })).toBeVisible();
  await fits('render, narrow');
});

test('at 1280x800 seven rows of words and four of pictures are seen whole, and the tools without scrolling', async ({
  page,
}) => {
  await page.addInitScript(() => localStorage.setItem('nabbet-hints', '["play","pictures","render"]'));
  await page.goto('/');
  await page.getByText('The bench that mends anything').first().click();
  await expect(rows(page).first()).toBeVisible();
  await voicesReady(page);
  const whole = () =>
    page.getByLabel('Sheet', { exact: true }).evaluate((sheet) => {
      const room = sheet.getBoundingClientRect();
      return [...sheet.querySelectorAll('article')].filter((row) => {
        const box = row.getBoundingClientRect();
        return box.top >= room.top && box.bottom <= room.bottom;
      }).length;
    });
  const overflow = () => page.locator('.tools').evaluate((tools) => tools.scrollHeight - tools.clientHeight);
  await expect.poll(whole).toBeGreaterThanOrEqual(7);
  expect(await overflow()).toBeLessThanOrEqual(0);
  await pass(page, 'Pictures');
  await expect(page.getByRole('button', { name: 'Nab pictures' })).toBeVisible();
  await expect.poll(whole).toBeGreaterThanOrEqual(4);
  for (const name of ['Voice', 'Music'] as const) {
    await pass(page, name);
    await expect(page.locator('.tools .ant-radio-wrapper, .tools .voices__row').first()).toBeVisible();
    expect(await overflow(), name).toBeLessThanOrEqual(0);
  }
});

test('all actions, all keys, the menu of a scene, and rooms that are given more space', async ({ page }) => {
  await begin(page);
  await page.keyboard.press('Control+k');
  await accessible(page, 'all actions');
  await page.keyboard.type('move down');
  await page.keyboard.press('Enter');
  await expect(words(page, 2)).toHaveValue('A small test of a big thing');
  await page.locator('.strip__head').focus();
  await page.keyboard.press('Shift+?');
  await expect(page.getByRole('region', { name: 'All keys' })).toBeVisible();
  await accessible(page, 'all keys');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('region', { name: 'All keys' })).toHaveCount(0);
  await page.keyboard.press('2');
  await expect(page.getByRole('button', { name: 'Nab pictures' })).toBeVisible();
  await page.keyboard.press('1');

  await rows(page).nth(3).locator('.row__number').click({ button: 'right' });
  await page.getByRole('menuitem', { name: /^Duplicate/ }).click();
  await expect(rows(page)).toHaveCount(6);
  await page.locator('.strip__scene').nth(5).click({ button: 'right' });
  // The menu of before may still be going.
  await page
    .getByRole('menuitem', { name: /^Delete/ })
    .last()
    .click();
  await expect(rows(page)).toHaveCount(5);

  // A border is moved by its keys, and stands there after a reload.
  const border = page.getByRole('separator', { name: 'Width of the tools' });
  const width = () => page.locator('.tools').evaluate((e) => e.getBoundingClientRect().width);
  const before = await width();
  await border.focus();
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowLeft');
  const after = await width();
  expect(after).toBeGreaterThan(before + 20);
  await page.getByRole('button', { name: /^Fold the strip/ }).click();
  await expect(page.locator('.strip__words').first()).toBeHidden();
  await saved(page);
  await page.reload();
  await expect(rows(page)).toHaveCount(5);
  expect(Math.abs((await width()) - after)).toBeLessThan(3);
  await expect(page.locator('.strip__words').first()).toBeHidden();
});

test('wrong addresses and wrong requests get an answer that says what to do', async ({ page, request }) => {
  await page.goto('/piece/nothing-here');
  await expect(page.getByText('This piece cannot be opened')).toBeVisible();
  await page.goto('/no-such-page');
  await expect(page.getByRole('heading', { name: 'There is nothing at this address' })).toBeVisible();
  for (const [url, data, status] of [
    ['/api/pieces', { script: '   ', split: 'line', format: '9:16', voice: 'maud', mood: null }, 422],
    ['/api/pieces', { script: 'x', split: 'word', format: '9:16', voice: 'maud', mood: null }, 400],
    ['/api/takes', { text: '🙂', voice: VOICE, says: [], recorded: null }, 422],
    ['/api/takes', { text: 'x', voice: { ...VOICE, name: 'nobody' }, says: [], recorded: null }, 422],
    ['/api/renders', { pieceId: 'none', deliveries: [DELIVERY] }, 404],
    ['/api/renders', { pieceId: 'none', deliveries: [{ ...DELIVERY, height: 481 }] }, 400],
  ] as const) {
    const answer = await request.post(url, { data });
    expect(answer.status(), `${url} ${JSON.stringify(data)}`).toBe(status);
    expect((await answer.json()).error).toBeTruthy();
  }
  expect(
    (
      await request.post('/api/pieces', { data: {}, headers: { origin: 'https://elsewhere.example' } })
    ).status(),
  ).toBe(403);
  for (const url of [
    '/media/takes/..%2f..%2fdb-password',
    '/media/tracks/x',
    '/media/shelf/..%2fx/wide',
    '/media/renders/x',
  ])
    expect((await request.get(url)).status()).toBe(404);
});

test('a long script is a sheet of 200 rows that can still be typed in', async ({ page }) => {
  await begin(
    page,
    Array.from(
      { length: 200 },
      (_, i) => `Line ${i} of the long piece speaks of boats, bread and lanterns.`,
    ).join('\n'),
  );
  await expect(rows(page)).toHaveCount(200, { timeout: 60_000 });
  // Rows out of sight hold their words only.
  await expect(rows(page).nth(149)).toContainText('Line 149 of the long piece');
  await rows(page).nth(149).scrollIntoViewIfNeeded();
  await words(page, 150).click();
  await words(page, 150).press('End');
  await words(page, 150).pressSequentially(' And more.');
  await expect(words(page, 150)).toHaveValue(/lanterns\. And more\.$/);
});

test('a narrow screen can look at a piece', async ({ page }) => {
  const id = await begin(page);
  await page.setViewportSize({ width: 390, height: 800 });
  await page.goto(`/piece/${id}`);
  await expect(page.locator('.monitor canvas')).toBeInViewport();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(392);
});
