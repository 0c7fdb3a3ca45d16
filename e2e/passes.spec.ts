import { expect, test } from '@playwright/test';
import { begin, pass, rows, saved, stored, voicesReady, words } from './steps.ts';

test('pictures: an alternative in one action, own words in two, and nabbing again leaves own choices alone', async ({
  page,
}) => {
  const id = await begin(page);
  await pass(page, 'Pictures');
  const alternative = rows(page).nth(1).locator('.frame--small').first();
  const name = /Use “(.*)” for/.exec((await alternative.getAttribute('aria-label')) ?? '')?.[1] ?? 'none';
  await alternative.click();
  await expect(
    rows(page)
      .nth(1)
      .getByRole('button', { name: `Pictures for scene 2, now: ${name}` }),
  ).toBeVisible();
  await expect(rows(page).nth(1)).toContainText('Your choice');

  await rows(page).nth(3).getByRole('textbox', { name: /Words/ }).click();
  await page.getByLabel('Search a picture for scene 4').fill('an umbrella in the rain');
  await page
    .getByRole('list', { name: 'Pictures found' })
    .getByRole('button', { name: /^Use “Walking the dog in the rain/ })
    .click();
  await expect(
    rows(page)
      .nth(3)
      .getByRole('button', { name: /now: Walking the dog in the rain/ }),
  ).toBeVisible();

  await words(page, 3).fill('Coins fall into a jar.');
  await page.getByRole('button', { name: 'Nab pictures' }).click();
  await saved(page);
  const scenes = (await stored(page, id)).piece.scenes;
  expect(scenes[3].pictures[0]).toMatchObject({ assetId: 'dog-walk-rain', by: 'writer' });
  expect(scenes[1].pictures[0].by).toBe('writer');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(rows(page)).toHaveCount(5);
});

test('a picture is dragged from the results onto a row', async ({ page }) => {
  await begin(page);
  await pass(page, 'Pictures');
  await words(page, 1).click();
  await page.getByLabel('Search a picture for scene 1').fill('clock');
  const clock = page
    .getByRole('list', { name: 'Pictures found' })
    .getByRole('button', { name: /^Use “A clock, close up/ });
  await clock.dragTo(rows(page).nth(1).locator('.row__picture'));
  await expect(
    rows(page)
      .nth(1)
      .getByRole('button', { name: /now: A clock, close up/ }),
  ).toBeVisible();
});

test('voices come one by one; another voice and another pace change the lengths', async ({ page }) => {
  await begin(page);
  await voicesReady(page);
  const length = () => rows(page).locator('.row__time').allTextContents();
  const before = await length();
  await pass(page, 'Voice');
  await expect(rows(page).nth(1).getByRole('img', { name: 'Wave of the voice' })).toBeVisible();
  const heard = page.waitForResponse((r) => r.url().includes('/media/takes/') && r.ok());
  await page.getByRole('button', { name: 'Listen to Bram' }).click();
  await heard;
  await page.getByRole('radio', { name: /Bram/ }).check();
  await voicesReady(page);
  await expect.poll(length).not.toEqual(before);
  await page
    .getByLabel('Spoken words of Scene 2')
    .fill('Something else is said here, and it takes a good deal longer to say.');
  await voicesReady(page);
  await expect
    .poll(async () => Number.parseFloat((await length())[1] ?? '0'))
    .toBeGreaterThan(Number.parseFloat(before[1] ?? '0') + 1);
});

test('a length set by hand holds, and is given back to the voice', async ({ page }) => {
  await begin(page);
  await voicesReady(page);
  await words(page, 4).click();
  await page.getByRole('button', { name: 'Set the length of scene 4' }).click();
  await page.getByLabel('Length of scene 4 in seconds').fill('7.5');
  await expect(rows(page).nth(3).locator('.row__time')).toHaveText('7.5 s');
  await page.getByLabel('Length of scene 4 in seconds').fill('');
  await page.getByLabel('Length of scene 4 in seconds').blur();
  await expect(rows(page).nth(3).locator('.row__time')).not.toHaveText('7.5 s');
});

test('the format changes at any time, and the monitor with it', async ({ page }) => {
  await begin(page);
  const shape = () =>
    page
      .locator('.monitor canvas')
      .evaluate((c) => (c as HTMLCanvasElement).width / (c as HTMLCanvasElement).height);
  expect(await shape()).toBeCloseTo(9 / 16, 2);
  for (const [label, ratio] of [
    ['Wide 16:9', 16 / 9],
    ['Square 1:1', 1],
  ] as const) {
    const option = page.getByTitle(label).last();
    await expect(async () => {
      if (!(await option.isVisible()))
        await page.getByRole('combobox', { name: 'Format' }).click({ force: true });
      await option.click({ timeout: 3000 });
    }).toPass();
    await expect.poll(shape).toBeCloseTo(ratio, 2);
  }
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect.poll(shape).toBeCloseTo(16 / 9, 2);
  // Any other proportions, typed as they are known; what is none is said.
  const format = page.getByRole('combobox', { name: 'Format' });
  await format.fill('1200 x 628');
  await format.press('Enter');
  await expect.poll(shape).toBeCloseTo(1200 / 628, 2);
  await format.fill('broad');
  await expect(page.getByText('Two numbers, like 3:2 or 1200 x 628.')).toBeVisible();
  await format.press('Escape');
  await page.reload();
  await expect.poll(shape).toBeCloseTo(1200 / 628, 2);
});

test('the monitor plays with sound from any scene, and the strip shows scenes, words and music', async ({
  page,
}) => {
  await begin(page);
  await voicesReady(page);
  await pass(page, 'Music');
  await expect(page.getByText('Made to the length of this piece')).toBeVisible({ timeout: 60_000 });
  await expect(page.locator('.strip__scene')).toHaveCount(5);
  const painted = await page.locator('.strip canvas').evaluate((c) => {
    const canvas = c as HTMLCanvasElement;
    const data = canvas.getContext('2d')?.getImageData(0, 0, canvas.width, canvas.height).data ?? [];
    const row = (y: number) =>
      Array.from({ length: canvas.width }, (_, x) => data[(y * canvas.width + x) * 4 + 3] ?? 0).filter(
        (a) => a > 0,
      ).length / canvas.width;
    return { words: row(8), music: row(27) };
  });
  expect(painted.words).toBeGreaterThan(0.2);
  expect(painted.words).toBeLessThan(0.95);
  expect(painted.music).toBeGreaterThan(0.97);
  const frame = async () => Number(await page.locator('.monitor__clock').getAttribute('data-frame'));
  await page.getByRole('button', { name: 'Play from Scene 3' }).click();
  await expect.poll(frame, { timeout: 30_000 }).toBeGreaterThan(150);
  const now = await frame();
  await expect.poll(frame).toBeGreaterThan(now + 10);
  await page.locator('.monitor__keys').getByRole('button', { name: 'Pause' }).click();
  const stopped = await frame();
  await page.locator('.strip__head').focus();
  await page.keyboard.press('ArrowRight');
  expect(await frame()).toBe(stopped + 1);
});
