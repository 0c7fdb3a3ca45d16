import { expect, type Page, test } from '@playwright/test';
import { wavFile } from '../src/core/sound/wav.ts';
import { accessible, begin, pass, rows, saved, stored, voicesReady, words } from './steps.ts';

/** A made-up track: a kick on every beat at 120 a minute, another chord in every bar. */
function track(name: string, seconds = 40) {
  const rate = 22_050;
  const samples = Float32Array.from({ length: seconds * rate }, (_, i) => {
    const t = i / rate;
    const kick = Math.exp(-18 * (t % 0.5)) * Math.sin(2 * Math.PI * 58 * (t % 0.5));
    const hz = 220 * 2 ** (((Math.floor(t / 2) * 5) % 12) / 12);
    return 0.5 * kick + 0.2 * Math.sin(2 * Math.PI * hz * t) * Math.exp(-1.5 * (t % 2));
  });
  return { name, mimeType: 'audio/wav', buffer: Buffer.from(wavFile([samples], rate)) };
}

const doc = async (page: Page, id: string) => (await stored(page, id)).piece;
const part = (page: Page, name: string) =>
  page.getByLabel('Tools for the music').getByText(name, { exact: true }).click();

test('a track of one’s own is fitted to the piece, begins where it is wanted, and pictures follow its bars', async ({
  page,
}) => {
  const id = await begin(page);
  await voicesReady(page);
  await pass(page, 'Music');
  await part(page, 'Brought');
  const bring = page.locator('.brought input[type=file]');
  await bring.setInputFiles({ name: 'notes.mp3', mimeType: 'audio/mpeg', buffer: Buffer.from('no music') });
  await expect(page.getByText(/Nothing can be heard in this recording/)).toBeVisible();
  await bring.setInputFiles(track('03_Canal walk.wav'));
  await expect(page.getByRole('radio', { name: /Canal walk 0:40, 120 beats a minute/ })).toBeChecked();
  await saved(page);
  expect((await doc(page, id)).beds[0].source).toMatchObject({ kind: 'brought', startMs: 0 });
  await expect(page.getByText('Made to the length of this piece; it ends with it.')).toBeVisible({
    timeout: 60_000,
  });

  const start = page.getByRole('slider', { name: 'Where the track begins' });
  await start.focus();
  for (let i = 0; i < 5; i++) await page.keyboard.press('PageUp');
  await page.keyboard.press('ArrowRight');
  await expect.poll(async () => (await doc(page, id)).beds[0].source.startMs).toBeGreaterThan(0);

  await page.getByLabel('Terms of the track').click();
  await page.getByText('Free with credit', { exact: true }).click();
  await page.getByLabel('Who is to be named for the track').fill('The Lock Keepers');
  await page.keyboard.press('Tab');
  await accessible(page, 'music that was brought');

  const lengths = () => rows(page).locator('.row__time').first().textContent();
  const before = await lengths();
  await part(page, 'Beat');
  await page.getByRole('radio', { name: /With every bar/ }).check();
  await saved(page);
  expect((await doc(page, id)).onBeat).toBe('bar');
  await expect.poll(lengths).not.toBe(before);
  await accessible(page, 'pictures on the beat');

  await page.getByRole('button', { name: 'Render', exact: true }).click();
  await expect(page.getByText('“Canal walk”: The Lock Keepers')).toBeVisible();
});

test('other music from a row on, a sound for a row and for all borders, and every step can be undone', async ({
  page,
}) => {
  const id = await begin(page);
  await voicesReady(page);
  await pass(page, 'Music');
  await words(page, 3).click();
  await page.getByRole('button', { name: 'Other music from row 3 on' }).click();
  await page.getByRole('radio', { name: 'Tense' }).check();
  await saved(page);
  const two = await doc(page, id);
  expect(two.beds).toHaveLength(2);
  expect(two.beds[1]).toMatchObject({ fromScene: two.scenes[2].id, source: { mood: 'tense' } });
  await expect(rows(page).nth(2).getByText('From here: Tense')).toBeVisible();

  await part(page, 'Effects');
  await page.getByRole('button', { name: 'Bell', exact: true }).click();
  await page.getByLabel('What is heard on every border').click();
  await page.getByTitle('What goes with the transition').click();
  await saved(page);
  const loud = await doc(page, id);
  expect([loud.scenes[2].effect, loud.borderSound]).toEqual([{ name: 'bell', gainDb: 0 }, 'fitting']);
  await page.getByRole('button', { name: 'Listen to Shutter' }).click();
  await accessible(page, 'effects');

  await page.getByRole('button', { name: 'The music before goes on through Scene 3' }).click();
  await saved(page);
  expect((await doc(page, id)).beds).toHaveLength(1);
  for (let i = 0; i < 5; i++) await page.keyboard.press('Control+z');
  await saved(page);
  const back = await doc(page, id);
  expect([back.beds.length, back.scenes[2].effect, back.borderSound]).toEqual([1, null, 'none']);
});

test('a length is wished for, the way there is shown, and done in one step', async ({ page }) => {
  const id = await begin(page);
  await voicesReady(page);
  await page.getByRole('button', { name: /^Length of the piece: 0:\d\d$/ }).click();
  await page.getByLabel('Shall be').fill('11');
  await page.keyboard.press('Tab');
  const panel = page.getByRole('region', { name: 'Length of the piece' });
  await expect(panel.getByRole('checkbox', { name: 'Another pace' })).toBeChecked();
  await accessible(page, 'the length of the piece');
  // What is ruled out is not done.
  const pauses = panel.getByRole('checkbox', { name: 'Other pauses' });
  if (await pauses.count()) await pauses.uncheck();
  const before = (await doc(page, id)).scenes.length;
  await panel.getByRole('button', { name: /Bring it to about/ }).click();
  await saved(page);
  const done = await doc(page, id);
  expect(done.targetMs).toBe(11_000);
  expect(done.voice.pace > 1 || done.scenes.length < before).toBe(true);
  expect(done.voice.pauses).toBe(1);
  await page.keyboard.press('Control+z');
  await saved(page);
  expect(await doc(page, id)).toMatchObject({ voice: { pace: 1 }, targetMs: 11_000 });
});
