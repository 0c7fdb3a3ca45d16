import { expect, type Page, test } from '@playwright/test';
import { accessible, begin, fresh, lines, saved, words } from './steps.ts';

const cards = (page: Page) => page.locator('.piece-card');
const find = async (page: Page, text: string) => {
  // What is typed before the page listens is lost.
  await expect(cards(page).first()).toBeVisible();
  await page.getByLabel('Find pieces by title, words and tags').fill(text);
};
/** Chooses a piece; on a busy machine the list may move between the press of the button and its release. */
const choose = async (page: Page, title: string) => {
  const box = page.getByLabel(`Choose ${title}`, { exact: true });
  await expect(async () => {
    await box.check();
    await expect(box).toBeChecked({ timeout: 2000 });
  }).toPass();
};
const more = async (page: Page, title: string, what: string) => {
  await page.getByRole('button', { name: `More for ${title}`, exact: true }).click();
  await page.getByRole('menuitem', { name: what, exact: true }).click();
};

test('the desk finds pieces by their words, copies them in other formats, puts away and brings back', async ({
  page,
}) => {
  const title = fresh('How a village learned to skate');
  await begin(page, `${title}\n\nA pond under a ring of poplars.\nIn January it bears.`);
  await page.goto('/');
  await find(page, `${title} ring of poplars`);
  await expect(cards(page)).toHaveCount(1);
  await expect(cards(page).locator('.piece-card__found')).toContainText('a ring of poplars');
  await find(page, title);
  await more(page, title, 'Copy');
  await expect(cards(page)).toHaveCount(2);
  await page.getByRole('button', { name: `More for ${title}`, exact: true }).click();
  await page.getByRole('menuitem', { name: 'Copy in another format' }).click();
  await page.getByRole('menuitem', { name: '1:1', exact: true }).click();
  await expect(cards(page)).toHaveCount(3);
  await expect(cards(page).filter({ hasText: '(1:1)' })).toContainText('1:1 · 3 scenes');
  await more(page, `${title} (copy)`, 'Put away');
  await expect(cards(page)).toHaveCount(2);
  await page.getByRole('button', { name: 'Take that back' }).click();
  await expect(cards(page)).toHaveCount(3);
  await accessible(page, 'desk with pieces');
});

test('several pieces are filed at once, found by it, thrown away, and taken out of an emptied bin', async ({
  page,
}) => {
  const name = fresh('Filed');
  const tag = fresh('heron');
  const both = [`${name}: first`, `${name}: second`] as const;
  await begin(page, `${both[0]}\n\nThe heron waits.`);
  await begin(page, `${both[1]}\n\nThe heron has gone.`);
  await page.goto('/');
  await find(page, `${name} heron`);
  await expect(cards(page)).toHaveCount(2);
  for (const title of both) await choose(page, title);
  const bar = page.getByRole('region', { name: 'What is done with the chosen pieces' });
  await expect(bar).toContainText('2 pieces');
  await bar.getByLabel('State').fill('waits for a photo');
  await page.keyboard.press('Enter');
  await bar.getByLabel('Category').fill('Birds');
  await page.keyboard.press('Enter');
  await bar.getByLabel('Add a tag').fill(tag);
  await page.keyboard.press('Enter');
  await expect(cards(page).filter({ hasText: 'waits for a photo' })).toHaveCount(2);
  await expect(
    cards(page)
      .filter({ hasText: 'Birds' })
      .filter({ hasText: `#${tag}` }),
  ).toHaveCount(2);
  await accessible(page, 'desk, several chosen');
  await page
    .getByRole('button', { name: `Show what is tagged ${tag}`, exact: true })
    .first()
    .click();
  await find(page, '');
  await expect(cards(page)).toHaveCount(2);
  for (const title of both) await choose(page, title);
  await bar.getByRole('button', { name: 'Throw away' }).click();
  await expect(page.getByText('No piece is filed like that.')).toBeVisible();

  await page.getByLabel('Where pieces lie').getByText(/^Bin/).click();
  await expect(cards(page).filter({ hasText: name })).toHaveCount(2);
  await page.getByRole('button', { name: 'Empty the bin' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Empty it' }).click();
  await expect(page.getByText('The bin is empty.')).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(cards(page).filter({ hasText: name })).toHaveCount(2);
  await more(page, both[0], 'Back on the desk');
  await page
    .getByLabel('Where pieces lie')
    .getByText(/^On the desk/)
    .click();
  await expect(cards(page).filter({ hasText: both[0] })).toHaveCount(1);
});

test('a state is kept by name, seen beside the piece as it is, and returned to; undo leads back', async ({
  page,
}) => {
  const id = await begin(page);
  const before = await lines(page);
  await page.goto(`/piece/${id}/versions`);
  await page.getByLabel('Name for the piece as it is now').fill('As it came');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('Nothing that is seen or heard is other than then.')).toBeVisible();
  await page.getByRole('link', { name: 'Back to the piece' }).click();
  await words(page, 2).fill('The miller kneads the dough at dusk.');
  await saved(page);
  await page.goto(`/piece/${id}/versions`);
  const changed = page.locator('.versions__changed');
  await expect(changed).toHaveCount(1);
  await expect(changed).toContainText('The baker kneads the dough at dawn.');
  await expect(changed).toContainText('The miller kneads the dough at dusk.');
  await accessible(page, 'earlier states');
  await page.getByRole('button', { name: 'Return to this state' }).click();
  await page.waitForURL(`**/piece/${id}`);
  await expect.poll(() => lines(page)).toEqual(before);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => (await lines(page))[1]).toBe('The miller kneads the dough at dusk.');
});
