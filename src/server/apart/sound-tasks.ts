import { levelClipSound } from '../assets/clip-sound.ts';
import { playTrack } from '../music/tracks.ts';
import type { SoundTasks } from './tasks.ts';

export const SOUND_TASKS: SoundTasks = { track: playTrack, 'clip-sound': levelClipSound };
