import { align } from '../../core/sound/align/align.ts';
import { findLines } from '../../core/sound/align/narration.ts';
import { levelClipSound } from '../assets/clip-sound.ts';
import { playTrack } from '../music/tracks.ts';
import type { SoundTasks } from './tasks.ts';

export const SOUND_TASKS: SoundTasks = {
  track: playTrack,
  'clip-sound': levelClipSound,
  align: async (reference, recording) => align(reference.samples, reference.words, recording),
  'find-lines': async (lines, recording) => findLines(lines, recording),
};
