import { readFile } from 'node:fs/promises';
import { expect, type Page, test } from '@playwright/test';
import { smallVoice } from '../src/stand-in/small-voice.ts';
import { CHROMIUM } from './browser.ts';
import {
  accessible,
  begin,
  drag,
  lay,
  pass,
  rows,
  saved,
  stored,
  stripShows,
  voicesReady,
  words,
} from './steps.ts';

test.use({
  launchOptions: {
    ...CHROMIUM,
    args: [
      ...(CHROMIUM.args ?? []),
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      '--autoplay-policy=no-user-gesture-required',
    ],
  },
});

const TALK = `Two sisters and a ferry

Mira: The ferry leaves at seven, and nobody is on it.
Jon: Then who bought forty tickets?
Mira: That is what I want to know.

They walk along the quay until the lamps come on.`;

const PLAIN = { pace: 1, pitch: 0, tone: 'plain', pauses: 1 };

/** A line as a WAVE file in the voice of somebody else. */
async function spoken(page: Page, text: string, name = 'bram'): Promise<Buffer> {
  const data = { text, voice: { ...PLAIN, name }, says: [], recorded: null };
  const { key } = await (await page.request.post('/api/takes', { data })).json();
  return (await page.request.get(`/media/takes/${key}`)).body();
}

/** Files of 16-bit sound at one rate, one after the other with half a second between. */
function together(files: readonly Buffer[]): Buffer {
  const pause = Buffer.alloc(48_000);
  const sound = Buffer.concat(files.flatMap((f) => [f.subarray(44), pause]));
  const head = Buffer.from((files[0] as Buffer).subarray(0, 44));
  head.writeUInt32LE(36 + sound.length, 4);
  head.writeUInt32LE(sound.length, 40);
  return Buffer.concat([head, sound]);
}

const file = (buffer: Buffer) => ({ name: 'narration.wav', mimeType: 'audio/wav', buffer });
const part = (page: Page, name: string) =>
  page.getByLabel('Tools for the voice').getByText(name, { exact: true }).click();

test('speakers of a script have voices of their own; one is changed, and a row goes to another', async ({
  page,
}) => {
  const refused: string[] = [];
  page.on('response', (r) => {
    if (r.status() >= 400) refused.push(`${r.status()} ${r.url()}`);
  });
  // The lines are read ahead while the words rest on the sheet.
  const warm = page.waitForResponse((r) => r.url().endsWith('/api/shelf/warm'));
  await lay(page, TALK, 'Lines');
  expect((await warm).ok()).toBe(true);
  const id = await begin(page, TALK);
  await expect(words(page, 2)).toHaveValue('The ferry leaves at seven, and nobody is on it.');
  await pass(page, 'Voice');
  await expect(page.getByLabel('Who says Scene 2')).toHaveValue('Mira');
  await expect(page.getByLabel('Who says Scene 5')).toHaveValue('');
  await part(page, 'Who');
  await accessible(page, 'speakers');
  await page.getByRole('button', { name: /^Voice of Jon/ }).click();
  await page.getByRole('radio', { name: /Gale/ }).check();
  await part(page, 'Way');
  await page.getByRole('radio', { name: /Calm/ }).check();
  await page.getByLabel('Who says Scene 5').selectOption('Jon');
  await saved(page);
  const { piece } = await stored(page, id);
  expect(piece.speakers.map((s: { name: string }) => s.name)).toEqual(['Mira', 'Jon']);
  expect(piece.speakers[1].voice).toMatchObject({ name: 'gale', tone: 'calm' });
  expect(piece.scenes[4].speaker).toBe('Jon');
  await voicesReady(page);
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Who says Scene 5')).toHaveValue('');
  expect(refused).toEqual([]);
});

test('German words get a German voice, pictures by what they mean, and no underlines', async ({ page }) => {
  const id = await begin(
    page,
    'In der kleinen Gasse hinter dem Markt repariert ein alter Mann jeden Donnerstag die Uhren der Stadt.\nNiemand bezahlt ihn, aber jeder bringt ihm etwas zu essen mit.',
  );
  await voicesReady(page);
  expect((await stored(page, id)).piece.voice.name).toBe('frieda');
  await pass(page, 'Voice');
  await expect(page.getByRole('radio', { name: /Anselm/ })).toBeVisible();
  await expect(page.locator('.misspelled')).toHaveCount(0);
  await pass(page, 'Pictures');
  await expect(page.getByText(/^read in English as “/).first()).toBeVisible();
  // What is looked for may be in the language of the piece.
  await page.getByPlaceholder('Own words for scene 1').fill('Hund');
  await expect(page.getByRole('button', { name: /dog/i }).first()).toBeVisible();
});

