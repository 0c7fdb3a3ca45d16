import { writeFile } from 'node:fs/promises';
import path from 'node:path';
import sharp from 'sharp';
import { seeded } from '../../core/hash.ts';
import { run } from '../../server/program.ts';
import { insist, renderToEnd, upload } from './client.ts';

/**
 * Sends a picture of noise, so that it has some size, and looks at what was made of it; the same number gives the same
 * picture. Gives what came of it, in words.
 */
export async function uploadOne(base: string, n: number): Promise<string> {
  const random = seeded(`picture-${n}`);
  const raw = Buffer.from(Array.from({ length: 500 * 400 * 3 }, () => Math.floor(random() * 256)));
  const png = await sharp(raw, { raw: { width: 500, height: 400, channels: 3 } })
    .png()
    .toBuffer();
  const outcome = await upload(base, png, `noise ${n}.png`);
  if (!/^a[0-9a-f]{20}$/.test(outcome)) return outcome;
  const picture = await insist(`${base}/media/assets/${outcome}`);
  const { width } = await sharp(Buffer.from(await picture.arrayBuffer())).metadata();
  return width === 500 ? 'whole' : `damaged: ${width} pixels wide`;
}

/** Has a piece rendered and every frame of the video decoded. Gives what came of it, in words. */
export async function renderOne(base: string, pieceId: string, folder: string): Promise<string> {
  const view = await renderToEnd(base, pieceId, 300_000);
  if (!view) return 'not ended';
  if (view.state === 'failed') return `failed: ${view.error}`;
  const file = path.join(folder, `${view.id}.mp4`);
  const video = await insist(`${base}/media/renders/${view.id}`);
  await writeFile(file, Buffer.from(await video.arrayBuffer()));
  // Every frame is decoded: a video that is cut off says so.
  const { stderr } = await run('ffmpeg', ['-v', 'error', '-i', file, '-f', 'null', '-'], {
    timeoutMs: 60_000,
  });
  return stderr.trim() === '' ? 'whole' : `damaged: ${stderr.slice(0, 100)}`;
}

/** Has the modules of the interface, which ask by paths as a page does, ask a running application. Gives what ends that. */
export function asPageOf(base: string): () => void {
  const realFetch = globalThis.fetch;
  globalThis.fetch = ((url: string | URL, init?: RequestInit) =>
    realFetch(typeof url === 'string' && url.startsWith('/') ? base + url : url, init)) as typeof fetch;
  return () => {
    globalThis.fetch = realFetch;
  };
}
