import { deliveryKind } from '../../core/deliver/kinds.ts';
import { framesToMs } from '../../core/time.ts';
import { failureWords } from '../../wording/failures.ts';
import { dataPath } from '../config.ts';
import { closeDatabase } from '../db/client.ts';
import { whenBack } from '../db/when-back.ts';
import { MAKERS } from '../deliver/makers.ts';
import { removeEmptied } from '../desk/filing.ts';
import { RenderCancelled } from '../frames/render.ts';
import { failureBehind } from '../http/outside.ts';
import { log } from '../log.ts';
import { prepare } from '../material.ts';
import { reached } from '../pieces/states.ts';
import { ProgramError } from '../program.ts';
import { sweep, writeWhole } from '../store/files.ts';
import {
  beat,
  claimJob,
  finishJob,
  type Job,
  layDown,
  renderFile,
  reportJob,
  requeueRunning,
} from './renders.ts';

/** How often the queue is looked at, progress written, and the heart beats. */
const WORKER = { idleMs: 600, reportMs: 700, beatMs: 5000, sweepMs: 3_600_000 } as const;

let stopping = false;
const stop = new AbortController();

/** The render that is under way. */
let current: string | null = null;

async function work(job: Job): Promise<void> {
  current = job.id;
  const abort = new AbortController();
  stop.signal.addEventListener('abort', () => abort.abort(), { once: true });
  const heart = setInterval(() => void beat(job.id).catch(() => undefined), WORKER.beatMs);
  let reported = Number.NEGATIVE_INFINITY;
  const report = async (step: string, done: number, total: number, painted: number, always = false) => {
    // The clock of the machine may be set back.
    if (!always && performance.now() - reported < WORKER.reportMs) return;
    reported = performance.now();
    try {
      const { cancel } = await reportJob(job.id, { step, done, total, painted });
      if (cancel) abort.abort();
    } catch (e) {
      // What is painted does not depend on the database; it comes back.
      if (failureBehind(e).code !== 'database-away') throw e;
    }
  };
  try {
    const { timeline } = await prepare(job.piece);
    await report('pictures', 0, timeline.frames, 0, true);
    await MAKERS[job.kind]({
      piece: job.piece,
      timeline,
      height: job.height,
      loudness: job.loudness,
      out: renderFile(job.id, job.kind),
      signal: abort.signal,
      onProgress: ({ done, total, painted }) =>
        report(done === total ? 'joining' : 'pictures', done, total, painted, done === total),
    });
    const scenes = timeline.scenes.map((s) => ({
      ...{ id: s.sceneId, startMs: framesToMs(s.start), endMs: framesToMs(s.end) },
    }));
    const durationMs = framesToMs(timeline.frames);
    await whenBack(() => finishJob(job.id, { state: 'done', durationMs, scenes }));
    if (job.version === null && deliveryKind(job.kind).plays) await reached(job.pieceId, 'delivered');
    log.info({ render: job.id, frames: timeline.frames }, 'render done');
  } catch (e) {
    if (stopping) return;
    if (e instanceof RenderCancelled) await whenBack(() => finishJob(job.id, { state: 'cancelled' }));
    else {
      log.error({ render: job.id, err: e }, 'render failed');
      await whenBack(() => finishJob(job.id, { state: 'failed', error: explain(e as Error) }));
    }
  } finally {
    clearInterval(heart);
    current = null;
  }
}

/** What went wrong, for the user, with what to do. What nobody expected stands in the log, not here. */
function explain(e: Error): string {
  const failure = failureBehind(e);
  const what =
    failure.code !== 'unknown'
      ? failureWords(failure)
      : e instanceof ProgramError
        ? e.message
        : 'Something went wrong that was not expected; what it was stands in the log of the worker.';
  return `${what} Render again; finished parts are kept.`;
}

/** Removes what killed processes left. */
async function sweepAll(): Promise<void> {
  await sweep(dataPath('segments'), 'run-', Date.now());
  for (const prefix of ['join-', 'sound-', 'recording-', 'bundle-'])
    await sweep(dataPath(), prefix, Date.now());
  const removed = await removeEmptied(new Date());
  if (removed) log.info({ removed }, 'pieces of a bin that was emptied long ago are removed');
}

async function main(): Promise<void> {
  for (const signal of ['SIGTERM', 'SIGINT'] as const)
    process.on(signal, () => {
      stopping = true;
      stop.abort();
      // At once: what is under way may not be at an end before this process is.
      if (current) void layDown(current).catch((e) => log.error({ err: e }, 'a render was not laid down'));
    });
  await writeWhole(dataPath('worker.pid'), String(process.pid));
  await sweepAll();
  setInterval(() => {
    void sweepAll().catch((e) => log.warn({ err: e }, 'old work folders could not be removed'));
  }, WORKER.sweepMs).unref();
  const { again, failed } = await requeueRunning();
  if (again || failed)
    log.info({ again, failed }, 'renders of a stopped worker are taken up again, or given up');
  while (!stopping) {
    const job = await claimJob().catch((e) => {
      log.error({ err: e }, 'the queue cannot be read');
      return null;
    });
    if (job) await work(job);
    else await new Promise((r) => setTimeout(r, WORKER.idleMs));
  }
  await closeDatabase();
}

main().then(
  () => process.exit(0),
  (e) => {
    log.fatal({ err: e }, 'the render worker stopped');
    process.exit(1);
  },
);
