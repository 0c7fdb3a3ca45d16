import {
  bigint,
  boolean,
  customType,
  datetime,
  index,
  int,
  json,
  mediumtext,
  mysqlEnum,
  mysqlTable,
  primaryKey,
  text,
  uniqueIndex,
  varchar,
} from 'drizzle-orm/mysql-core';
import { RENDER_STATES, type SceneTime } from '../../api/renders.ts';
import { COMMENT_KINDS, type Region } from '../../api/reviews.ts';
import type { DeliveryKindName } from '../../core/deliver/kinds.ts';
import type { Loudness } from '../../core/deliver/loudness.ts';
import { LICENCES } from '../../core/exchange/credits.ts';
import type { Format } from '../../core/look/formats.ts';
import { UNVERSIONED_EDITS } from '../../core/piece/migrate.ts';
import type { SourceKind } from '../../core/source/kinds.ts';

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
    /** What the desk shows of the document; null for a piece that was last stored before these columns were there. */
    format: varchar('format', { length: 12 }).$type<Format>(),
    scenes: int('scenes'),
    /** The first picture, '' when there is none. */
    cover: varchar('cover', { length: 64 }),
    /** What is searched: title, and all that is shown and said. */
    words: mediumtext('words'),
    /** Of its voice. */
    language: varchar('language', { length: 12 }),
    /** Worked out when the desk shows it; null after an edit. */
    lengthMs: int('length_ms'),
    /** By the words alone, so that pieces can be put in order before anybody has looked at them. */
    estimatedMs: int('estimated_ms'),
    /** How far it is: one of the known states, or the writer's own word for it. */
    state: varchar('state', { length: 30 }).notNull().default('draft'),
    category: varchar('category', { length: 60 }).notNull().default(''),
    tags: json('tags').$type<string[]>(),
    createdAt: time('created_at').notNull(),
    updatedAt: time('updated_at').notNull(),
    /** Set when it was put away; null while it is on the desk. */
    archivedAt: time('archived_at'),
    /** Set when it was thrown into the bin, and when the bin was emptied with it; removed for good some time after that. */
    binnedAt: time('binned_at'),
    emptiedAt: time('emptied_at'),
  },
  (t) => [index('pieces_updated').on(t.archivedAt, t.updatedAt)],
);

/** A state of a piece that its writer gave a name. */
export const versions = mysqlTable(
  'versions',
  {
    id: id('id').primaryKey(),
    pieceId: id('piece_id').notNull(),
    name: varchar('name', { length: 80 }).notNull(),
    /** The document as it was; read it through migratePiece. */
    doc: json('doc').notNull(),
    rev: int('rev').notNull(),
    at: time('at').notNull(),
  },
  (t) => [index('versions_piece').on(t.pieceId)],
);

/** Links by which others watch a piece and comment on it, and nothing else. */
export const reviews = mysqlTable(
  'reviews',
  {
    id: id('id').primaryKey(),
    pieceId: id('piece_id').notNull(),
    /** What stands in the address. */
    secret: varchar('secret', { length: 64 }).notNull(),
    /** Salt and hash (scrypt), null without a password. */
    password: varchar('password', { length: 200 }),
    createdAt: time('created_at').notNull(),
    expiresAt: time('expires_at').notNull(),
    withdrawnAt: time('withdrawn_at'),
  },
  (t) => [uniqueIndex('reviews_secret').on(t.secret), index('reviews_piece').on(t.pieceId)],
);

