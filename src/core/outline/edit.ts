import Joi from 'joi';
import { assertNever } from '../assert-never.ts';
import type { Edited, EditFailure, EditHead, Editing } from '../editing.ts';
import { optionsSchema, type PieceOptions } from '../piece/options.ts';
import { factsSchema } from '../source/facts-schema.ts';
import type { FactSheet } from '../source/types.ts';
import { choicesSchema, LINES_BY_HAND, lineEditSchema, pictureRefSchema, REFS, refSchema } from './schema.ts';
import type { OutlineChoices, PhotoChoices } from './types.ts';

/** What a writer can change on an outline, beside the source itself. */
export interface OutlineDoc {
  choices: OutlineChoices;
  options: PieceOptions;
  /** null for a source without a fact sheet. */
  facts: FactSheet | null;
}

export const OUTLINE_EDIT_VERSION = 1;

/**
 * Sets what stands at one place of an outline. In a room of fields: the field. In one of values by reference: the value of
 * that reference, without a value none. In a list: where the reference stands in it, without a value nowhere. So two
 * writers who change different places never undo each other's work.
 */
export interface OutlineOp {
  room: RoomName;
  key: string;
  value?: unknown;
}

export interface OutlineEdit extends EditHead {
  ops: OutlineOp[];
}

type Box = Record<string, unknown>;

/** Where something stands, and what may stand there. */
interface Room {
  kind: 'fields' | 'by-ref' | 'list';
  /** null: this outline has no such room. */
  box(doc: OutlineDoc): object | null;
  put(doc: OutlineDoc, box: object): OutlineDoc;
  /** Of the value of a key. */
  schema(key: string): Joi.Schema | null;
  /** So many references at most. */
  most: number;
}

const choices = (doc: OutlineDoc, patch: Partial<OutlineChoices>): OutlineDoc => ({
  ...doc,
  choices: { ...doc.choices, ...patch },
});

/** names: the compiler asks for all of them. The browser's Joi cannot list the keys of a schema. */
function fields<T>(
  schema: Joi.ObjectSchema,
  of: Pick<Room, 'box' | 'put'>,
  names: Record<keyof T & string, true>,
): Room {
  const all = Object.keys(names);
  const schemas = new Map(all.map((key) => [key, schema.extract([key])]));
  return { ...of, kind: 'fields', schema: (key) => schemas.get(key) ?? null, most: all.length };
}

const list = (name: 'keep' | 'drop' | 'leavePictures' | 'chapters'): Room => ({
  kind: 'list',
  box: (doc) => doc.choices[name],
  put: (doc, box) => choices(doc, { [name]: box }),
  schema: (key) => (refSchema.validate(key).error ? null : Joi.number().integer().min(0).max(REFS)),
  most: REFS,
});
const byRef = (name: 'edits' | 'pictures', schema: Joi.Schema): Room => ({
  kind: 'by-ref',
  box: (doc) => doc.choices[name],
  put: (doc, box) => choices(doc, { [name]: box }),
  schema: (key) => (refSchema.validate(key).error ? null : schema),
  most: LINES_BY_HAND,
});

const ROOMS = {
  choices: fields<Pick<OutlineChoices, 'targetMs' | 'speak' | 'angle' | 'closing'>>(
    choicesSchema,
    { box: (doc) => doc.choices, put: (doc, box) => choices(doc, box) },
    { targetMs: true, speak: true, angle: true, closing: true },
  ),
  photos: fields<PhotoChoices>(
    choicesSchema.extract('photos') as Joi.ObjectSchema,
    {
      box: (doc) => doc.choices.photos,
      put: (doc, box) => choices(doc, { photos: box as PhotoChoices }),
    },
    { order: true, leave: true, length: true, eachMs: true, totalMs: true, first: true, last: true },
  ),
  options: fields<PieceOptions>(
    optionsSchema,
    { box: (doc) => doc.options, put: (doc, box) => ({ ...doc, options: box as PieceOptions }) },
    { format: true, voice: true, mood: true },
  ),
  facts: fields<FactSheet>(
    factsSchema,
    { box: (doc) => doc.facts, put: (doc, box) => ({ ...doc, facts: box as FactSheet }) },
    {
      ...{ name: true, maker: true, price: true, was: true, until: true, rating: true },
      ...{ availability: true, description: true, features: true, variants: true, quotes: true },
    },
  ),
  keep: list('keep'),
  drop: list('drop'),
  leavePictures: list('leavePictures'),
  chapters: list('chapters'),
  edits: byRef('edits', lineEditSchema),
  pictures: byRef('pictures', pictureRefSchema),
} satisfies Record<string, Room>;

type RoomName = keyof typeof ROOMS;
const ROOM_NAMES = Object.keys(ROOMS) as RoomName[];

/** The one schema of an edit of an outline; what may stand where is asked when it is applied. */
export const outlineEditSchema = Joi.object<OutlineEdit>({
  name: Joi.string()
    .pattern(/^[a-z][a-z-]{0,39}$/)
    .required(),
  count: Joi.number().integer().min(1).max(REFS).optional(),
  merge: Joi.string().max(120).allow(null).required(),
  ops: Joi.array()
    .items(
      Joi.object({
        room: Joi.string()
          .valid(...ROOM_NAMES)
          .required(),
        key: Joi.string().max(80).required(),
        value: Joi.any(),
      }),
    )
    .min(1)
    .max(2 * REFS)
    .required(),
});

