import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import JSZip from 'jszip';
import { accessible, begin, layFiles, lines, pressUntil, saved, stored, voicesReady } from './steps.ts';

const panel = async (page: Page) => {
  await page.getByRole('button', { name: 'Render', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Deliveries' })).toBeVisible();
};
const part = (page: Page, name: string) => page.getByLabel('What goes out').getByText(name).click();

/** What a click brings as a file. */
async function fetched(page: Page, name: string): Promise<{ name: string; bytes: Buffer }> {
  const [file] = await Promise.all([
    page.waitForEvent('download', { timeout: 90_000 }),
    page.getByRole('button', { name, exact: true }).click(),
  ]);
  return { name: file.suggestedFilename(), bytes: readFileSync(await file.path()) };
}

test('several deliveries in one go: another format, a cover, the sound; one is made before the others', async ({
  page,
}) => {
  test.slow();
  const id = await begin(page);
  await voicesReady(page);
  await panel(page);
  await page.getByText('480 draft').click();
  const more = async (name: string) => {
    await page.getByLabel('One more delivery').click();
    await page.locator('.ant-select-item-option').getByText(name).click();
  };
  await more('1:1');
  await more('Cover picture');
  await more('Sound alone');
  await expect(page.locator('.delivery')).toHaveCount(4);
  await page.getByRole('button', { name: 'Delivery 2 is not wanted' }).click();
  await expect(page.locator('.delivery')).toHaveCount(3);
  await page.getByLabel('Place in the piece').focus();
  await page.keyboard.press('PageDown');
  await page.getByRole('button', { name: 'Take the frame on the monitor' }).click();
  await saved(page);
  expect((await stored(page, id)).piece.deliveries.map((d: { kind: string }) => d.kind)).toEqual([
    'mp4',
    'cover',
    'sound',
  ]);
  expect((await stored(page, id)).piece.coverMs).toBeGreaterThan(500);
  await accessible(page, 'deliveries');

  await page.getByRole('button', { name: 'Make all 3' }).click();
  const renders = page.locator('.renders > li');
  await expect(renders).toHaveCount(3);
  await expect(renders.filter({ hasText: 'Download' })).toHaveCount(3, { timeout: 120_000 });
  await expect(renders.filter({ hasText: 'Cover picture, 9:16, 1080 lines' })).toHaveCount(1);
  await renders.filter({ hasText: 'Cover picture' }).getByRole('button', { name: 'Look' }).click();
  await expect(page.getByRole('img', { name: /as it is delivered/ })).toBeVisible();

  const all = await fetched(page, 'Everything in one zip');
  expect(all.name).toBe('A small test of a big thing.zip');
  const names = Object.keys((await JSZip.loadAsync(all.bytes)).files);
  for (const ending of [' 9x16 480p.mp4', ' 9x16 1080p.jpg', '.m4a', '.srt', '.otio', '.script.docx'])
    expect(names).toContain(`A small test of a big thing${ending}`);
});

test('a piece leaves as a bundle and comes back as a piece of its own', async ({ page }) => {
  const id = await begin(page);
  await panel(page);
  const bundle = await fetched(page, 'The piece itself');
  expect(bundle.name).toBe('A small test of a big thing.nabbet');
  await page.goto('/');
  await layFiles(page, { name: bundle.name, mimeType: 'application/zip', buffer: bundle.bytes });
  await expect(page.getByLabel('Sheet', { exact: true })).toBeVisible({ timeout: 60_000 });
  expect(page.url()).not.toContain(id);
  expect(await lines(page)).toContain('Lanterns glow over the night market.');
  await page.goto('/');
  await layFiles(page, {
    name: 'torn.nabbet',
    mimeType: 'application/zip',
    buffer: bundle.bytes.subarray(0, 400),
  });
  await expect(page.getByText(/The bundle cannot be opened/)).toBeVisible();
});

test('the post kit keeps to its destination, is typed over and copied, and destinations are the writer’s own', async ({
  page,
}) => {
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  const id = await begin(page);
  await panel(page);
  await part(page, 'Post kit');
  const kit = page.getByRole('region', { name: 'Post kit' });
  const post = kit.getByLabel('Post', { exact: true });
  const first = await post.inputValue();
  expect(first).toContain('Come along on Thursday.');
  await expect(kit.getByText(/\d+ of 150 letters/)).toBeVisible();
  await accessible(page, 'the post kit');

  await kit.getByRole('button', { name: 'Other words' }).click();
  await expect(post).not.toHaveValue(first);
  await post.fill('Mine alone.');
  await kit.getByRole('button', { name: 'Copy: Post', exact: true }).click();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toBe('Mine alone.');
  await saved(page);
  expect((await stored(page, id)).piece.kit).toMatchObject([
    { destination: 'tall', variant: 1, post: 'Mine alone.' },
  ]);
  await kit.getByRole('button', { name: 'As proposed', exact: true }).click();
  await expect(post).not.toHaveValue('Mine alone.');

  await kit.getByRole('button', { name: 'What is wanted there' }).click();
  await kit.getByRole('button', { name: 'One more like it' }).click();
  await kit.getByLabel('Name of the destination').fill('The town’s paper');
  await kit.getByLabel('Letters of a post').fill('60');
  await page.keyboard.press('Tab');
  await expect(kit.getByText(/\d+ of 60 letters/)).toBeVisible();
  expect((await post.inputValue()).length).toBeLessThanOrEqual(60);
  await accessible(page, 'a destination');
  // What is being sent when a page goes may not arrive.
  await expect
    .poll(async () => JSON.stringify(await (await page.request.get('/api/destinations')).json()))
    .toMatch(/town’s paper[^}]*"letters":60/);
  await page.reload();
  await panel(page);
  await part(page, 'Post kit');
  await kit.getByLabel('Destination', { exact: true }).click();
  await expect(page.getByTitle('The town’s paper')).toBeVisible();
});

test('words in German: brought and typed, seen on the monitor, missed by the proof, in a delivery and in its subtitles', async ({
  page,
}) => {
  test.slow();
  const id = await begin(page);
  await voicesReady(page);
  await page.getByLabel('Tools for words').getByText('Languages').click();
  await page.getByRole('combobox', { name: 'Language' }).fill('German');
  await page.keyboard.press('Enter');
  const tool = page.getByRole('region', { name: 'Words in other languages' });
  const before = await page.locator('.monitor canvas').first().screenshot();
  await tool.getByLabel('Line 1 in German').fill('Ein kleiner Versuch');
  await expect(tool).toContainText('1 of');
  await expect
    .poll(async () => before.equals(await page.locator('.monitor canvas').first().screenshot()))
    .toBe(false);

  // A text with the wrong number of lines changes nothing, and says so.
  const file = (name: string, text: string) => ({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
  await tool.locator('input[type=file]').setInputFiles(file('zwei.txt', 'Eins\nZwei'));
  await expect(page.getByText(/The file has 2 lines, the piece \d+ with words/)).toBeVisible();
  const { scenes } = (await stored(page, id)).piece;
  const cues = `1\n00:00:00,200 --> 00:00:01,500\nAus der Datei\n\n2\n02:00:00,000 --> 02:00:01,000\nDanach\n`;
  await tool.locator('input[type=file]').setInputFiles(file('deutsch.srt', cues));
  await expect(tool.getByLabel('Line 1 in German')).toHaveValue('Aus der Datei');
  await accessible(page, 'languages');

  await panel(page);
  await page.getByRole('combobox', { name: 'Delivery 1: language of its words' }).click();
  await page.locator('.ant-select-item-option').getByText('German').click();
  await expect(page.getByText(`${scenes.length - 1} lines are not in the language`)).toBeVisible();
  await saved(page);
  expect((await stored(page, id)).piece.deliveries[0].language).toBe('de');
  const srt = await fetched(page, 'Download Subtitles, SRT, German');
  expect(srt.name).toMatch(/\.de\.srt$/);
  expect(srt.bytes.toString()).toContain('Aus der Datei');

  // The queue: the last that waits is made earlier, by keys on its handle.
  await page.getByRole('button', { name: 'In all formats' }).click();
  await page.getByRole('button', { name: /^Make all/ }).click();
  const handles = page.getByRole('button', { name: /that wait: move$/ });
  await expect(handles.nth(1)).toBeVisible();
  const names = () =>
    handles.evaluateAll((all) => all.map((b) => b.getAttribute('aria-label')?.split(', ')[2]));
  const last = (await names()).at(-1);
  // Which place it has is known when it is held: until then the queue goes on.
  const told = (words: RegExp) => page.getByRole('status').filter({ hasText: words });
  await expect(async () => {
    await handles.last().focus();
    await page.keyboard.press('Space');
    await expect(told(/Render \d (was picked up|is over place)/)).toBeAttached({ timeout: 3000 });
  }).toPass();
  const length = Number(/Render (\d)/.exec((await told(/Render \d/).textContent()) ?? '')?.[1]);
  await pressUntil(page, 'ArrowUp', told(new RegExp(`Render ${length} is over place [1-${length - 1}]`)));
  // The queue goes on meanwhile, and what is held stays where it is held. (One video of it can take a
  // busy machine longer than anything else that is waited for here.)
  const waiting = async (): Promise<number> =>
    (await (await page.request.get(`/api/renders?piece=${id}`)).json()).filter(
      (r: { state: string }) => r.state === 'waiting',
    ).length;
  await expect.poll(waiting, { timeout: 180_000 }).toBeLessThan(length);
  await page.keyboard.press('Space');
  await expect.poll(async () => (await names()).at(-1)).not.toBe(last);
  for (const cancel of await page.getByRole('button', { name: 'Cancel' }).all())
    await cancel.click().catch(() => undefined);
});
