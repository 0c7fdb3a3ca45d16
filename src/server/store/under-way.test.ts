import { expect, it } from 'vitest';
import { UnderWay } from './under-way.ts';

it('does the same work once while it runs, and anew afterwards, also after a failure', async () => {
  const underWay = new UnderWay<number>();
  let begun = 0;
  const ends: ((end: () => number) => void)[] = [];
  const ask = (key: string) =>
    underWay.once(key, () => {
      begun++;
      return new Promise<() => number>((r) => ends.push(r)).then((end) => end());
    });
  const two = [ask('a'), ask('a')];
  const other = ask('b');
  expect(begun).toBe(2);
  ends[0]?.(() => 1);
  ends[1]?.(() => {
    throw new Error('no');
  });
  expect(await Promise.all(two)).toEqual([1, 1]);
  await expect(other).rejects.toThrow('no');
  const again = [ask('a'), ask('b')];
  expect(begun).toBe(4);
  ends[2]?.(() => 3);
  ends[3]?.(() => 4);
  expect(await Promise.all(again)).toEqual([3, 4]);
});
