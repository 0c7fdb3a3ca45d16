import { expect, test } from '@playwright/test';
import { accessible, begin, lines, pass, rows, saved, stored, words } from './steps.ts';

const caret = (page: import('@playwright/test').Page) =>
  page.evaluate(() => {
    const field = document.activeElement as HTMLTextAreaElement;
    return { words: field.value, at: field.selectionStart, label: field.getAttribute('aria-label') };
  });

test('the caret goes from row to row, and Delete joins what Enter split', async ({ page }) => {
  await begin(page);
  const where = () => caret(page).then((c) => `${c.label}, ${c.at}`);
  await words(page, 2).click();
  await page.keyboard.press('End');
  await page.keyboard.press('ArrowRight');
  await expect.poll(where).toBe('Words of scene 3, 0');
  await page.keyboard.press('ArrowLeft');
  await expect.poll(where).toBe('Words of scene 2, 35');
  await page.keyboard.press('Home');
  for (let i = 0; i < 9; i++) await page.keyboard.press('ArrowRight');
  await expect.poll(where).toBe('Words of scene 2, 9');
  await page.keyboard.press('ArrowDown');
  await expect.poll(where).toMatch(/^Words of scene 3, ([6-9]|1[0-2])$/);
  await page.keyboard.press('ArrowUp');
  await expect.poll(where).toMatch(/^Words of scene 2/);

  const before = await lines(page);
  await page.keyboard.press('Enter');
  await expect(rows(page)).toHaveCount(before.length + 1);
  await expect(rows(page).nth(2).locator('.frame img')).toBeVisible();
  await words(page, 2).click();
  await page.keyboard.press('End');
  await page.keyboard.press('Delete');
  await expect.poll(() => lines(page)).toEqual(before);
});

test('several rows at once: selected with Shift, moved, changed in case and layout, joined, undone', async ({
  page,
}) => {
  await begin(page);
  const before = await lines(page);
  await words(page, 2).click();
  await rows(page)
    .nth(3)
    .locator('.row__number')
    .click({ modifiers: ['Shift'] });
  await expect(page.locator('.row--selected')).toHaveCount(3);
  await expect(page.getByRole('heading', { name: '3 scenes' })).toBeVisible();
  await page.getByRole('button', { name: 'UPPER' }).click();
  await expect.poll(async () => (await lines(page))[1]).toBe('THE BAKER KNEADS THE DOUGH AT DAWN.');
  expect((await lines(page))[0]).toBe(before[0]);
  await page.getByRole('button', { name: 'Move down: selected scenes' }).click();
  await expect.poll(async () => (await lines(page))[1]).toBe('Come along on Thursday.');
  await page.getByRole('button', { name: 'Join to one scene: selected scenes' }).click();
  await expect(rows(page)).toHaveCount(before.length - 2);
  for (let i = 0; i < 3; i++) await page.keyboard.press('Control+z');
  await expect.poll(() => lines(page)).toEqual(before);

  await words(page, 3).click();
  await page.keyboard.press('Control+a');
  await page.keyboard.press('Control+a');
  await expect(page.locator('.row--selected')).toHaveCount(before.length);
  await accessible(page, 'words with all rows selected');
});

test('find and replace over the whole piece, as one step', async ({ page }) => {
  await begin(page);
  await words(page, 1).click();
  await page.keyboard.press('Control+f');
  await expect(page.getByRole('textbox', { name: 'Find' })).toBeFocused();
  await page.keyboard.type('the');
  await expect(page.getByText('1 of 5')).toBeVisible();
  await page.getByLabel('Whole words').check();
  await page.getByLabel('Match case').check();
  await expect(page.getByText('1 of 4')).toBeVisible();
  await page.getByRole('button', { name: 'Go to the next' }).click();
  await expect(page.getByText('2 of 4')).toBeVisible();
  await page.getByLabel('Replace by').fill('our');
  await page.getByRole('button', { name: 'Replace all' }).click();
  await expect.poll(() => lines(page)).toContain('A boat goes down our canal under our bridge.');
  await accessible(page, 'find and replace');
  await page.getByRole('button', { name: /^Undo: Replace 4 times/ }).click();
  await expect.poll(() => lines(page)).toContain('A boat goes down the canal under the bridge.');
});

