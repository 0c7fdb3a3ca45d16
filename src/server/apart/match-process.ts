import { MATCH_TASKS } from './match-tasks.ts';
import { serveTasks } from './pool.ts';

/** The process in which lines are read and pictures found. */
serveTasks({ ...MATCH_TASKS });
