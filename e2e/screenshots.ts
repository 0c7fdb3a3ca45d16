import { mkdtemp, readdir, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chromium, type Page } from '@playwright/test';
import sharp from 'sharp';
import { writeShots } from '../studio/fixtures/photos.ts';
import { CHROMIUM } from './browser.ts';

/** The made-up evening of photos, as files. */
async function photos(use: (files: string[]) => Promise<void>): Promise<void> {
  const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-shots-'));
  await writeShots(folder, 1200);
  await use((await readdir(folder)).sort().map((f) => path.join(folder, f)));
  await rm(folder, { recursive: true, force: true });
}

const post = async (page: Page, address: string, data: object) =>
  (await page.request.post(address, { data })).json();

/** A piece under review with what was said of it, and an earlier state beside it. */
async function reviewed(page: Page, url: string, shot: (name: string) => Promise<void>): Promise<void> {
  const id = page.url().split('/').pop() ?? '';
  const { path: link } = await post(page, `${url}/api/pieces/${id}/reviews`, { days: 14, password: '' });
  const secret = link.split('/').pop();
  await page.goto(`${url}${link}`);
  await page.locator('video').waitFor({ timeout: 300_000 });
  const say = (more: object) =>
    post(page, `${url}/api/review/${secret}/comments`, { author: 'Odile', version: 1, ...more });
  await say({
    text: 'Could we see our own boathouse here? Ours has a red roof.',
    ...{ atMs: 6000, region: { x: 0.12, y: 0.18, width: 0.62, height: 0.2 } },
  });
  const { id: said } = await say({ text: 'A penny more since spring: thirty-one.', atMs: 20_500 });
  await post(page, `${url}/api/comments/${said}/answers`, {
    text: 'Changed; you see it in the next version.',
  });
  await page.reload();
  await page.getByRole('button', { name: '0:06, a part of the picture' }).click();
  await shot('review');
  await post(page, `${url}/api/pieces/${id}/versions`, { name: 'Before the editor read it' });
  await page.goto(`${url}/piece/${id}`);
  const line = page.getByLabel('Words of scene 7', { exact: true });
  await line.fill('A new seal for it costs thirty-one pence. Nobody is in a hurry.');
  await page.waitForTimeout(2500);
  await page.goto(`${url}/piece/${id}/versions`);
  await page.locator('.versions__changed').waitFor();
  await page.getByLabel('Only what changed').check();
  await shot('versions');
  await page.goto(`${url}/piece/${id}`);
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.waitForTimeout(1500);
}

/** A script as it comes from elsewhere, with directions. */
const DIRECTED = `**Title: Three things to mend before Thursday**

**[0:00–0:05] Hook**
*Visual: Close-up of a radio on a workbench*
**Voiceover:** "You were about to throw this away. Wait."
**On-screen text:** Do not bin it yet

**[0:05–0:12] Kettle**
*Visual: A kettle on a bench*
**Voiceover:** "A new seal costs thirty pence."

**[0:12–0:18] CTA**
*Visual: The boathouse in the evening*
**Voiceover:** "Bring it on Thursday at seven."
**On-screen text:** Thursday, 7 pm

#osierwick #mend`;

/** Takes the pictures of docs/screenshots from a running demo: `node --import tsx e2e/screenshots.ts [URL]`. */
async function main(): Promise<void> {
  const url = process.argv[2] ?? 'http://127.0.0.1:4300';
  const browser = await chromium.launch(CHROMIUM);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const shot = async (name: string) => {
    await page.waitForLoadState('networkidle');
    await page.waitForTimeout(900);
    // In 256 colours they are a third as large, and nobody sees it.
    await sharp(await page.screenshot())
      .png({ palette: true, quality: 90, effort: 10 })
      .toFile(`docs/screenshots/${name}.png`);
  };
  await page.goto(url);
  await page.locator('.piece-card__cover img').first().waitFor();
  await shot('desk');
  await page.getByLabel('Words of row 1', { exact: true }).fill(DIRECTED);
  await shot('sheet-script');
  await page.evaluate(() => localStorage.clear());
  await page.goto(url);
  await page.getByRole('button', { name: 'a script', exact: true }).click();
  await photos(async (files) => {
    await page.getByLabel('Files', { exact: true }).setInputFiles(files.slice(0, 6));
    await page.getByText(/6 photos laid beside it/).waitFor({ timeout: 90_000 });
    await shot('sheet-photos');
    await page.evaluate(() => localStorage.clear());
    await page.goto(url);
    await page.getByLabel('Files', { exact: true }).setInputFiles(files);
    await page.getByText(/^10 photos/).waitFor({ timeout: 90_000 });
    await page.getByRole('button', { name: 'Look through them first' }).click();
    await page.locator('.photo-tile').nth(9).waitFor();
    await page.getByLabel('Words on the first photo').fill('One evening in Osierwick');
    await shot('outline-photos');
  });
  for (const [what, name] of [
    ['an article', 'outline-article'],
    ['a shop’s page', 'outline-product'],
  ] as const) {
    await page.goto(url);
    await page.getByRole('button', { name: what, exact: true }).click();
    await page.getByRole('button', { name: 'Read the page' }).click();
    await page.locator('.scene-line__picture img').first().waitFor();
    await shot(name);
  }
  // What was begun for the pictures is put away again.
  for (const { id } of await (await page.request.get(`${url}/api/sources`)).json())
    await page.request.delete(`${url}/api/sources/${id}`);
  await page.goto(url);
  await page.evaluate(() => localStorage.setItem('nabbet-hints', '["play","pictures","render"]'));
  await page.getByText('The bench that mends anything').first().click();
  await page.getByLabel('Words of scene 3').click();
  await shot('words');
  const passes = page.getByRole('navigation', { name: 'Passes' });
  for (const name of ['Pictures', 'Look', 'Voice', 'Music', 'Proof']) {
    await passes.getByText(name).click();
    if (name === 'Look') await page.locator('.looks canvas').nth(18).waitFor();
    await shot(name.toLowerCase());
    if (name === 'Look') {
      await page.getByLabel('Tools for the look').getByText('Borders').click();
      await shot('borders');
    }
    if (name !== 'Pictures') continue;
    const tools = page.getByLabel('Tools for pictures');
    await tools.getByText('Frame').click();
    await page.getByText('Start and end').click();
    await page.locator('.frame-overlay').hover();
    await page.mouse.wheel(0, -260);
    await shot('frame');
    await page.getByRole('button', { name: 'As it was framed' }).click();
    await tools.getByText('Find').click();
  }
  await page.keyboard.press('Control+k');
  await page.keyboard.type('pl');
  await shot('actions');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Render', exact: true }).click();
  await shot('render');
  await page.getByLabel('What goes out').getByText('Post kit').click();
  await shot('post-kit');
  await reviewed(page, url, shot);
  await browser.close();
}

main().then(
  () => process.exit(0),
  (e) => {
    console.error(e);
    process.exit(1);
  },
);
