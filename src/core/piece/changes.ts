import equal from 'fast-deep-equal';
import { type PIECE_FIELDS, type Piece, type SCENE_FIELDS, type Scene, spokenOf } from './types.ts';

/** What a viewer sees or hears of a change; null: nothing. */
const ASPECTS = ['words', 'voice', 'picture', 'look', 'border', 'length', 'music', 'format'] as const;
export type Aspect = (typeof ASPECTS)[number];

const OF_SCENE: Record<keyof typeof SCENE_FIELDS, Aspect | null> = {
  layout: 'look',
  shown: 'words',
  highlights: 'words',
  spoken: 'voice',
  narration: 'voice',
  recorded: null,
  speaker: 'voice',
  voice: 'voice',
  translations: 'words',
  brief: null,
  pictures: 'picture',
  runsOn: 'picture',
  grading: 'picture',
  transition: 'border',
  effect: 'border',
  look: 'look',
  durationMs: 'length',
  from: null,
};

const OF_PIECE: Record<keyof typeof PIECE_FIELDS, Aspect | null> = {
  title: null,
  format: 'format',
  look: 'look',
  style: 'look',
  transition: 'border',
  voice: 'voice',
  speakers: 'voice',
  says: 'voice',
  beds: 'music',
  source: null,
  targetMs: null,
  onBeat: 'length',
  borderSound: 'border',
  waived: null,
  captions: 'words',
  deliveries: null,
  kit: null,
  coverMs: null,
};

/** What became of one scene. Places are indices, null where it is not. */
export interface SceneChange {
  id: string;
  before: number | null;
  after: number | null;
  /** It stands elsewhere among those that stayed. */
  moved: boolean;
  aspects: Aspect[];
}

export interface Changes {
  /** Of the piece as a whole. */
  piece: Aspect[];
  /** Scenes of which something is other, in the order of the later piece; those that are gone stand where they were. */
  scenes: SceneChange[];
}

/** What a viewer would notice between two states of a piece. Pure. */
export const changesBetween = (before: Piece, after: Piece): Changes => ({
  piece: aspectsOf(OF_PIECE, before, after),
  scenes: scenesBeside(before, after).filter(
    (r) => r.before === null || r.after === null || r.moved || r.aspects.length > 0,
  ),
});

/** The scenes of two states beside each other, in the order of the later one; what is gone stands where it was. */
export function scenesBeside(before: Piece, after: Piece): SceneChange[] {
  const was = new Map(before.scenes.map((s, i) => [s.id, i]));
  const is = new Map(after.scenes.map((s, i) => [s.id, i]));
  const stayed = after.scenes.flatMap((s) => (was.has(s.id) ? [was.get(s.id) as number] : []));
  const inOrder = new Set(longestRising(stayed));
  const rows: SceneChange[] = after.scenes.map((scene, i) => {
    const at = was.get(scene.id);
    return at === undefined
      ? { id: scene.id, before: null, after: i, moved: false, aspects: [] }
      : {
          ...{ id: scene.id, before: at, after: i, moved: !inOrder.has(at) },
          aspects: sceneAspects(before.scenes[at] as Scene, scene),
        };
  });
  before.scenes.forEach((scene, i) => {
    if (is.has(scene.id)) return;
    const next = rows.findIndex((r) => r.before !== null && r.after !== null && !r.moved && r.before > i);
    const gone = { id: scene.id, before: i, after: null, moved: false, aspects: [] };
    rows.splice(next < 0 ? rows.length : next, 0, gone);
  });
  return rows;
}

/** Whether two states look and sound alike. */
export const sameToViewers = ({ piece, scenes }: Changes): boolean => !piece.length && !scenes.length;

/** Words that are also spoken are heard as well; a line whose voice says what it did before is not. */
function sceneAspects(before: Scene, after: Scene): Aspect[] {
  const found = new Set(aspectsOf(OF_SCENE, before, after, ['spoken']));
  if (spokenOf(before) !== spokenOf(after)) found.add('voice');
  return ASPECTS.filter((a) => found.has(a));
}

function aspectsOf<T extends object>(
  table: Partial<Record<keyof T, Aspect | null>>,
  before: T,
  after: T,
  apart: readonly (keyof T)[] = [],
): Aspect[] {
  const found = new Set<Aspect>();
  for (const [name, aspect] of Object.entries(table) as [keyof T, Aspect | null][])
    if (aspect && !apart.includes(name) && !equal(before[name], after[name])) found.add(aspect);
  return ASPECTS.filter((a) => found.has(a));
}

/** The longest rising part of a row of different numbers (Fredman, 1975): what stands elsewhere is the rest. */
export function longestRising(row: readonly number[]): number[] {
  const ends: number[] = [];
  const before = new Map<number, number | undefined>();
  for (const n of row) {
    let at = ends.findIndex((e) => e >= n);
    if (at < 0) at = ends.length;
    before.set(n, ends[at - 1]);
    ends[at] = n;
  }
  const found: number[] = [];
  for (let n = ends.at(-1); n !== undefined; n = before.get(n)) found.unshift(n);
  return found;
}