/** Applies an edit to an outline without changing it; the inverse undoes exactly this edit. */
export function applyOutlineEdit(doc: OutlineDoc, edit: OutlineEdit): Edited<OutlineDoc, OutlineEdit> {
  let now = doc;
  const inverse: OutlineOp[] = [];
  for (const op of edit.ops) {
    const step = applyOp(now, op);
    if ('reason' in step) return { ok: false, failure: step };
    now = step.doc;
    inverse.unshift(step.inverse);
  }
  return { ok: true, doc: now, inverse: { ...edit, merge: null, ops: inverse } };
}

function applyOp(doc: OutlineDoc, op: OutlineOp): { doc: OutlineDoc; inverse: OutlineOp } | EditFailure {
  const room: Room = ROOMS[op.room];
  const box = room.box(doc);
  const schema = room.schema(op.key);
  if (!box) return { reason: 'gone' };
  if (!schema) return { reason: 'invalid', message: `An outline has no “${op.key}” among its ${op.room}.` };
  const { error } = schema.validate(op.value);
  if (error) return { reason: 'invalid', message: error.message };
  const { room: name, key } = op;
  if (room.kind === 'list') {
    const { list, was } = stand(box as string[], key, op.value as number | undefined);
    if (list.length > room.most) return { reason: 'full', most: room.most };
    return { doc: room.put(doc, list), inverse: valued({ room: name, key }, was < 0 ? undefined : was) };
  }
  const before = Object.hasOwn(box, key) ? (box as Box)[key] : undefined;
  if (room.kind === 'fields' && op.value === undefined)
    return { reason: 'invalid', message: `“${key}” has to be something.` };
  const { [key]: _, ...rest } = box as Box;
  const after = op.value === undefined ? rest : { ...(box as Box), [key]: op.value };
  if (room.kind === 'by-ref' && Object.keys(after).length > room.most)
    return { reason: 'full', most: room.most };
  return { doc: room.put(doc, after), inverse: valued({ room: name, key }, before) };
}

/** JSON has no undefined: what is not there is left out. */
const valued = (op: Omit<OutlineOp, 'value'>, value: unknown): OutlineOp =>
  value === undefined ? op : { ...op, value };

/** A list in which a reference stands at an index, or nowhere; was: where it stood, or -1. */
function stand(
  list: readonly string[],
  ref: string,
  at: number | undefined,
): { list: string[]; was: number } {
  const was = list.indexOf(ref);
  const without = was < 0 ? [...list] : list.toSpliced(was, 1);
  return { list: at === undefined ? without : without.toSpliced(at, 0, ref), was };
}

const equal = (a: unknown, b: unknown): boolean => a === b || JSON.stringify(a) === JSON.stringify(b);

/** The operations that lead from one state of an outline to another. */
export const changesBetween = (before: OutlineDoc, after: OutlineDoc): OutlineOp[] =>
  ROOM_NAMES.flatMap((room) => changesOfRoom(room, before, after));

function changesOfRoom(name: RoomName, before: OutlineDoc, after: OutlineDoc): OutlineOp[] {
  const room: Room = ROOMS[name];
  const [a, b] = [room.box(before), room.box(after)];
  if (!a || !b || a === b) return [];
  switch (room.kind) {
    case 'fields':
    case 'by-ref':
      return [...new Set([...Object.keys(a), ...Object.keys(b)])]
        .filter((key) => room.schema(key) && !equal((a as Box)[key], (b as Box)[key]))
        .map((key) => valued({ room: name, key }, (b as Box)[key]));
    case 'list':
      return changesOfList(a as string[], b as string[]).map((op) => ({ room: name, ...op }));
    default:
      return assertNever(room.kind);
  }
}

/** What is in one list only leaves or comes; where the order of the rest changed, everything comes anew. */
function changesOfList(before: readonly string[], after: readonly string[]): Omit<OutlineOp, 'room'>[] {
  const stays = before.filter((ref) => after.includes(ref));
  const sameOrder = equal(
    stays,
    after.filter((ref) => before.includes(ref)),
  );
  const leave = sameOrder ? before.filter((ref) => !after.includes(ref)) : before;
  return [
    ...leave.map((key) => ({ key })),
    ...after.flatMap((key, value) => (sameOrder && stays.includes(key) ? [] : [{ key, value }])),
  ];
}

/** A later edit takes the place of an earlier one with the same merge key that sets the same places. */
function mergeOutlineEdits(earlier: OutlineEdit, later: OutlineEdit): OutlineEdit | null {
  if (earlier.merge === null || earlier.merge !== later.merge) return null;
  const places = (e: OutlineEdit) => e.ops.map((op) => `${op.room}/${op.key}`).sort();
  return equal(places(earlier), places(later)) ? later : null;
}

/** Every text in a value. */
function textsIn(value: unknown): string[] {
  if (typeof value === 'string') return value.trim() ? [value] : [];
  return value && typeof value === 'object' ? Object.values(value).flatMap(textsIn) : [];
}

/** What a writer typed: words on lines and photos, and facts; not which of several was chosen. */
const TYPED: Partial<Record<RoomName, (op: OutlineOp) => unknown>> = {
  edits: ({ value }) => {
    const { shown, spoken } = (value ?? {}) as { shown?: unknown; spoken?: unknown };
    return [shown, spoken];
  },
  photos: ({ key, value }) => (key === 'first' || key === 'last' ? value : null),
  facts: ({ value }) => (Array.isArray(value) ? value.map((v) => v?.value) : (value as Box | null)?.value),
};

export const outlineEditing: Editing<OutlineDoc, OutlineEdit> = {
  apply: applyOutlineEdit,
  merge: mergeOutlineEdits,
  words: (edit) => edit.ops.flatMap((op) => textsIn(TYPED[op.room]?.(op))),
  schema: outlineEditSchema,
};
