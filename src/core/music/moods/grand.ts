import type { MoodRules } from './types.ts';

export const grand: MoodRules = {
  label: 'Grand',
  describe: 'Brass and a march, for winners',
  tempo: 104,
  tonic: 58,
  scale: 'major',
  progressions: [
    [0, 3, 4, 0],
    [0, 5, 3, 4],
    [3, 4, 5, 0],
  ],
  band: { chords: 61, bass: 58, lead: 56, pad: 52, beat: 'march' },
  figure: [0, -1, 2, 2, 3, -1, 2, -1],
  melody: 0.45,
  words: ['loud', 'elegant'],
  pictures: ['festive', 'hopeful'],
};
