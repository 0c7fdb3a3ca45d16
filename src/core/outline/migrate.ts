import { Failed } from '../failure.ts';
import { choicesSchema } from './schema.ts';
import { CHOICES_VERSION, type OutlineChoices } from './types.ts';

type Json = Record<string, unknown>;

/** A source can have chapters, of which some are told. */
const fromV0 = (doc: Json): Json => ({ ...doc, version: 1, chapters: [] });

/** MIGRATIONS[v] leads from version v to v + 1; a step is never changed once it was released. */
const MIGRATIONS: readonly ((doc: Json) => Json)[] = [fromV0];

/** Stored choices as the current version. Throws Failed (damaged-source). */
export function migrateChoices(stored: unknown): OutlineChoices {
  if (!stored || typeof stored !== 'object')
    throw new Failed({ code: 'damaged-source', detail: 'no choices' });
  let doc = stored as Json;
  const from = typeof doc.version === 'number' ? doc.version : 0;
  if (from > CHOICES_VERSION)
    throw new Failed({ code: 'damaged-source', detail: `choices of a newer Nabbet (version ${from})` });
  for (const step of MIGRATIONS.slice(from)) doc = step(doc);
  const { error, value } = choicesSchema.validate(doc);
  if (error) throw new Failed({ code: 'damaged-source', detail: error.message });
  return value;
}
