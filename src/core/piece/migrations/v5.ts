import { scenesOf } from './apply.ts';
import type { Migration } from './types.ts';

type Json = Record<string, unknown>;

/** What a voice of version 5 does not say of itself. */
const OWN_WAY: Json = { pitch: 0, tone: 'plain', pauses: 1 };

const withVoice = (fields: Json): Json =>
  fields.voice && typeof fields.voice === 'object'
    ? { ...fields, voice: { ...OWN_WAY, ...fields.voice } }
    : fields;

const SCENE: Json = { recorded: [], speaker: null, voice: null };

/** The room is heard in a recording, as before. */
function withRoom<T extends Json>(scene: T): T {
  const narration = scene.narration as Json | undefined;
  return narration?.kind === 'take' ? { ...scene, narration: { clean: false, ...narration } } : scene;
}

/** Several speakers, voices with pitch, tone and pauses, takes that are recorded, words that are read in a way of their own. */
export const fromV5: Migration = {
  doc: (doc) => ({
    speakers: [],
    says: [],
    ...withVoice(doc),
    scenes: scenesOf(doc).map((s) => withRoom({ ...SCENE, ...(s as Json) })),
    version: 6,
  }),
  op(op) {
    if (op.op === 'insert') return { ...op, scene: withRoom({ ...SCENE, ...(op.scene as Json) }) };
    if (op.op === 'scene') return { ...op, patch: withRoom(op.patch as Json) };
    return op.op === 'piece' ? { ...op, patch: withVoice(op.patch as Json) } : op;
  },
};
