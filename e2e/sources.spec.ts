import { mkdtemp, readdir, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, type Page, test } from '@playwright/test';
import { writeShots } from '../studio/fixtures/photos.ts';
import {
  accessible,
  emptySet,
  layFiles,
  lines,
  pressUntil,
  readDemo,
  rows,
  saved,
  stored,
  words,
} from './steps.ts';

const outlineLines = (page: Page): Promise<string[]> =>
  page
    .locator('.scene-line__words > textarea')
    .evaluateAll((all) => all.map((t) => (t as HTMLTextAreaElement).value));

async function makeDraft(page: Page): Promise<string> {
  await page.getByRole('button', { name: 'Make the first draft' }).click();
  await expect(page.getByLabel('Sheet', { exact: true })).toBeVisible({ timeout: 60_000 });
  return page.url().split('/').pop() ?? '';
}

test('an article: what was read, what it becomes, pulled in, thrown out, condensed again, and kept over a reload', async ({
  page,
}) => {
  await readDemo(page, 'osierwick-courier/rain-barrels');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Why did the market street stay dry?');
  await expect(page.getByText('Osric Penhallow')).toBeVisible();
  expect((await outlineLines(page))[0]).toMatch(/^Why did the market street stay dry/);
  // Lines without a picture of the page show the one that the shelf would give them.
  await expect(page.locator('.scene-line__picture').filter({ hasNot: page.locator('img') })).toHaveCount(0, {
    timeout: 60_000,
  });

  await expect(page.getByText('The pictures are being fetched')).toHaveCount(0);
  // What is left out is folded between the scenes, and gives a sentence with one key.
  await expect(page.locator('.left-out__line').first()).toHaveText(/^\d+ sentences?, \d+ words/);
  await page.getByRole('button', { name: 'Unfold the whole article' }).click();
  const unused = page.getByRole('button', {
    name: 'Take into the piece: Two years ago the same amount stood knee-deep in the shops.',
  });
  await unused.focus();
  await page.keyboard.press('Enter');
  await expect(unused).toHaveCount(0);
  expect(await outlineLines(page)).toContain('Two years ago the same amount stood knee-deep in the shops.');

  const used = page.locator('.scene-line').filter({ hasText: 'A basin of concrete' });
  await used.getByRole('button', { name: /^Throw out line/ }).click();
  await expect(used).toHaveCount(0);

  const first = page.getByLabel('Words of line 1', { exact: true });
  await first.fill('Dry feet, for once');
  const long = (await outlineLines(page)).length;
  await page.getByLabel('Length', { exact: true }).getByText('30 s').click();
  await expect.poll(async () => (await outlineLines(page)).length).toBeLessThan(long);
  const short = await outlineLines(page);
  expect(short).toContain('Dry feet, for once');
  expect(short).toContain('Two years ago the same amount stood knee-deep in the shops.');
  expect(short.join(' ')).not.toContain('A basin of concrete');

  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await outlineLines(page)).length).toBe(long);
  await page.keyboard.press('Control+y');
  await expect.poll(() => outlineLines(page)).toEqual(short);
  await saved(page);
  await page.reload();
  await expect.poll(() => outlineLines(page)).toEqual(short);
  await expect(
    page.getByRole('button', { name: /beside the article, \d+ parts? of the page/ }),
  ).toBeVisible();
  await accessible(page, 'outline of an article');

  const id = await makeDraft(page);
  expect(await lines(page)).toEqual(short);
  const { piece } = await stored(page, id);
  expect(piece.source).toMatchObject({ kind: 'article', title: 'Why did the market street stay dry?' });
  expect(piece.targetMs).toBe(30_000);
  expect(piece.scenes.some((s: { pictures: { by: string }[] }) => s.pictures[0]?.by === 'source')).toBe(true);
  expect(piece.scenes[0].from.text).toMatch(/^Why did the market street/);

  await words(page, 2).click();
  await page.getByLabel('Tools for words').getByText('Source').click();
  const before = (await lines(page)).length;
  await page.getByRole('button', { name: /^Take into the piece: A basin of concrete/ }).click();
  await expect.poll(async () => (await lines(page)).length).toBe(before + 1);
  expect((await lines(page))[2]).toMatch(/^A basin of concrete/);
});

