import type { MoodRules } from './types.ts';

export const playful: MoodRules = {
  label: 'Playful',
  describe: 'Marimba and wood blocks, hopping along',
  tempo: 128,
  tonic: 67,
  scale: 'major',
  progressions: [
    [0, 3, 0, 4],
    [0, 5, 1, 4],
    [0, 1, 4, 0],
  ],
  band: { chords: 12, bass: 32, lead: 73, pad: 45, beat: 'wood' },
  figure: [0, -1, 3, 2, -1, 4, 2, -1],
  melody: 0.55,
  words: ['playful'],
  pictures: ['playful', 'festive'],
};
