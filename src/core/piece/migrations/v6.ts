import { scenesOf } from './apply.ts';
import type { Migration } from './types.ts';

type Json = Record<string, unknown>;

const DELIVERY: Json = { id: 'video', kind: 'mp4', format: null, height: 1080, captions: true };
const PIECE: Json = { onBeat: 'free', borderSound: 'none', deliveries: [DELIVERY], kit: [], coverMs: null };
const SCENE: Json = { effect: null };
const BED: Json = { fromScene: null };

const withBeds = (fields: Json): Json =>
  Array.isArray(fields.beds)
    ? { ...fields, beds: fields.beds.map((b) => ({ ...BED, ...(b as Json) })) }
    : fields;

/** Pictures that change on the beat, sounds on borders and of scenes, beds that begin with a scene, deliveries and their texts. */
export const fromV6: Migration = {
  doc: (doc) => ({
    ...PIECE,
    ...withBeds(doc),
    scenes: scenesOf(doc).map((s) => ({ ...SCENE, ...(s as Json) })),
    version: 7,
  }),
  op(op) {
    if (op.op === 'insert') return { ...op, scene: { ...SCENE, ...(op.scene as Json) } };
    return op.op === 'piece' ? { ...op, patch: withBeds(op.patch as Json) } : op;
  },
};
