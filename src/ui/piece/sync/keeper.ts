import Joi from 'joi';
import type { HistoryEntry } from '../../../api/pieces.ts';
import { editSchema } from '../../../core/piece/schema.ts';
import type { Keeper } from './queue.ts';

const keptSchema = Joi.object({
  entries: Joi.array().items(
    Joi.object({
      id: Joi.string().required(),
      kind: Joi.valid('do', 'undo', 'redo').required(),
      ref: Joi.string().allow(null).required(),
      edit: editSchema.required(),
    }),
  ),
}).unknown();

/** Keeps unsaved entries of a piece in the browser's storage. What cannot be read there is left out. */
export function storageKeeper(
  storage: Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>,
  pieceId: string,
): Keeper {
  const key = `nabbet-pending-${pieceId}`;
  return {
    read() {
      const raw = storage.getItem(key);
      if (!raw) return [];
      try {
        const { error, value } = keptSchema.validate(JSON.parse(raw));
        return error ? [] : (value.entries as HistoryEntry[]);
      } catch {
        return [];
      }
    },
    write(entries) {
      if (entries.length) storage.setItem(key, JSON.stringify({ entries }));
      else storage.removeItem(key);
    },
  };
}
