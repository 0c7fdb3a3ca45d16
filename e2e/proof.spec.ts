import { expect, test } from '@playwright/test';
import { accessible, begin, pass, rows, saved, stored, words } from './steps.ts';

test('the proof: found, mended, left as it is with a reason, and looked at again', async ({ page }) => {
  const id = await begin(page);
  await words(page, 3).fill('It costs ‹price› and stands here.');
  await words(page, 4).fill(
    'Far too many words for such a short moment stand here one after the other without any rest at all for whoever reads them.',
  );
  // The voice says little, so that the words cannot be read in its time.
  await saved(page);
  await pass(page, 'Proof');
  const tools = page.getByLabel('Tools: proof');
  const blanks = tools.getByRole('region', { name: 'Blanks' });
  await expect(blanks).toContainText('A blank is left: price.');
  await expect(rows(page).nth(2)).toContainText('A blank is left: price.');
  await accessible(page, 'the proof');

  await blanks.getByRole('button', { name: 'Leave it …' }).click();
  await page.getByLabel('Why it is left as it is').fill('comes on Friday');
  await page.keyboard.press('Enter');
  await expect(blanks).toHaveCount(0);
  await saved(page);
  expect((await stored(page, id)).piece.waived).toMatchObject([
    { check: 'blank', reason: 'comes on Friday' },
  ]);
  await tools.getByText(/^Left as they are/).click();
  await expect(tools.getByText('Left as it is: comes on Friday')).toBeVisible();
  await tools.getByRole('button', { name: 'Look at it again' }).click();
  await expect(blanks).toBeVisible();

  await blanks.getByRole('button', { name: 'Work on it' }).click();
  await expect(page.getByLabel('Tools: words')).toBeVisible();
  await words(page, 3).fill('It costs nine pounds and stands here.');
  await pass(page, 'Proof');
  await expect(blanks).toHaveCount(0);
});

test('a finding of the look is mended in one action, and that is undone in one', async ({ page }) => {
  const id = await begin(page);
  await pass(page, 'Look');
  await words(page, 2).click();
  await page.locator('.words-overlay__block').focus();
  for (let i = 0; i < 14; i++) await page.keyboard.press('Shift+ArrowDown');
  await saved(page);
  await pass(page, 'Proof');
  const tools = page.getByLabel('Tools: proof');
  const outside = tools.getByRole('region', { name: 'Outside the safe area' });
  await outside.getByRole('button', { name: 'Put them back' }).click();
  await expect(outside).toHaveCount(0);
  await saved(page);
  expect((await stored(page, id)).piece.scenes[1].look).toBeNull();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(outside).toBeVisible();
});

test('words that cannot be read are mended by the change that is seen least, and the button says which', async ({
  page,
}) => {
  const id = await begin(page);
  await pass(page, 'Look');
  await page
    .getByRole('list', { name: 'Looks', exact: true })
    .getByRole('button', { name: 'Carbon copy' })
    .click();
  await words(page, 2).click();
  await page.getByText('This row', { exact: true }).click();
  await page.getByRole('radiogroup', { name: 'Tools for the look' }).getByText('Words').click();
  await page.getByRole('combobox', { name: 'Ground', exact: true }).click();
  await page.locator('.ant-select-item-option').getByText('Nothing', { exact: true }).click();
  const row = rows(page).nth(1);
  await expect(row).toContainText('Hard to read');
  const mend = row.getByRole('button', { name: /outline|lighter|darker|Shade|strip|calmer|behind/ });
  await saved(page);
  const bare = (await stored(page, id)).piece.scenes[1].look;
  await mend.click();
  await expect(row).not.toContainText('Hard to read');
  await saved(page);
  expect((await stored(page, id)).piece.scenes[1].look).not.toEqual(bare);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(mend).toBeVisible();
});
