import { toOurselves } from '../db/testing.ts';

/** For test files that ask for renders: one of them empties the queue, and another one counts what waits in it. */
export const queueToOurselves = (): void => toOurselves(['queue']);
