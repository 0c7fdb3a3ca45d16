import {
  boolean,
  datetime,
  index,
  int,
  json,
  mysqlEnum,
  mysqlTable,
  primaryKey,
  text,
  varchar,
} from 'drizzle-orm/mysql-core';
import type { Edit, Op } from '../../core/piece/edit.ts';
import type { Format } from '../../core/piece/types.ts';

const id = (name: string) => varchar(name, { length: 24 });
const time = (name: string) => datetime(name, { mode: 'date', fsp: 3 });

/** A piece: its document as it is now, and the number of edits that made it. */
export const pieces = mysqlTable(
  'pieces',
  {
    id: id('id').primaryKey(),
    title: varchar('title', { length: 200 }).notNull(),
    /** The document; read it through migratePiece. */
    doc: json('doc').notNull(),
    rev: int('rev').notNull(),
    createdAt: time('created_at').notNull(),
    updatedAt: time('updated_at').notNull(),
    /** Set when it was put away; null while it is on the desk. */
    archivedAt: time('archived_at'),
  },
  (t) => [index('pieces_updated').on(t.archivedAt, t.updatedAt)],
);

/** Every edit in order with its inverse; seq is the revision it led to. */
export const edits = mysqlTable(
  'edits',
  {
    pieceId: id('piece_id').notNull(),
    seq: int('seq').notNull(),
    /** Given by the client, so that an edit that is sent twice is stored once. */
    id: id('id').notNull(),
    kind: mysqlEnum('kind', ['do', 'undo', 'redo']).notNull(),
    /** The edit that was undone or redone. */
    ref: id('ref'),
    label: varchar('label', { length: 120 }).notNull(),
    ops: json('ops').$type<Op[]>().notNull(),
    inverse: json('inverse').$type<Edit>().notNull(),
    at: time('at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.pieceId, t.seq] }), index('edits_id').on(t.pieceId, t.id)],
);

export const RENDER_STATES = ['waiting', 'running', 'done', 'failed', 'cancelled'] as const;
export type RenderState = (typeof RENDER_STATES)[number];

/** A wanted MP4: the piece as it was when it was asked for, and how far it is. */
export const renders = mysqlTable(
  'renders',
  {
    id: id('id').primaryKey(),
    pieceId: id('piece_id').notNull(),
    title: varchar('title', { length: 200 }).notNull(),
    doc: json('doc').notNull(),
    rev: int('rev').notNull(),
    format: varchar('format', { length: 8 }).$type<Format>().notNull(),
    height: int('height').notNull(),
    state: mysqlEnum('state', RENDER_STATES).notNull(),
    /** What is being done: voices, pictures, joining. */
    step: varchar('step', { length: 40 }).notNull(),
    /** Frames. */
    done: int('done').notNull(),
    total: int('total').notNull(),
    painted: int('painted').notNull(),
    error: text('error'),
    attempt: int('attempt').notNull(),
    cancelRequested: boolean('cancel_requested').notNull(),
    bytes: int('bytes'),
    durationMs: int('duration_ms'),
    createdAt: time('created_at').notNull(),
    startedAt: time('started_at'),
    heartbeatAt: time('heartbeat_at'),
    finishedAt: time('finished_at'),
  },
  (t) => [index('renders_queue').on(t.state, t.createdAt), index('renders_piece').on(t.pieceId)],
);

/** What was put in once, so that a second start leaves it alone. */
export const seeds = mysqlTable('seeds', {
  name: varchar('name', { length: 60 }).primaryKey(),
  at: time('at').notNull(),
});
