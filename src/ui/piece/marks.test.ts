import { expect, it } from 'vitest';
import type { Mark } from '../../core/proof/proof.ts';
import { Marks } from './marks.ts';

const blank = (sceneId: string, hint = 'price'): Mark => ({
  ...{ check: 'blank', weight: 'stop', pass: 'words', repair: null, waived: null },
  ...{ sceneId, hint, start: 0, end: 7 },
});

it('marks are told when they change, and those of other scenes stay the same objects', () => {
  const marks = new Marks();
  let told = 0;
  const stop = marks.subscribe(() => told++);
  marks.set([blank('a'), blank('b')]);
  const ofA = marks.of('a');
  marks.set([blank('a'), blank('b')]);
  expect(told).toBe(1);
  marks.set([blank('a'), blank('b', 'place')]);
  expect(told).toBe(2);
  expect(marks.of('a')).toBe(ofA);
  expect(marks.of('b')).toEqual([blank('b', 'place')]);
  expect(marks.list).toHaveLength(2);
  stop();
  marks.set([]);
  expect([told, marks.of('a')]).toEqual([2, []]);
});
