import { Failed } from '../../core/failure.ts';
import { serveTasks } from './pool.ts';

/** A process for the tests of the pool, whose tasks do what hostile material makes a reader do. */
const TASKS = {
  echo: async (value: unknown) => value,
  fail: async () => {
    throw new Failed({ code: 'no-text' });
  },
  err: async () => {
    throw Object.assign(new Error('odd'), { code: 'EODD' });
  },
  spin: async (): Promise<never> => {
    for (;;);
  },
  eat: async (): Promise<never> => {
    const all: Buffer[] = [];
    for (;;) all.push(Buffer.alloc(8_000_000, 1));
  },
  fill: async (): Promise<never> => {
    const all: object[] = [];
    for (;;) all.push({ all: [all.length] });
  },
  die: async (): Promise<never> => process.exit(3),
};
export type TestingTasks = typeof TASKS;

serveTasks(TASKS);
