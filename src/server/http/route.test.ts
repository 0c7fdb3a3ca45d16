import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Joi from 'joi';
import { describe, expect, it } from 'vitest';
import { body, bytesOf, check, fileResponse, HttpError, route } from './http.ts';

const post = (content: string, headers: Record<string, string> = {}) =>
  new Request('http://nabbet.test/api/x', {
    method: 'POST',
    body: content,
    headers: { host: 'nabbet.test', ...headers },
  });
const schema = Joi.object({ n: Joi.number().required() });
const failure = async (work: Promise<unknown>): Promise<HttpError> => {
  const e = await work.then(
    () => null,
    (x) => x,
  );
  expect(e).toBeInstanceOf(HttpError);
  return e as HttpError;
};

describe('requests', () => {
  it('are checked by a schema', async () => {
    expect(await body(post('{"n": 3}'), schema)).toEqual({ n: 3 });
    expect((await failure(body(post('{"n": "x"}'), schema))).status).toBe(400);
    expect((await failure(body(post('no json'), schema))).message).toMatch(/no JSON/);
    expect(() => check({ n: 1, more: 2 }, schema)).toThrow(/more/);
  });

  it('are read up to their limit and not further', async () => {
    expect((await bytesOf(post('12345'), 5)).toString()).toBe('12345');
    expect((await failure(bytesOf(post('123456'), 5))).status).toBe(413);
    expect((await failure(body(post('x'.repeat(4_100_000)), schema))).status).toBe(413);
  });

  it('from other sites do not change anything', async () => {
    const handler = route(async () => Response.json({ ok: true }));
    const status = async (r: Request) => (await handler(r, undefined)).status;
    expect(await status(post('{}'))).toBe(200);
    expect(await status(post('{}', { origin: 'http://nabbet.test' }))).toBe(200);
    expect(await status(post('{}', { origin: 'http://evil.example' }))).toBe(403);
    expect(await status(post('{}', { origin: 'null' }))).toBe(403);
    expect(await status(post('{}', { 'sec-fetch-site': 'cross-site' }))).toBe(403);
    expect(
      await status(new Request('http://nabbet.test/api/x', { headers: { origin: 'http://evil.example' } })),
    ).toBe(200);
  });

  it('that fail inside are answered without telling how', async () => {
    const handler = route(async () => {
      throw new Error('the password is 1234');
    });
    const r = await handler(post('{}'), undefined);
    expect(r.status).toBe(500);
    expect(await r.text()).not.toContain('1234');
  });
});

describe('files', () => {
  it('are sent whole or by range', async () => {
    const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-http-'));
    try {
      const file = path.join(folder, 'x.bin');
      await writeFile(file, '0123456789');
      const get = (range?: string) =>
        fileResponse(new Request('http://x/', range ? { headers: { range } } : {}), file, 'text/plain', {
          download: 'a b.txt',
        });
      expect(await (await get()).text()).toBe('0123456789');
      const some = await get('bytes=2-4');
      expect([some.status, await some.text(), some.headers.get('content-range')]).toEqual([
        206,
        '234',
        'bytes 2-4/10',
      ]);
      expect(await (await get('bytes=-3')).text()).toBe('789');
      expect((await get('bytes=20-30')).status).toBe(416);
      expect((await get()).headers.get('content-disposition')).toContain('a%20b.txt');
      expect(
        (await failure(fileResponse(new Request('http://x/'), path.join(folder, 'none'), 'text/plain')))
          .status,
      ).toBe(404);
    } finally {
      await rm(folder, { recursive: true, force: true });
    }
  });
});
