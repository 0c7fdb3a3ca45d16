import { expect, it } from 'vitest';
import { spokenOfToo, withoutCamera } from './asked.ts';

it.each([
  ['Close-up of coffee dripping into a cup', 'coffee dripping into a cup'],
  ['close up shot of hands', 'hands'],
  ['Slow-motion shot of a runner, wide shot', 'a runner,'],
  ['Cut to: a barge at the quay', 'a barge at the quay'],
  ['Drone shot of a forest', 'a forest'],
  ['zoom in on the clock', 'the clock'],
  ['POV: opening the fridge', 'opening the fridge'],
  ['Time-lapse of clouds', 'clouds'],
  ['a pan on the stove, cut bread', 'a pan on the stove, cut bread'],
  ['a close friend with a camera', 'a close friend with a camera'],
  ['montage', 'montage'],
  ['', ''],
])('a brief is read without how it is to be taken: %s', (brief, rest) => {
  expect(withoutCamera(brief)).toBe(rest);
});

it('takes what is said beside what is shown, but not another reading of the same words', () => {
  expect(spokenOfToo('Stop doing this', 'Your coffee tastes bitter because the water boils.')).toBe(
    'Stop doing this. Your coffee tastes bitter because the water boils.',
  );
  expect(spokenOfToo('Osierwick opens at 6', 'Ozer-wick opens at six')).toBe('Osierwick opens at 6');
  for (const nothing of [null, undefined, '']) expect(spokenOfToo('A barge.', nothing)).toBe('A barge.');
});
