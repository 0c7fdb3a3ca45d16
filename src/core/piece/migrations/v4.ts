import { scenesOf } from './apply.ts';
import type { Migration } from './types.ts';

type Json = Record<string, unknown>;

/** What a style can change, as version 5 has it; null leaves it as the look has it. */
const STYLE: Json = {
  ...{ reveal: null, delayMs: null, revealMs: null, family: null, weight: null, italic: null, upper: null },
  ...{ size: null, tracking: null, leading: null, colour: null, ground: null, groundColour: null },
  ...{ stress: null, stressColour: null, align: null, places: null },
};

/** Version 4 knew the reveal alone. */
const lookOf = (look: unknown): unknown =>
  look && typeof look === 'object' ? { ...STYLE, look: null, ...look } : (look ?? null);

const withLook = <T extends Json>(fields: T): T =>
  'look' in fields ? { ...fields, look: lookOf(fields.look) } : fields;

/** Looks can be changed in many places: for the whole piece, and scene by scene; borders have a transition of the piece. */
export const fromV4: Migration = {
  doc: (doc) => ({
    style: STYLE,
    transition: null,
    waived: [],
    ...doc,
    scenes: scenesOf(doc).map((s) => withLook(s as Json)),
    version: 5,
  }),
  op(op) {
    if (op.op === 'insert') return { ...op, scene: withLook(op.scene as Json) };
    return op.op === 'scene' ? { ...op, patch: withLook(op.patch as Json) } : op;
  },
};
