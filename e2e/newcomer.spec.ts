import { mkdtemp, readdir, rm, stat } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, type Locator, type Page, test } from '@playwright/test';
import { writeShots } from '../studio/fixtures/photos.ts';
import { SCRIPT } from './steps.ts';

/** The hand of somebody who has never seen Nabbet: it uses what is on the screen, and every use of it is counted. */
class Hand {
  clicks = 0;
  keys = 0;

  constructor(private readonly page: Page) {}

  async click(on: Locator): Promise<void> {
    await expect(on).toBeVisible({ timeout: 60_000 });
    await expect(on).toBeEnabled({ timeout: 60_000 });
    await on.click();
    this.clicks++;
  }

  async press(key: string): Promise<void> {
    await this.page.keyboard.press(key);
    this.keys++;
  }

  /** Pastes where the caret is. */
  async paste(text: string): Promise<void> {
    await expect(this.page.locator('textarea:focus')).toHaveCount(1);
    await this.page.keyboard.insertText(text);
    this.keys++;
  }

  /** Chooses files in the dialog that a button opens. */
  async choose(button: string, files: string | string[]): Promise<void> {
    const chooser = this.page.waitForEvent('filechooser');
    await this.click(this.page.getByRole('button', { name: button, exact: true }));
    await (await chooser).setFiles(files);
  }
}

const button = (page: Page, name: string): Locator => page.getByRole('button', { name, exact: true });

/** From the outline or the filled sheet to a file on the disk. */
async function toVideo(page: Page, hand: Hand): Promise<number> {
  await hand.click(button(page, 'Make the first draft'));
  await page.waitForURL(/\/piece\//, { timeout: 60_000 });
  await hand.click(button(page, 'Render'));
  await hand.click(page.getByText('480 draft'));
  await hand.click(button(page, 'Start the render'));
  const download = page.waitForEvent('download', { timeout: 240_000 });
  const ready = page.getByRole('link', { name: 'Download' });
  await expect(ready).toBeVisible({ timeout: 240_000 });
  await ready.click();
  hand.clicks++;
  const file = await (await download).path();
  return (await stat(file)).size;
}

async function countedWell(page: Page, hand: Hand, info: typeof test.info): Promise<void> {
  const bytes = await toVideo(page, hand);
  expect(bytes).toBeGreaterThan(50_000);
  expect(hand.clicks, `${hand.clicks} clicks`).toBeLessThanOrEqual(8);
  info().annotations.push({ type: 'hand', description: `${hand.clicks} clicks, ${hand.keys} keys` });
}

test.describe('somebody who has never seen Nabbet', () => {
  test.beforeEach(async ({ page }) => {
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'What do you want to say?' })).toBeVisible();
  });

  test('posts a pasted text', async ({ page }) => {
    const hand = new Hand(page);
    await hand.paste(SCRIPT);
    await expect(page.getByText(/^A script of \d+ words: 5 scenes, about 0:/)).toBeVisible();
    await countedWell(page, hand, test.info);
  });

  test('posts an article by its address', async ({ page }) => {
    const hand = new Hand(page);
    await hand.paste(`${new URL(page.url()).origin}/demo-web/osierwick-courier/toll-house 15 s`);
    await expect(page.getByText('An address: the page is read and told in 0:15.')).toBeVisible();
    await hand.press('Enter');
    await expect(page.getByRole('heading', { name: /^The toll house/ })).toBeVisible({ timeout: 30_000 });
    await countedWell(page, hand, test.info);
  });

  test('posts a product by its address', async ({ page }) => {
    const hand = new Hand(page);
    await hand.click(page.getByRole('button', { name: 'a shop’s page' }));
    await hand.click(button(page, 'Read the page'));
    await expect(page.getByText('rests on: Wick No. 3 hand lantern').first()).toBeVisible({
      timeout: 30_000,
    });
    await countedWell(page, hand, test.info);
  });

  const withPhotos = async (use: (folder: string, files: string[]) => Promise<void>) => {
    const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-newcomer-'));
    try {
      await writeShots(folder, 700);
      await use(
        folder,
        (await readdir(folder)).sort().map((f) => path.join(folder, f)),
      );
    } finally {
      await rm(folder, { recursive: true, force: true });
    }
  };

  test('posts a folder of photos', async ({ page }) => {
    await withPhotos(async (folder) => {
      const hand = new Hand(page);
      await hand.choose('Folder', folder);
      await expect(page.getByText(/^10 photos of one \w+: 0:30\.$/)).toBeVisible({ timeout: 60_000 });
      await countedWell(page, hand, test.info);
    });
  });

  test('posts a script with three photos, and finds the sheet empty afterwards', async ({ page }) => {
    await withPhotos(async (_, files) => {
      const hand = new Hand(page);
      await hand.paste(SCRIPT);
      await hand.choose('Files', files.slice(5, 8));
      await expect(page.getByText(/3 photos laid beside it\.$/)).toBeVisible({ timeout: 60_000 });
      await countedWell(page, hand, test.info);
      const id = page.url().split('/').pop();
      const { piece } = await (await page.request.get(`/api/pieces/${id}`)).json();
      const own = piece.scenes.flatMap((s: { pictures: { assetId: string; by: string }[] }) =>
        s.pictures.filter((p) => /^a[0-9a-f]{20}$/.test(p.assetId)),
      );
      expect(own).toHaveLength(3);
      expect(own.every((p: { by: string }) => p.by === 'source')).toBe(true);
      // The sheet is empty again, and what was made from it lies below.
      await page.goto('/');
      await expect(page.getByLabel('Words of row 1', { exact: true })).toHaveValue('');
    });
  });
});

test('with the keyboard alone, from the desk to a video', async ({ page }) => {
  await page.goto('/');
  const hand = new Hand(page);
  await hand.paste(SCRIPT);
  const tabTo = async (name: string) => {
    for (let i = 0; i < 140; i++) {
      await page.keyboard.press('Tab');
      const found = await page.evaluate(() => document.activeElement?.textContent?.trim() ?? '');
      if (found === name) return;
    }
    throw new Error(`The key Tab never came to “${name}”.`);
  };
  await tabTo('Make the first draft');
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/piece\//, { timeout: 60_000 });
  await expect(page.getByLabel('Sheet', { exact: true })).toBeVisible({ timeout: 60_000 });
  await page.keyboard.press('Control+k');
  await page.keyboard.type('render');
  await expect(page.getByRole('option', { name: /^Render/ })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(button(page, 'Start the render')).toBeVisible();
  await tabTo('Start the render');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/Painting|Voices and music|Mixing/).first()).toBeVisible({ timeout: 60_000 });
  await expect(page).toHaveTitle(/^\d+ % · /);
  await expect(page.getByRole('link', { name: 'Download' })).toBeVisible({ timeout: 240_000 });
});
