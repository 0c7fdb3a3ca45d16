import type { MoodRules } from './types.ts';

export const tender: MoodRules = {
  label: 'Tender',
  describe: 'Slow harp and a cello, for loss and thanks',
  tempo: 64,
  tonic: 57,
  scale: 'minor',
  progressions: [
    [0, 5, 3, 4],
    [0, 3, 5, 4],
    [5, 3, 0, 4],
  ],
  band: { chords: 46, bass: 32, lead: 42, pad: 49, beat: null },
  figure: [0, -1, 2, -1, 3, -1, 4, -1],
  melody: 0.5,
  words: ['literary', 'nostalgic'],
  pictures: ['sad', 'calm', 'warm'],
};
