import type { Migration } from './types.ts';

type Json = Record<string, unknown>;

const withTranslations = (scene: unknown): Json => ({ translations: [], ...(scene as Json) });

const withLanguage = (fields: Json): Json =>
  Array.isArray(fields.deliveries)
    ? { ...fields, deliveries: fields.deliveries.map((d) => ({ language: null, ...(d as Json) })) }
    : fields;

/** Scenes have their words in other languages, deliveries may be in one. */
export const fromV8: Migration = {
  doc: (doc) => ({
    ...withLanguage(doc),
    version: 9,
    scenes: (doc.scenes as unknown[]).map(withTranslations) as typeof doc.scenes,
  }),
  op(op) {
    if (op.op === 'piece') return { ...op, patch: withLanguage(op.patch as Json) };
    return op.op === 'insert' ? { ...op, scene: withTranslations(op.scene) as typeof op.scene } : op;
  },
};
