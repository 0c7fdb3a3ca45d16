import { expect, type Page, test } from '@playwright/test';
import { epub, odt } from '../studio/fixtures/packages.ts';
import { accessible, layFiles, lines, pass, rows, saved, stored, words } from './steps.ts';

const paragraph = (text: string) => ({ kind: 'p' as const, text, items: [], rows: [], picture: '' });
const chapter = (title: string, texts: string[]) => ({ title, blocks: texts.map(paragraph) });
const CHAPTERS = [
  chapter('January: ice', [
    'The harbour froze on the ninth of January, and for three weeks the boats stood where they were. Nobody fished.',
    'On the second Sunday the children skated from the quay to the lighthouse and back, eleven hundred metres.',
  ]),
  chapter('April: paint', [
    'In April every hull in the harbour is painted red, because red lead is what the chandler has.',
    'Maren Tolk paints hers at dawn, before the wind gets up. She has done it for thirty-one years.',
  ]),
  chapter('August: market', [
    'The night market opens on the first Friday of August and closes when the last lantern is sold.',
    'Two hundred stalls stand along the mole. The money from the song stall pays for the lamp of the lighthouse.',
  ]),
];

const outline = (page: Page): Promise<string> =>
  page
    .locator('.scene-line__words > textarea')
    .evaluateAll((all) => all.map((t) => (t as HTMLTextAreaElement).value).join(' '));

test('a book: one chapter is told, others are chosen, and undone', async ({ page }) => {
  const buffer = await epub(
    { title: 'A year at the harbour', author: 'Isolde Marrow', date: '2025-09-01' },
    CHAPTERS,
  );
  await page.goto('/');
  await layFiles(page, { name: 'year.epub', mimeType: 'application/epub+zip', buffer });
  await page.waitForURL(/\/outline\//);
  await expect(page.getByText(/Book, 3 chapters/)).toBeVisible();
  await expect.poll(() => outline(page)).toContain('The harbour froze');
  expect(await outline(page)).not.toContain('night market');
  await accessible(page, 'the outline of a book');

  const choice = page.getByLabel('Chapters that are told');
  await choice.click();
  await page.getByTitle('3. August: market').click();
  await page.keyboard.press('Escape');
  await expect.poll(() => outline(page)).toContain('night market');
  await saved(page);
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('Control+z');
  await expect.poll(() => outline(page)).not.toContain('night market');
  await page.keyboard.press('Control+y');
  await expect.poll(() => outline(page)).toContain('night market');
  await saved(page);
  await page.reload();
  await expect.poll(() => outline(page)).toContain('night market');

  await page.getByRole('button', { name: 'Make the first draft' }).click();
  await expect(page.getByLabel('Sheet', { exact: true })).toBeVisible({ timeout: 60_000 });
  const told = (await lines(page)).join(' ');
  expect(told).toMatch(/market/);
  expect(told).not.toMatch(/hull|Maren Tolk/);
  const id = page.url().split('/').pop() ?? '';
  const refs: string[] = (await stored(page, id)).piece.scenes.flatMap(
    (s: { from: { ref: string } | null }) => s.from?.ref ?? [],
  );
  expect(refs.some((r) => r.startsWith('c0-')) && refs.some((r) => r.startsWith('c2-'))).toBe(true);
  expect(refs.filter((r) => r.startsWith('c1-'))).toEqual([]);
});

test('an OpenDocument text becomes a piece; findings of one kind are said together and mended together', async ({
  page,
}) => {
  const fast =
    'Whoever waters in the morning writes down the time and the bed and the number of cans that it took';
  const buffer = await odt({
    ...{ title: 'The strip behind the depot', author: 'Wren Aldous', date: '2026-10-02' },
    blocks: [
      `${fast} in May.`,
      `${fast} in June.`,
      'Beans and squash grew well, and the rest went to the school.',
    ].map(paragraph),
  });
  await page.goto('/');
  await layFiles(page, { name: 'strip.odt', mimeType: 'application/vnd.oasis.opendocument.text', buffer });
  await page.waitForURL(/\/outline\//);
  await expect(page.getByRole('heading', { name: 'The strip behind the depot' })).toBeVisible();
  await expect(page.getByText(/OpenDocument text/)).toBeVisible();
  await page.getByRole('button', { name: 'Make the first draft' }).click();
  await expect(page.getByLabel('Sheet', { exact: true })).toBeVisible({ timeout: 60_000 });

  // Two scenes of which the words cannot be read in the time that they stand.
  await pass(page, 'Voice');
  for (const n of [1, 2]) {
    await words(page, n).fill(fast);
    await rows(page)
      .nth(n - 1)
      .getByText('Silent', { exact: true })
      .click();
    await page.getByRole('button', { name: `Set the length of scene ${n}` }).click();
    const length = page.getByLabel(`Length of scene ${n} in seconds`);
    await length.fill('2');
    await length.press('Enter');
  }
  await saved(page);
  await page.getByRole('button', { name: 'Render', exact: true }).click();
  await expect(page.getByText('2 scenes are too fast to read: scenes 1, 2.')).toBeVisible();
  await accessible(page, 'the notes of the proof');
  await page.getByRole('button', { name: 'Let it stand longer' }).click();
  await expect(page.getByText(/too fast to read/)).toHaveCount(0);
  await saved(page);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByText('2 scenes are too fast to read: scenes 1, 2.')).toBeVisible();
});
