import { migrateChoices } from '../../core/outline/migrate.ts';
import { migrateSource } from '../../core/source/migrate.ts';
import { db } from '../db/client.ts';
import { json } from '../db/json.ts';
import { sources } from '../db/schema.ts';
import type { Finding, StoredCheck } from './types.ts';

/** Every source can be read, with the choices made on its outline. */
export const sourcesCheck: StoredCheck = {
  of: 'sources',
  async run() {
    const rows = await db()
      .select({ id: sources.id, title: sources.title, doc: sources.doc, choices: sources.choices })
      .from(sources);
    const findings = rows.flatMap(({ id, title, doc, choices }): Finding[] => {
      try {
        migrateSource(json(doc));
        migrateChoices(json(choices));
        return [];
      } catch (e) {
        return [
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
