import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { LOOK_NAMES, lookOf } from '../src/core/look/looks.ts';
import { ssim } from './likeness.ts';
import {
  accessible,
  begin,
  drag,
  pass,
  rows,
  saved,
  stored,
  stripShows,
  voicesReady,
  words,
} from './steps.ts';

test('a look for the piece in one action, another for a row, and back', async ({ page }) => {
  const id = await begin(page);
  const first = (await stored(page, id)).piece.look;
  await pass(page, 'Look');
  const looks = page.getByRole('list', { name: 'Looks', exact: true });
  await expect(looks.getByRole('button')).toHaveCount(19);
  await expect(looks.locator('canvas')).toHaveCount(19);
  // The draft has the look that suits it best; two others are as near.
  await expect(looks.getByText('suits', { exact: true })).toHaveCount(3);
  await expect(looks.locator('[aria-pressed=true]')).toHaveCount(1);
  await accessible(page, 'the pass for the look');

  const other = first === 'till-receipt' ? 'Index card' : 'Till receipt';
  await looks.getByRole('button', { name: other }).click();
  await saved(page);
  expect((await stored(page, id)).piece.look).not.toBe(first);

  await words(page, 2).click();
  await page.getByText('This row', { exact: true }).click();
  await looks.getByRole('button', { name: 'Loud poster' }).click();
  const chip = rows(page).nth(1).getByRole('button', { name: 'Scene 2: Look as the piece' });
  await expect(chip).toHaveText(/Loud poster/);
  await saved(page);
  expect((await stored(page, id)).piece.scenes[1].look).toMatchObject({ look: 'loud-poster', colour: null });

  // What a row has of its own stays when the piece gets another look, and goes with one press.
  await page.getByText('Whole piece', { exact: true }).click();
  await looks.getByRole('button', { name: 'Fine print' }).click();
  await expect(chip).toBeVisible();
  await chip.click();
  await saved(page);
  const after = (await stored(page, id)).piece;
  expect([after.look, after.scenes[1].look]).toEqual(['fine-print', null]);
});

test('words: type, colour and ground for several rows at once, each with its way back, and how well they stand out', async ({
  page,
}) => {
  const id = await begin(page);
  await pass(page, 'Look');
  await words(page, 2).click();
  await page.keyboard.press('Escape');
  await rows(page)
    .nth(2)
    .locator('.row__number')
    .click({ modifiers: ['Shift'] });
  await page.getByText('These 2 rows', { exact: true }).click();
  await page.getByRole('radiogroup', { name: 'Tools for the look' }).getByText('Words').click();
  await expect(page.getByText(/stand out from the .* by \d+\.\d to 1/)).toBeVisible();
  await page.getByRole('button', { name: 'Capitals' }).click();
  await page.getByRole('combobox', { name: 'Ground', exact: true }).click();
  await page.getByTitle('Shade of the picture').click();
  await saved(page);
  const scenes = (await stored(page, id)).piece.scenes;
  for (const s of [scenes[1], scenes[2]])
    expect(s.look).toMatchObject({ ground: 'shade', upper: expect.any(Boolean) });
  expect(scenes[0].look).toBeNull();
  await page.getByRole('button', { name: 'Ground as the piece has it' }).click();
  await page.getByRole('button', { name: 'All as the piece has it' }).click();
  await saved(page);
  expect((await stored(page, id)).piece.scenes.map((s: { look: unknown }) => s.look)).toEqual(
    Array(5).fill(null),
  );
});

test('words are moved, made larger and typed on the monitor, with the pointer and with keys', async ({
  page,
}) => {
  const id = await begin(page);
  await pass(page, 'Look');
  await words(page, 2).click();
  const block = page.locator('.words-overlay__block');
  await stripShows(page, 2);
  await drag(page, block, 0, -180);
  await saved(page);
  const placeOf = async () => (await stored(page, id)).piece.scenes[1].look?.places?.['9:16'];
  const moved = await placeOf();
  expect(moved.y).toBeLessThan(0.7);
  await block.focus();
  // Faster than the frame follows; no press is lost.
  for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowDown');
  await page.keyboard.press('+');
  await saved(page);
  expect((await placeOf()).y).toBeCloseTo(moved.y + 5 * 0.005, 3);
  expect((await stored(page, id)).piece.scenes[1].look.size).toBeGreaterThan(1);
  await page.keyboard.press('Enter');
  await page.getByRole('textbox', { name: 'Words on the monitor' }).fill('Dough at dawn.');
  await page.keyboard.press('Escape');
  await expect(words(page, 2)).toHaveValue('Dough at dawn.');
  // What was sent in between is a step of its own.
  const undo = page.getByRole('button', { name: /^Undo/ });
  await expect(async () => {
    await undo.click();
    await saved(page);
    expect((await stored(page, id)).piece.scenes[1].look).toBeNull();
  }).toPass({ timeout: 30_000, intervals: [50] });
});

