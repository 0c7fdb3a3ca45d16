import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { CONFIG, dataPath } from '../../server/config.ts';
import { copyHelpers } from '../helper-programs.ts';
import { startStack } from '../stack.ts';
import { fillDisk } from './disk.ts';
import { sendHostile } from './hostile.ts';
import { killAtRandom } from './kills.ts';
import { runSchedule } from './schedule.ts';

/** `tsx src/cli/faults/run.ts SCHEDULES KILLS HOSTILE DISK SEED`: started by `nabbet test faults` with a data folder of its own. */
const [schedules = 0, kills = 0, hostile = 0, disk = 0] = process.argv.slice(2, 6).map(Number);
const seed = process.argv[6] ?? 'faults';
const say = (line: string) => process.stderr.write(`${line}\n`);

async function allSchedules(): Promise<number> {
  let failed = 0;
  let promised = 0;
  for (let i = 0; i < schedules; i++) {
    const name = `${seed}-${i}`;
    try {
      promised += (await runSchedule(name)).promised;
    } catch (e) {
      failed++;
      say(`FAILED: schedule ${name}: ${(e as Error).message}`);
    }
    if ((i + 1) % 100 === 0) say(`${i + 1} of ${schedules} schedules, ${promised} edits, ${failed} failed`);
  }
  say(`schedules: ${schedules} run, ${promised} edits shown as saved, ${failed} failed (seed ${seed})`);
  return failed;
}

/** How often each of some outcomes came. */
const counted = (all: readonly string[]): string =>
  [...new Set(all)].map((o) => `${all.filter((x) => x === o).length} ${o}`).join(', ');

async function main(): Promise<void> {
  await copyHelpers(CONFIG.data);
  const clockFile = dataPath('clock');
  if (kills > 0) {
    const shift = path.join(CONFIG.root, 'src/cli/faults/shift-clock.mjs');
    process.env.NABBET_CLOCK_FILE = clockFile;
    process.env.NODE_OPTIONS = `--import ${pathToFileURL(shift).href}`;
  }
  const stack = await startStack(say, async () => undefined);
  try {
    let failed = await allSchedules();
    if (hostile > 0) {
      const r = await sendHostile(stack, hostile, seed, say);
      say(
        `hostile: ${r.answered} inputs (seed ${seed}), ${r.bad.length} not answered well, the slowest after ${r.slowestMs} ms`,
      );
      for (const line of r.bad) say(`  ${line}`);
      say(
        `  others: ${r.others} requests, 99 of 100 within ${r.othersP99Ms} ms; the web process took ${Math.round(r.webMb)} MB`,
      );
      failed += r.bad.length;
    }
    if (kills > 0) {
      const r = await killAtRandom(stack, kills, seed, clockFile, say);
      const slow = r.backMs.filter((ms) => ms > 10_000).length;
      const bad = [...r.uploads, ...r.renders].filter((o) => /damaged|not ended/.test(o));
      say(
        `kills: ${r.kills}, the clock moved ${r.shifts} times (seed ${seed}); ${r.promised} edits shown as saved, ${r.lost.length} lost`,
      );
      for (const id of r.lost) say(`  lost: ${id}`);
      say(`  saved again after ${Math.max(0, ...r.backMs)} ms at most, ${slow} times later than 10 s`);
      say(`  uploads: ${counted(r.uploads)}`);
      say(`  renders: ${counted(r.renders)}`);
      failed += r.lost.length + slow + bad.length;
    }
    if (disk > 0) {
      const r = await fillDisk(stack, disk, say);
      const bad = [...r.full, ...r.after].filter((o) => /damaged|not ended/.test(o));
      const late = r.after.filter((o) => o !== 'whole').length + r.backMs.filter((ms) => ms > 10_000).length;
      say(
        `disk: full ${r.rounds} times; ${r.promised} edits shown as saved, ${r.lost.length} lost; saved again after ${Math.max(0, ...r.backMs)} ms at most`,
      );
      for (const id of r.lost) say(`  lost: ${id}`);
      say(`  while it was full: ${counted(r.full)}`);
      say(`  afterwards: ${counted(r.after)}`);
      failed += r.lost.length + bad.length + late;
    }
    process.exitCode = failed ? 1 : 0;
  } finally {
    await stack.stop();
  }
}

main().then(
  () => process.exit(),
  (e) => {
    say(`${(e as Error).stack}`);
    process.exit(1);
  },
);
