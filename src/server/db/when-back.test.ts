import { expect, it } from 'vitest';
import { whenBack } from './when-back.ts';

const gone = () => Object.assign(new Error('x'), { code: 'ECONNREFUSED', fatal: true });
const failing = (times: number, e: () => Error) => {
  let left = times;
  return async () => {
    if (left-- > 0) throw e();
    return 'done';
  };
};
const waits: number[] = [];
const pause = async (ms: number) => void waits.push(ms);

it('does work again while the database is away, for some time, and what else fails at once', async () => {
  expect(await whenBack(failing(5, gone), pause)).toBe('done');
  expect(waits).toHaveLength(5);
  await expect(whenBack(failing(1000, gone), pause)).rejects.toMatchObject({
    code: 'ECONNREFUSED',
    fatal: true,
  });
  expect(waits.length).toBeLessThan(200);
  await expect(
    whenBack(
      failing(1, () => new Error('odd')),
      pause,
    ),
  ).rejects.toThrow('odd');
});
