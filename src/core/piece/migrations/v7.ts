import type { Migration } from './types.ts';

type Json = Record<string, unknown>;

const DELIVERY: Json = { loudness: -14, name: '' };

const withDeliveries = (fields: Json): Json =>
  Array.isArray(fields.deliveries)
    ? { ...fields, deliveries: fields.deliveries.map((d) => ({ ...DELIVERY, ...(d as Json) })) }
    : fields;

/** Deliveries have a loudness and a name. */
export const fromV7: Migration = {
  doc: (doc) => ({ ...withDeliveries(doc), version: 8 }),
  op: (op) => (op.op === 'piece' ? { ...op, patch: withDeliveries(op.patch as Json) } : op),
};