test('what cannot be read is answered with words and a way out', async ({ page }) => {
  await page.goto('/');
  const row = page.getByLabel('Words of row 1', { exact: true });
  for (const [text, answer] of [
    ['http://192.168.0.1/router', /private network/],
    ['ftp://x.example/y', /Only http and https/],
    [`${new URL(page.url()).origin}/demo-web/meadow-map/app`, /built by scripts/],
  ] as const) {
    await row.fill(text);
    await page.getByRole('button', { name: 'Read the page' }).click();
    await expect(page.getByRole('alert').filter({ hasText: answer })).toBeVisible();
  }
  await accessible(page, 'a page that cannot be read');

  await row.fill(
    'The rope ferry\n\nThe ferry crosses the river 60 times a day. It does so without a sound since Monday, because an electric winch has taken the place of the diesel.\n\nThe change cost 48,000 crowns.',
  );
  await page.reload();
  await expect(row).toHaveValue(/The rope ferry/);
  await page.getByLabel('Take it as').getByText('Condense it').click();
  await page.getByRole('button', { name: 'Condense it' }).click();
  await page.waitForURL(/\/outline\//);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('The rope ferry');

  await page.goto('/');
  await layFiles(page, 'studio/fixtures/documents/locked.pdf');
  await expect(page.getByRole('alert').filter({ hasText: /locked with a password/ })).toBeVisible();
  await layFiles(page, 'studio/fixtures/documents/two-columns.pdf');
  await page.waitForURL(/\/outline\//);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'Street lamps go out at eleven, and the stars come back',
  );
  await page.goto('/');
  await expect(page.getByRole('link', { name: /The rope ferry/ })).toBeVisible();
});

test('a product: the fact sheet is corrected, five angles give five scripts, a missing fact is a blank', async ({
  page,
}) => {
  await readDemo(page, 'lanternworks/wick-no-3');
  await expect(page.getByLabel('Price', { exact: true })).toHaveValue('€34.00');
  await expect(page.getByLabel('Price before')).toHaveValue('€42.00');
  const scripts: string[] = [];
  for (const angle of ['Problem and answer', 'Honest review', 'Three reasons', 'News', 'Offer']) {
    await page.getByLabel('Angle').click();
    await page.locator('.ant-select-item-option').filter({ hasText: angle }).click();
    await expect(page.locator('.ant-select-item-option').first()).toBeHidden();
    scripts.push((await outlineLines(page)).join('\n'));
  }
  expect(new Set(scripts).size).toBe(5);
  expect(scripts[1]).toContain('the handle gets hot');
  expect(scripts[4]).toContain('€34.00 instead of €42.00');
  await page.getByLabel('Offer until').fill('');
  await expect(page.getByText(/1 blank to fill/)).toBeVisible();
  await page.getByLabel('Maker').fill('Emberly and Daughters');
  await expect.poll(async () => (await outlineLines(page)).at(-1)).toContain('Emberly and Daughters');
  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await outlineLines(page)).at(-1)).toContain('Lanternworks');
  await expect(page.locator('.source__picture img')).toHaveCount(3, { timeout: 30_000 });
  await accessible(page, 'outline of a product');
  const id = await makeDraft(page);
  const { piece } = await stored(page, id);
  expect(
    piece.scenes.some(
      (s: { layout: string; shown: string }) => s.layout === 'figure' && s.shown.startsWith('€34.00'),
    ),
  ).toBe(true);
  expect(piece.scenes.at(-1)).toMatchObject({ layout: 'end' });
  await expect(page.getByRole('navigation', { name: 'Passes' })).toContainText('1 blank');
  await page.getByRole('button', { name: 'Render', exact: true }).click();
  await expect(page.getByText(/A blank is left/)).toBeVisible();
});

