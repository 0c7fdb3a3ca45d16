import { count, eq } from 'drizzle-orm';
import { migrateChoices } from '../../core/outline/migrate.ts';
import { migrateSource } from '../../core/source/migrate.ts';
import { db } from '../db/client.ts';
import { json } from '../db/json.ts';
import { sourceEdits, sources } from '../db/schema.ts';
import type { Finding, StoredCheck } from './types.ts';

/** Every source can be read, with the choices made on its outline, and the history of those has no gap. */
export const sourcesCheck: StoredCheck = {
  of: 'sources',
  async run() {
    const rows = await db()
      .select({
        ...{ id: sources.id, title: sources.title, doc: sources.doc, choices: sources.choices },
        ...{ rev: sources.rev, stored: count(sourceEdits.seq) },
      })
      .from(sources)
      .leftJoin(sourceEdits, eq(sourceEdits.sourceId, sources.id))
      .groupBy(sources.id);
    const findings = rows.flatMap(({ id, title, doc, choices, rev, stored }): Finding[] => {
      const gap =
        rev === stored
          ? []
          : [
              {
                what: `Source ${id} “${title.slice(0, 40)}” is at revision ${rev}, its history has ${stored} edits; not all of them can be undone`,
                mended: null,
              },
            ];
      try {
        migrateSource(json(doc));
        migrateChoices(json(choices));
        return gap;
      } catch (e) {
        return [
          ...gap,
          {
            what: `Source ${id} “${title.slice(0, 40)}” cannot be read: ${(e as Error).message}. Pieces made from it are not touched by that`,
            mended: null,
          },
        ];
      }
    });
    return { seen: rows.length, findings };
  },
};
