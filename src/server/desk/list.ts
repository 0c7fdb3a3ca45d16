import { and, asc, count, desc, eq, inArray, isNotNull, like, or, type SQL, sql } from 'drizzle-orm';
import type { MySqlColumn } from 'drizzle-orm/mysql-core';
import type { DeskFacets, DeskOrder, DeskQuery, PiecePage, PieceSummary, Place } from '../../api/desk.ts';
import { EMPTIED_DAYS, PIECES_AT_ONCE } from '../../api/desk.ts';
import { Failed } from '../../core/failure.ts';
import { KNOWN_STATES } from '../../core/piece/states.ts';
import { pictureView } from '../assets/lookup.ts';
import { db } from '../db/client.ts';
import { json } from '../db/json.ts';
import { pieces } from '../db/schema.ts';
import { around } from './around.ts';
import { fillAbout } from './fill.ts';

/** Where a piece lies, as a condition. */
const LIES: Record<Place, SQL> = {
  desk: sql`${pieces.archivedAt} is null and ${pieces.binnedAt} is null`,
  away: sql`${pieces.archivedAt} is not null and ${pieces.binnedAt} is null`,
  bin: sql`${pieces.binnedAt} is not null and ${pieces.emptiedAt} is null`,
  emptied: sql`${pieces.emptiedAt} is not null`,
};

/** By what pieces are put in order, and whether the largest comes first. */
const ORDERS: Record<DeskOrder, { by: MySqlColumn | SQL; of: (row: Row) => string | number; down: boolean }> =
  {
    changed: { by: pieces.updatedAt, of: (r) => r.updatedAt.getTime(), down: true },
    begun: { by: pieces.createdAt, of: (r) => r.createdAt.getTime(), down: true },
    title: { by: pieces.title, of: (r) => r.title, down: false },
    length: {
      of: (r) => r.lengthMs ?? r.estimatedMs ?? 0,
      by: sql`coalesce(${pieces.lengthMs}, ${pieces.estimatedMs}, 0)`,
      down: true,
    },
  };

/** A text as it stands in a pattern of LIKE. */
const literal = (text: string) => text.replace(/[\\%_]/g, '\\$&');

/** Every word that is looked for is in the title, in the words or in a tag. */
function finds(find: string): SQL | undefined {
  const words = find.split(/\s+/).filter(Boolean);
  return and(
    ...words.map((w) => {
      const pattern = `%${literal(w)}%`;
      return or(
        like(pieces.title, pattern),
        like(pieces.words, pattern),
        like(pieces.category, pattern),
        sql`lower(${pieces.tags}) like lower(${pattern})`,
      );
    }),
  );
}

/** The last piece of a page, by which the next one begins: its value in the order, and its id. */
const placeOf = (value: string | number, id: string): string =>
  Buffer.from(JSON.stringify([value, id])).toString('base64url');

function after({ by, down }: (typeof ORDERS)[DeskOrder], place: string): SQL | undefined {
  if (!place) return undefined;
  let parsed: unknown;
  try {
    parsed = JSON.parse(Buffer.from(place, 'base64url').toString());
  } catch {
    throw new Failed({ code: 'bad-request', what: '"after" names no place' });
  }
  const [value, id] = Array.isArray(parsed) ? parsed : [];
  if ((typeof value !== 'number' && typeof value !== 'string') || typeof id !== 'string')
    throw new Failed({ code: 'bad-request', what: '"after" names no place' });
  const at = by === pieces.updatedAt || by === pieces.createdAt ? new Date(Number(value)) : value;
  return or(
    down ? sql`${by} < ${at}` : sql`${by} > ${at}`,
    and(sql`${by} = ${at}`, sql`${pieces.id} < ${id}`),
  );
}

/** A page of the pieces that are looked for. */
export async function listPieces(query: DeskQuery): Promise<PiecePage> {
  if (query.find || query.order === 'length') await fillAbout('words');
  const order = ORDERS[query.order];
  const where = and(
    LIES[query.place],
    finds(query.find),
    query.state ? eq(pieces.state, query.state) : undefined,
    query.category ? eq(pieces.category, query.category) : undefined,
    query.language ? eq(pieces.language, query.language) : undefined,
    query.tag ? sql`json_contains(${pieces.tags}, ${JSON.stringify(query.tag)})` : undefined,
    after(order, query.after),
  );
  const rows = await db()
    .select(COLUMNS)
    .from(pieces)
    .where(where)
    .orderBy(order.down ? desc(order.by) : asc(order.by), desc(pieces.id))
    .limit(PIECES_AT_ONCE + 1);
  const shown = rows.slice(0, PIECES_AT_ONCE);
  const last = rows.length > PIECES_AT_ONCE ? shown.at(-1) : undefined;
  return {
    pieces: await Promise.all((await filled(shown)).map((row) => summaryOf(row, query.find))),
    next: last ? placeOf(order.of(last), last.id) : null,
  };
}

