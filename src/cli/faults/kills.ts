import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { seeded } from '../../core/hash.ts';
import type { Stack } from '../stack.ts';
import { insist, Writer } from './client.ts';
import { asPageOf, renderOne, uploadOne } from './work.ts';

export interface KillReport {
  kills: number;
  /** How often the clock of the processes was set to another day. */
  shifts: number;
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
/** Days by which a clock is off. */
const DAYS = [-400, -1, -0.04, 0, 0.04, 1, 400];
const pause = (ms: number) => new Promise((r) => setTimeout(r, ms));

/**
 * Kills web server, worker and database of a running application at random moments while a writer types, pictures are
 * uploaded and videos rendered, and sets the clock of its processes to other days (shift-clock.mjs reads clockFile). What is
 * found is told, not judged.
 */
export async function killAtRandom(
  stack: Stack,
  kills: number,
  seed: string,
  clockFile: string,
  say: (line: string) => void,
): Promise<KillReport> {
  const random = seeded(seed);
  const base = stack.url;
  const noPage = asPageOf(base);
  const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-kills-'));
  const report: KillReport = {
    kills: 0,
    shifts: 0,
    promised: 0,
    lost: [],
    backMs: [],
    uploads: [],
    renders: [],
  };
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
      if (random() < 0.3) {
        const days = DAYS[Math.floor(random() * DAYS.length)] ?? 0;
        await writeFile(clockFile, String(days * 86_400_000));
        report.shifts++;
        say(`the clock is ${days} days off`);
      }
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
    await rm(clockFile, { force: true });
    say('No more kills; what is under way comes to its end');
    writer.stop();
    await typing;
    if (!(await writer.rest(PATIENCE_MS))) report.lost.push('the page does not come to rest');
    await Promise.all([uploading, rendering]);
    await insist(`${base}/api/health`);
    report.promised = writer.promised.size;
    report.lost.push(...(await writer.lost()));
  } finally {
    noPage();
    await rm(folder, { recursive: true, force: true });
  }
  return report;
}
