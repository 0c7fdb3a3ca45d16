import type { MoodRules } from './types.ts';

export const bright: MoodRules = {
  label: 'Bright',
  describe: 'Plucked strings and claps, friendly and quick',
  tempo: 108,
  tonic: 62,
  scale: 'major',
  progressions: [
    [0, 3, 4, 3],
    [0, 5, 3, 4],
    [0, 4, 5, 3],
  ],
  band: { chords: 24, bass: 33, lead: 11, pad: 49, beat: 'claps' },
  figure: [0, 2, 3, 2, 4, 2, 3, 2],
  melody: 0.5,
  words: ['shop', 'playful'],
  pictures: ['playful', 'festive', 'hopeful', 'warm'],
};
