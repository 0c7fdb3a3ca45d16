import { afterAll, expect, it } from 'vitest';
import { closeDatabase } from '../../server/db/client.ts';
import { runSchedule } from './schedule.ts';

afterAll(closeDatabase);

/** Few of those that `nabbet test faults` runs by the thousand, and all that ever failed. */
const SEEDS = [...Array.from({ length: 25 }, (_, i) => `short-${i}`), 'run-b-1135', 'x-a-3003'];

it.each(SEEDS)(
  'two windows over a bad network lose nothing that was shown as saved, seed %s',
  async (seed) => {
    const { promised, applied } = await runSchedule(seed);
    expect(applied).toBeGreaterThan(15);
    expect(promised).toBeGreaterThan(5);
  },
);
