import { request as rawRequest } from 'node:http';
import { expect, type Page, test } from '@playwright/test';
import { eq } from 'drizzle-orm';
import { closeDatabase, db } from '../src/server/db/client.ts';
import { pieces } from '../src/server/db/schema.ts';
import { accessible, begin, lines, readDemo, saved, stored, words } from './steps.ts';

test.afterAll(closeDatabase);

test('a piece that cannot be read is one damaged card; the others open, and it can be kept as a file', async ({
  page,
}) => {
  const id = await begin(page, 'Damaged on the disk\n\nA boat goes by.');
  await saved(page);
  await db()
    .update(pieces)
    .set({ doc: { version: 4, scenes: 7 }, format: null })
    .where(eq(pieces.id, id));
  await page.goto('/');
  const card = page.locator('.piece-card--damaged');
  await expect(card).toContainText('Damaged on the disk');
  await expect(page.locator('.piece-card__open').first()).toBeVisible();
  await accessible(page, 'the desk with a damaged piece');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    card.getByRole('link', { name: 'Keep “Damaged on the disk” as a file' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe(`${id}.nabbet.json`);
  await page.goto(`/piece/${id}`);
  await expect(page.getByText(/stored piece is damaged/)).toBeVisible();
  await page.goto('/');
  await card.getByRole('button', { name: 'Put away “Damaged on the disk”' }).click();
  await expect(card).toHaveCount(0);
});

/** Refuses every batch in which some words are, as a server of another version might. */
async function refuse(page: Page, part: string): Promise<void> {
  await page.route('**/edits', (route) =>
    route.request().postData()?.includes(part)
      ? route.fulfill({
          status: 422,
          json: { failure: { code: 'edit-refused', reason: 'invalid', detail: 'It is too odd.' } },
        })
      : route.continue(),
  );
}

test('an edit that the server refuses goes aside with its words, the rest is saved, also over a reload', async ({
  page,
}) => {
  const id = await begin(page, 'Refused\n\nA boat goes by.\nA heron stands.\nThe lock opens.');
  await saved(page);
  await refuse(page, 'impossible');
  await words(page, 2).fill('An impossible boat.');
  await words(page, 3).fill('A heron flies.');
  const aside = page.getByRole('button', { name: '1 set aside' });
  await expect(aside).toBeVisible();
  await saved(page);
  expect((await stored(page, id)).piece.scenes.map((s: { shown: string }) => s.shown)).toEqual(
    await lines(page),
  );
  await expect(words(page, 2)).toHaveValue('A boat goes by.');
  await page.reload();
  await aside.click();
  const list = page.getByRole('list', { name: 'Changes that could not be saved' });
  await expect(list).toContainText('An impossible boat.');
  await expect(list).toContainText('It is too odd.');
  await accessible(page, 'edits that were set aside');
  await list.getByRole('button', { name: 'Put away: Type' }).click();
  await expect(aside).toHaveCount(0);
});

test('two windows without a connection keep a copy each, and both arrive when one was closed', async ({
  context,
}) => {
  const [one, two] = [await context.newPage(), await context.newPage()];
  const id = await begin(one, 'Two windows\n\nA boat goes by.\nA heron stands.');
  await saved(one);
  await two.goto(`/piece/${id}`);
  await expect(words(two, 3)).toBeVisible();
  const cut = async (p: Page) => p.route('**/edits', (route) => route.abort());
  await Promise.all([cut(one), cut(two)]);
  await words(one, 2).fill('From the first window.');
  await words(two, 3).fill('From the second window.');
  for (const p of [one, two]) await expect(p.locator('output.saved')).toHaveText(/Not saved yet/);
  await one.close();
  await two.unroute('**/edits');
  await two.reload();
  await expect(words(two, 2)).toHaveValue('From the first window.');
  await expect(words(two, 3)).toHaveValue('From the second window.');
  await saved(two);
  expect((await stored(two, id)).piece.scenes.slice(1).map((s: { shown: string }) => s.shown)).toEqual([
    'From the first window.',
    'From the second window.',
  ]);
});

/** A request as a browser does not make it: with another Host, or a path that is none. */
const raw = (base: string, path: string, headers: Record<string, string>, method = 'GET', body = '') =>
  new Promise<{ status: number; text: string; headers: Record<string, unknown> }>((resolve, reject) => {
    const { hostname, port } = new URL(base);
    const r = rawRequest({ hostname, port, path, method, headers }, (response) => {
      let text = '';
      response.on('data', (d) => {
        text += d;
      });
      response.on('end', () =>
        resolve({ status: response.statusCode ?? 0, text, headers: response.headers }),
      );
    });
    r.on('error', reject);
    r.end(body);
  });

test('who asks under another name is turned away, pages run only their own scripts', async ({
  page,
  baseURL,
}) => {
  const base = baseURL ?? '';
  for (const path of ['/', '/piece/x', '/api/pieces', '/media/shelf/joggers/wide', '/api/uploads'])
    for (const host of ['evil.example', 'localhost.evil.example:4300']) {
      const method = path === '/api/uploads' ? 'POST' : 'GET';
      expect((await raw(base, path, { host }, method)).status, `${path} of ${host}`).toBe(421);
    }
  const created = await raw(
    base,
    '/api/uploads',
    { 'tus-resumable': '1.0.0', 'upload-length': '5', origin: base },
    'POST',
  );
  expect(created.headers['access-control-allow-origin']).toBeUndefined();

  const broken: string[] = [];
  page.on('console', (m) => m.type() === 'error' && broken.push(m.text()));
  const response = await page.goto('/');
  const policy = response?.headers()['content-security-policy'] ?? '';
  expect(policy).toMatch(/script-src 'self' 'nonce-[A-Za-z0-9+/=]+'/);
  expect(policy).not.toMatch(/script-src[^;]*unsafe/);
  await expect(page.locator('.piece-card').first()).toBeVisible();
  const ran = await page.evaluate(() => {
    const script = document.createElement('script');
    script.textContent = 'window.strangers = 1';
    document.body.append(script);
    return 'strangers' in window;
  });
  expect(ran).toBe(false);
  expect(broken.filter((t) => !/strangers|inline script/i.test(t))).toEqual([]);
  expect((await raw(base, '/_next/image?url=%2Ficon.svg&w=64&q=75', {})).status).toBe(404);
});

test('ids that are odd, in another case or of an object, and halves of letters are answered and stop nothing', async ({
  page,
  baseURL,
}) => {
  const id = await begin(page, 'Odd ids\n\nA boat goes by.');
  await saved(page);
  const ask = async (path: string) => (await page.request.get(path)).status();
  const swapped = [...id].map((c) => (c === c.toLowerCase() ? c.toUpperCase() : c.toLowerCase())).join('');
  for (const odd of ['constructor', '__proto__', 'toString', swapped, '%F0%9F%9A%A4', '..%2f..%2fetc'])
    for (const path of [
      `/api/pieces/${odd}`,
      `/api/sources/${odd}`,
      `/api/renders/${odd}`,
      `/media/takes/${odd}`,
      `/media/assets/${odd}`,
      `/media/shelf/${odd}/wide`,
      `/media/renders/${odd}`,
    ]) {
      const status = await ask(path);
      expect(status, path).toBeGreaterThanOrEqual(400);
      expect(status, path).toBeLessThan(500);
    }
  const half = '{"script":"A \\ud83d boat.","split":"line","format":"9:16","voice":"maud","mood":null}';
  const answer = await raw(
    baseURL ?? '',
    '/api/pieces',
    { 'content-type': 'application/json' },
    'POST',
    half,
  );
  expect(answer.status).toBe(400);
  expect(answer.text).toContain('half of a letter');
});

test('an outline in two windows: each keeps what the other did, also offline, and steps survive a reload', async ({
  page,
  context,
}) => {
  await readDemo(page, 'lanternworks/wick-no-3');
  const second = await context.newPage();
  await second.goto(page.url());
  await expect(page.getByText('Also open in another window')).toBeVisible();
  const maker = (p: Page) => p.getByLabel('Maker');
  const availability = (p: Page) => p.getByRole('textbox', { name: 'Availability' });
  await maker(page).fill('Emberly and Daughters');
  await saved(page);
  await availability(second).fill('From the first frost');
  await saved(second);
  // The second window learned what the first had done before it.
  await expect(maker(second)).toHaveValue('Emberly and Daughters');

  // One window is cut off while the other goes on; what it missed it learns when it can save again.
  const cutOff = '**/api/sources/*/edits';
  await page.route(cutOff, (route) => route.abort());
  await maker(page).fill('Emberly, offline');
  await expect(page.locator('output.saved')).toHaveText(/Not saved yet/);
  await availability(second).fill('From the second frost');
  const id = page.url().split('/').pop();
  const learned = async () => (await (await page.request.get(`/api/sources/${id}`)).json()).source.facts;
  await expect.poll(async () => (await learned()).availability.value).toBe('From the second frost');
  await page.unroute(cutOff);
  await expect(page.locator('output.saved')).toHaveText(/Saved/, { timeout: 40_000 });
  await expect(availability(page)).toHaveValue('From the second frost');
  const { source, history } = await (await page.request.get(`/api/sources/${id}`)).json();
  expect([source.facts.maker.value, source.facts.availability.value]).toEqual([
    'Emberly, offline',
    'From the second frost',
  ]);
  expect(history).toHaveLength(4);

  await page.reload();
  await page.getByRole('button', { name: 'Undo: Correct the facts' }).click();
  // The last that was stored is what was typed offline.
  await expect(maker(page)).toHaveValue('Emberly and Daughters');
  await expect(availability(page)).toHaveValue('From the second frost');
  await saved(page);
});
