import type { MoodRules } from './types.ts';

export const hopeful: MoodRules = {
  label: 'Hopeful',
  describe: 'Piano that climbs, strings and a light beat',
  tempo: 98,
  tonic: 64,
  scale: 'major',
  progressions: [
    [0, 4, 5, 3],
    [3, 0, 4, 5],
    [0, 2, 3, 4],
  ],
  band: { chords: 0, bass: 35, lead: 71, pad: 48, beat: 'brushes' },
  figure: [0, 2, 4, 2, 3, 2, 4, 2],
  melody: 0.48,
  words: ['warm', 'elegant'],
  pictures: ['hopeful', 'warm', 'active'],
};
