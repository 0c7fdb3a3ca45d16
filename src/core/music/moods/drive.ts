import type { MoodRules } from './types.ts';

export const drive: MoodRules = {
  label: 'Drive',
  describe: 'Pulsing bass and drums, for news',
  tempo: 122,
  tonic: 57,
  scale: 'dorian',
  progressions: [
    [0, 0, 5, 6],
    [0, 3, 5, 4],
    [0, 6, 3, 0],
  ],
  band: { chords: 4, bass: 38, lead: 80, pad: 50, beat: 'claps' },
  figure: [0, -1, 2, 0, -1, 3, 0, 2],
  melody: 0.3,
  words: ['loud', 'news'],
  pictures: ['active', 'tense', 'serious'],
};
