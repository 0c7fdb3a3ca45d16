import { asc, eq } from 'drizzle-orm';
import type { StoredEntry } from '../../api/edits.ts';
import { appendEdits } from '../../api/pieces.ts';
import { appendOutlineEdits } from '../../api/sources.ts';
import { POST as appendPieceRoute } from '../../app/api/pieces/[id]/edits/route.ts';
import { POST as appendOutlineRoute } from '../../app/api/sources/[id]/edits/route.ts';
import type { EditHead, Editing } from '../../core/editing.ts';
import {
  changesBetween,
  type OutlineDoc,
  type OutlineEdit,
  outlineEditing,
} from '../../core/outline/edit.ts';
import { duplicateScenes, moveScenes } from '../../core/piece/actions.ts';
import { type Edit, edit, pieceEdit, pieceEditing, sceneEdit } from '../../core/piece/edit.ts';
import { emptyPiece, emptyScene, type Piece } from '../../core/piece/types.ts';
import { emptyFacts, emptySource } from '../../core/source/types.ts';
import { db } from '../../server/db/client.ts';
import { edits, pieces, sourceEdits, sources } from '../../server/db/schema.ts';
import { createPiece, openPiece } from '../../server/pieces/pieces.ts';
import { createSource, loadSource } from '../../server/sources/sources.ts';
import type { AppendEndpoint } from '../../ui/sync/send.ts';

/** A document as it is stored. */
interface Stored<D, E extends EditHead> {
  doc: D;
  rev: number;
  history: StoredEntry<E>[];
}

type Route = (request: Request, context: { params: Promise<{ id: string }> }) => Promise<Response>;

/** A kind of document that is edited over the network. */
export interface Kind<D, E extends EditHead> {
  editing: Editing<D, E>;
  endpoint: AppendEndpoint<E>;
  route: Route;
  create(): Promise<string>;
  open(id: string): Promise<Stored<D, E>>;
  /** The rows of its history. */
  rows(id: string): Promise<{ id: string; seq: number }[]>;
  remove(id: string): Promise<void>;
  /** An edit that a writer might make next; null when it would not do anything. */
  next(doc: D, random: () => number, step: number, newId: () => string): E | null;
  /** An edit that always can be made. */
  last(round: number): E;
}

const firstPiece = (): Piece => ({
  ...emptyPiece(),
  title: 'A schedule',
  scenes: ['a', 'b', 'c'].map((id) => ({ ...emptyScene(id), shown: `Line ${id}.` })),
});

export const pieceKind: Kind<Piece, Edit> = {
  editing: pieceEditing,
  endpoint: appendEdits,
  route: appendPieceRoute,
  create: () => createPiece(firstPiece()),
  async open(id) {
    const { piece, rev, history } = await openPiece(id);
    return { doc: piece, rev, history };
  },
  rows: (id) => db().select().from(edits).where(eq(edits.pieceId, id)).orderBy(asc(edits.seq)),
  async remove(id) {
    await db().delete(edits).where(eq(edits.pieceId, id));
    await db().delete(pieces).where(eq(pieces.id, id));
  },
  next(piece, random, step, newId) {
    const pick = () => piece.scenes[Math.floor(random() * piece.scenes.length)]?.id ?? 'a';
    const kind = random();
    if (kind < 0.55)
      return sceneEdit('type', pick(), { shown: `Step ${step} ${'x'.repeat(step % 7)}` }, 'type');
    if (kind < 0.65)
      return edit('insert', [
        { op: 'insert', at: Math.floor(random() * piece.scenes.length), scene: emptyScene(newId()) },
      ]);
    if (kind < 0.75) return piece.scenes.length > 2 ? edit('delete', [{ op: 'remove', id: pick() }]) : null;
    if (kind < 0.85) return moveScenes(piece, [pick()], random() < 0.5 ? 1 : -1);
    if (kind < 0.9) return duplicateScenes(piece, [pick()], newId);
    return pieceEdit('title', { title: `Title ${step}` }, 'title');
  },
  last: (round) => edit('title', [{ op: 'piece', patch: { title: `End ${round}` } }]),
};

const REFS = ['p1.1', 'p1.2', 'p2.1', 'p3.1', 'p3.2'];
const other = (list: readonly string[], ref: string) =>
  list.includes(ref) ? list.filter((x) => x !== ref) : [...list, ref];

/** What a writer might do next to the choices of an outline, and to its facts. */
function nextOutline(doc: OutlineDoc, random: () => number, step: number): OutlineDoc {
  const ref = REFS[Math.floor(random() * REFS.length)] ?? 'p1.1';
  const { choices } = doc;
  const with_ = (patch: Partial<typeof choices>): OutlineDoc => ({
    ...doc,
    choices: { ...choices, ...patch },
  });
  const kind = random();
  if (kind < 0.3) return with_({ edits: { ...choices.edits, [ref]: { shown: `Step ${step}.` } } });
  if (kind < 0.45) return with_({ keep: other(choices.keep, ref) });
  if (kind < 0.55) return with_({ drop: other(choices.drop, ref) });
  if (kind < 0.65) return with_({ targetMs: 10_000 + 1000 * step });
  if (kind < 0.75) return { ...doc, options: { ...doc.options, format: random() < 0.5 ? '1:1' : '16:9' } };
  const value = `Fact ${step}`;
  return {
    ...doc,
    facts: doc.facts && { ...doc.facts, [random() < 0.5 ? 'name' : 'maker']: { value, origin: 'writer' } },
  };
}

export const outlineKind: Kind<OutlineDoc, OutlineEdit> = {
  editing: outlineEditing,
  endpoint: appendOutlineEdits,
  route: appendOutlineRoute,
  create: () =>
    createSource({ ...emptySource('product', { kind: 'page' }), title: 'A schedule', facts: emptyFacts() }),
  async open(id) {
    const { choices, options, source, rev, history } = await loadSource(id);
    return { doc: { choices, options, facts: source.facts }, rev, history };
  },
  rows: (id) =>
    db().select().from(sourceEdits).where(eq(sourceEdits.sourceId, id)).orderBy(asc(sourceEdits.seq)),
  async remove(id) {
    await db().delete(sourceEdits).where(eq(sourceEdits.sourceId, id));
    await db().delete(sources).where(eq(sources.id, id));
  },
  next(doc, random, step) {
    const ops = changesBetween(doc, nextOutline(doc, random, step));
    const [first] = ops;
    return first ? { name: 'choose', merge: `${first.room}/${first.key}`, ops } : null;
  },
  last: (round) => ({
    ...{ name: 'choose', merge: null },
    ops: [{ room: 'choices', key: 'targetMs', value: 60_000 + round }],
  }),
};
