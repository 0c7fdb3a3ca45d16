import { type Edit, edit, type Op } from '../piece/edit.ts';
import { shownPatch } from '../piece/highlights.ts';
import { LIMITS } from '../piece/limits.ts';
import type { Piece } from '../piece/types.ts';

export interface FindOptions {
  matchCase: boolean;
  wholeWords: boolean;
}

/** Where something was found: text.slice(start, end) of the shown or the spoken words of a scene. */
export interface Hit {
  sceneId: string;
  field: 'shown' | 'spoken';
  start: number;
  end: number;
}

/** Every place of a text in another, left to right, not overlapping. */
export function findIn(text: string, query: string, options: FindOptions): { start: number; end: number }[] {
  if (!query) return [];
  const escaped = query.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
  const edge = (c: string | undefined, side: string) =>
    options.wholeWords && c && /[\p{L}\p{N}]/u.test(c) ? side : '';
  const pattern = new RegExp(
    `${edge(query[0], '(?<![\\p{L}\\p{N}])')}${escaped}${edge(query.at(-1), '(?![\\p{L}\\p{N}])')}`,
    options.matchCase ? 'gu' : 'giu',
  );
  return [...text.matchAll(pattern)].map((m) => ({ start: m.index, end: m.index + m[0].length }));
}

/** Every place in a piece, in its order. */
export function findInPiece(piece: Piece, query: string, options: FindOptions): Hit[] {
  return piece.scenes.flatMap((s) => [
    ...findIn(s.shown, query, options).map((h): Hit => ({ sceneId: s.id, field: 'shown', ...h })),
    ...(s.spoken
      ? findIn(s.spoken, query, options).map((h): Hit => ({ sceneId: s.id, field: 'spoken', ...h }))
      : []),
  ]);
}

/** Puts other words in the places that were found, as one edit. */
export function replaceHits(piece: Piece, hits: readonly Hit[], by: string): Edit | null {
  const ops: Op[] = piece.scenes.flatMap((s): Op[] => {
    const replaced = (field: Hit['field'], text: string) =>
      hits
        .filter((h) => h.sceneId === s.id && h.field === field)
        .sort((a, b) => b.start - a.start)
        .reduce((t, h) => t.slice(0, h.start) + by + t.slice(h.end), text);
    const shown = replaced('shown', s.shown);
    const spoken = s.spoken === null ? null : replaced('spoken', s.spoken);
    if (shown === s.shown && spoken === s.spoken) return [];
    return [
      {
        op: 'scene',
        id: s.id,
        patch: {
          ...(shown === s.shown ? {} : shownPatch(s, shown)),
          ...(spoken === s.spoken ? {} : { spoken }),
        },
      },
    ];
  });
  return ops.length ? edit('replace', ops, Math.min(hits.length, LIMITS.scenes)) : null;
}