test('transitions: for all borders, and for one', async ({ page }) => {
  const id = await begin(page);
  await pass(page, 'Look');
  await page.getByRole('radiogroup', { name: 'Tools for the look' }).getByText('Borders').click();
  const gallery = page.getByRole('list', { name: 'Transitions' });
  await expect(gallery.getByRole('button')).toHaveCount(17);
  await gallery.getByRole('button', { name: 'Torn paper' }).click();
  await words(page, 3).click();
  await page.getByText('Before these rows', { exact: true }).click();
  await gallery.getByRole('button', { name: 'Iris' }).click();
  await page.getByLabel('Length of the transition in seconds').fill('0.80');
  await page.keyboard.press('Tab');
  await saved(page);
  const { piece } = await stored(page, id);
  expect(piece.transition.kind).toBe('torn');
  expect(piece.scenes[2].transition).toEqual({ kind: 'iris', lengthMs: 800 });
  await page.getByText('All borders', { exact: true }).click();
  await gallery.getByRole('button', { name: 'Wipe', exact: true }).click();
  await saved(page);
  const after = (await stored(page, id)).piece;
  expect([after.transition.kind, after.scenes[2].transition]).toEqual(['wipe', null]);
});

test('from when to when words are seen is drawn in the strip, and said in figures', async ({ page }) => {
  const id = await begin(page);
  // A voice that comes later moves what is to be taken hold of.
  await voicesReady(page);
  await pass(page, 'Look');
  await words(page, 2).click();
  await stripShows(page, 2);
  await saved(page);
  const draw = (end: 'comes' | 'rest' | 'gone', by: number) =>
    drag(page, page.locator(`.strip__words-end--${end}`), by);
  await draw('comes', 30);
  await draw('gone', -40);
  await saved(page);
  const look = async () => (await stored(page, id)).piece.scenes[1].look;
  const { delayMs, goneMs } = await look();
  expect(delayMs).toBeGreaterThan(100);
  expect(goneMs).toBeGreaterThan(100);
  await page.getByText('This row', { exact: true }).click();
  await page.getByText('Reveal', { exact: true }).click();
  const gone = page.getByRole('spinbutton', { name: 'Gone before the end in seconds' });
  await expect(gone).toHaveValue((goneMs / 1000).toFixed(2));
  // Twice clicked, they stand to the end again; one drag is undone in one step.
  await page.locator('.strip__words-end--gone').dblclick();
  await expect(gone).toHaveValue('0.00');
  await page.locator('.strip__words-end--comes').dblclick();
  await saved(page);
  expect(await look()).toBeNull();
  // Of a figure, what it counts comes later than itself.
  await pass(page, 'Words');
  await words(page, 2).fill('40\nloaves before the first customer comes.');
  await page.getByLabel('Layout of the selected scene').click();
  await page.locator('.ant-select-item-option').filter({ hasText: 'Large figure' }).click();
  await saved(page);
  await voicesReady(page);
  await pass(page, 'Look');
  await page.getByText('Reveal', { exact: true }).click();
  await draw('rest', 25);
  await saved(page);
  const { restDelayMs } = await look();
  expect(restDelayMs).toBeGreaterThan(100);
  await expect(page.getByRole('spinbutton', { name: 'Small part later by in seconds' })).toHaveValue(
    (restDelayMs / 1000).toFixed(2),
  );
  // Words that come with the voice are faint or not there before they are said.
  const choose = async (what: string, name: string) => {
    await page.getByRole('combobox', { name: what }).click();
    await page.locator('.ant-select-item-option').getByText(name, { exact: true }).click();
    await saved(page);
  };
  await expect(page.getByRole('combobox', { name: 'Words before they are said' })).toHaveCount(0);
  await choose('How words come', 'Word by word with the voice');
  await choose('Words before they are said', 'Not there yet');
  expect((await look()).ahead).toBe(false);
  await choose('Words before they are said', 'Faint');
  expect((await look()).ahead).toBe(true);
});

/** Figures, quotation marks and letters beyond plain Latin. */
const LETTERS = `Wide and narrow

1,049.00 € – “quoted”, ÆØÅ żółć, all of them here.
A boat goes down the canal.
Come along.`;

test('the browser and the server draw the same frame, in every look', async ({ page }) => {
  test.slow();
  const folder = mkdtempSync(path.join(tmpdir(), 'nabbet-looks-'));
  const id = await begin(page, LETTERS);
  await pass(page, 'Look');
  await words(page, 2).click();
  await saved(page);
  // A voice that comes later moves the frame.
  await voicesReady(page);
  const doc = path.join(folder, 'piece.json');
  writeFileSync(doc, JSON.stringify((await stored(page, id)).piece));
  const frame = Number(await page.locator('.monitor__clock').getAttribute('data-frame'));
  const args = [doc, folder, String(frame), LOOK_NAMES.join()];
  execFileSync(process.execPath, ['--import', 'tsx', 'e2e/paint-frames.ts', ...args], { env: process.env });
  const looks = page.getByRole('list', { name: 'Looks', exact: true });
  const results: string[] = [];
  for (const look of LOOK_NAMES) {
    const button = looks.getByRole('button', { name: lookOf(look).label });
    await button.click();
    await expect(button).toHaveAttribute('aria-pressed', 'true');
    await page.mouse.move(4, 4);
    await saved(page);
    const [png] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save this frame as a picture' }).click(),
    ]);
    const browser = path.join(folder, `browser-${look}.png`);
    await png.saveAs(browser);
    const like = ssim(['-i', browser], ['-i', path.join(folder, `server-${look}-${frame}.png`)]);
    results.push(`${look} ${like.toFixed(4)}`);
    expect.soft(like, look).toBeGreaterThanOrEqual(0.99);
  }
  console.log(results.join('\n'));
});
