import { afterEach, describe, expect, it, vi } from 'vitest';
import { appendEdits, getPiece } from '../../api/pieces.ts';
import { settleComment } from '../../api/reviews.ts';
import { listSources } from '../../api/sources.ts';
import { sceneEdit } from '../../core/piece/edit.ts';
import { sendEntries } from '../sync/send.ts';
import { ApiError, call } from './api.ts';

const asked: { url: string; init: RequestInit }[] = [];
/** The next request is answered like this. */
function answerWith(answer: (() => Response) | Error): void {
  asked.length = 0;
  vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
    asked.push({ url, init });
    if (answer instanceof Error) throw answer;
    return answer();
  });
}
const json =
  (body: unknown, status = 200) =>
  () =>
    Response.json(body, { status });
const caught = (work: Promise<unknown>) => work.catch((e: unknown) => e as Error);
afterEach(() => vi.unstubAllGlobals());

describe('asking the server', () => {
  it('goes to the endpoint’s address by its method, and gives what it answers', async () => {
    answerWith(json([{ id: 'p' }]));
    expect(await call(listSources, {})).toEqual([{ id: 'p' }]);
    expect(asked[0]).toMatchObject({ url: '/api/sources', init: { method: 'GET' } });
    expect(asked[0]?.init.body).toBeUndefined();
    answerWith(() => new Response(null, { status: 204 }));
    expect(await call(settleComment, { params: { id: 'a/b' }, body: { settled: true } })).toBeUndefined();
    expect(asked[0]).toMatchObject({
      url: '/api/comments/a%2Fb',
      init: { method: 'PATCH', body: '{"settled":true}', headers: { 'Content-Type': 'application/json' } },
    });
  });

  it('says why the server refuses, in words, with its failure', async () => {
    answerWith(json({ failure: { code: 'no-piece' }, error: 'x', more: 7 }, 404));
    const e = await caught(call(getPiece, { params: { id: 'p' } }));
    expect(e).toBeInstanceOf(ApiError);
    expect(e).toMatchObject({ status: 404, failure: { code: 'no-piece' }, body: { more: 7 } });
    expect((e as Error).message).toMatch(/piece/);
  });

  it('does not stumble over an answer that is none', async () => {
    answerWith(() => new Response('<html>Bad gateway</html>', { status: 502 }));
    expect(await caught(call(listSources, {}))).toMatchObject({ status: 502, failure: { code: 'unknown' } });
    answerWith(new TypeError('Failed to fetch'));
    expect((await caught(call(listSources, {}))) as Error).toMatchObject({
      message: expect.stringMatching(/cannot be reached/),
    });
    const stopped = Object.assign(new Error('stopped'), { name: 'AbortError' });
    answerWith(stopped);
    expect(await caught(call(listSources, {}))).toBe(stopped);
  });
});

describe('sending edits', () => {
  const entries = [
    { id: 'entry-1', kind: 'do' as const, ref: null, edit: sceneEdit('type', 'a', { shown: 'x' }) },
  ];
  const send = () => sendEntries(appendEdits, 'piece-1', 4, entries, true);

  it('tells the revision that was reached; the last request may outlive its page', async () => {
    answerWith(json({ rev: 5 }));
    expect(await send()).toEqual({ kind: 'stored', rev: 5 });
    expect(asked[0]).toMatchObject({
      url: '/api/pieces/piece-1/edits',
      init: { method: 'POST', keepalive: true, signal: expect.any(AbortSignal) },
    });
    expect(JSON.parse(String(asked[0]?.init.body))).toEqual({ baseRev: 4, entries });
  });

  it('tells what others did when they were faster', async () => {
    const behind = { rev: 6, since: [{ id: 'other-1' }], known: [] };
    answerWith(json({ failure: { code: 'behind' }, error: 'x', ...behind }, 409));
    expect(await send()).toMatchObject({ kind: 'behind', ...behind });
  });

  it.each([
    ['no connection', new TypeError('Failed to fetch'), 'unreachable'],
    ['no answer in time', new DOMException('', 'TimeoutError'), 'unreachable'],
    [
      'a server in trouble',
      json({ failure: { code: 'unknown', detail: '' }, error: 'x' }, 500),
      'unreachable',
    ],
    ['a server with too much to do', json({}, 429), 'unreachable'],
    ['a piece that is gone', json({ failure: { code: 'no-piece' }, error: 'x' }, 404), 'refused'],
    [
      'an edit that is none',
      json({ failure: { code: 'bad-request', what: 'x' }, error: 'x' }, 400),
      'refused',
    ],
  ] as const)('%s: it is tried again, or it is not', async (_, answer, kind) => {
    answerWith(answer);
    const result = await send();
    expect(result.kind).toBe(kind);
  });
});
