import path from 'node:path';
import { afterEach, describe, expect, it } from 'vitest';
import { failureOf } from '../../core/failure.ts';
import { CONFIG } from '../config.ts';
import { type PoolLimits, ProcessPool } from './pool.ts';
import type { TestingTasks } from './testing-process.ts';

const script = path.join(CONFIG.root, 'src/server/apart/testing-process.ts');
const limits: PoolLimits = {
  ...{ taskMs: 60_000, memoryBytes: 400_000_000, heapMb: 100, processes: 2, waiting: 5, idleMs: 60_000 },
};
const pools: ProcessPool<TestingTasks>[] = [];
const pool = (more: Partial<PoolLimits> = {}) => {
  const made = new ProcessPool<TestingTasks>(script, { ...limits, ...more });
  pools.push(made);
  return made;
};
afterEach(() => {
  for (const p of pools.splice(0)) p.close();
});
const failure = (work: Promise<unknown>) =>
  work.then(
    () => null,
    (e: unknown) => failureOf(e),
  );

describe('a pool of processes', () => {
  it('gives back what a task gives, bytes as bytes, and its failures', async () => {
    const p = pool();
    const value = { bytes: Buffer.from([1, 2, 255]), text: 'Käse', none: null, deep: [{ a: 1 }] };
    const got = (await p.run('echo', value)) as typeof value;
    expect({ ...got, bytes: [...got.bytes] }).toEqual({ ...value, bytes: [1, 2, 255] });
    expect(await failure(p.run('fail'))).toEqual({ code: 'no-text' });
    await expect(p.run('err')).rejects.toMatchObject({ message: 'odd', code: 'EODD' });
    expect(await failure(p.run('constructor' as 'echo', 1))).toMatchObject({ code: 'unknown' });
  });

  it('stops a task that takes too long, and the others go on', async () => {
    const p = pool({ taskMs: 4000, processes: 1 });
    const spinning = failure(p.run('spin'));
    const waiting = p.run('echo', 'after');
    expect(await spinning).toEqual({ code: 'too-heavy', what: 'time', most: 4 });
    expect(await waiting).toBe('after');
  });

  it('stops a task that takes too much memory, outside the heap and in it, or that ends its process', async () => {
    const p = pool();
    expect(await failure(p.run('eat'))).toMatchObject({ code: 'too-heavy', what: 'memory' });
    expect(await failure(p.run('fill'))).toMatchObject({ code: 'too-heavy', what: 'memory' });
    expect(await failure(p.run('die'))).toMatchObject({ code: 'too-heavy' });
    expect(await p.run('echo', 'alive')).toBe('alive');
  });

  it('says that it is busy instead of letting the queue grow without end', async () => {
    const p = pool({ processes: 1, waiting: 3 });
    const all = Array.from({ length: 8 }, (_, i) => failure(p.run('echo', i)));
    const codes = (await Promise.all(all)).map((f) => f?.code ?? 'done');
    expect(codes.filter((c) => c === 'busy').length).toBe(4);
    expect(codes.filter((c) => c === 'done').length).toBe(4);
  });
});
