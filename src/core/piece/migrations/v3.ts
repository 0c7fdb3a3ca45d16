import { scenesOf } from './apply.ts';
import type { Migration, StoredDoc, StoredEdit } from './types.ts';

type Json = Record<string, unknown>;

/** A reason as codes; version 3 kept the words that were shown. */
function reasonsOf(text: unknown): Json[] {
  if (typeof text !== 'string' || !text) return [];
  if (text === 'one of your photos') return [{ code: 'photo' }];
  if (text === 'used here before') return [{ code: 'was-here' }];
  return text.split(' · ').map((part): Json => {
    const word = /^“([^”]{1,100})” is in it$/.exec(part);
    if (word) return { code: 'word', word: word[1] };
    const near = /^“([^”]{1,100})” is close to “([^”]{1,200})”$/.exec(part);
    if (near) return { code: 'near-word', word: near[1], tag: near[2] };
    const meaning = /^meaning (\d{1,3}) %$/.exec(part);
    if (meaning) return { code: 'meaning', close: Math.min(1, Number(meaning[1]) / 100) };
    const source = /^from the source(?:: ([\s\S]{0,200}))?$/.exec(part);
    if (source) return { code: 'in-source', caption: source[1] ?? '' };
    return { code: 'told', text: part.slice(0, 500) };
  });
}

/** A picture with the way it came there; those after the first had none, and were always the writer's. */
function placementOf(old: Json): Json {
  const { reason, alternatives, ...rest } = old;
  return {
    framing: null,
    clip: null,
    by: 'writer',
    confidence: 1,
    found: [],
    ...rest,
    reasons: reasonsOf(reason),
    alternatives: (Array.isArray(alternatives) ? (alternatives as Json[]) : []).map((a) => ({
      assetId: a.assetId,
      reasons: reasonsOf(a.reason),
    })),
  };
}

/** Fields that only changed their names, and the ground of a treatment. */
function renamed(fields: Json): Json {
  const { marks, wish, treatment, picture, more, ...rest } = fields;
  return {
    ...rest,
    ...('marks' in fields ? { highlights: marks } : {}),
    ...('wish' in fields ? { brief: wish } : {}),
    ...('treatment' in fields ? { grading: treatment && gradingOf(treatment as Json) } : {}),
  };
}

function gradingOf({ behind, ...rest }: Json): Json {
  return { ...rest, backdrop: behind };
}

/** The pictures of a scene as one list; what a change leaves alone is taken from `before`. */
function picturesOf(fields: Json, before: readonly unknown[]): Json {
  if (!('picture' in fields) && !('more' in fields)) return {};
  const first = 'picture' in fields ? [fields.picture].filter(Boolean) : before.slice(0, 1);
  const more = 'more' in fields ? (fields.more as Json[]) : before.slice(1);
  const fresh = (list: readonly unknown[], isNew: boolean) =>
    isNew ? list.map((p) => placementOf(p as Json)) : list;
  return { pictures: [...fresh(first, 'picture' in fields), ...fresh(more, 'more' in fields)] };
}

const sceneOf = (scene: Json): Json => ({
  narration: { kind: 'synthetic' },
  transition: null,
  look: null,
  ...renamed(scene),
  ...picturesOf(scene, []),
});

const bedsOf = (music: Json): Json[] =>
  music.mood === 'none'
    ? []
    : [
        {
          id: 'music',
          startMs: 0,
          endMs: null,
          source: { kind: 'composed', mood: music.mood, seed: music.seed },
          gainDb: music.gainDb,
          duckDb: null,
        },
      ];

function pieceFields(fields: Json): Json {
  const { music, ...rest } = fields;
  return music ? { ...rest, beds: bedsOf(music as Json) } : rest;
}

const picturesNow = (doc: StoredDoc, id: unknown): unknown[] => {
  const pictures = scenesOf(doc).find((s) => s.id === id)?.pictures;
  return Array.isArray(pictures) ? pictures : [];
};

/** What edits were called, by the first words of what was shown. */
const NAMES: readonly [RegExp, string][] = [
  [/^Split/, 'split'],
  [/^Join/, 'join'],
  [/^Move the frame/, 'frame'],
  [/^Move/, 'move'],
  [/^Delete/, 'delete'],
  [/^Duplicate/, 'duplicate'],
  [/^Paste/, 'paste'],
  [/^Insert from/, 'insert-from-source'],
  [/^Insert/, 'insert'],
  [/^Type spoken/, 'type-spoken'],
  [/^Type/, 'type'],
  [/^Nab/, 'nab'],
  [/^Add picture/, 'add-picture'],
  [/^Take picture out/, 'remove-picture'],
  [/^Cut the clip/, 'clip'],
  [/^Change the treatment/, 'grade'],
  [/^Go on with/, 'run-on'],
  [/^Show the own/, 'own-picture'],
  [/^Change picture wish/, 'brief'],
  [/^Change picture/, 'change-picture'],
  [/^Change title/, 'title'],
  [/^Change format/, 'format'],
  [/^Change layout/, 'layout'],
  [/^Change voice/, 'voice'],
  [/^Change pace/, 'pace'],
  [/^(Change music|Another tune)/, 'music'],
  [/^Highlight/, 'highlight'],
  [/^Replace/, 'replace'],
  [/^(Set length|Follow the voice)/, 'length'],
  [/^Make silent/, 'silence'],
  [/^Speak again/, 'speak'],
  [/ case$/, 'case'],
  [/^Captions/, 'captions'],
];

function nameOf({ label, ...rest }: StoredEdit): StoredEdit {
  const name = NAMES.find(([p]) => p.test(String(label)))?.[1] ?? 'change';
  const count = Number(/\b(\d{1,3}) (?:scenes|lines)\b/.exec(String(label))?.[1] ?? 0);
  return { ...rest, name, ...(count > 0 ? { count } : {}), merge: null } as StoredEdit;
}

/**
 * Pictures are one list, each with the way it came there; reasons are codes; music is a list of beds; a piece has a look;
 * borders have transitions; scenes have a narration. Edits have a code and a merge key instead of a label.
 */
export const fromV3: Migration = {
  doc: (doc) => ({
    look: 'paper-tape',
    ...pieceFields(doc),
    scenes: scenesOf(doc).map((s) => sceneOf(s as Json)),
    version: 4,
  }),
  op(op, before) {
    switch (op.op) {
      case 'piece':
        return { ...op, patch: pieceFields(op.patch as Json) };
      case 'insert':
        return { ...op, scene: sceneOf(op.scene as Json) };
      case 'scene': {
        const patch = op.patch as Json;
        return { ...op, patch: { ...renamed(patch), ...picturesOf(patch, picturesNow(before, op.id)) } };
      }
      default:
        return op;
    }
  },
  edit: nameOf,
};
