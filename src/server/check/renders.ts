import { readdir, stat } from 'node:fs/promises';
import path from 'node:path';
import { eq } from 'drizzle-orm';
import { dataPath } from '../config.ts';
import { db } from '../db/client.ts';
import { renders } from '../db/schema.ts';
import { renderFile } from '../jobs/renders.ts';
import type { Finding, StoredCheck } from './types.ts';

/** Every finished render has its video, and every video its render. */
export const rendersCheck: StoredCheck = {
  of: 'renders',
  async run() {
    const rows = await db()
      .select({
        id: renders.id,
        kind: renders.kind,
        title: renders.title,
        state: renders.state,
        bytes: renders.bytes,
      })
      .from(renders);
    const findings: Finding[] = [];
    for (const { id, kind, title, state, bytes } of rows) {
      if (state !== 'done') continue;
      const size = (await stat(renderFile(id, kind)).catch(() => null))?.size;
      if (size === bytes) continue;
      const error = 'The file of this video is gone or was changed. Render again.';
      await db().update(renders).set({ state: 'failed', step: 'failed', error }).where(eq(renders.id, id));
      findings.push({
        what: `Render ${id} “${title.slice(0, 40)}”: its video has ${size ?? 'no'} bytes instead of ${bytes}`,
        mended: 'shown as failed, so that it can be made again',
      });
    }
    const known = new Set(rows.map((r) => path.basename(renderFile(r.id, r.kind))));
    for (const name of await readdir(dataPath('renders')).catch(() => [] as string[]))
      if (/\.(mp4|webm|webp|jpg|m4a)$/.test(name) && !/\.tmp\b/.test(name) && !known.has(name))
        findings.push({ what: `The video renders/${name} belongs to no render`, mended: null });
    return { seen: rows.length, findings };
  },
};
