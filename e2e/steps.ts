import AxeBuilder from '@axe-core/playwright';
import { expect, type Locator, type Page, test } from '@playwright/test';

export const SCRIPT = `A small test of a big thing

The baker kneads the dough at dawn.
A boat goes down the canal under the bridge. [a narrow boat]
Lanterns glow over the night market.
Come along on Thursday.`;

/** A name that is used by no earlier run of the test: what those left on the desk is not met again. */
export const fresh = (name: string): string => {
  const { retry, repeatEachIndex } = test.info();
  const earlier = retry + repeatEachIndex * 2;
  return `${name} run${String.fromCharCode(97 + earlier)}`;
};

/** Lays words on the empty sheet of the desk. */
export async function lay(page: Page, words: string, split?: string): Promise<void> {
  await page.goto('/');
  await page.getByLabel('Words of row 1', { exact: true }).fill(words);
  if (split) await page.getByLabel('Cut by').getByText(split).click();
}

/** Has one of the made-up pages read, by its path; waits for the outline. */
export async function readDemo(page: Page, path: string): Promise<void> {
  await page.goto('/');
  await page
    .getByLabel('Words of row 1', { exact: true })
    .fill(`${new URL(page.url()).origin}/demo-web/${path}`);
  await page.getByRole('button', { name: 'Read the page' }).click();
  await page.waitForURL(/\/outline\//);
  await expect(page.locator('.scene-line').first()).toBeVisible();
}

/** Lays files on the sheet. */
export const layFiles = (page: Page, files: Parameters<Locator['setInputFiles']>[0]): Promise<void> =>
  page.getByLabel('Files', { exact: true }).setInputFiles(files);

/** A photo set that is still empty. */
export async function emptySet(page: Page): Promise<void> {
  const answer = await page.request.post('/api/sources', { data: { from: 'photos', title: '' } });
  await page.goto(`/outline/${(await answer.json()).id}`);
}

/** Begins a piece with a script, as a writer does, and waits for the sheet. */
export async function begin(page: Page, script = SCRIPT, split = 'Lines'): Promise<string> {
  await lay(page, script, split);
  await page.getByRole('button', { name: 'Make the first draft' }).click();
  // The first draft of all loads what the matching knows, beside everything else that is tested.
  await expect(page.getByLabel('Sheet', { exact: true })).toBeVisible({ timeout: 150_000 });
  return page.url().split('/').pop() ?? '';
}

export const rows = (page: Page): Locator => page.getByLabel('Sheet', { exact: true }).getByRole('article');
export const words = (page: Page, n: number): Locator =>
  page.getByLabel(`Words of scene ${n}`, { exact: true });
/** The words of all rows, also of those out of sight. */
export const lines = (page: Page): Promise<string[]> =>
  rows(page).evaluateAll((all) =>
    all.map((row) => {
      const field = row.querySelector<HTMLTextAreaElement>('.words textarea');
      return field?.value ?? row.querySelector('.words__mirror')?.textContent ?? '';
    }),
  );

export async function saved(page: Page): Promise<void> {
  await expect(page.locator('output.saved')).toHaveText(/Saved/);
}

/** Waits until all voices and the music are there. */
export async function voicesReady(page: Page): Promise<void> {
  await expect(page.locator('.row__time--estimated')).toHaveCount(0, { timeout: 90_000 });
}

export async function pass(
  page: Page,
  name: 'Words' | 'Pictures' | 'Look' | 'Voice' | 'Music' | 'Proof',
): Promise<void> {
  await page.getByRole('navigation', { name: 'Passes' }).getByText(name).click();
}

/** Waits until the strip, which comes a moment after the sheet, has the scene of a row as the selected one. */
export async function stripShows(page: Page, row: number): Promise<void> {
  await expect(page.locator('.strip__scene').nth(row - 1)).toHaveClass(/strip__scene--on/);
}

/** Takes hold of something once it stands still and nothing covers it, and draws it along; right, down: pixels. */
export async function drag(page: Page, what: Locator, right: number, down = 0): Promise<void> {
  await what.hover();
  const at = await what.boundingBox();
  if (!at) throw new Error('There is nothing to take hold of.');
  const [x, y] = [at.x + at.width / 2, at.y + at.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + right, y + down, { steps: 6 });
  await page.mouse.up();
}

/**
 * Presses a key until it has its effect: while a drag by keyboard begins, the very first key may come before anybody
 * listens for it. A key that was heard is not pressed again.
 */
export async function pressUntil(page: Page, key: string, effect: Locator): Promise<void> {
  await expect(async () => {
    await page.keyboard.press(key);
    await expect(effect).toBeAttached({ timeout: 4000 });
  }).toPass();
}

/** The server's own copy of a piece. */
export async function stored(page: Page, id: string) {
  return (await page.request.get(`/api/pieces/${id}`)).json();
}

/** What axe finds on the page against WCAG 2.2 AA: nothing. */
export async function accessible(page: Page, where: string): Promise<void> {
  // Colours are judged when nothing moves any more. One motion may begin at the end of another
  // (the plate of the chosen pass slides, then its label takes its colour), so it must hold for
  // some frames one after the other.
  await page.waitForFunction(() => {
    const moving =
      document.querySelector('.ant-segmented-thumb') !== null ||
      document
        .getAnimations()
        .some(
          (a) => a.playState !== 'finished' && a.effect?.getTiming().iterations !== Number.POSITIVE_INFINITY,
        );
    const seen = window as typeof window & { framesAtRest?: number };
    seen.framesAtRest = moving ? 0 : (seen.framesAtRest ?? 0) + 1;
    return seen.framesAtRest > 6;
  });
  await page.evaluate(() => {
    (window as typeof window & { framesAtRest?: number }).framesAtRest = 0;
  });
  // A notice that comes meanwhile is there at once.
  const still = await page.addStyleTag({
    content: '* { animation: none !important; transition: none !important }',
  });
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
    .analyze();
  await still.evaluate((style) => (style as HTMLStyleElement).remove());
  const found = violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`);
  expect(found, where).toEqual([]);
}

/** Gives the piece a look, by its label. */
export async function wear(page: Page, look: string): Promise<void> {
  await pass(page, 'Look');
  const button = page.getByRole('list', { name: 'Looks', exact: true }).getByRole('button', { name: look });
  await button.click();
  await expect(button).toHaveAttribute('aria-pressed', 'true');
}
