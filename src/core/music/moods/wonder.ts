import type { MoodRules } from './types.ts';

export const wonder: MoodRules = {
  label: 'Wonder',
  describe: 'Bells over wide chords, for night',
  tempo: 88,
  tonic: 65,
  scale: 'lydian',
  progressions: [
    [0, 1, 0, 4],
    [0, 4, 1, 0],
    [5, 0, 1, 0],
  ],
  band: { chords: 10, bass: 32, lead: 88, pad: 89, beat: null },
  figure: [0, 3, 2, 4, 3, 4, 2, 3],
  melody: 0.35,
  words: ['calm', 'literary'],
  pictures: ['hopeful', 'calm', 'festive'],
};