test('a name is read as it should sound, and only the lines that have it are spoken again', async ({
  page,
}) => {
  const id = await begin(page, 'The lamps of Osierwick are lit.\nNobody goes home before ten.');
  await voicesReady(page);
  await pass(page, 'Voice');
  await part(page, 'Reading');
  const asked: string[] = [];
  page.on('request', (r) => {
    if (r.url().endsWith('/api/takes')) asked.push((r.postDataJSON() as { text: string }).text);
  });
  await page.getByLabel('A word as it is written').fill('Osierwick');
  await page.getByLabel('How it is said').fill('oh zher wick');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('1 row', { exact: true })).toBeVisible();
  await voicesReady(page);
  await expect.poll(() => asked).toEqual(['The lamps of Osierwick are lit.']);
  await saved(page);
  expect((await stored(page, id)).piece.says).toEqual([{ written: 'Osierwick', said: 'oh zher wick' }]);
  await accessible(page, 'reading');
});

test('a row is recorded from the microphone, trimmed by keys, and given back to the voice', async ({
  page,
}) => {
  const id = await begin(
    page,
    'Here is one line that wants to be said.\nAnd another one that comes after it.',
  );
  await voicesReady(page);
  await pass(page, 'Voice');
  await part(page, 'Record');
  await page.getByLabel('Count three first').uncheck();
  await page.getByRole('button', { name: 'Record', exact: true }).click();
  // The browser's made-up microphone beeps once a second.
  await expect(page.locator('.record__time')).toHaveText(/^[2-9]\.\d s$/);
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('radio', { name: 'Take 1' })).toBeChecked();
  await accessible(page, 'recording');
  const narration = async () => (await stored(page, id)).piece.scenes[0].narration;
  await expect.poll(async () => (await narration()).kind).toBe('take');
  const before = await narration();
  await page.getByRole('slider', { name: 'Begin of the recording' }).press('ArrowRight');
  await saved(page);
  await expect.poll(async () => (await narration()).startMs).toBe(before.startMs + 10);
  await page.getByLabel('Without the noise of the room').check();
  await saved(page);
  await expect.poll(async () => (await narration()).clean).toBe(true);
  await voicesReady(page);
  await page.getByRole('button', { name: 'Let the voice say it' }).click();
  await saved(page);
  await expect.poll(async () => (await narration()).kind).toBe('synthetic');
});

test('one recording of everything is found row by row, what was left out is said, and subtitles follow it', async ({
  page,
}) => {
  const lines = [
    'On Thursday evenings, five neighbours open an old boathouse.',
    'Forty-one radios went home playing again last winter.',
    'Nobody pays, but most leave something in the jar by the door.',
    'Do not throw your toaster away before you have asked them.',
  ];
  const id = await begin(page, lines.join('\n'));
  await voicesReady(page);
  await pass(page, 'Voice');
  await part(page, 'Record');
  const read = await Promise.all([0, 1, 3].map((i) => spoken(page, lines[i] as string)));
  await page.getByLabel('Recording of the whole piece').setInputFiles(file(together(read)));
  await expect(page.getByText('3 of 4 rows are heard in it.')).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText(/Not heard: row 3/)).toBeVisible();
  await saved(page);
  await voicesReady(page);
  const { piece } = await stored(page, id);
  expect(piece.scenes.map((s: { narration: { kind: string } }) => s.narration.kind)).toEqual([
    ...['take', 'take', 'synthetic', 'take'],
  ]);
  await page.getByRole('button', { name: 'Render', exact: true }).click();
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Download Subtitles, SRT' }).click();
  const srt = await readFile(await (await coming).path(), 'utf8');
  const text = srt
    .split('\n')
    .filter((l) => l && !/^\d+$/.test(l) && !l.includes('-->'))
    .join(' ');
  expect(text).toBe(lines.join(' '));
  const starts = [...srt.matchAll(/(\d\d):(\d\d):(\d\d),(\d\d\d) -->/g)].map(
    ([, h, m, s, ms]) => ((Number(h) * 60 + Number(m)) * 60 + Number(s)) * 1000 + Number(ms),
  );
  expect(starts).toEqual(starts.toSorted((a, b) => a - b));
});