test('highlights, emoji, other spoken words, layouts, and several pasted lines with their briefs', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  const id = await begin(page);
  await words(page, 2).click();
  await page.keyboard.press('Home');
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowRight');
  for (let i = 0; i < 5; i++) await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Control+m');
  await expect(page.locator('.w-highlighted')).toHaveText('baker');
  await page.keyboard.press('Home');
  await page.keyboard.type('Early: ');
  await expect(page.locator('.w-highlighted')).toHaveText('baker');
  await saved(page);
  expect((await stored(page, id)).piece.scenes[1].highlights).toEqual([[11, 16]]);

  await page.keyboard.press('End');
  await page.getByRole('button', { name: 'Emoji' }).click();
  await page.locator('emoji-picker').locator('input[type=search]').fill('bread');
  await page.locator('emoji-picker').getByRole('option', { name: /bread/i }).first().click();
  await expect.poll(async () => (await lines(page))[1]).toMatch(/dawn\.(🍞|🥖|🫓)$/u);

  await page.getByRole('button', { name: 'Speak other words in Scene 2' }).click();
  await page.getByLabel('Spoken words of Scene 2').fill('Good morning.');
  await saved(page);
  expect((await stored(page, id)).piece.scenes[1].spoken).toBe('Good morning.');

  await page.getByLabel('Layout of the selected scene').click();
  await page.locator('.ant-select-item-option').filter({ hasText: 'Quotation' }).click();
  await expect(words(page, 2).locator('..')).toHaveClass(/words--quote/);

  await page.evaluate(() =>
    navigator.clipboard.writeText('First new line. [a rope]\nSecond new line.\nThird new line.'),
  );
  const count = await rows(page).count();
  await words(page, 5).click();
  await page.keyboard.press('Control+a');
  await page.keyboard.press('Control+v');
  await expect(rows(page)).toHaveCount(count + 2);
  await saved(page);
  const { piece } = await stored(page, id);
  expect(piece.scenes.slice(4).map((s: { shown: string; brief: string }) => [s.shown, s.brief])).toEqual([
    ['First new line.', 'a rope'],
    ['Second new line.', ''],
    ['Third new line.', ''],
  ]);
});

test('spelling as one types: marked, corrected, learned for good', async ({ page }) => {
  await begin(page);
  await words(page, 2).click();
  await page.keyboard.press('Control+End');
  await page.keyboard.type(' Teh colour of nabbeton is grey.');
  await expect(page.locator('.w-wrong')).toHaveText(['Teh', 'nabbeton'], { timeout: 30_000 });
  await page.getByLabel('Tools for words').getByText('Spelling').click();
  await page.getByRole('button', { name: 'Replace Teh by The' }).click();
  await expect.poll(async () => (await lines(page))[1]).toContain('dawn. The colour');
  await page.getByRole('button', { name: 'Add nabbeton to your own words' }).click();
  await expect(page.locator('.w-wrong')).toHaveCount(0);
  await accessible(page, 'spelling');
  await page.reload();
  await words(page, 2).click();
  await page.keyboard.press('Control+End');
  await page.keyboard.type(' Wrogn');
  await expect(page.locator('.w-wrong')).toHaveText(['Wrogn'], { timeout: 30_000 });
  await page.getByLabel('Tools for words').getByText('Spelling').click();
  await page.getByLabel('Forget nabbeton').click();
  await expect(page.locator('.w-wrong')).toHaveCount(2);
  await pass(page, 'Voice');
});

test('dictionaries that cannot be loaded are said, and loaded when the way is free again', async ({
  page,
}) => {
  await page.route('**/data/en-*.dic', (route) => route.abort('connectionreset'));
  await begin(page);
  await page.getByLabel('Tools for words').getByText('Spelling').click();
  const said = page.getByText('The dictionaries could not be loaded');
  await expect(said).toBeVisible();
  await expect(page.getByText('No misspelled words.')).toBeHidden();
  await words(page, 2).click();
  await page.keyboard.press('Control+End');
  await page.keyboard.type(' Wrogn');
  await page.unroute('**/data/en-*.dic');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(said).toBeHidden();
  await expect(page.locator('.w-wrong')).toHaveText(['Wrogn'], { timeout: 30_000 });
});
