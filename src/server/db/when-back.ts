import { failureBehind } from '../http/outside.ts';

/** Milliseconds that a database that is started again is waited for, and between two tries. */
const AWAY = { mostMs: 60_000, pauseMs: 500 } as const;

/** Does what needs the database, and again while it is away. Throws what the work throws otherwise, or after some time. */
export async function whenBack<T>(
  work: () => Promise<T>,
  pause = (ms: number) => new Promise<unknown>((r) => setTimeout(r, ms)),
): Promise<T> {
  for (let waited = 0; ; waited += AWAY.pauseMs) {
    try {
      return await work();
    } catch (e) {
      if (failureBehind(e).code !== 'database-away' || waited >= AWAY.mostMs) throw e;
      await pause(AWAY.pauseMs);
    }
  }
}
