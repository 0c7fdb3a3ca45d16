import { castSpeakers } from '../sound/cast.ts';
import { applyEdit, type Edit, edit, type Op, type ScenePatch } from './edit.ts';
import { shownPatch, tidy } from './highlights.ts';
import { LIMITS } from './limits.ts';
import { joinedTranslations } from './translate.ts';
import { emptyScene, type Piece, type Placement, placed, type Scene, type Span } from './types.ts';

/** Makes ids for new scenes; given from outside so that the core stays pure. */
export type NewId = () => string;

/**
 * Splits a scene at a caret position in its shown text. The picture stays with the first half; the second gets the next
 * best one that was found for the whole line, so that it is not bare. A length set by hand is divided by the text.
 */
export function splitScene(
  piece: Piece,
  id: string,
  caret: number,
  newId: NewId,
): { edit: Edit; newSceneId: string } | null {
  const at = piece.scenes.findIndex((s) => s.id === id);
  const scene = piece.scenes[at];
  if (!scene) return null;
  const head = scene.shown.slice(0, caret).trimEnd();
  const tail = scene.shown.slice(caret).trimStart();
  const tailAt = scene.shown.length - scene.shown.slice(caret).trimStart().length;
  const share = scene.shown.length > 0 ? caret / scene.shown.length : 0;
  const second: Scene = {
    ...emptyScene(newId()),
    layout: scene.layout === 'title' && tail ? 'caption' : scene.layout,
    shown: tail,
    highlights: tidy(
      scene.highlights.map(([s, e]): Span => [s - tailAt, e - tailAt]),
      tail.length,
    ),
    pictures: tail ? nextBest(scene.pictures[0]) : [],
    grading: scene.grading,
    speaker: scene.speaker,
    voice: scene.voice,
    from: scene.from,
  };
  const patch: ScenePatch = { shown: head };
  if (scene.highlights.length) patch.highlights = tidy(scene.highlights, head.length);
  if (scene.durationMs !== null && head && tail) {
    patch.durationMs = Math.max(LIMITS.minSceneMs, Math.round(scene.durationMs * share));
    second.durationMs = Math.max(LIMITS.minSceneMs, scene.durationMs - patch.durationMs);
  }
  if (scene.spoken !== null) {
    const [a, b] = splitSpoken(scene.spoken, share);
    patch.spoken = a;
    second.spoken = b;
  }
  return {
    newSceneId: second.id,
    edit: edit('split', [
      { op: 'scene', id, patch },
      { op: 'insert', at: at + 1, scene: second },
    ]),
  };
}

/** What nabbing had found next to the chosen picture, as a list; empty when there is nothing else. */
function nextBest(picture: Placement | undefined): Placement[] {
  const [next, ...others] = picture?.alternatives ?? [];
  if (!picture || !next) return [];
  return [
    {
      ...placed(next.assetId),
      by: 'nab',
      reasons: next.reasons,
      confidence: Math.round(picture.confidence * 80) / 100,
      alternatives: [...others, { assetId: picture.assetId, reasons: picture.reasons }],
    },
  ];
}

/** Spoken words that differ from the shown ones are divided at the space nearest to the same share of the text. */
function splitSpoken(text: string, share: number): [string, string] {
  const aim = Math.round(text.length * share);
  const gaps = [0, ...[...text.matchAll(/\s+/g)].map((m) => m.index), text.length];
  const at = gaps.reduce((best, g) => (Math.abs(g - aim) < Math.abs(best - aim) ? g : best));
  return [text.slice(0, at).trim(), text.slice(at).trim()];
}

/** Joins a scene to the one before it; the earlier picture stays, the later one serves if there was none. */
export function joinWithPrevious(
  piece: Piece,
  id: string,
): { edit: Edit; intoId: string; caret: number } | null {
  const at = piece.scenes.findIndex((s) => s.id === id);
  const [previous, scene] = [piece.scenes[at - 1], piece.scenes[at]];
  if (!previous || !scene) return null;
  const glue = previous.shown && scene.shown ? ' ' : '';
  const patch: ScenePatch = {
    shown: previous.shown + glue + scene.shown,
    pictures: previous.pictures.length ? previous.pictures : scene.pictures,
    brief: previous.brief || scene.brief,
    from: previous.from ?? scene.from,
  };
  const at0 = previous.shown.length + glue.length;
  if (previous.highlights.length || scene.highlights.length)
    patch.highlights = [
      ...previous.highlights,
      ...scene.highlights.map(([s, e]): Span => [s + at0, e + at0]),
    ];
  if (previous.durationMs !== null && scene.durationMs !== null)
    patch.durationMs = previous.durationMs + scene.durationMs;
  if (previous.translations.length || scene.translations.length)
    patch.translations = joinedTranslations(previous, scene);
  if (previous.spoken !== null || scene.spoken !== null)
    patch.spoken = [previous.spoken ?? previous.shown, scene.spoken ?? scene.shown].filter(Boolean).join(' ');
  return {
    intoId: previous.id,
    caret: previous.shown.length + glue.length,
    edit: edit('join', [
      { op: 'scene', id: previous.id, patch },
      { op: 'remove', id },
    ]),
  };
}

