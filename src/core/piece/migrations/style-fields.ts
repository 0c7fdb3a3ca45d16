import { scenesOf } from './apply.ts';
import type { Migration } from './types.ts';

type Json = Record<string, unknown>;

/** The step to a version that can change more of a look. added: what it can, as it is unchanged. */
export function addsToStyle(version: number, added: Json): Migration {
  const withAdded = (style: unknown): unknown =>
    style && typeof style === 'object' ? { ...added, ...style } : (style ?? null);
  const withLook = <T extends Json>(fields: T): T =>
    'look' in fields ? { ...fields, look: withAdded(fields.look) } : fields;
  const withStyle = (fields: Json): Json =>
    'style' in fields ? { ...fields, style: withAdded(fields.style) } : fields;
  return {
    doc: (doc) => ({ ...withStyle(doc), version, scenes: scenesOf(doc).map((s) => withLook(s as Json)) }),
    op(op) {
      if (op.op === 'piece') return { ...op, patch: withStyle(op.patch as Json) };
      if (op.op === 'insert') return { ...op, scene: withLook(op.scene as Json) };
      return op.op === 'scene' ? { ...op, patch: withLook(op.patch as Json) } : op;
    },
  };
}
