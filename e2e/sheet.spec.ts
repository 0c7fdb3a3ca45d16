import { expect, test } from '@playwright/test';
import type { Scene } from '../src/core/piece/types.ts';
import { accessible, begin, lay, lines, pressUntil, rows, SCRIPT, saved, stored, words } from './steps.ts';

test('a pasted script is cut before the eyes of the writer and becomes a draft with pictures', async ({
  page,
}) => {
  await lay(page, SCRIPT);
  const cut = page.locator('.laid-row textarea');
  await expect(cut).toHaveCount(5);
  await expect(page.getByRole('button', { name: 'Row 1 is no title' })).toBeVisible();
  await expect(page.getByText('picture: a narrow boat')).toBeVisible();
  await page.getByLabel('Cut by').getByText('Paragraphs').click();
  await expect(cut).toHaveCount(2);
  await page.getByLabel('Cut by').getByText('Lines').click();
  await page.reload();
  await expect(cut).toHaveCount(5);
  // A row is ended and joined again, and the last steps are taken back.
  await cut.nth(1).press('Home');
  for (let i = 0; i < 9; i++) await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await expect(cut).toHaveCount(6);
  await expect(cut.nth(2)).toBeFocused();
  await page.keyboard.press('Backspace');
  await expect(cut).toHaveCount(5);
  await page.keyboard.type('and ');
  await expect(cut.nth(1)).toHaveValue('The baker and kneads the dough at dawn.');
  await page.keyboard.press('Control+z');
  await expect(cut.nth(1)).toHaveValue('The baker kneads the dough at dawn.');
  await page.getByRole('button', { name: 'Make the first draft' }).click();
  await expect(rows(page)).toHaveCount(5);
  await expect(rows(page).locator('.row__picture img').first()).toBeVisible();
  await expect(
    rows(page)
      .nth(1)
      .getByRole('button', { name: /^Pictures for scene 2, now: / }),
  ).toBeVisible();
  await expect(
    rows(page)
      .nth(2)
      .getByRole('button', { name: /narrow boat|canal/i }),
  ).toBeVisible();
  await expect(rows(page).nth(1).locator('.w-found').first()).toBeVisible();
  const names = await rows(page)
    .locator('.row__picture .frame')
    .evaluateAll((all) => all.map((f) => f.getAttribute('aria-label')));
  expect(new Set(names).size).toBe(5);
});

/** As a writer has it from wherever scripts are written. */
const DIRECTED = `**Title: The plant that talks**

**[0:00–0:04] HOOK**
*Visual: Close-up of a houseplant on the windowsill*
**Voiceover:** "What if your houseplant could talk? It would have a lot to say."
**On-screen text:** Listen to your plant 🌱

**[0:04–0:09] CTA**
*Visual: Watering can in the garden*
**Voiceover:** "Water me once a week."

#plants #garden`;

test('a script with directions is taken apart: what is seen, said and written; and it can be had as it came', async ({
  page,
}) => {
  await lay(page, DIRECTED);
  const cut = page.locator('.laid-row textarea');
  await expect(cut).toHaveCount(3);
  await expect(page.getByText('picture: Close-up of a houseplant on the windowsill')).toBeVisible();
  await expect(page.getByText('said: What if your houseplant could talk?')).toBeVisible();
  const told = page.locator('.laid__told');
  await expect(told).toContainText('2 pictures asked for and 1 text on the screen');
  await expect(told).toContainText('1 line of hashtags');
  await accessible(page, 'desk with a script with directions');
  await told.getByRole('button').click();
  await expect(cut.filter({ hasText: 'Visual:' })).not.toHaveCount(0);
  await page.getByRole('button', { name: 'Take the last step back' }).click();
  await expect(cut).toHaveCount(3);
  await page.getByRole('button', { name: 'Make the first draft' }).click();
  await expect(page.getByLabel('Sheet', { exact: true })).toBeVisible({ timeout: 150_000 });
  await saved(page);
  const { piece } = await stored(page, page.url().split('/').pop() ?? '');
  expect(piece.scenes.map((s: Scene) => [s.layout, s.shown, s.spoken])).toEqual([
    ['title', 'The plant that talks', null],
    ['caption', 'Listen to your plant 🌱', 'What if your houseplant could talk? It would have a lot to say.'],
    [expect.any(String), 'Water me once a week.', null],
  ]);
  expect(piece.scenes[1].pictures[0].assetId).toContain('houseplant');
});

