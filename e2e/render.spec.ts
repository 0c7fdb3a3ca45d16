import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { ssim } from './likeness.ts';
import { accessible, begin, saved, stored, voicesReady } from './steps.ts';

const folder = mkdtempSync(path.join(tmpdir(), 'nabbet-e2e-'));
const probe = (file: string) =>
  JSON.parse(
    execFileSync('ffprobe', [
      '-v',
      'error',
      '-show_entries',
      'stream=codec_name,width,height,duration,nb_frames',
      '-of',
      'json',
      file,
    ]).toString(),
  ).streams;

/** A title and a line over a picture that moves. */
const PARITY = `A small test of a big thing

A boat goes down the canal. [a narrow boat]`;

test('what is played is what is delivered: ten moments of the monitor, the server’s painter and the MP4 agree', async ({
  page,
}) => {
  test.slow();
  const id = await begin(page, PARITY);
  await saved(page);
  await voicesReady(page);
  await page.getByRole('button', { name: 'Render', exact: true }).click();
  await page.getByRole('button', { name: 'Start the render' }).click();
  const download = page.getByRole('link', { name: 'Download' });
  await expect(download).toBeVisible({ timeout: 150_000 });
  const [file] = await Promise.all([page.waitForEvent('download'), download.click()]);
  const mp4 = path.join(folder, 'parity.mp4');
  await file.saveAs(mp4);
  expect(file.suggestedFilename()).toMatch(/^A small test of a big thing 9x16 1080p\.mp4$/);
  const [video] = probe(mp4);
  expect(video).toMatchObject({ codec_name: 'h264', width: 1080, height: 1920 });

  const total = Number(video.nb_frames);
  const frames = Array.from({ length: 10 }, (_, i) => Math.floor(((i + 0.37) * total) / 10));
  const doc = path.join(folder, 'piece.json');
  writeFileSync(doc, JSON.stringify((await stored(page, id)).piece));
  execFileSync(process.execPath, ['--import', 'tsx', 'e2e/paint-frames.ts', doc, folder, frames.join()], {
    env: process.env,
  });
  const head = page.locator('.strip__head');
  const results: string[] = [];
  for (const f of frames) {
    const now = Number(await head.getAttribute('aria-valuenow'));
    const box = await page.locator('.strip__body').boundingBox();
    if (!box) throw new Error('The strip is not on the screen.');
    await page.mouse.click(box.x + ((f + 0.2) / total) * box.width, box.y + 20);
    for (let k = 0; k < 12; k++) {
      const at = Number(await head.getAttribute('aria-valuenow'));
      if (at === f) break;
      await head.focus();
      await page.keyboard.press(at < f ? 'ArrowRight' : 'ArrowLeft');
    }
    expect(Number(await head.getAttribute('aria-valuenow')), `from ${now}`).toBe(f);
    const [png] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save this frame as a picture' }).click(),
    ]);
    const browser = path.join(folder, `browser-${f}.png`);
    await png.saveAs(browser);
    const before = ssim(['-i', browser], ['-i', path.join(folder, `server-${f}.png`)]);
    const after = ssim(['-i', browser], ['-ss', Math.max(0, (f - 0.5) / 30).toFixed(4), '-i', mp4]);
    results.push(`${f}: ${before.toFixed(4)} ${after.toFixed(4)}`);
    expect.soft(before, `frame ${f} before encoding`).toBeGreaterThanOrEqual(0.99);
    expect.soft(after, `frame ${f} after encoding`).toBeGreaterThanOrEqual(0.97);
  }
  console.log(`frame: SSIM before and after encoding\n${results.join('\n')}`);
});

test('a render shows progress, can be cancelled, and the list survives a reload', async ({ page }) => {
  await begin(
    page,
    `Long piece\n\n${Array.from({ length: 14 }, (_, i) => `This is line number ${i} of a longer piece about boats and lanterns.`).join('\n')}`,
  );
  await saved(page);
  await page.getByRole('button', { name: 'Render', exact: true }).click();
  await page.getByRole('button', { name: 'Start the render' }).click();
  await expect(page.getByRole('progressbar').first()).toBeVisible();
  await expect(page.locator('.render__progress')).toContainText(/left/, { timeout: 90_000 });
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('cancelled')).toBeVisible({ timeout: 30_000 });
  await page.goto('/renders');
  const mine = page.locator('.render').filter({ hasText: 'Long piece' });
  await expect(mine.first()).toContainText('cancelled');
  await accessible(page, 'renders');
});

test('a render whose worker was killed goes on after the restart, and keeps what was painted', async ({
  page,
}) => {
  await begin(
    page,
    `Killed\n\n${Array.from({ length: 5 }, (_, i) => `Line number ${i} goes on about the canal and its bridges.`).join('\n')}`,
  );
  await saved(page);
  await voicesReady(page);
  await page.getByRole('button', { name: 'Render', exact: true }).click();
  await page.getByText('480 draft').click();
  await page.getByRole('button', { name: 'Start the render' }).click();
  await expect(page.locator('.render__progress')).toContainText(/left/, { timeout: 90_000 });
  process.kill(
    Number(readFileSync(path.join(process.env.NABBET_DATA ?? 'var', 'worker.pid'), 'utf8')),
    'SIGKILL',
  );
  await expect(page.getByRole('link', { name: 'Download' })).toBeVisible({ timeout: 120_000 });
});
