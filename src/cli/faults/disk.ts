import { mkdtemp, open, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { dataPath } from '../../server/config.ts';
import { freeBytes } from '../../server/store/room.ts';
import type { Stack } from '../stack.ts';
import { insist, Writer } from './client.ts';
import { asPageOf, renderOne, uploadOne } from './work.ts';

export interface DiskReport {
  rounds: number;
  promised: number;
  lost: string[];
  /** Milliseconds from when there was room again to the next edit that is shown as saved. */
  backMs: number[];
  /** Outcomes while the disk was full and afterwards, in words. */
  full: string[];
  after: string[];
}

const SCRIPT = 'A disk that is full\n\nA boat goes by.\nA heron stands.\nThe lock opens.';
const FULL_MS = 12_000;
const PATIENCE_MS = 60_000;
const pause = (ms: number) => new Promise((r) => setTimeout(r, ms));

/**
 * Fills the disk of the data folder to its last byte while a writer types, a picture is being sent and a video rendered, and
 * makes room again. What is found is told, not judged. The data folder has to be a small disk of its own.
 */
export async function fillDisk(
  stack: Stack,
  rounds: number,
  say: (line: string) => void,
): Promise<DiskReport> {
  const base = stack.url;
  const noPage = asPageOf(base);
  const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-disk-'));
  const report: DiskReport = { rounds: 0, promised: 0, lost: [], backMs: [], full: [], after: [] };
  try {
    const writer = await Writer.begin(base, SCRIPT);
    const typing = writer.type();
    for (let i = 0; i < rounds; i++) {
      const work = Promise.all([uploadOne(base, 2 * i), renderOne(base, writer.pieceId, folder)]);
      await pause(300 + 400 * i);
      const ballast = await fill();
      say(`round ${i + 1}: the disk is full`);
      const refused = uploadOne(base, 2 * i + 1);
      await pause(FULL_MS);
      await rm(ballast);
      say(`round ${i + 1}: there is room again`);
      report.backMs.push((await writer.nextSaved(PATIENCE_MS)) ?? PATIENCE_MS);
      report.full.push(...(await work), await refused);
      report.after.push(await uploadOne(base, 1000 + i), await renderOne(base, writer.pieceId, folder));
      report.rounds++;
      say(
        `round ${i + 1}: saved again after ${report.backMs.at(-1)} ms; while it was full: ${report.full.slice(-3).join('; ')}; afterwards: ${report.after.slice(-2).join('; ')}`,
      );
    }
    writer.stop();
    await typing;
    if (!(await writer.rest(PATIENCE_MS))) report.lost.push('the page does not come to rest');
    await insist(`${base}/api/health`);
    report.promised = writer.promised.size;
    report.lost.push(...(await writer.lost()));
  } finally {
    noPage();
    await rm(folder, { recursive: true, force: true });
  }
  return report;
}

/** Writes until nothing more goes on the disk. Gives the file. */
async function fill(): Promise<string> {
  const file = dataPath('ballast');
  const handle = await open(file, 'w');
  try {
    for (let part = 8_000_000; part >= 4096; ) {
      try {
        await handle.write(Buffer.alloc(part));
      } catch (e) {
        if ((e as NodeJS.ErrnoException).code !== 'ENOSPC') throw e;
        part = Math.floor(part / 4);
      }
      if ((await freeBytes()) === 0) break;
    }
  } finally {
    await handle.close();
  }
  return file;
}
