import { importPicture } from '../assets/assets.ts';
import { readFetched, readFile, readPasted } from '../read/read.ts';
import { serveTasks } from './pool.ts';
import type { ReadTasks } from './tasks.ts';

/** The process in which material of strangers is read. */
const TASKS: ReadTasks = {
  'read-file': (bytes, name, as) => readFile(Buffer.from(bytes), name, as),
  'read-fetched': (fetched, as) => readFetched({ ...fetched, bytes: Buffer.from(fetched.bytes) }, as),
  'read-pasted': async (words, markup, as) => readPasted(words, markup, as),
  picture: (bytes, about) => importPicture(Buffer.from(bytes), about),
};

serveTasks({ ...TASKS });
