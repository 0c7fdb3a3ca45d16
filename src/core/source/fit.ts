import type { ValidationErrorItem } from 'joi';
import { Failed } from '../failure.ts';
import { portions } from '../piece/fit.ts';
import { sourceSchema } from './schema.ts';
import type { Source } from './types.ts';

/** Letters of a sentence: what is longer is none, and is cut into several. */
const LONGEST_SENTENCE = 4000;

/** A source whose sentences are no longer than a scene can hold; no words get lost. */
export const cutSentences = (source: Source): Source => ({
  ...source,
  passages: source.passages.map((p) => ({
    ...p,
    sentences: p.sentences.flatMap((s) =>
      portions(s.text, LONGEST_SENTENCE).map((text, i) =>
        i ? { ...s, id: `${s.id}+${i}`, text } : { ...s, text },
      ),
    ),
  })),
});

/** What is stored can be read again: it is checked before. Throws Failed (damaged-source). */
export function checkedSource(source: Source): Source {
  const { error, value } = sourceSchema.validate(source);
  if (error) throw new Failed({ code: 'damaged-source', detail: error.message });
  return value;
}

/** A source as it can be stored: names, captions and facts that are longer than anything sensible end where they have to. */
export function fitSource(source: Source): Source {
  const { error } = sourceSchema.validate(source, { abortEarly: false });
  if (!error) return source;
  const fitted: Source = JSON.parse(JSON.stringify(source));
  for (const detail of error.details) if (detail.type === 'string.max') shorten(fitted, detail);
  return fitted;
}

function shorten(source: Source, { path, context }: ValidationErrorItem): void {
  const last = path.at(-1);
  const holder = path
    .slice(0, -1)
    .reduce<unknown>((at, key) => (at as Record<string, unknown>)?.[key], source);
  const limit = Number(context?.limit);
  if (last === undefined || !holder || typeof holder !== 'object' || !Number.isFinite(limit)) return;
  const value = (holder as Record<string, unknown>)[last];
  if (typeof value === 'string')
    (holder as Record<string, unknown>)[last] = value.slice(0, limit).toWellFormed();
}
