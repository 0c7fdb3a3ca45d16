import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { asc, eq } from 'drizzle-orm';
import sharp from 'sharp';
import { seeded } from '../../core/hash.ts';
import { db } from '../../server/db/client.ts';
import { edits } from '../../server/db/schema.ts';
import { run } from '../../server/program.ts';
import type { Stack } from '../stack.ts';
import { insist, renderToEnd, upload, Writer } from './client.ts';

export interface KillReport {
  kills: number;
  /** Edits shown as saved, and those of them that are not stored exactly once. */
  promised: number;
  lost: string[];
  /** Milliseconds from a kill to the next edit that is shown as saved. */
  backMs: number[];
  /** Outcomes of uploads and renders, in words. */
  uploads: string[];
  renders: string[];
}

const SCRIPT = 'Killed at any moment\n\nA boat goes by.\nA heron stands.\nThe lock opens.\nCome on Thursday.';
/** How long it may take until an edit is saved again, milliseconds; longer counts as this. */
const PATIENCE_MS = 60_000;
const pause = (ms: number) => new Promise((r) => setTimeout(r, ms));

/**
 * Kills web server, worker and database of a running application at random moments while a writer types, pictures are
 * uploaded and videos rendered. What is found is told, not judged.
 */
export async function killAtRandom(
  stack: Stack,
  kills: number,
  seed: string,
  say: (line: string) => void,
): Promise<KillReport> {
  const random = seeded(seed);
  const base = stack.url;
  // The modules of the interface ask by paths, as a page does.
  const realFetch = globalThis.fetch;
  globalThis.fetch = ((url: string | URL, init?: RequestInit) =>
    realFetch(typeof url === 'string' && url.startsWith('/') ? base + url : url, init)) as typeof fetch;
  const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-kills-'));
  const report: KillReport = { kills: 0, promised: 0, lost: [], backMs: [], uploads: [], renders: [] };
  let going = true;
  try {
    const writer = await Writer.begin(base, SCRIPT);
    const typing = writer.type();
    const uploading = (async () => {
      for (let i = 0; going; i++) {
        const outcome = await uploadOne(base, i);
        report.uploads.push(outcome);
        say(`upload ${i}: ${outcome}`);
      }
    })();
    const rendering = (async () => {
      while (going) {
        const outcome = await renderOne(base, writer.pieceId, folder);
        report.renders.push(outcome);
        say(`render: ${outcome}`);
      }
    })();
    for (let i = 0; i < kills; i++) {
      await pause(500 + random() * 2500);
      const victims = [stack.web(), stack.worker(), stack.database()];
      const victim = victims[Math.floor(random() * victims.length)];
      if (!victim?.pid) continue;
      victim.kill('SIGKILL');
      report.kills++;
      const back = (await writer.nextSaved(PATIENCE_MS)) ?? PATIENCE_MS;
      report.backMs.push(back);
      say(`kill ${report.kills}: saved again after ${back} ms`);
    }
    going = false;
    say('No more kills; what is under way comes to its end');
    writer.stop();
    await typing;
    if (!(await writer.rest(PATIENCE_MS))) report.lost.push('the page does not come to rest');
    await Promise.all([uploading, rendering]);
    await insist(`${base}/api/health`);
    const rows = await db()
      .select({ id: edits.id })
      .from(edits)
      .where(eq(edits.pieceId, writer.pieceId))
      .orderBy(asc(edits.seq));
    report.promised = writer.promised.size;
    report.lost.push(...writer.aside);
    for (const id of writer.promised) if (rows.filter((r) => r.id === id).length !== 1) report.lost.push(id);
  } finally {
    globalThis.fetch = realFetch;
    await rm(folder, { recursive: true, force: true });
  }
  return report;
}

/** A picture of noise, so that it has some size; the same number gives the same picture. */
async function uploadOne(base: string, n: number): Promise<string> {
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

async function renderOne(base: string, pieceId: string, folder: string): Promise<string> {
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