export function moveScene(id: string, to: number): Edit {
  return edit('move', [{ op: 'move', id, to }]);
}

/** Moves scenes together by one place up or down; those that stand at the edge stay, and the others up to them. */
export function moveScenes(piece: Piece, ids: readonly string[], by: 1 | -1): Edit | null {
  const order = piece.scenes.map((s) => s.id);
  const ops: Op[] = [];
  const walk = by < 0 ? [...order] : [...order].reverse();
  for (const id of walk) {
    if (!ids.includes(id)) continue;
    const at = order.indexOf(id);
    const to = at + by;
    if (to < 0 || to >= order.length || ids.includes(order[to] ?? '')) continue;
    order.splice(at, 1);
    order.splice(to, 0, id);
    ops.push({ op: 'move', id, to });
  }
  return ops.length ? edit('move', ops, ids.length) : null;
}

/** Joins a run of neighbouring scenes to the first of them. */
export function joinScenes(piece: Piece, ids: readonly string[]): Edit | null {
  let now = piece;
  const ops: Op[] = [];
  for (const id of piece.scenes
    .map((s) => s.id)
    .filter((id) => ids.includes(id))
    .slice(1)) {
    const step = joinWithPrevious(now, id);
    const result = step && applyEdit(now, step.edit);
    if (!step || !result?.ok) return null;
    ops.push(...step.edit.ops);
    now = result.piece;
  }
  return ops.length ? edit('join', ops, ops.length / 2 + 1) : null;
}

/** Whether scenes stand next to each other. */
export function areNeighbours(piece: Piece, ids: readonly string[]): boolean {
  const places = piece.scenes.flatMap((s, i) => (ids.includes(s.id) ? [i] : []));
  return places.length > 1 && (places.at(-1) ?? 0) - (places[0] ?? 0) === places.length - 1;
}

/** One change on several scenes. */
export function changeScenes(
  scenes: readonly Scene[],
  name: string,
  how: (scene: Scene) => ScenePatch | null,
): Edit | null {
  const ops = scenes.flatMap((s): Op[] => {
    const patch = how(s);
    return patch && Object.keys(patch).length ? [{ op: 'scene', id: s.id, patch }] : [];
  });
  return ops.length ? edit(name, ops, ops.length) : null;
}

/** A passage of the source as a scene of its own, after another one. */
export function insertFromSource(
  at: number,
  line: { ref: string; shown: string; spoken: string | null; text: string },
  newId: NewId,
): { edit: Edit; id: string } {
  const scene: Scene = {
    ...emptyScene(newId()),
    shown: line.shown,
    spoken: line.spoken,
    from: { ref: line.ref, text: line.text },
  };
  return { id: scene.id, edit: edit('insert-from-source', [{ op: 'insert', at, scene }]) };
}

export const deleteScenes = (ids: readonly string[]): Edit =>
  edit(
    'delete',
    ids.map((id) => ({ op: 'remove', id })),
    ids.length,
  );

export function duplicateScenes(piece: Piece, ids: string[], newId: NewId): Edit | null {
  const last = piece.scenes.findLastIndex((s) => ids.includes(s.id));
  const copies = piece.scenes.filter((s) => ids.includes(s.id)).map((s) => ({ ...s, id: newId() }));
  if (!copies.length) return null;
  const ops: Op[] = copies.map((scene, i) => ({ op: 'insert', at: last + 1 + i, scene }));
  return edit('duplicate', ops, copies.length);
}

/** Puts several lines in place of a caret: the first joins the text before it, each further one makes a scene. */
export function pasteLines(
  piece: Piece,
  id: string,
  from: number,
  to: number,
  lines: readonly (Pick<Scene, 'shown' | 'brief' | 'layout' | 'speaker'> & { spoken?: string | null })[],
  newId: NewId,
): Edit | null {
  const at = piece.scenes.findIndex((s) => s.id === id);
  const scene = piece.scenes[at];
  const [first, ...others] = lines;
  if (!scene || !first || !others.length) return null;
  const head = scene.shown.slice(0, from) + first.shown;
  const tail = scene.shown.slice(to);
  const brief = [scene.brief, first.brief].filter(Boolean).join(', ').slice(0, LIMITS.briefLength);
  const speakers = castSpeakers(piece, lines);
  return edit(
    'paste',
    [
      ...(speakers.length > piece.speakers.length ? [{ op: 'piece', patch: { speakers } } satisfies Op] : []),
      {
        op: 'scene',
        id,
        patch: {
          ...shownPatch(scene, head.trim()),
          ...(first.brief ? { brief } : {}),
          ...(first.speaker ? { speaker: first.speaker } : {}),
          ...(first.spoken ? { spoken: first.spoken } : {}),
        },
      },
      ...others.map((line, i): Op => {
        const shown = (i === others.length - 1 ? line.shown + tail : line.shown).trim();
        return {
          op: 'insert',
          at: at + 1 + i,
          scene: {
            ...emptyScene(newId()),
            layout: line.layout,
            shown,
            speaker: line.speaker,
            spoken: line.spoken ?? null,
            brief: line.brief.slice(0, LIMITS.briefLength),
          },
        };
      }),
    ],
    lines.length,
  );
}
