import { lookOf } from '../look/looks.ts';
import { pointsBack } from '../outline/condense/stands.ts';
import { applyEdit, type Edit, edit, type Op } from '../piece/edit.ts';
import { LIMITS } from '../piece/limits.ts';
import { type Piece, type PieceVoice, type Scene, spokenOf, voiceIn } from '../piece/types.ts';
import { contentWords } from '../text/tokens.ts';
import { framesToMs, type Milliseconds, msToSamples } from '../time.ts';
import { narrationKey, takeKey } from './keys.ts';
import { layTimes } from './times.ts';
import type { Facts, TakeFact } from './types.ts';

/** Ways to another length, in the order in which they are taken. */
export const FIT_WAYS = ['own-lengths', 'pauses', 'pace', 'leave-out', 'hold'] as const;
export type FitWay = (typeof FIT_WAYS)[number];

/** One step towards the length, and how long the piece is after it. */
export type FitStep = { afterMs: Milliseconds } & (
  | { way: 'own-lengths'; scenes: number }
  | { way: 'pauses'; from: number; to: number }
  | { way: 'pace'; from: number; to: number }
  /** shared: words of the scene that come back elsewhere in the piece, of all that mean something. */
  | { way: 'leave-out'; sceneId: string; shown: string; shared: number; of: number }
  | { way: 'hold'; scenes: number; eachMs: Milliseconds }
);

export interface LengthProposal {
  nowMs: Milliseconds;
  afterMs: Milliseconds;
  steps: FitStep[];
  /** All steps as one; null where there is none. */
  edit: Edit | null;
}

const FIT = {
  /** So near is there, as a share of the target. */
  near: 0.03,
  /** How far a voice is hurried or slowed before anything is left out, and at most. */
  gentle: { slow: 0.94, fast: 1.07 },
  most: { slow: 0.88, fast: 1.15 },
  pauses: { short: 0.7, long: 1.5 },
  /** What a scene may stand longer than its voice: more is a silence that nobody wished. */
  holdMs: 600,
  /** At least so much of the piece stays. */
  stays: 0.5,
  /** What a figure adds to what a scene is worth. */
  figure: 0.15,
  /** A pause at a comma or a full stop, for the estimate. */
  pauseMs: 140,
} as const;

/**
 * Proposes how a piece gets another length: lengths set by hand are given back to the voice, pauses and pace change a little,
 * the scenes that share least with the rest are left out, or scenes are held. Takes that are not there yet are estimated from
 * those that are. only: the ways that may be taken. keep: scenes that stay whatever they share. Pure.
 */
export function fitLength(
  piece: Piece,
  facts: Facts,
  targetMs: Milliseconds,
  only: ReadonlySet<FitWay> = new Set(FIT_WAYS),
  keep: ReadonlySet<string> = new Set(),
): LengthProposal {
  const walk = new Walk(piece, facts, targetMs);
  if (only.has('own-lengths')) walk.giveLengthsBack();
  if (only.has('pauses')) walk.changePauses();
  if (only.has('pace')) walk.changePace(FIT.gentle);
  if (only.has('leave-out')) walk.leaveOut(keep);
  if (only.has('pace')) walk.changePace(FIT.most);
  if (only.has('hold')) walk.hold();
  return walk.proposal();
}

class Walk {
  private now: Piece;
  private readonly nowMs: Milliseconds;
  private ms: Milliseconds;
  private readonly ops: Op[] = [];
  private readonly steps: FitStep[] = [];

  constructor(
    private readonly piece: Piece,
    private readonly facts: Facts,
    private readonly targetMs: Milliseconds,
  ) {
    this.now = piece;
    this.nowMs = this.lengthOf(piece);
    this.ms = this.nowMs;
  }

  proposal(): LengthProposal {
    const { nowMs, ms: afterMs, steps, ops } = this;
    return { nowMs, afterMs, steps, edit: ops.length ? edit('fit-length', ops) : null };
  }

  private get over(): Milliseconds {
    return this.ms - this.targetMs;
  }

  private get there(): boolean {
    return Math.abs(this.over) <= this.targetMs * FIT.near;
  }

