import { cp } from 'node:fs/promises';
import path from 'node:path';
import { CONFIG } from '../server/config.ts';

/** Copies the helper programs that `nabbet` built to a data folder of its own. */
export const copyHelpers = (data: string, from = path.join(CONFIG.root, 'var')): Promise<void> =>
  cp(path.join(from, 'bin'), path.join(data, 'bin'), { recursive: true }).catch((e: Error) => {
    throw new Error(`The helper programs are not built: start with ./nabbet. (${e.message})`);
  });