/** What reviewers said of a piece, what its writer answered, and who approved which version. */
export const comments = mysqlTable(
  'comments',
  {
    id: id('id').primaryKey(),
    pieceId: id('piece_id').notNull(),
    /** By which link it came; null for the writer's own. */
    reviewId: id('review_id'),
    kind: mysqlEnum('kind', COMMENT_KINDS).notNull(),
    /** The version that was watched. */
    version: int('version').notNull(),
    /** The comment that it answers. */
    parentId: id('parent_id'),
    author: varchar('author', { length: 60 }).notNull(),
    text: text('text').notNull(),
    /** Where: the scene, the moment of that version, the part of the frame. */
    sceneId: id('scene_id'),
    atMs: int('at_ms'),
    region: json('region').$type<Region>(),
    at: time('at').notNull(),
    settledAt: time('settled_at'),
  },
  (t) => [index('comments_piece').on(t.pieceId, t.at)],
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
    /** Of the edit and its inverse; see migrateHistory. Those from before this column may be of any version up to 3. */
    version: int('version').notNull().default(UNVERSIONED_EDITS),
    /** Up to version 3: what was shown for it. Since then it stands in the edit. */
    label: varchar('label', { length: 120 }).notNull().default(''),
    /** Up to version 3: the operations. Since then the whole edit. */
    ops: json('ops').notNull(),
    inverse: json('inverse').notNull(),
    at: time('at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.pieceId, t.seq] }), index('edits_id').on(t.pieceId, t.id)],
);

/** A wanted MP4: the piece as it was when it was asked for, and how far it is. */
export const renders = mysqlTable(
  'renders',
  {
    id: id('id').primaryKey(),
    pieceId: id('piece_id').notNull(),
    title: varchar('title', { length: 200 }).notNull(),
    doc: json('doc').notNull(),
    rev: int('rev').notNull(),
    format: varchar('format', { length: 12 }).$type<Format>().notNull(),
    height: int('height').notNull(),
    kind: varchar('kind', { length: 12 }).$type<DeliveryKindName>().notNull().default('mp4'),
    /** Where it stands among those that wait: the smallest first. */
    place: bigint('place', { mode: 'number' }).notNull().default(0),
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
    bytes: bigint('bytes', { mode: 'number' }),
    durationMs: int('duration_ms'),
    /** Where each scene begins and ends, known when it is done. */
    scenes: json('scenes').$type<SceneTime[]>(),
    /** The number under which reviewers watch it; null when it is not for them. */
    version: int('version'),
    /** LUFS, and what its file is called (see Delivery). */
    loudness: int('loudness').$type<Loudness>().notNull().default(-14),
    /** Of its words; null as they are written. */
    language: varchar('language', { length: 3 }),
    name: varchar('name', { length: 60 }).notNull().default(''),
    createdAt: time('created_at').notNull(),
    startedAt: time('started_at'),
    heartbeatAt: time('heartbeat_at'),
    finishedAt: time('finished_at'),
  },
  (t) => [index('renders_queue').on(t.state, t.place, t.createdAt), index('renders_piece').on(t.pieceId)],
);

/** What a writer brought, as it was read, with every choice made on its outline. */
export const sources = mysqlTable(
  'sources',
  {
    id: id('id').primaryKey(),
    kind: varchar('kind', { length: 16 }).$type<SourceKind>().notNull(),
    title: varchar('title', { length: 500 }).notNull(),
    /** What was read (Source). */
    doc: json('doc').notNull(),
    /** OutlineChoices. */
    choices: json('choices').notNull(),
    /** Format, voice and music that the piece shall get. */
    options: json('options').notNull(),
    /** Of choices, options and facts. */
    rev: int('rev').notNull().default(0),
    /** The last piece that was made from it. */
    pieceId: id('piece_id'),
    createdAt: time('created_at').notNull(),
    updatedAt: time('updated_at').notNull(),
    /** Set when the writer put it away. */
    archivedAt: time('archived_at'),
  },
  (t) => [index('sources_open').on(t.archivedAt, t.pieceId, t.updatedAt)],
);

/** Every change of an outline: of choices, options and facts. */
export const sourceEdits = mysqlTable(
  'source_edits',
  {
    sourceId: id('source_id').notNull(),
    seq: int('seq').notNull(),
    /** Given by the client, so that an edit that is sent twice is stored once. */
    id: id('id').notNull(),
    kind: mysqlEnum('kind', ['do', 'undo', 'redo']).notNull(),
    /** The edit that was undone or redone. */
    ref: id('ref'),
    /** Of the edit and its inverse. */
    version: int('version').notNull(),
    edit: json('edit').notNull(),
    inverse: json('inverse').notNull(),
    at: time('at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.sourceId, t.seq] }), index('source_edits_id').on(t.sourceId, t.id)],
);

const blob = customType<{ data: Buffer }>({ dataType: () => 'blob' });

/** The part of the shelf that was brought in: what its owner says of each picture. What was measured stands in its record. */
export const ownPictures = mysqlTable(
  'own_pictures',
  {
    /** The asset's id. */
    id: id('id').primaryKey(),
    kind: mysqlEnum('kind', ['still', 'clip']).notNull(),
    title: varchar('title', { length: 200 }).notNull(),
    description: varchar('description', { length: 600 }).notNull(),
    tags: json('tags').$type<string[]>().notNull(),
    licence: mysqlEnum('licence', LICENCES).notNull(),
    /** Who is to be named, as they want it. */
    credit: varchar('credit', { length: 300 }).notNull(),
    /** How many people are in it; null while nobody has said. */
    people: int('people'),
    /** Meaning of the words and of the tags: two unit vectors, float32. */
    vectors: blob('vectors').notNull(),
    addedAt: time('added_at').notNull(),
    updatedAt: time('updated_at').notNull(),
    /** Set when it was taken off the shelf; pieces that use it keep it. */
    archivedAt: time('archived_at'),
  },
  (t) => [index('own_pictures_changed').on(t.updatedAt)],
);

/** Pictures that were taken from libraries from outside: each once, whatever pieces use it. */
export const stockTaken = mysqlTable(
  'stock_taken',
  {
    library: varchar('library', { length: 40 }).notNull(),
    /** What the library calls the picture. */
    picture: varchar('picture', { length: 80 }).notNull(),
    assetId: id('asset_id').notNull(),
    title: varchar('title', { length: 200 }).notNull(),
    /** What was paid for it, euro cents. */
    priceCents: int('price_cents').notNull(),
    takenAt: time('taken_at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.library, t.picture] }), index('stock_taken_asset').on(t.assetId)],
);

/** Pictures, shipped or own, that are kept at hand. */
export const favourites = mysqlTable('favourites', {
  assetId: varchar('asset_id', { length: 64 }).primaryKey(),
  at: time('at').notNull(),
});

/** Music that was brought in. */
export const ownTracks = mysqlTable('own_tracks', {
  /** Of its content. */
  id: varchar('id', { length: 32 }).primaryKey(),
  title: varchar('title', { length: 200 }).notNull(),
  credit: varchar('credit', { length: 300 }).notNull(),
  licence: mysqlEnum('licence', LICENCES).notNull(),
  favourite: boolean('favourite').notNull(),
  /** What was found in it: HeardTrack. */
  heard: json('heard').notNull(),
  addedAt: time('added_at').notNull(),
  /** Set when it was put away; pieces that use it keep it. */
  archivedAt: time('archived_at'),
});

/** Words that the spelling shall know on this installation; compared byte by byte, since “resume” is not “résumé”. */
export const ownWords = mysqlTable('own_words', {
  word: varchar('word', { length: 80 }).primaryKey(),
  at: time('at').notNull(),
});

/** What is set for the whole installation, by name. */
export const settings = mysqlTable('settings', {
  name: varchar('name', { length: 40 }).primaryKey(),
  value: json('value').notNull(),
  at: time('at').notNull(),
});

/** What was put in once, so that a second start leaves it alone. */
export const seeds = mysqlTable('seeds', {
  name: varchar('name', { length: 60 }).primaryKey(),
  at: time('at').notNull(),
});
