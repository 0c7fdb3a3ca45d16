import type { MoodRules } from './types.ts';

export const circuit: MoodRules = {
  label: 'Circuit',
  describe: 'Synthesisers on a straight beat',
  tempo: 116,
  tonic: 52,
  scale: 'minor',
  progressions: [
    [0, 5, 6, 4],
    [0, 6, 5, 6],
    [0, 2, 6, 3],
  ],
  band: { chords: 81, bass: 38, lead: 87, pad: 91, beat: 'floor' },
  figure: [0, 2, 3, 2, 4, 3, 2, 3],
  melody: 0.26,
  words: ['technical', 'loud'],
  pictures: ['active', 'serious'],
};