type Row = Awaited<ReturnType<typeof rowsOf>>[number];

const rowsOf = (ids: readonly string[]) =>
  db()
    .select(COLUMNS)
    .from(pieces)
    .where(inArray(pieces.id, [...ids]));

/** Rows with all that is shown of them: what was not known is worked out now. */
async function filled(rows: readonly Row[]): Promise<Row[]> {
  const ids = rows.filter((r) => r.lengthMs === null || r.format === null).map((r) => r.id);
  if (!ids.length) return [...rows];
  await fillAbout('lengthMs', ids);
  const now = new Map((await rowsOf(ids)).map((r) => [r.id, r]));
  return rows.map((r) => now.get(r.id) ?? r);
}

async function summaryOf(row: Row, find: string): Promise<PieceSummary> {
  const { id, title, state, category, format, scenes, cover } = row;
  const readable = format !== null && scenes !== null && cover !== null;
  return {
    ...{ id, title, state, category },
    tags: (json(row.tags) as string[] | null) ?? [],
    found: find ? around(row.words ?? '', title, find) : null,
    about: readable
      ? {
          ...{ format, scenes, lengthMs: row.lengthMs ?? 0, language: row.language ?? 'en' },
          cover: cover ? await pictureView(cover) : null,
        }
      : null,
    updatedAt: row.updatedAt.toISOString(),
  };
}

const COLUMNS = {
  id: pieces.id,
  title: pieces.title,
  format: pieces.format,
  scenes: pieces.scenes,
  cover: pieces.cover,
  lengthMs: pieces.lengthMs,
  estimatedMs: pieces.estimatedMs,
  createdAt: pieces.createdAt,
  language: pieces.language,
  words: pieces.words,
  state: pieces.state,
  category: pieces.category,
  tags: pieces.tags,
  updatedAt: pieces.updatedAt,
};

const DAY_MS = 24 * 3_600_000;

/** By what pieces on the desk can be chosen. */
export async function deskFacets(): Promise<DeskFacets> {
  const counted = async (column: MySqlColumn) => {
    const rows = await db()
      .select({ name: column, count: count() })
      .from(pieces)
      .where(and(LIES.desk, isNotNull(column)))
      .groupBy(column);
    return rows.map((r) => ({ name: String(r.name), count: r.count })).filter((r) => r.name);
  };
  const tagged = await db()
    .select({ tags: pieces.tags })
    .from(pieces)
    .where(and(LIES.desk, isNotNull(pieces.tags)));
  const tags = new Map<string, number>();
  for (const row of tagged) for (const t of json(row.tags) as string[]) tags.set(t, (tags.get(t) ?? 0) + 1);
  const [states, categories, languages] = await Promise.all([
    counted(pieces.state),
    counted(pieces.category),
    counted(pieces.language),
  ]);
  const at = (name: string) => {
    const known = KNOWN_STATES.indexOf(name as never);
    return known < 0 ? KNOWN_STATES.length : known;
  };
  const byName = (a: { name: string }, b: { name: string }) => a.name.localeCompare(b.name);
  const places = Object.fromEntries(
    await Promise.all(
      Object.entries(LIES).map(async ([place, lies]) => {
        const [row] = await db().select({ n: count() }).from(pieces).where(lies);
        return [place, row?.n ?? 0] as const;
      }),
    ),
  ) as DeskFacets['places'];
  const [emptied] = await db()
    .select({ at: sql<Date | string | null>`max(${pieces.emptiedAt})` })
    .from(pieces);
  return {
    states: states.sort((a, b) => at(a.name) - at(b.name) || byName(a, b)),
    categories: categories.sort(byName),
    languages: languages.sort(byName),
    tags: [...tags].map(([name, n]) => ({ name, count: n })).sort(byName),
    places,
    emptiedUntil: emptied?.at
      ? new Date(utc(emptied.at).getTime() + EMPTIED_DAYS * DAY_MS).toISOString()
      : null,
  };
}

/** A moment that came out of an expression: as text it is in UTC, as all that is stored. */
const utc = (at: Date | string): Date => (at instanceof Date ? at : new Date(`${at.replace(' ', 'T')}Z`));
