import { mkdtemp, readdir, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { writeShots } from '../studio/fixtures/photos.ts';
import { CHROMIUM } from './browser.ts';

/** Brings the made-up evening of photos. */
async function photoSet(page: Page, url: string): Promise<void> {
  const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-shots-'));
  await writeShots(folder, 1200);
  await page.goto(`${url}/begin/photos`);
  await page.waitForURL(/\/outline\//);
  const files = (await readdir(folder)).map((f) => path.join(folder, f));
  await page.locator('input[type=file]').first().setInputFiles(files);
  await page
    .locator('.photo-tile')
    .nth(files.length - 1)
    .waitFor({ timeout: 90_000 });
  await page.getByLabel('Words on the first photo').fill('One evening in Osierwick');
  await rm(folder, { recursive: true, force: true });
}

/** Takes the pictures of docs/screenshots from a running demo: `node --import tsx e2e/screenshots.ts [URL]`. */
async function main(): Promise<void> {
  const url = process.argv[2] ?? 'http://127.0.0.1:4300';
  const browser = await chromium.launch(CHROMIUM);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const shot = async (name: string) => {
    await page.waitForLoadState('networkidle');
    await page.waitForTimeout(900);
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
  };
  await page.goto(url);
  await page.locator('.piece-card__cover img').first().waitFor();
  await shot('desk');
  await page.goto(`${url}/begin`);
  await page.getByRole('button', { name: 'Try with a sample' }).click();
  await shot('begin');
  await page.evaluate(() => localStorage.clear());
  await page.goto(`${url}/begin/article`);
  await shot('begin-article');
  await page.getByRole('button', { name: 'Why did the market street' }).click();
  await page.locator('.source__picture img').first().waitFor();
  await shot('outline-article');
  await page.goto(`${url}/begin/product`);
  await page.getByRole('button', { name: 'Wick No. 3' }).click();
  await page.locator('.scene-line__picture img').first().waitFor();
  await shot('outline-product');
  await photoSet(page, url);
  await shot('outline-photos');
  // What was begun for the pictures is put away again.
  for (const { id } of await (await page.request.get(`${url}/api/sources`)).json())
    await page.request.delete(`${url}/api/sources/${id}`);
  await page.goto(url);
  await page.getByText('The bench that mends anything').first().click();
  await page.getByLabel('Words of scene 3').click();
  await shot('words');
  await page.keyboard.press('End');
  await page.keyboard.type(' Teh mistaek.');
  await page.getByLabel('Tools for words').getByText('Spelling').click();
  await page.getByRole('button', { name: 'Replace Teh by The' }).waitFor();
  await shot('spelling');
  for (let i = 0; i < 3 && (await page.locator('.w-wrong').count()) > 0; i++)
    await page.keyboard.press('Control+z');
  await page.getByLabel('Tools for words').getByText('Edit').click();
  const passes = page.getByRole('navigation', { name: 'Passes' });
  for (const name of ['Pictures', 'Voice', 'Music']) {
    await passes.getByText(name).click();
    await shot(name.toLowerCase());
    if (name !== 'Pictures') continue;
    const tools = page.getByLabel('Tools for pictures');
    await tools.getByText('Frame').click();
    await page.getByText('Start and end').click();
    await page.locator('.frame-overlay').hover();
    await page.mouse.wheel(0, -260);
    await shot('frame');
    await page.getByRole('button', { name: 'As it was framed' }).click();
    await tools.getByText('Colour').click();
    await page.getByRole('button', { name: 'Warmer' }).click();
    await shot('colour');
    await page.getByRole('button', { name: 'As it is', exact: true }).last().click();
    await tools.getByText('Find').click();
  }
  await page.getByRole('button', { name: 'Render', exact: true }).click();
  await shot('render');
  await browser.close();
}

main().then(
  () => process.exit(0),
  (e) => {
    console.error(e);
    process.exit(1);
  },
);
