import { Failed } from '../failure.ts';
import { sourceSchema } from './schema.ts';
import { SOURCE_VERSION, type Source } from './types.ts';

type Json = Record<string, unknown>;

const list = (v: unknown): Json[] => (Array.isArray(v) ? v : []);

/** What version 0 called a form, and what it is. */
function formOf(text: unknown): Json {
  const said = String(text ?? '');
  const count = Number(/\d+/.exec(said)?.[0] ?? 0);
  const counted = (kind: string) => (count > 0 ? { kind, count } : { kind });
  if (/^PDF\b/.test(said)) return counted('pdf');
  if (/photos$/i.test(said)) return counted('photos');
  const kind = FORMS[said];
  return kind ? { kind } : { kind: 'told', text: said.slice(0, 500) };
}

const FORMS: Record<string, string> = {
  'Web page': 'page',
  'Saved page': 'saved-page',
  'Pasted page': 'pasted-page',
  'Pasted text': 'pasted',
  Script: 'script',
  Text: 'text',
  'Markdown text': 'markdown',
  'Word document': 'word',
};

const REASONS: Record<string, string> = {
  'stands early': 'early',
  'many other sentences are about the same': 'central',
  'shares words with the title': 'title-words',
  'has a figure': 'figure',
  'is said by somebody': 'said',
  'leans on the sentence before it': 'leans',
  'too long for one line': 'too-long',
};

const LEFT: Record<string, string> = {
  'cookie notice': 'cookies',
  'invitation to subscribe': 'subscribe',
  'share buttons': 'share',
  'other articles': 'other-articles',
  comments: 'comments',
  navigation: 'navigation',
  advertisement: 'advertisement',
  'about the author': 'author',
  'frame of the page': 'frame',
  'small print': 'small-print',
  'side column': 'side-column',
  'hidden on the page': 'hidden',
  form: 'form',
  'aside of the page': 'aside',
  'links to other pages': 'links',
  'said twice on the page': 'twice',
  'after the end of the text': 'after-end',
  'head of the page': 'head',
  'name and date': 'byline',
};

const reasonOf = (said: unknown): Json => {
  const code = REASONS[String(said)];
  return code ? { code } : { code: 'told', text: String(said).slice(0, 500) };
};

/** Words became codes; a source can have chapters; the hash of a photo is called what it is. */
const fromV0 = (doc: Json): Json => ({
  ...doc,
  version: 1,
  form: formOf(doc.form),
  chapters: [],
  pictures: list(doc.pictures).map((p) => ({
    ...p,
    problem: p.problem ? { code: 'unknown', detail: String(p.problem) } : null,
  })),
  photos: list(doc.photos).map(({ look, ...p }) => ({ ...p, differenceHash: look })),
  left: list(doc.left).map((l) => ({ ...l, why: LEFT[String(l.why)] ?? 'scrap' })),
  notes: (Array.isArray(doc.notes) ? doc.notes : []).map((n) => ({ code: 'told', text: String(n) })),
  sentences: Object.fromEntries(
    Object.entries((doc.sentences ?? {}) as Record<string, Json>).map(([id, note]) => [
      id,
      { ...note, reasons: (Array.isArray(note.reasons) ? note.reasons : []).map(reasonOf) },
    ]),
  ),
});

/** MIGRATIONS[v] leads from version v to v + 1; a step is never changed once it was released. */
const MIGRATIONS: readonly ((doc: Json) => Json)[] = [fromV0];

/** A stored source as the current version. Throws Failed (damaged-source). */
export function migrateSource(stored: unknown): Source {
  if (!stored || typeof stored !== 'object')
    throw new Failed({ code: 'damaged-source', detail: 'no document' });
  let doc = stored as Json;
  const from = typeof doc.version === 'number' ? doc.version : 0;
  if (from > SOURCE_VERSION)
    throw new Failed({ code: 'damaged-source', detail: `made by a newer Nabbet (version ${from})` });
  for (const step of MIGRATIONS.slice(from)) doc = step(doc);
  const { error, value } = sourceSchema.validate(doc);
  if (error) throw new Failed({ code: 'damaged-source', detail: error.message });
  return value;
}
