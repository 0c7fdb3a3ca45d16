import { readdir, rm, stat } from 'node:fs/promises';
import path from 'node:path';
import { dataPath } from '../config.ts';
import { knownTake } from '../speech/takes.ts';
import type { Finding, StoredCheck } from './types.ts';

/** Files that nobody has touched for so long were left by a process that was killed. */
const ABANDONED_MS = 24 * 3_600_000;
const WORK = /\.tmp$|^(run|join|sound|recording|backup|restore)-/;

/** What killed processes left behind is taken away, and takes that are damaged, since they are made again when needed. */
export const leftoversCheck: StoredCheck = {
  of: 'takes and work files',
  async run(now) {
    const findings: Finding[] = [];
    let seen = 0;
    for (const folder of ['', 'assets', 'takes', 'tracks', 'segments', 'mixes', 'renders'])
      for (const name of await readdir(dataPath(folder)).catch(() => [] as string[])) {
        seen++;
        if (!WORK.test(name)) continue;
        const file = dataPath(folder, name);
        const touched = (await stat(file).catch(() => null))?.mtimeMs ?? now.getTime();
        if (now.getTime() - touched < ABANDONED_MS) continue;
        await rm(file, { recursive: true, force: true });
        findings.push({
          what: `${path.join(folder, name)} was left by a process that ended early`,
          mended: 'removed',
        });
      }
    for (const part of await readdir(dataPath('takes')).catch(() => [] as string[]))
      for (const name of await readdir(dataPath('takes', part)).catch(() => [] as string[])) {
        const key = /^([0-9a-f]{32})\.json$/.exec(name)?.[1];
        if (!key) continue;
        seen++;
        if (await knownTake(key)) continue;
        for (const end of ['json', 'wav'])
          await rm(dataPath('takes', part, `${key}.${end}`), { force: true });
        findings.push({
          what: `Take ${key} is damaged`,
          mended: 'removed; it is spoken again when it is needed',
        });
      }
    return { seen, findings };
  },
};
