import type { OutlineDoc } from '../../core/outline/edit.ts';
import { migrateChoices } from '../../core/outline/migrate.ts';
import type { PieceOptions } from '../../core/piece/options.ts';
import { migrateSource } from '../../core/source/migrate.ts';
import { SOURCE_VERSION, type Source } from '../../core/source/types.ts';
import { json } from '../db/json.ts';
import type { sources } from '../db/schema.ts';

type Row = typeof sources.$inferSelect;

/** Throws Failed (damaged-source). */
export const sourceOf = (row: Pick<Row, 'doc'>): Source => migrateSource(json(row.doc));

/** The same for who only changes it: what is of this version was checked when it was stored, and a book is checked for long. */
export function sourceToChange(row: Pick<Row, 'doc'>): Source {
  const doc = json(row.doc) as Partial<Source> | null;
  return doc?.version === SOURCE_VERSION ? (doc as Source) : migrateSource(doc);
}

/** What the writer can change on it. Throws Failed (damaged-source). */
export const outlineOf = (row: Pick<Row, 'choices' | 'options'>, source: Source): OutlineDoc => ({
  choices: migrateChoices(json(row.choices)),
  options: optionsOf(row.options),
  facts: source.facts,
});

/** Options of an earlier version called no music "none". */
function optionsOf(stored: unknown): PieceOptions {
  const options = json(stored) as PieceOptions & { mood: string | null };
  return { ...options, mood: options.mood === ('none' as string) ? null : options.mood };
}

/** As the desk shows it. */
export const titleOf = (source: Pick<Source, 'title'>): string => source.title.slice(0, 500);
