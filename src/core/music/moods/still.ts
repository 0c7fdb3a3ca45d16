import type { MoodRules } from './types.ts';

export const still: MoodRules = {
  label: 'Still',
  describe: 'Long chords and single bells',
  tempo: 58,
  tonic: 60,
  scale: 'lydian',
  progressions: [
    [0, 1, 0, 1],
    [0, 4, 0, 1],
    [5, 0, 1, 0],
  ],
  band: { chords: 88, bass: 32, lead: 14, pad: 95, beat: null },
  figure: [0, -1, -1, -1, 3, -1, -1, -1],
  melody: 0.22,
  words: ['calm', 'sober'],
  pictures: ['calm', 'sad', 'serious'],
};
