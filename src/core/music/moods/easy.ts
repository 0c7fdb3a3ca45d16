import type { MoodRules } from './types.ts';

export const easy: MoodRules = {
  label: 'Easy',
  describe: 'Electric piano and brushes, unhurried',
  tempo: 88,
  tonic: 62,
  scale: 'dorian',
  progressions: [
    [0, 3, 0, 4],
    [0, 6, 3, 4],
    [1, 4, 0, 0],
  ],
  band: { chords: 4, bass: 33, lead: 66, pad: 89, beat: 'brushes' },
  figure: [0, -1, 3, -1, 2, 4, -1, 3],
  melody: 0.4,
  words: ['elegant', 'shop'],
  pictures: ['calm', 'playful', 'warm'],
};