test('rows are typed, split, joined, moved, doubled and deleted, and every step can be undone, also after a reload', async ({
  page,
}) => {
  const id = await begin(page);
  const start = await lines(page);
  const first = words(page, 2);
  await first.click();
  await first.press('End');
  await first.pressSequentially(' Every day.');
  await expect(first).toHaveValue('The baker kneads the dough at dawn. Every day.');

  for (let i = 0; i < ' Every day.'.length; i++) await first.press('ArrowLeft');
  await first.press('Enter');
  await expect(rows(page)).toHaveCount(6);
  await expect(words(page, 3)).toHaveValue('Every day.');
  await expect(words(page, 3)).toBeFocused();

  await words(page, 3).press('Home');
  await words(page, 3).press('Backspace');
  await expect(rows(page)).toHaveCount(5);
  await expect(words(page, 2)).toHaveValue('The baker kneads the dough at dawn. Every day.');

  await words(page, 2).press('Alt+ArrowDown');
  await expect(words(page, 3)).toHaveValue('The baker kneads the dough at dawn. Every day.');
  await expect(words(page, 3)).toBeFocused();
  await words(page, 3).press('Control+d');
  await expect(rows(page)).toHaveCount(6);
  await words(page, 4).press('Control+Shift+Backspace');
  await expect(rows(page)).toHaveCount(5);
  await words(page, 5).press('Control+Enter');
  await expect(rows(page)).toHaveCount(6);
  await words(page, 6).fill('A line of its own.');
  await saved(page);
  const end = await lines(page);
  expect((await stored(page, id)).piece.scenes.map((s: { shown: string }) => s.shown)).toEqual(end);

  await page.reload();
  await expect(rows(page)).toHaveCount(6);
  expect(await lines(page)).toEqual(end);
  const undo = page.getByRole('button', { name: /^Undo/ });
  while (await undo.isEnabled()) await undo.click();
  expect(await lines(page)).toEqual(start);
  const redo = page.getByRole('button', { name: /^Redo/ });
  while (await redo.isEnabled()) await redo.click();
  expect(await lines(page)).toEqual(end);
  await page.keyboard.press('Control+z');
  await saved(page);
  await page.reload();
  await expect(rows(page)).toHaveCount(6);
  await expect(redo).toBeEnabled();
});

test('a row is dragged with the mouse and moved with the keys of its handle', async ({ page }) => {
  await begin(page);
  const handle = page.getByRole('button', { name: 'Move Scene 2', exact: true });
  await handle.hover();
  const from = await handle.boundingBox();
  const to = await page.getByRole('button', { name: 'Move Scene 4', exact: true }).boundingBox();
  if (!from || !to) throw new Error('The handles are not on the screen.');
  await page.mouse.move(from.x + 8, from.y + 8);
  await page.mouse.down();
  await page.mouse.move(from.x + 8, from.y + 30, { steps: 5 });
  await page.mouse.move(to.x + 8, to.y + 20, { steps: 12 });
  await page.mouse.up();
  await expect(words(page, 4)).toHaveValue(/baker/);
  const said = page.getByRole('status').filter({ hasText: 'Scene' });
  await page.getByRole('button', { name: 'Move Scene 4', exact: true }).focus();
  await page.keyboard.press('Space');
  await expect(said).toContainText('Scene 4 is over place 4');
  await pressUntil(page, 'ArrowUp', said.filter({ hasText: 'place 3' }));
  await page.keyboard.press('Space');
  await expect(words(page, 3)).toHaveValue(/baker/);
});

