import { appendFile } from 'node:fs/promises';
import { describe, expect, it } from 'vitest';
import { SHOTS, shotBytes } from '../../../studio/fixtures/photos.ts';
import { dataPath } from '../config.ts';
import { shelfToOurselves } from '../shelf/testing.ts';
import { assetRecord } from './record.ts';
import { answerUpload } from './uploads.ts';

shelfToOurselves();

const ORIGIN = 'http://localhost:4300';
const HEADERS = { 'tus-resumable': '1.0.0' };

/** Speaks the tus protocol as a client does. */
const ask = (method: string, path: string, headers: Record<string, string>, body?: Uint8Array) =>
  answerUpload(
    new Request(ORIGIN + path, {
      method,
      headers: { ...HEADERS, ...headers },
      ...(body ? { body: body as BodyInit } : {}),
    }),
  );

async function begin(length: number, name: string): Promise<string> {
  const r = await ask('POST', '/api/uploads', {
    'upload-length': String(length),
    'upload-metadata': `filename ${Buffer.from(name).toString('base64')}`,
  });
  expect(r.status).toBe(201);
  return new URL(r.headers.get('location') ?? '', ORIGIN).pathname;
}

const part = (path: string, offset: number, bytes: Uint8Array) =>
  ask(
    'PATCH',
    path,
    { 'upload-offset': String(offset), 'content-type': 'application/offset+octet-stream' },
    bytes,
  );

const shot = SHOTS.find((s) => s.name === 'bridge at night.jpg');

describe('uploads', () => {
  it('take a photo in parts, tell how far it came, and become an asset with its name', async () => {
    if (!shot) throw new Error('no shot');
    const bytes = await shotBytes(shot, 500);
    const path = await begin(bytes.length, shot.name);
    const half = Math.floor(bytes.length / 2);
    expect((await part(path, 0, bytes.subarray(0, half))).status).toBe(204);
    const head = await ask('HEAD', path, {});
    expect(head.headers.get('upload-offset')).toBe(String(half));
    expect((await part(path, 0, bytes.subarray(half))).status).toBe(409);
    const last = await part(path, half, bytes.subarray(half));
    expect(last.status).toBe(204);
    const record = await assetRecord(last.headers.get('x-asset') ?? '');
    expect(record).toMatchObject({ title: 'Bridge at night', licence: 'own', width: 500 });
    expect((await ask('HEAD', path, {})).status).toBeGreaterThanOrEqual(400);
  });

  it('that arrived whole while the server was stopped are taken in when the client asks how far it came', async () => {
    if (!shot) throw new Error('no shot');
    const bytes = await shotBytes(shot, 420);
    const path = await begin(bytes.length, shot.name);
    expect((await part(path, 0, bytes.subarray(0, 100))).status).toBe(204);
    // The rest is written, and the server dies before it can do anything with it.
    await appendFile(dataPath('uploads', path.split('/').at(-1) ?? ''), bytes.subarray(100));
    const away = () => Promise.reject(Object.assign(new Error('x'), { code: 'ECONNREFUSED', fatal: true }));
    const head = new Request(ORIGIN + path, { method: 'HEAD', headers: HEADERS });
    expect((await answerUpload(head, away)).status).toBe(503);
    const back = await ask('HEAD', path, {});
    expect(back.status).toBe(200);
    expect(await assetRecord(back.headers.get('x-asset') ?? '')).toMatchObject({ width: 420 });
    expect((await ask('HEAD', path, {})).status).toBeGreaterThanOrEqual(400);
  });

  it('answer a file that is no picture with words, and forget it', async () => {
    const bytes = Buffer.from('this is no photo at all');
    const path = await begin(bytes.length, 'x.jpg');
    const r = await part(path, 0, bytes);
    expect(r.status).toBe(422);
    expect(await r.text()).toMatch(/not a picture/);
  });

  it('refuse a large file that is no clip with words', async () => {
    const bytes = Buffer.alloc(61_000_000, 7);
    const path = await begin(bytes.length, 'x.mp4');
    const r = await part(path, 0, bytes);
    expect(r.status).toBe(422);
    expect(await r.text()).toMatch(/neither a clip/);
  });

  it('refuse what is too large before it is sent', async () => {
    const r = await ask('POST', '/api/uploads', { 'upload-length': '9000000000' });
    expect(r.status).toBe(413);
  });
});
