import { randomBytes } from 'node:crypto';
import { mkdir, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { eq } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { type AnyEndpoint, addressOf } from '../../api/endpoint.ts';
import type { Refusal } from '../../api/refusal.ts';
import type * as api from '../../api/reviews.ts';
import { failureOf } from '../../core/failure.ts';
import { sceneEdit } from '../../core/piece/edit.ts';
import { piece, scene } from '../../core/piece/testing.ts';
import { CONFIG, dataPath } from '../config.ts';
import { db } from '../db/client.ts';
import { pieces, renders, reviews } from '../db/schema.ts';
import { filePieces } from '../desk/filing.ts';
import type { EndpointHandler } from '../http/route.ts';
import { renderFile } from '../jobs/renders.ts';
import { queueToOurselves } from '../jobs/testing.ts';
import { appendEntries, createPiece } from '../pieces/pieces.ts';
import { answerComment, commentsOf, settle } from './comments.ts';
import { changeReview, createReview, linksOf } from './links.ts';
import { reviewState } from './page.ts';
import { sendVersion } from './versions.ts';

queueToOurselves();

const at = async (folder: string, method: string): Promise<EndpointHandler> =>
  (await import(path.join(CONFIG.root, 'src/app', folder, 'route.ts')))[method];
const opening = await at('api/review/[secret]', 'GET');
const entering = await at('api/review/[secret]/password', 'POST');
const commenting = await at('api/review/[secret]/comments', 'POST');
const settling = await at('api/review/[secret]/comments/[comment]', 'PATCH');
const watching = await at('media/review/[secret]/[version]', 'GET');

/** Asks as a browser beyond loopback would: without the token of the installation. */
async function ask(
  handler: EndpointHandler,
  params: Record<string, string>,
  { body, cookie, headers = {} }: { body?: unknown; cookie?: string; headers?: Record<string, string> } = {},
) {
  const endpoint = handler.endpoint as AnyEndpoint;
  const request = new Request(`http://localhost:4300${addressOf(endpoint, params)}`, {
    method: endpoint.method,
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    headers: { host: 'localhost:4300', ...(cookie ? { cookie } : {}), ...headers },
  });
  return handler(request, { params: Promise.resolve(params) });
}
const refusedAs = async (response: Promise<Response>) =>
  ((await (await response).json()) as Refusal).failure.code;

/** Has the newest version of a piece rendered: two seconds a scene. */
async function render(pieceId: string): Promise<void> {
  await mkdir(dataPath('renders'), { recursive: true });
  for (const row of await db().select().from(renders).where(eq(renders.pieceId, pieceId))) {
    await writeFile(renderFile(row.id), `video ${row.version}`);
    const doc = typeof row.doc === 'string' ? JSON.parse(row.doc) : row.doc;
    const scenes = (doc as { scenes: { id: string }[] }).scenes.map(({ id }, i) => ({
      ...{ id, startMs: i * 2000, endMs: (i + 1) * 2000 },
    }));
    await db().update(renders).set({ state: 'done', scenes }).where(eq(renders.id, row.id));
  }
}

async function underReview({ password = '', days = 7 } = {}) {
  const pieceId = await createPiece(
    piece([scene('a', 'The lift waits.'), scene('b', 'Nobody comes.')], { title: 'Lift' }),
  );
  const { id, path } = await createReview(pieceId, { days, password });
  await render(pieceId);
  return { pieceId, id, secret: path.split('/').at(-1) as string };
}
const page = async (secret: string, cookie?: string) =>
  (await (await ask(opening, { secret }, cookie ? { cookie } : {})).json()) as api.ReviewPage;
const says = (text: string, more: object = {}) => ({ author: 'Ida', text, version: 1, ...more });

describe('a link', () => {
  it('opens the piece it was made for, its video in parts, and moves it on to “in review”', async () => {
    const { secret, pieceId } = await underReview();
    expect(await page(secret)).toMatchObject({
      ...{ title: 'Lift', version: 1, changes: null, comments: [] },
      scenes: [
        { id: 'a', startMs: 0, endMs: 2000, shown: 'The lift waits.', spoken: 'The lift waits.' },
        { id: 'b', startMs: 2000, endMs: 4000 },
      ],
    });
    const part = await ask(watching, { secret, version: '1' }, { headers: { range: 'bytes=0-4' } });
    expect([part.status, await part.text()]).toEqual([206, 'video']);
    const [row] = await db().select().from(pieces).where(eq(pieces.id, pieceId));
    expect(row?.state).toBe('in review');
  });

  it('cannot be guessed, not even by changing the case of its letters', async () => {
    const { secret } = await underReview();
    const flipped = [...secret]
      .map((c) => (c === c.toLowerCase() ? c.toUpperCase() : c.toLowerCase()))
      .join('');
    const guesses = Array.from({ length: 100 }, () => randomBytes(24).toString('base64url'));
    for (const guess of [flipped, secret.slice(1), `${secret}a`, '%', "' or 1=1 -- ", ...guesses]) {
      expect(await refusedAs(ask(opening, { secret: guess }))).toBe('no-review');
      expect((await ask(watching, { secret: guess, version: '1' })).status).toBe(404);
    }
  });

  it('opens nothing once it was withdrawn or its time is over, and again when that is taken back', async () => {
    const { secret, id, pieceId } = await underReview();
    await changeReview(id, { withdrawn: true });
    expect(await refusedAs(ask(opening, { secret }))).toBe('review-over');
    expect(await refusedAs(ask(watching, { secret, version: '1' }))).toBe('review-over');
    expect(await refusedAs(ask(commenting, { secret }, { body: says('Too late.') }))).toBe('review-over');
    await changeReview(id, { withdrawn: false });
    expect((await page(secret)).version).toBe(1);
    await db()
      .update(reviews)
      .set({ expiresAt: new Date(0) })
      .where(eq(reviews.id, id));
    expect(await refusedAs(ask(opening, { secret }))).toBe('review-over');
    await changeReview(id, { days: 1 });
    expect((await page(secret)).version).toBe(1);
    await filePieces({ ids: [pieceId], place: 'bin' });
    expect(await refusedAs(ask(watching, { secret, version: '1' }))).toBe('review-over');
    await filePieces({ ids: [pieceId], place: 'desk' });
    expect((await page(secret)).version).toBe(1);
  });

  it('with a password opens nothing without it, and does not let it be tried for long', async () => {
    const { secret, pieceId } = await underReview({ password: 'brass key' });
    const other = await underReview({ password: 'brass key' });
    expect(await refusedAs(ask(opening, { secret }))).toBe('review-locked');
    expect(await refusedAs(ask(watching, { secret, version: '1' }))).toBe('review-locked');
    expect(await refusedAs(ask(commenting, { secret }, { body: says('In?') }))).toBe('review-locked');
    const entered = await ask(entering, { secret }, { body: { password: 'brass key' } });
    const cookie = entered.headers.get('set-cookie')?.split(';')[0] ?? '';
    expect(entered.headers.get('set-cookie')).toMatch(/HttpOnly/);
    expect((await page(secret, cookie)).title).toBe('Lift');
    expect((await ask(watching, { secret, version: '1' }, { cookie })).status).toBe(200);
    expect(await refusedAs(ask(opening, { secret: other.secret }, { cookie }))).toBe('review-locked');
    expect(JSON.stringify(await linksOf(pieceId))).not.toMatch(/brass/);
    const tries = [];
    for (let i = 0; i < 14; i++)
      tries.push(await refusedAs(ask(entering, { secret }, { body: { password: `try ${i}` } })));
    expect(tries.slice(0, 5)).toEqual(Array.from({ length: 5 }, () => 'wrong-password'));
    expect(tries.at(-1)).toBe('too-often');
  });

  it('shows no other piece: neither its video nor its comments', async () => {
    const [one, other] = [await underReview(), await underReview()];
    await sendVersion(other.pieceId);
    const said = await ask(commenting, { secret: other.secret }, { body: says('Mine.') });
    const { id: comment } = (await said.json()) as { id: string };
    expect((await page(one.secret)).comments).toEqual([]);
    const body = { settled: true };
    expect(await refusedAs(ask(settling, { secret: one.secret, comment }, { body }))).toBe('no-comment');
    const answer = { body: says('Theirs.', { parentId: comment }) };
    expect(await refusedAs(ask(commenting, { secret: one.secret }, answer))).toBe('no-comment');
    expect(await refusedAs(ask(watching, { secret: one.secret, version: '2' }))).toBe('no-version');
  });
});

describe('comments', () => {
  it('stand at the scene of their moment, with their part of the frame; answers go with them', async () => {
    const { secret, pieceId } = await underReview();
    const region = { x: 0.1, y: 0.2, width: 0.3, height: 0.4 };
    await ask(commenting, { secret }, { body: says('Too dark.', { atMs: 2500, region }) });
    await ask(commenting, { secret }, { body: says('Lovely.') });
    const [dark, lovely] = await commentsOf(pieceId);
    expect(dark).toMatchObject({ sceneId: 'b', atMs: 2500, region, byWriter: false, version: 1 });
    expect(lovely).toMatchObject({ sceneId: null, atMs: null });
    const answer = await answerComment(dark?.id ?? '', 'Lighter now.');
    await ask(commenting, { secret }, { body: says('Thanks.', { parentId: answer }) });
    const all = (await page(secret)).comments;
    expect(all.map((c) => [c.author, c.parentId === dark?.id, c.sceneId])).toEqual([
      ['Ida', false, 'b'],
      ['Ida', false, null],
      ['The writer', true, 'b'],
      ['Ida', true, 'b'],
    ]);
    await settle(dark?.id ?? '', true);
    expect((await reviewState(pieceId)).comments[0]?.settledAt).not.toBeNull();
  });

  it('are words: no markup is taken for anything else, and too many or too long ones are refused', async () => {
    const { secret, pieceId } = await underReview();
    const text = '<img src=x onerror=alert(1)> & "quotes" \u{1F6A2}';
    await ask(commenting, { secret }, { body: says(text) });
    expect((await commentsOf(pieceId))[0]?.text).toBe(text);
    expect(await refusedAs(ask(commenting, { secret }, { body: says('x'.repeat(2001)) }))).toBe(
      'bad-request',
    );
    expect(await refusedAs(ask(commenting, { secret }, { body: says('x', { atMs: -1 }) }))).toBe(
      'bad-request',
    );
    const codes = new Set<string>();
    for (let i = 0; i < 260; i++) {
      const response = await ask(commenting, { secret }, { body: says(`Word ${i}`) });
      if (!response.ok) codes.add(((await response.json()) as Refusal).failure.code);
    }
    expect([...codes]).toEqual(['too-often']);
  });
});

describe('versions', () => {
  it('are made when something is seen or heard that was not before, and say what', async () => {
    const { secret, pieceId } = await underReview();
    expect(await sendVersion(pieceId)).toEqual({ version: 1, made: false });
    const edit = sceneEdit('type', 'b', { shown: 'Somebody comes.' });
    await appendEntries(pieceId, 0, [{ id: 'entry-1', kind: 'do', ref: null, edit }]);
    expect(await sendVersion(pieceId)).toEqual({ version: 2, made: true });
    expect(await page(secret)).toMatchObject({ version: 1, coming: { version: 2, state: 'coming' } });
    await render(pieceId);
    expect(await page(secret)).toMatchObject({
      ...{ version: 2, coming: null },
      changes: { since: 1, piece: [], gone: {}, scenes: [{ id: 'b', aspects: ['words', 'voice'] }] },
    });
  });

  it('that failed are made anew; a piece without scenes has none', async () => {
    const { pieceId } = await underReview();
    await db().update(renders).set({ state: 'failed' }).where(eq(renders.pieceId, pieceId));
    expect((await reviewState(pieceId)).versions[0]?.state).toBe('failed');
    expect(await sendVersion(pieceId)).toEqual({ version: 2, made: true });
    const empty = await createPiece(piece([]));
    const code = await createReview(empty, { days: 1, password: '' }).catch((e) => failureOf(e).code);
    expect(code).toBe('no-scenes');
  });
});