test('a row is dragged to where it could not be seen, and back by the keys of its handle', async ({
  page,
}) => {
  await begin(page);
  const many = Array.from({ length: 40 }, (_, i) => `Line number ${i + 1} of many.`);
  await words(page, 5).click();
  await words(page, 5).press('End');
  await words(page, 5).evaluate(
    (field, text) => {
      const data = new DataTransfer();
      data.setData('text/plain', text);
      field.dispatchEvent(
        new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
      );
    },
    `\n${many.join('\n')}`,
  );
  await expect(rows(page)).toHaveCount(44);
  const before = await lines(page);
  const handle = page.getByRole('button', { name: 'Move Scene 2', exact: true });
  await handle.scrollIntoViewIfNeeded();
  await handle.hover();
  const sheet = await page.getByLabel('Sheet', { exact: true }).boundingBox();
  if (!sheet) throw new Error('The sheet is not on the screen.');
  await page.mouse.down();
  // Held at its lower edge, the sheet goes on until its end.
  await page.mouse.move(sheet.x + 30, sheet.y + sheet.height - 40, { steps: 8 });
  const said = page.getByRole('status').filter({ hasText: 'Scene' });
  let nudge = 0;
  await expect(async () => {
    await page.mouse.move(sheet.x + 30 + (nudge++ % 6), sheet.y + sheet.height - 6);
    await expect(said).toContainText('is over place 44', { timeout: 1000 });
  }).toPass();
  await page.mouse.up();
  const [title = '', moved = '', ...rest] = before;
  await expect.poll(() => lines(page)).toEqual([title, ...rest, moved]);
  await page.getByRole('button', { name: 'Move Scene 44', exact: true }).focus();
  await page.keyboard.press('Space');
  await expect(said).toContainText('Scene 44 is over place 44');
  await pressUntil(page, 'ArrowUp', said.filter({ hasText: 'place 43' }));
  await page.keyboard.press('Space');
  await expect.poll(() => lines(page)).toEqual([title, ...rest.slice(0, -1), moved, rest.at(-1)]);
});

test('several pasted lines make several scenes', async ({ page }) => {
  await begin(page);
  await words(page, 5).click();
  await words(page, 5).press('End');
  await words(page, 5).evaluate((field) => {
    const data = new DataTransfer();
    data.setData('text/plain', ' And bring:\na lamp\na friend');
    field.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  });
  await expect(rows(page)).toHaveCount(7);
  await expect(words(page, 7)).toHaveValue('a friend');
});

test('edits survive a lost connection, and a reload while it is lost', async ({ page }) => {
  const id = await begin(page);
  await saved(page);
  await page.route('**/edits', (route) => route.abort());
  await words(page, 2).fill('Written without a connection.');
  await expect(page.locator('output.saved')).toHaveText(/Not saved yet/);
  await page.reload();
  await expect(words(page, 2)).toHaveValue('Written without a connection.');
  await page.unroute('**/edits');
  await expect(page.locator('output.saved')).toHaveText(/Saved/, { timeout: 30_000 });
  expect((await stored(page, id)).piece.scenes[1].shown).toBe('Written without a connection.');
});

test('two people edit the same piece: both edits are kept', async ({ page, browser }) => {
  const id = await begin(page);
  await saved(page);
  const other = await browser.newPage({ baseURL: new URL(page.url()).origin });
  await other.goto(`/piece/${id}`);
  await expect(rows(other)).toHaveCount(5);
  await words(other, 2).fill('Changed by the other.');
  await saved(other);
  await words(page, 3).fill('Changed by the one.');
  await saved(page);
  await expect(words(page, 2)).toHaveValue('Changed by the other.');
  const scenes = (await stored(page, id)).piece.scenes;
  expect([scenes[1].shown, scenes[2].shown]).toEqual(['Changed by the other.', 'Changed by the one.']);
  await other.close();
});
