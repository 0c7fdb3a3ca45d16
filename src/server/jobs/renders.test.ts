import { mkdir, stat, writeFile } from 'node:fs/promises';
import { eq, inArray } from 'drizzle-orm';
import { beforeEach, describe, expect, it } from 'vitest';
import { piece } from '../../core/piece/testing.ts';
import { dataPath } from '../config.ts';
import { db } from '../db/client.ts';
import { renders } from '../db/schema.ts';
import {
  beat,
  cancelRender,
  claimJob,
  deleteRender,
  finishJob,
  getRender,
  layDown,
  listRenders,
  orderRenders,
  renderFile,
  renderFirst,
  renderName,
  reportJob,
  requestRender,
  requeueRunning,
  runningBeat,
} from './renders.ts';
import { queueToOurselves } from './testing.ts';

beforeEach(async () => {
  await db().delete(renders);
  await mkdir(dataPath('renders'), { recursive: true });
});
queueToOurselves();

const ask = (title: string) => requestRender('piece-1', piece(undefined, { title }), 3, 480);
const step = { step: 'pictures', done: 30, total: 120, painted: 30 };

describe('the queue of renders', () => {
  it('gives each waiting job to one worker only', async () => {
    const ids = [await ask('One'), await ask('Two')];
    const taken = await Promise.all([claimJob(), claimJob(), claimJob()]);
    expect(taken.flatMap((j) => j?.id ?? []).sort()).toEqual([...ids].sort());
  });

  it('shows how far a job is and how long it will take', async () => {
    const id = await ask('One');
    await claimJob();
    expect(await reportJob(id, step)).toEqual({ cancel: false });
    expect(await getRender(id)).toMatchObject({ state: 'running', done: 30, total: 120 });
    expect((await getRender(id))?.remainingMs).toBeGreaterThanOrEqual(0);
  });

  it('makes one before the others that is wanted first, and no other', async () => {
    const ids = [await ask('One'), await ask('Two'), await ask('Three')];
    await renderFirst(ids[2] as string);
    await renderFirst(ids[1] as string);
    expect([(await claimJob())?.id, (await claimJob())?.id, (await claimJob())?.id]).toEqual([
      ids[1],
      ids[2],
      ids[0],
    ]);
    await expect(renderFirst(ids[0] as string)).rejects.toMatchObject({ failure: { code: 'render-over' } });
  });

  it('has those that wait made in another order, also when they were asked for together', async () => {
    const ids = [await ask('One'), await ask('Two'), await ask('Three')] as [string, string, string];
    await orderRenders([ids[2], ids[1], ids[0]]);
    expect([(await claimJob())?.id, (await claimJob())?.id]).toEqual([ids[2], ids[1]]);
    await expect(orderRenders([ids[2], ids[1]])).rejects.toMatchObject({ failure: { code: 'render-over' } });
    await expect(orderRenders(['nothing'])).rejects.toMatchObject({ failure: { code: 'no-render' } });
    const both = [await ask('Four'), await ask('Five')] as [string, string];
    await db().update(renders).set({ place: 9_000_000_000_000 }).where(inArray(renders.id, both));
    await orderRenders([both[1], both[0]]);
    await claimJob();
    expect([(await claimJob())?.id, (await claimJob())?.id]).toEqual([both[1], both[0]]);
  });

  it('passes over what has begun while the queue was put in order', async () => {
    const ids = [await ask('One'), await ask('Two'), await ask('Three')] as [string, string, string];
    expect((await claimJob())?.id).toBe(ids[0]);
    await orderRenders([ids[2], ids[0], ids[1]]);
    expect([(await claimJob())?.id, (await claimJob())?.id]).toEqual([ids[2], ids[1]]);
  });

  it('leaves those that are not named where they stand', async () => {
    const ids = [await ask('One'), await ask('Of others'), await ask('Two'), await ask('Three')];
    await Promise.all(
      ids.map((id, i) =>
        db()
          .update(renders)
          .set({ place: 1000 * i })
          .where(eq(renders.id, id)),
      ),
    );
    await orderRenders([ids[3], ids[0], ids[2]] as string[]);
    const made = [await claimJob(), await claimJob(), await claimJob(), await claimJob()];
    expect(made.map((j) => j?.id)).toEqual([ids[3], ids[1], ids[0], ids[2]]);
  });

  it('keeps deliveries of other kinds under their own names', async () => {
    const id = await requestRender('piece-1', piece(undefined, { title: 'Gate', format: '1:1' }), 3, 720, {
      kind: 'cover',
    });
    expect(await claimJob()).toMatchObject({ id, kind: 'cover', height: 720 });
    await writeFile(renderFile(id, 'cover'), 'picture');
    await finishJob(id, { state: 'done', durationMs: 4000 });
    const found = await getRender(id);
    expect(found).toMatchObject({ kind: 'cover', bytes: 7, file: expect.stringMatching(/\.jpg$/) });
    expect(renderName(found)).toBe('Gate 1x1 720p.jpg');
    await deleteRender(id);
    await expect(stat(renderFile(id, 'cover'))).rejects.toThrow('ENOENT');
  });

  it('cancels a waiting job at once, and a running one when it next reports', async () => {
    const [running, waiting] = [await ask('Running'), await ask('Waiting')];
    expect((await claimJob())?.id).toBe(running);
    await cancelRender(waiting);
    expect(await claimJob()).toBeNull();
    await cancelRender(running);
    expect(await reportJob(running, step)).toEqual({ cancel: true });
    await finishJob(running, { state: 'cancelled' });
    expect((await listRenders('piece-1')).map((r) => r.state)).toEqual(['cancelled', 'cancelled']);
    await expect(cancelRender(running)).rejects.toMatchObject({ failure: { code: 'render-over' } });
  });

  it('takes a job up again after its worker died', async () => {
    const id = await ask('One');
    expect(await claimJob()).toMatchObject({ id, attempt: 1 });
    expect(await requeueRunning()).toEqual({ again: 1, failed: 0 });
    expect(await claimJob()).toMatchObject({ id, attempt: 2 });
  });

  it('gives a job up that stopped its worker three times, and the next one gets its turn', async () => {
    const [bad, good] = [await ask('Bad'), await ask('Good')];
    for (let i = 1; i <= 3; i++) {
      expect(await claimJob()).toMatchObject({ id: bad, attempt: i });
      expect(await requeueRunning()).toEqual(i < 3 ? { again: 1, failed: 0 } : { again: 0, failed: 1 });
    }
    expect(await getRender(bad)).toMatchObject({ state: 'failed', error: expect.stringMatching(/3 times/) });
    expect(await claimJob()).toMatchObject({ id: good });
  });

  it('does not blame a job that its worker laid down because it was asked to end', async () => {
    const id = await ask('One');
    for (let i = 0; i < 5; i++) {
      expect(await claimJob()).toMatchObject({ id, attempt: 1 });
      await layDown(id);
    }
    expect(await requeueRunning()).toEqual({ again: 0, failed: 0 });
    expect(await claimJob()).toMatchObject({ id, attempt: 1 });
  });

  it('tells by its beat whether the worker lives', async () => {
    expect(await runningBeat()).toBeNull();
    const id = await ask('One');
    await claimJob();
    const first = await runningBeat();
    expect(first).toContain(id);
    expect(await runningBeat()).toBe(first);
    await db()
      .update(renders)
      .set({ heartbeatAt: new Date(0) });
    await beat(id);
    expect(await runningBeat()).not.toContain('1970');
  });

  it('knows videos that are larger than 2 GiB', async () => {
    const id = await ask('Long');
    await db().update(renders).set({ bytes: 5_000_000_000 });
    expect(await getRender(id)).toMatchObject({ bytes: 5_000_000_000 });
  });

  it('keeps the reason of a failure', async () => {
    const id = await ask('One');
    await claimJob();
    await finishJob(id, { state: 'failed', error: 'The disk is full.' });
    expect(await getRender(id)).toMatchObject({ state: 'failed', error: 'The disk is full.' });
  });

  it('deletes a finished render with its file, and leaves one at work alone', async () => {
    const [done, running] = [await ask('Done'), await ask('Running')];
    await claimJob();
    await writeFile(renderFile(done), 'video');
    await finishJob(done, { state: 'done', durationMs: 4000 });
    expect(await getRender(done)).toMatchObject({ state: 'done', bytes: 5, durationMs: 4000 });
    await claimJob();
    await expect(deleteRender(running)).rejects.toMatchObject({ failure: { code: 'render-running' } });
    await deleteRender(done);
    await expect(stat(renderFile(done))).rejects.toThrow('ENOENT');
    expect((await listRenders()).map((r) => r.id)).toEqual([running]);
  });
});