  giveLengthsBack(): void {
    if (this.there || this.over < 0) return;
    const longer = this.now.scenes.filter(
      (s) =>
        s.durationMs !== null &&
        this.lengthOf(this.with([{ op: 'scene', id: s.id, patch: { durationMs: null } }])) < this.ms,
    );
    if (!longer.length) return;
    this.take(
      longer.map((s): Op => ({ op: 'scene', id: s.id, patch: { durationMs: null } })),
      (afterMs) => ({ way: 'own-lengths', scenes: longer.length, afterMs }),
    );
  }

  changePauses(): void {
    const from = this.now.voice.pauses;
    const to = this.over > 0 ? Math.min(from, FIT.pauses.short) : Math.max(from, FIT.pauses.long);
    this.setVoice({ pauses: to }, (afterMs) => ({ way: 'pauses', from, to, afterMs }));
  }

  /** The pace that comes nearest, within bounds. */
  changePace({ slow, fast }: { slow: number; fast: number }): void {
    if (this.there) return;
    const from = this.now.voice.pace;
    const least = Math.min(from, this.piece.voice.pace * slow);
    const most = Math.max(from, this.piece.voice.pace * fast);
    // Words are only a part of the length: the pace is found by halving.
    let [low, high] = [least, most];
    for (let i = 0; i < 6; i++) {
      const middle = (low + high) / 2;
      if (this.lengthOf(this.with(this.voiceOps({ pace: middle }))) > this.targetMs) low = middle;
      else high = middle;
    }
    const to = Math.round(Math.max(least, Math.min(most, (low + high) / 2)) * 100) / 100;
    if (to !== from) this.setVoice({ pace: to }, (afterMs) => ({ way: 'pace', from, to, afterMs }));
  }

  leaveOut(keep: ReadonlySet<string>): void {
    if (this.there || this.over <= 0) return;
    const spans = this.spans(this.now);
    const least = Math.ceil(this.piece.scenes.length * FIT.stays);
    const ranking = new Weakest(this.now.scenes, keep);
    let ms = this.ms;
    const ops: Op[] = [];
    for (let left = this.now.scenes.length; left > least; left--) {
      const over = ms - this.targetMs;
      const weakest = over > this.targetMs * FIT.near ? ranking.next() : null;
      if (!weakest) break;
      const { scene, shared, of } = weakest;
      const after = over - (spans.get(scene.id) ?? 0);
      // Rather a little too long than much too short.
      if (Math.abs(after) >= over) break;
      ms = after + this.targetMs;
      ops.push({ op: 'remove', id: scene.id });
      this.steps.push({ way: 'leave-out', sceneId: scene.id, shown: scene.shown, shared, of, afterMs: ms });
    }
    if (!ops.length) return;
    this.now = this.with(ops);
    this.ops.push(...ops);
    // On the beat the others may have moved.
    this.ms = this.lengthOf(this.now);
    const last = this.steps.at(-1);
    if (last) last.afterMs = this.ms;
  }

  hold(): void {
    if (this.there || this.over >= 0) return;
    const spans = this.spans(this.now);
    const held = this.now.scenes.filter((s) => s.durationMs === null);
    const eachMs = Math.min(FIT.holdMs, Math.floor(-this.over / Math.max(1, held.length) / 10) * 10);
    if (!held.length || eachMs < 50) return;
    this.take(
      held.map((s): Op => {
        const durationMs = Math.min(LIMITS.maxSceneMs, (spans.get(s.id) ?? 0) + eachMs);
        return { op: 'scene', id: s.id, patch: { durationMs } };
      }),
      (afterMs) => ({ way: 'hold', scenes: held.length, eachMs, afterMs }),
    );
  }

  /** Where it brings the length nearer. */
  private setVoice(change: Partial<PieceVoice>, step: (afterMs: Milliseconds) => FitStep): void {
    const ops = this.voiceOps(change);
    const after = this.lengthOf(this.with(ops));
    if (this.there || Math.abs(after - this.targetMs) >= Math.abs(this.over)) return;
    this.take(ops, step);
  }

  private voiceOps(change: Partial<PieceVoice>): Op[] {
    return [{ op: 'piece', patch: { voice: { ...this.now.voice, ...change } } }];
  }

  private with(ops: Op[]): Piece {
    const done = applyEdit(this.now, edit('fit-length', ops));
    return done.ok ? done.piece : this.now;
  }

