import { mkdir } from 'node:fs/promises';
import path from 'node:path';
import { failureOf } from '../core/failure.ts';
import { clock } from '../core/time.ts';
import { failureWords } from '../wording/failures.ts';
import type { Job } from './batch.ts';
import { type Made, makeVideo } from './make-video.ts';
import { UsageError } from './usage.ts';

/** What became of one of several. */
export type Outcome =
  | { label: string; ok: true; made: Made; left: string[] }
  | { label: string; ok: false; why: string };

/** Makes one after the other; one that fails does not stop the others. say: one line for the user at a time. */
export async function makeSeveral(jobs: readonly Job[], say: (line: string) => void): Promise<Outcome[]> {
  const outcomes: Outcome[] = [];
  for (const [i, job] of jobs.entries()) {
    say(`${i + 1} of ${jobs.length}: ${job.label}`);
    outcomes.push(await makeOne(job, say));
  }
  return outcomes;
}

export async function makeOne(job: Job, say: (line: string) => void): Promise<Outcome> {
  const { label } = job;
  try {
    await mkdir(path.dirname(path.resolve(job.out)), { recursive: true });
    return { label, ok: true, made: await makeVideo(job, say), left: job.left };
  } catch (e) {
    return { label, ok: false, why: whyOf(e) };
  }
}

/** Why a video could not be made, in a line. */
const whyOf = (e: unknown): string =>
  e instanceof UsageError || failureOf(e).code === 'unknown'
    ? (e as Error).message
    : failureWords(failureOf(e));

/** What became of all, a line each, and the sum. */
export function summary(outcomes: readonly Outcome[]): string {
  const made = outcomes.filter((o) => o.ok).length;
  const lines = outcomes.map((o) => {
    if (!o.ok) return `failed  ${o.label}: ${o.why}`;
    const { outputs, durationMs, stops, looks } = o.made;
    const notes = [
      ...(o.left.length ? [`left out: ${o.left.join(' | ')}`] : []),
      ...(stops ? [`${stops} to mend before it goes out`] : []),
      ...(looks ? [`${looks} to look at`] : []),
    ];
    return `made    ${o.label}: ${outputs.join(', ')} (${[clock(durationMs), ...notes].join('; ')})`;
  });
  return [...lines, `${made} of ${outcomes.length} made.`].join('\n');
}