test('photos: sent in parts, a broken connection goes on, doubles and blurred ones are proposed, order by keyboard, a piece', async ({
  page,
}) => {
  const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-e2e-photos-'));
  try {
    await writeShots(folder, 1000);
    await writeFile(path.join(folder, 'broken.jpg'), 'this is no photo');
    const files = (await readdir(folder)).map((f) => path.join(folder, f));
    let broken = 0;
    await page.route('**/api/uploads/**', async (route) => {
      if (route.request().method() === 'PATCH' && broken++ === 0) await route.abort('connectionreset');
      else await route.continue();
    });
    await emptySet(page);
    await accessible(page, 'empty photo set');
    await page.locator('input[type=file]').first().setInputFiles(files);
    await expect(page.locator('.photo-tile')).toHaveCount(10, { timeout: 60_000 });
    expect(broken).toBeGreaterThan(10);
    await expect(page.getByText(/broken\.jpg: This is not a picture/)).toBeVisible();
    await page.getByRole('button', { name: 'Forget broken.jpg' }).click();
    await expect(page.getByRole('heading', { name: '10 photos' })).toBeVisible();
    await expect(page.locator('.photo-tile__face').first()).toHaveAttribute('aria-label', /IMG_0408/);
    await expect(page.getByText('1 nearly the same as another, 1 blurred')).toBeVisible();
    await page.getByRole('button', { name: 'Leave them out' }).click();
    await expect(page.getByRole('heading', { name: /^8 scenes/ })).toBeVisible();

    await page.locator('.photo-tile__face').first().focus();
    await page.keyboard.press('Space');
    await expect(page.getByText('Photo 1 is over place 1.', { exact: true })).toBeAttached();
    await pressUntil(page, 'ArrowRight', page.getByText(/is over place 2\.$/));
    await page.keyboard.press('Space');
    await expect(page.locator('.photo-tile__face').nth(1)).toHaveAttribute('aria-label', /IMG_0408/);

    await page.getByLabel('Words on the first photo').fill('One evening in Osierwick');
    await page.getByLabel('How long').getByText('All together').click();
    await page.getByLabel('Seconds together').fill('16');
    await expect(page.getByText('2.0 s for each photo')).toBeVisible();
    await accessible(page, 'photo set');
    await saved(page);
    await page.reload();
    await expect(page.getByLabel('Words on the first photo')).toHaveValue('One evening in Osierwick');
    await expect(page.locator('.photo-tile')).toHaveCount(10);

    const id = await makeDraft(page);
    await expect(rows(page)).toHaveCount(8);
    const { piece } = await stored(page, id);
    expect(piece.scenes[0]).toMatchObject({
      layout: 'title',
      shown: 'One evening in Osierwick',
      spoken: '',
      durationMs: 2000,
    });
    expect(
      piece.scenes.every((s: { pictures: { assetId: string }[] }) =>
        /^a[0-9a-f]{20}$/.test(s.pictures[0]?.assetId ?? ''),
      ),
    ).toBe(true);
    await expect(page.locator('.row .frame img').first()).toBeVisible();
    const size = await page
      .locator('.row .frame img')
      .first()
      .evaluate((i) => (i as HTMLImageElement).naturalWidth);
    expect(size).toBeGreaterThan(100);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
});

test('photos that were left out are removed, and can be brought again', async ({ page }) => {
  const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-e2e-photos-'));
  try {
    await writeShots(folder, 600);
    const files = (await readdir(folder)).sort().slice(0, 3);
    const bring = () =>
      page
        .locator('input[type=file]')
        .first()
        .setInputFiles(files.map((f) => path.join(folder, f)));
    await emptySet(page);
    // The first answer comes after the other two: it knows less than they do, and takes nothing back.
    const answered: (() => void)[] = [];
    const others = [0, 1].map(() => new Promise<void>((r) => answered.push(r)));
    let first = true;
    await page.route(/\/api\/sources\/[^/]+\/photos$/, async (route) => {
      const waits = first;
      first = false;
      const response = await route.fetch();
      if (waits) await Promise.all(others);
      await route.fulfill({ response });
      if (!waits) answered.pop()?.();
    });
    await bring();
    await expect(page.locator('.photo-tile')).toHaveCount(3, { timeout: 60_000 });
    await page.unroute(/\/api\/sources\/[^/]+\/photos$/);
    await page.getByRole('button', { name: 'Leave out photo 2' }).click();
    await page.getByRole('button', { name: 'Remove the 1 left out' }).click();
    await page.getByRole('button', { name: 'Remove', exact: true }).click();
    await expect(page.locator('.photo-tile')).toHaveCount(2);
    await bring();
    await expect(page.getByText('2 of these are in the set already.')).toBeVisible();
    await expect(page.locator('.photo-tile')).toHaveCount(3, { timeout: 60_000 });
    await page.reload();
    await expect(page.locator('.photo-tile')).toHaveCount(3);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
});
