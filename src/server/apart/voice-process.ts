import { serveTasks } from './pool.ts';
import { VOICE_TASKS } from './voice-tasks.ts';

/** The process in which voice models speak: they come from strangers. */
serveTasks({ ...VOICE_TASKS });
