import { serveTasks } from './pool.ts';
import { SOUND_TASKS } from './sound-tasks.ts';

/** The process in which sound is played and measured. */
serveTasks({ ...SOUND_TASKS });
