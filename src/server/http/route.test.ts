import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Joi from 'joi';
import { describe, expect, it } from 'vitest';
import { answer, byId, endpoint } from '../../api/endpoint.ts';
import type { Refusal } from '../../api/refusal.ts';
import { Failed, failureOf } from '../../core/failure.ts';
import { fileResponse } from './files.ts';
import { bytesOf, guarded, Refused, route } from './route.ts';

const add = endpoint('POST', '/api/things/:id', {
  params: byId,
  query: Joi.object<{ loud?: boolean }>({ loud: Joi.boolean() }),
  body: Joi.object<{ n: number }>({ n: Joi.number().required() }),
  status: 201,
  answer: answer<{ id: string; n: number; loud: boolean }>(),
});
const adding = route(add, async ({ params, query, body }) => ({
  id: params.id,
  n: body.n,
  loud: query.loud ?? false,
}));
const post = (content: string, headers: Record<string, string> = {}, query = '') =>
  new Request(`http://localhost:4300/api/things/x${query}`, {
    method: 'POST',
    body: content,
    headers: { host: 'localhost:4300', ...headers },
  });
const context = (id = 'thing-1') => ({ params: Promise.resolve({ id }) });
const refused = async (response: Promise<Response>): Promise<[number, string]> => {
  const r = await response;
  const { failure, error } = (await r.json()) as Refusal;
  expect(error.length).toBeGreaterThan(10);
  return [r.status, failure.code];
};

describe('requests', () => {
  it('reach the work as their schemas say: values made what they are, nothing more', async () => {
    const r = await adding(post('{"n": "3"}', {}, '?loud=true'), context());
    expect([r.status, await r.json()]).toEqual([201, { id: 'thing-1', n: 3, loud: true }]);
    expect(await refused(adding(post('{"n": "x"}'), context()))).toEqual([400, 'bad-request']);
    expect(await refused(adding(post('{"n": 1, "more": 2}'), context()))).toEqual([400, 'bad-request']);
    expect(await refused(adding(post('{"n": 1}', {}, '?quiet=1'), context()))).toEqual([400, 'bad-request']);
    expect(await refused(adding(post('{"n": 1}'), context('x'.repeat(65))))).toEqual([400, 'bad-request']);
    expect(await refused(adding(post('no json'), context()))).toEqual([400, 'no-json']);
  });

  it('are read up to their limit and not further, also when their length is not told or is a lie', async () => {
    expect((await bytesOf(post('12345'), 5)).toString()).toBe('12345');
    const code = (r: Request) => bytesOf(r, 5).then(String, (e) => failureOf(e).code);
    expect(await code(post('123456'))).toBe('too-large');
    expect(await code(post('123456', { 'content-length': '3' }))).toBe('too-large');
    expect(await refused(adding(post('x'.repeat(4_100_000)), context()))).toEqual([413, 'too-large']);
  });

  it('beyond this machine want its token, but for those of a reviewer, who has a link; both must name this server', async () => {
    const wide = () => ({ host: '0.0.0.0', port: 4300, names: [], token: 'a token of sixteen' });
    const asked = async (access: 'writer' | 'reviewer', host: string) => {
      const handler = guarded(async () => new Response('in'), access, wide);
      return (await handler(new Request('http://localhost/api/x', { headers: { host } }))).status;
    };
    expect([await asked('writer', '10.0.0.7'), await asked('reviewer', '10.0.0.7')]).toEqual([401, 200]);
    expect([await asked('writer', 'evil.example'), await asked('reviewer', 'evil.example')]).toEqual([
      421, 421,
    ]);
  });

  it('from other sites do not change anything', async () => {
    const status = async (headers: Record<string, string>) =>
      (await adding(post('{"n": 1}', headers), context())).status;
    expect(await status({})).toBe(201);
    expect(await status({ origin: 'http://localhost:4300' })).toBe(201);
    expect(await status({ origin: 'http://evil.example' })).toBe(403);
    expect(await status({ origin: 'null' })).toBe(403);
    expect(await status({ 'sec-fetch-site': 'cross-site' })).toBe(403);
    const reading = route(endpoint('GET', '/api/x', { answer: answer<string>() }), async () => 'seen');
    const get = new Request('http://localhost:4300/api/x', { headers: { origin: 'http://evil.example' } });
    expect((await reading(get)).status).toBe(200);
  });

  it('that fail are answered with their code and its status; what nobody expected is not told', async () => {
    const failing = (e: unknown) =>
      route(endpoint('GET', '/api/x', {}), async () => {
        throw e;
      })(new Request('http://localhost:4300/api/x'));
    expect(await refused(failing(new Failed({ code: 'no-piece' })))).toEqual([404, 'no-piece']);
    const r = await failing(new Error('the password is 1234'));
    expect(r.status).toBe(500);
    expect(await r.text()).not.toContain('1234');
  });

  it('may be refused with more than the failure, or answered with nothing to say', async () => {
    const some = endpoint('GET', '/api/x', {});
    const ask = new Request('http://localhost:4300/api/x');
    const late = await route(some, async () => new Refused({ code: 'behind' }, { rev: 7 }))(ask);
    expect([late.status, await late.json()]).toMatchObject([409, { rev: 7, failure: { code: 'behind' } }]);
    const quiet = await route(some, async () => undefined)(ask);
    expect([quiet.status, await quiet.text()]).toEqual([204, '']);
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
      const head = await fileResponse(new Request('http://x/', { method: 'HEAD' }), file, 'text/plain');
      expect([head.headers.get('content-length'), head.body]).toEqual(['10', null]);
      const none = fileResponse(new Request('http://x/'), path.join(folder, 'none'), 'text/plain');
      expect(await none.catch((e) => failureOf(e).code)).toBe('no-file');
    } finally {
      await rm(folder, { recursive: true, force: true });
    }
  });
});
