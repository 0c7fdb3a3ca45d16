import { expect, it } from 'vitest';
import { failureOf } from '../../core/failure.ts';
import { CONFIG } from '../config.ts';
import { freeBytes, needRoom } from './room.ts';

const code = (bytes: number, free: number) =>
  needRoom(bytes, async () => free).then(
    () => null,
    (e: unknown) => failureOf(e),
  );

it('keeps a reserve that nothing large may use', async () => {
  const { reserveBytes } = CONFIG;
  expect(await code(1000, reserveBytes + 1000)).toBeNull();
  expect(await code(1001, reserveBytes + 1000)).toEqual({ code: 'no-room', bytes: 1001, free: 1000 });
  expect(await code(1, reserveBytes - 5)).toEqual({ code: 'no-room', bytes: 1, free: 0 });
});

it('knows how much is free where the data is', async () => {
  expect(await freeBytes('/')).toBeGreaterThan(1_000_000);
});