test('a file without sound is refused in words, and nothing changes', async ({ page }) => {
  const id = await begin(
    page,
    'Here is one line that wants to be said.\nAnd another one that comes after it.',
  );
  await pass(page, 'Voice');
  await part(page, 'Record');
  await page.getByLabel('Recording of this row').setInputFiles(file(Buffer.from('not a sound')));
  await expect(page.getByText(/Nothing can be heard in this recording/)).toBeVisible();
  expect((await stored(page, id)).piece.scenes[0].narration.kind).toBe('synthetic');
});

test('the end of a scene is drawn in the strip in one step, and given back to the voice', async ({
  page,
}) => {
  const id = await begin(page);
  await voicesReady(page);
  await rows(page).nth(1).click();
  const edge = page.locator('.strip__edge');
  const length = async () => (await stored(page, id)).piece.scenes[1].durationMs;
  await stripShows(page, 2);
  await drag(page, edge, 100);
  await saved(page);
  const drawn = await length();
  expect(drawn).toBeGreaterThan(3000);
  // What was drawn is one step.
  await page.keyboard.press('Control+z');
  await saved(page);
  await expect.poll(length).toBeNull();
  await page.keyboard.press('Control+y');
  await saved(page);
  await expect.poll(length).toBe(drawn);
  await edge.dblclick();
  await saved(page);
  await expect.poll(length).toBeNull();
});

test('a voice of one’s own is brought, tried, heard and used; it is put away, and what it said stays', async ({
  page,
}) => {
  const id = await begin(page);
  await voicesReady(page);
  await pass(page, 'Voice');
  // Those of a service beside this application are offered too.
  await expect(page.getByRole('radio', { name: /Edda.*Osier Speakers/ })).toBeVisible();
  const { onnx, json } = smallVoice();
  const about = {
    name: 'en_US-tin-x_low.onnx.json',
    mimeType: 'application/json',
    buffer: Buffer.from(json),
  };
  const model = { name: 'en_US-tin-x_low.onnx', mimeType: '', buffer: Buffer.from(onnx) };
  await page.getByRole('button', { name: 'Bring a voice' }).click();
  const bring = page.getByRole('region', { name: 'Voices of your own' }).locator('input[type=file]');
  await bring.setInputFiles({ ...model, buffer: model.buffer.subarray(0, 9000) });
  await expect(page.getByText('This file is no whole ONNX model.')).toBeVisible();
  await bring.setInputFiles(about);
  await expect(page.getByText('still wanted: en_US-tin-x_low.onnx')).toBeVisible();
  await bring.setInputFiles([model, about]);
  const tin = page.getByRole('radio', { name: /Tin/ });
  await expect(tin).toBeChecked();
  await saved(page);
  const { name } = (await stored(page, id)).piece.voice;
  expect(name).toMatch(/^own:en:[0-9a-f]{12}$/);
  const heard = page.waitForResponse((r) => r.url().includes('/media/takes/') && r.ok());
  await page.getByRole('button', { name: 'Listen to Tin' }).click();
  await heard;
  await voicesReady(page);
  await accessible(page, 'own voice');
  await part(page, 'Way');
  await expect(page.getByText('Tin, as set here')).toBeVisible();
  await part(page, 'Voices');
  await page.getByRole('radio', { name: /Maud/ }).check();
  await page.getByRole('button', { name: 'Put Tin away' }).click();
  await expect(tin).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring a voice' }).click();
  await page.getByRole('button', { name: 'Offer Tin again' }).click();
  await expect(tin).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(tin).toBeChecked();
});

test('music is heard before it is chosen, and there are tunes to choose from', async ({ page }) => {
  const id = await begin(page);
  await voicesReady(page);
  await pass(page, 'Music');
  await expect(page.getByRole('radio', { name: /Circuit/ })).toBeVisible();
  const heard = page.waitForResponse((r) => r.url().includes('/media/tracks/') && r.ok());
  await page.getByRole('button', { name: 'Listen to Still' }).click();
  await heard;
  await page.getByRole('radio', { name: /Circuit/ }).check();
  await page.getByRole('button', { name: 'Tune 3', exact: true }).click();
  await saved(page);
  await expect
    .poll(async () => (await stored(page, id)).piece.beds[0].source)
    .toMatchObject({ mood: 'circuit', seed: 3 });
  await page.getByRole('button', { name: 'Others' }).click();
  await expect(page.getByRole('button', { name: 'Tune 1', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await accessible(page, 'music');
});
