import { align } from '../../core/sound/align/align.ts';
import { findLines } from '../../core/sound/align/narration.ts';
import { levelClipSound } from '../assets/clip-sound.ts';
import { fitTrack, hearTrack } from '../music/brought.ts';
import { playTrack } from '../music/tracks.ts';
import type { SoundTasks } from './tasks.ts';

export const SOUND_TASKS: SoundTasks = {
  track: playTrack,
  'hear-track': hearTrack,
  'fit-track': fitTrack,
  'clip-sound': levelClipSound,
  align: async (reference, recording) => align(reference.samples, reference.words, recording),
  'find-lines': async (lines, recording) => findLines(lines, recording),
};
