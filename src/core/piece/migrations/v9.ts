import { scenesOf } from './apply.ts';
import type { Migration } from './types.ts';

type Json = Record<string, unknown>;

/** What version 10 can change of a look besides. */
const ADDED: Json = { order: null, goneMs: null, restDelayMs: null, ahead: null };

const withAdded = (style: unknown): unknown =>
  style && typeof style === 'object' ? { ...ADDED, ...style } : (style ?? null);

const withLook = <T extends Json>(fields: T): T =>
  'look' in fields ? { ...fields, look: withAdded(fields.look) } : fields;

const withStyle = (fields: Json): Json =>
  'style' in fields ? { ...fields, style: withAdded(fields.style) } : fields;

/**
 * Lines come in an order, their small part later, words may be seen before they are said, and gone before their scene is.
 */
export const fromV9: Migration = {
  doc: (doc) => ({ ...withStyle(doc), version: 10, scenes: scenesOf(doc).map((s) => withLook(s as Json)) }),
  op(op) {
    if (op.op === 'piece') return { ...op, patch: withStyle(op.patch as Json) };
    if (op.op === 'insert') return { ...op, scene: withLook(op.scene as Json) };
    return op.op === 'scene' ? { ...op, patch: withLook(op.patch as Json) } : op;
  },
};
