import { expect, type Page, test } from '@playwright/test';
import { accessible, begin, pass, saved, voicesReady, words } from './steps.ts';

/** Opens what a piece shows to reviewers, in its panel. */
async function reviewers(page: Page) {
  await page.getByRole('button', { name: 'Render', exact: true }).click();
  await page.getByLabel('What goes out').getByText('Reviewers').click();
  const panel = page.getByRole('region', { name: 'Reviewers' });
  await expect(panel).toBeVisible();
  return panel;
}

test('a reviewer watches by a link, says something at a line and a part of the frame; it reaches the scene and the proof', async ({
  page,
  browser,
}) => {
  test.slow();
  await begin(page);
  await voicesReady(page);
  const panel = await reviewers(page);
  await panel.getByLabel('Password, may stay empty').fill('brass key');
  await panel.getByRole('button', { name: 'Make a link' }).click();
  const address = panel.getByRole('link');
  await expect(address).toBeVisible();
  const path = (await address.getAttribute('href')) ?? '';
  await expect(panel.getByText('Version 1 is what reviewers see.')).toBeVisible({ timeout: 150_000 });
  await accessible(page, 'reviewers, for the writer');

  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
  const asked: string[] = [];
  phone.on('request', (r) => asked.push(new URL(r.url()).pathname));
  await phone.goto(path);
  await phone.getByLabel('Password', { exact: true }).fill('copper key');
  await phone.keyboard.press('Enter');
  await expect(phone.getByText('That is not the password.', { exact: false })).toBeVisible();
  await phone.getByLabel('Password', { exact: true }).fill('brass key');
  await phone.keyboard.press('Enter');
  await expect(phone.getByRole('heading', { name: 'A small test of a big thing' })).toBeVisible();
  await expect(phone.locator('.review__line')).toHaveCount(5);
  await expect
    .poll(() => phone.locator('video').evaluate((v: HTMLVideoElement) => v.readyState))
    .toBeGreaterThan(0);
  await accessible(phone, 'review, narrow');
  await phone.setViewportSize({ width: 1280, height: 800 });

  await phone.getByRole('button', { name: 'Comment on: The baker kneads the dough at dawn.' }).click();
  await phone.getByLabel(/^What you want to say at/).fill('Is she holding flour?');
  await phone.getByLabel('Your name').fill('Odile');
  await phone.getByRole('button', { name: 'Show where' }).click();
  const area = phone.getByRole('button', { name: /^Draw a part of the picture/ });
  await area.focus();
  await phone.keyboard.press('Enter');
  await phone.keyboard.press('ArrowUp');
  await phone.keyboard.press('Shift+ArrowRight');
  await expect(phone.locator('.review__region')).toBeVisible();
  await phone.reload();
  await phone.getByRole('button', { name: 'Comment on: The baker kneads the dough at dawn.' }).click();
  await expect(phone.getByLabel(/^What you want to say at/)).toHaveValue('Is she holding flour?');
  await phone.getByRole('button', { name: 'Show where' }).click();
  const box = await area.boundingBox();
  if (!box) throw new Error('There is nothing to draw on.');
  await phone.mouse.move(box.x + box.width * 0.2, box.y + box.height * 0.3);
  await phone.mouse.down();
  await phone.mouse.move(box.x + box.width * 0.6, box.y + box.height * 0.5, { steps: 4 });
  await phone.mouse.up();
  await phone.getByRole('button', { name: 'Send', exact: true }).click();
  await expect(phone.getByRole('article', { name: 'Comment by Odile' })).toBeVisible();
  const strangers = asked.filter((p) => /^\/(api|media)\//.test(p) && !/^\/(api|media)\/review\//.test(p));
  expect(strangers).toEqual([]);

  // It arrives while the writer works on, with the reviewers' panel closed.
  await page.getByRole('button', { name: 'Back to the tools' }).click();
  await pass(page, 'Proof');
  const mark = page.locator('.mark-line').filter({ hasText: 'Odile: Is she holding flour?' });
  await expect(mark.first()).toBeVisible();
  await mark.first().getByRole('button', { name: 'Answer' }).click();
  const said = panel.getByRole('article', { name: 'Comment by Odile' });
  await said.getByRole('button', { name: 'Answer' }).click();
  await said.getByLabel('Answer to Odile').fill('Dough. I say so now.');
  await said.getByRole('button', { name: 'Send the answer' }).click();
  await words(page, 2).fill('The baker kneads her dough at dawn.');
  await saved(page);
  await panel.getByRole('button', { name: 'Show them the piece as it is now' }).click();
  await expect(panel.getByText('Version 2 is what reviewers see.')).toBeVisible({ timeout: 150_000 });

  await phone.reload();
  await expect(phone.getByText('Since version 1: 1 changed.')).toBeVisible();
  await expect(phone.locator('.review__line').nth(1)).toContainText(
    'the words on the screen and what is said changed',
  );
  const thread = phone.getByRole('article', { name: 'Comment by Odile' });
  await expect(thread).toContainText('Dough. I say so now.');
  await thread.getByRole('button', { name: 'Settled' }).click();
  await expect(thread.getByRole('button', { name: 'Open it again' })).toBeVisible();
  await phone.getByRole('button', { name: 'Approve version 2' }).click();
  await phone.getByRole('dialog').getByRole('button', { name: 'Approve', exact: true }).click();
  await expect(phone.getByRole('dialog')).toBeHidden();
  await expect(phone.getByText('Odile approved version 2.')).toBeVisible();
  await accessible(phone, 'review');

  await expect(panel.getByText('Odile approved version 2.')).toBeVisible({ timeout: 30_000 });
  await panel.getByRole('button', { name: 'Withdraw' }).click();
  await expect(panel.getByText('withdrawn, with a password')).toBeVisible();
  await phone.reload();
  await expect(phone.getByText('This link was withdrawn. Ask whoever sent it.')).toBeVisible();
});
