import path from 'node:path';
import type { About } from '../assets/assets.ts';
import type { AssetRecord } from '../assets/record.ts';
import { CONFIG } from '../config.ts';
import { type PoolLimits, ProcessPool, type TaskTable } from './pool.ts';
import type { MatchTasks, ReadTasks, SoundTasks, VoiceTasks } from './tasks.ts';

type Table<T> = { [N in keyof T]: TaskTable[string] };
type Ask<T extends Table<T>> = ProcessPool<T>['run'];

const LIMITS = {
  // A picture of 150 megapixels and a PDF of 500 pages stay below.
  read: {
    ...{ taskMs: 16_000, memoryBytes: 1_400_000_000, heapMb: 700 },
    ...{ processes: 2, waiting: 60, idleMs: 120_000 },
  },
  // Pictures for a piece of 500 scenes from 10,000.
  match: {
    ...{ taskMs: 120_000, memoryBytes: 2_400_000_000, heapMb: 1500 },
    ...{ processes: 2, waiting: 100, idleMs: 600_000 },
  },
  // An hour of music.
  sound: {
    ...{ taskMs: 900_000, memoryBytes: 1_000_000_000, heapMb: 500 },
    ...{ processes: 2, waiting: 200, idleMs: 120_000 },
  },
  // A large model, and a line of the longest kind on a slow machine.
  voice: {
    ...{ taskMs: 120_000, memoryBytes: 3_000_000_000, heapMb: 300 },
    ...{ processes: 1, waiting: 300, idleMs: 120_000 },
  },
} satisfies Record<string, PoolLimits>;

interface Pools {
  read?: ProcessPool<ReadTasks>;
  match?: ProcessPool<MatchTasks>;
  sound?: ProcessPool<SoundTasks>;
  voice?: ProcessPool<VoiceTasks>;
}

/** The processes of this one, started when they are first needed. */
const held = globalThis as { nabbetPools?: Pools };
held.nabbetPools ??= {};
const pools = held.nabbetPools;

const start = <T extends Table<T>>(room: keyof Pools): ProcessPool<T> =>
  new ProcessPool<T>(path.join(CONFIG.root, `src/server/apart/${room}-process.ts`), LIMITS[room]);

function readers(): ProcessPool<ReadTasks> {
  pools.read ??= start('read');
  return pools.read;
}

function matchers(): ProcessPool<MatchTasks> {
  pools.match ??= start('match');
  return pools.match;
}

function players(): ProcessPool<SoundTasks> {
  pools.sound ??= start('sound');
  return pools.sound;
}

/**
 * Does a task in a process of its own: material of strangers can be made to take time and memory without end, and then only
 * that process is stopped, with an answer. Throws Failed as the task does, and 'too-heavy' or 'busy'.
 */
export const apart: Ask<ReadTasks> = (name, ...args) => readers().run(name, ...args);

/** Takes a picture in, apart. */
export const pictureApart = (bytes: Buffer, about: About): Promise<AssetRecord> =>
  apart('picture', bytes, about);

/**
 * Reads lines for their meaning, and finds pictures for them: that takes long, and whoever answers requests has others to
 * answer meanwhile. Throws Failed as the task does, and 'too-heavy' or 'busy'.
 */
export const match: Ask<MatchTasks> = (name, ...args) => matchers().run(name, ...args);

/** Plays and measures sound, apart for the same reason. */
export const sound: Ask<SoundTasks> = (name, ...args) => players().run(name, ...args);

/** Has a voice model speak: nobody knows what it does until it is run. */
export const voice: Ask<VoiceTasks> = (name, ...args) => {
  pools.voice ??= start('voice');
  return pools.voice.run(name, ...args);
};

/** Ends the processes, for tests that have done with them. */
export function closeApart(): void {
  for (const pool of Object.values(pools)) pool?.close();
}
