import type { MoodRules } from './types.ts';

export const gentle: MoodRules = {
  label: 'Gentle',
  describe: 'Slow piano and strings, room for the voice',
  tempo: 76,
  tonic: 60,
  scale: 'major',
  progressions: [
    [0, 4, 5, 3],
    [0, 2, 3, 4],
    [3, 0, 4, 5],
  ],
  band: { chords: 0, bass: 32, lead: 73, pad: 48, beat: null },
  figure: [0, 2, 3, 4, 3, 2, 3, 2],
  melody: 0.42,
  words: ['warm', 'calm'],
  pictures: ['calm', 'warm', 'hopeful', 'sad'],
};