  private take(ops: Op[], step: (afterMs: Milliseconds) => FitStep): void {
    this.now = this.with(ops);
    this.ms = this.lengthOf(this.now);
    this.ops.push(...ops);
    this.steps.push(step(this.ms));
  }

  private lengthOf(piece: Piece): Milliseconds {
    return framesToMs(this.times(piece).at(-1)?.end ?? 0);
  }

  private spans(piece: Piece): Map<string, Milliseconds> {
    const times = this.times(piece);
    return new Map(
      piece.scenes.map((s, i) => [s.id, framesToMs((times[i]?.end ?? 0) - (times[i]?.start ?? 0))]),
    );
  }

  private times(piece: Piece) {
    return layTimes(piece, { ...this.facts, takes: this.takesOf(piece) }, lookOf(piece.look));
  }

  /** The takes that a changed piece wants, estimated from those of the piece as it is. */
  private takesOf(piece: Piece): Facts['takes'] {
    if (piece.voice === this.piece.voice) return this.facts.takes;
    const out: Record<string, TakeFact> = { ...this.facts.takes };
    for (const scene of piece.scenes) {
      const key = narrationKey(scene, piece);
      if (key === null || out[key] || scene.narration.kind === 'take') continue;
      const text = spokenOf(scene).trim();
      const [was, is] = [voiceIn(this.piece, scene), voiceIn(piece, scene)];
      const have = this.facts.takes[takeKey(text, was, this.piece.says)];
      if (!have) continue;
      const stops = (text.match(/[,;:—–.!?](?=\s)/g) ?? []).length;
      const pauses = msToSamples(stops * FIT.pauseMs * (is.pauses - was.pauses));
      out[key] = {
        ...have,
        key,
        samples: Math.max(1, Math.round(have.samples * (was.pace / is.pace)) + pauses),
      };
    }
    return out;
  }
}

/** A line that goes on from the one before: "So she waited.", "Then the rain came." */
const GOES_ON =
  /^(so|then|but|and|yet|still|therefore|because|instead|after that|since then|that is why|in the end|at last|suddenly)\b/i;

/** Whether a line says little without the one before it. */
const restsOn = (text: string): boolean => pointsBack(text) || GOES_ON.test(text.trim());

/**
 * Gives the scenes that can go, one after the other: that first of whose words that mean something the fewest come back. One on
 * which the next rests only goes when that one has gone.
 */
class Weakest {
  private readonly rows: {
    scene: Scene;
    words: Set<string>;
    figure: boolean;
    kept: boolean;
    rests: boolean;
    gone: boolean;
  }[];
  private readonly count = new Map<string, number>();

  constructor(scenes: readonly Scene[], keep: ReadonlySet<string>) {
    this.rows = scenes.map((scene, i) => ({
      scene,
      words: new Set(contentWords(scene.shown).map((w) => w.stem)),
      figure: /\d/.test(scene.shown),
      rests: restsOn(scene.shown),
      gone: false,
      // The opening, the end, titles, recordings and what the writer stressed are not up for it.
      kept:
        keep.has(scene.id) ||
        i === 0 ||
        i === scenes.length - 1 ||
        scene.layout === 'title' ||
        scene.layout === 'end' ||
        scene.highlights.length > 0 ||
        scene.narration.kind === 'take',
    }));
    for (const { words } of this.rows) for (const w of words) this.count.set(w, (this.count.get(w) ?? 0) + 1);
  }

  /** null where all are needed. */
  next(): { scene: Scene; shared: number; of: number } | null {
    const rated = this.rows.flatMap((row, i) => {
      const next = this.rows.slice(i + 1).find((r) => !r.gone);
      if (row.kept || row.gone || next?.rests) return [];
      const shared = [...row.words].filter((w) => (this.count.get(w) ?? 0) > 1).length;
      const worth = (row.words.size ? shared / row.words.size : 0) + (row.figure ? FIT.figure : 0);
      return [{ row, shared, worth }];
    });
    const found = rated.reduce<(typeof rated)[number] | null>(
      (min, r) => (!min || r.worth < min.worth ? r : min),
      null,
    );
    if (!found) return null;
    const { row, shared } = found;
    row.gone = true;
    for (const w of row.words) this.count.set(w, (this.count.get(w) ?? 1) - 1);
    return { scene: row.scene, shared, of: row.words.size };
  }
}
