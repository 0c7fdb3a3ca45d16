import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { lookOf } from '../look/looks.ts';
import { applyEdit } from '../piece/edit.ts';
import { piece, scene } from '../piece/testing.ts';
import { type Piece, spokenOf, voiceIn } from '../piece/types.ts';
import { estimateSpeech } from '../text/reading.ts';
import { framesToMs, msToSamples } from '../time.ts';
import { FIT_WAYS, fitLength } from './fit-length.ts';
import { narrationKey } from './keys.ts';
import { layTimes } from './times.ts';
import { type Facts, NO_FACTS, type TakeFact } from './types.ts';

const LINES = [
  'The mending bench opens on Thursday evening.',
  'Bring a kettle, a lamp or a chair that wobbles.',
  'Three neighbours mend what others throw away.',
  'Last Thursday they mended 14 lamps and one kettle.',
  'It rained on the canal, by the way, and the ducks were loud.',
  'Nothing costs anything; a cake is welcome at the bench.',
  'The bench is in the old boat house.',
  'Come on Thursday, and bring what you want mended.',
];

/** A piece with takes that are as long as a voice would need. */
function spoken(lines: readonly string[], more: Partial<Piece> = {}): { p: Piece; facts: Facts } {
  const p = piece(
    lines.map((l, i) => scene(`s${i}`, l)),
    more,
  );
  return { p, facts: { ...NO_FACTS, takes: takesOf(p) } };
}

function takesOf(p: Piece): Record<string, TakeFact> {
  const takes: Record<string, TakeFact> = {};
  for (const s of p.scenes) {
    const key = narrationKey(s, p);
    const ms = estimateSpeech(spokenOf(s), voiceIn(p, s).pace * 0.97);
    if (key) takes[key] = { key, samples: msToSamples(ms), words: [] };
  }
  return takes;
}

const lengthOf = (p: Piece, facts: Facts) => framesToMs(layTimes(p, facts, lookOf(p.look)).at(-1)?.end ?? 0);

describe('a piece that is brought to a length', () => {
  const { p, facts } = spoken(LINES);
  const now = lengthOf(p, facts);

  it('leaves out no line on which the next one rests, unless that goes too, and none that shall stay', () => {
    const told = spoken([
      'The allotment on Quarry Hill.',
      'In June the wells ran dry.',
      'So Radka laid straw and waited.',
      'A brass band practises behind the hedge.',
      'Ten neighbours share the beans of Quarry Hill.',
      'Come and see the allotment.',
    ]);
    const leftOut = (target: number, keep: string[] = []) =>
      fitLength(told.p, told.facts, target, new Set(['leave-out']), new Set(keep)).steps.flatMap((s) =>
        s.way === 'leave-out' ? [s.sceneId] : [],
      );
    const all = lengthOf(told.p, told.facts);
    for (let share = 0.95; share > 0.4; share -= 0.05) {
      const ids = leftOut(all * share);
      if (ids.includes('s1')) expect(ids.indexOf('s2')).toBeLessThan(ids.indexOf('s1'));
      if (ids.includes('s1')) expect(ids).toContain('s2');
      expect(leftOut(all * share, ['s3'])).not.toContain('s3');
    }
    expect(leftOut(all * 0.6)).toEqual(expect.arrayContaining(['s2', 's3']));
  });

  it('comes near it, nearer with every step, by one edit, and as near as was said', () => {
    const random = seeded('targets');
    for (let i = 0; i < 40; i++) {
      const target = Math.round(now * (0.55 + random()));
      const fit = fitLength(p, facts, target);
      expect(fit.nowMs).toBe(now);
      let off = Math.abs(now - target);
      for (const step of fit.steps) {
        expect(Math.abs(step.afterMs - target)).toBeLessThanOrEqual(off);
        off = Math.abs(step.afterMs - target);
      }
      if (!fit.edit) continue;
      const done = applyEdit(p, fit.edit);
      if (!done.ok) throw new Error(JSON.stringify(done.failure));
      // With the takes that the voices really give.
      const real = lengthOf(done.piece, { ...facts, takes: takesOf(done.piece) });
      expect(Math.abs(real - fit.afterMs) / fit.afterMs).toBeLessThan(0.06);
      if (target < now * 1.1) expect(off / target).toBeLessThan(0.12);
    }
  });

  it('changes nothing that is as long as it shall be', () => {
    expect(fitLength(p, facts, now)).toEqual({ nowMs: now, afterMs: now, steps: [], edit: null });
  });

  it('leaves out what shares least with the rest, and never the opening, the end or what the writer stressed', () => {
    const out = fitLength(p, facts, now * 0.7).steps.filter((s) => s.way === 'leave-out');
    expect(out[0]).toMatchObject({ sceneId: 's4', shared: 0 });
    expect(out.map((s) => s.way === 'leave-out' && s.sceneId)).not.toContain('s0');
    expect(out.map((s) => s.way === 'leave-out' && s.sceneId)).not.toContain('s7');
    const stressed: Piece = {
      ...p,
      scenes: p.scenes.map((s, i) => (i === 4 ? { ...s, highlights: [[0, 9]] } : s)),
    };
    const kept = fitLength(stressed, facts, now * 0.7).steps;
    expect(kept.some((s) => s.way === 'leave-out' && s.sceneId === 's4')).toBe(false);
    expect(fitLength(p, facts, 1000).steps.filter((s) => s.way === 'leave-out').length).toBeLessThanOrEqual(
      4,
    );
  });

  it('first gives back what was set by hand, and hurries nobody for it', () => {
    const set: Piece = { ...p, scenes: p.scenes.map((s, i) => (i === 2 ? { ...s, durationMs: 9000 } : s)) };
    const fit = fitLength(set, facts, now);
    expect(fit.steps).toMatchObject([{ way: 'own-lengths', scenes: 1 }]);
  });

  it('takes only the ways that it may', () => {
    const fit = fitLength(p, facts, now * 0.6, new Set(['pace']));
    expect(new Set(fit.steps.map((s) => s.way))).toEqual(new Set(['pace']));
    expect(fit.edit?.ops.every((o) => o.op === 'piece')).toBe(true);
    expect(fitLength(p, facts, now * 0.6, new Set()).edit).toBeNull();
    expect(FIT_WAYS).toContain('pace');
  });

  it('holds its rows when it shall be longer, by no more than is a pause', () => {
    const fit = fitLength(p, facts, now * 1.3);
    const hold = fit.steps.find((s) => s.way === 'hold');
    expect(hold?.way === 'hold' && hold.eachMs).toBeLessThanOrEqual(600);
    expect(fit.afterMs).toBeGreaterThan(now);
    expect(fit.afterMs).toBeLessThanOrEqual(now * 1.3 * 1.03);
  });

  it('keeps recordings as they are', () => {
    const take = { kind: 'take', takeId: 'r', startMs: 0, endMs: 4000, clean: false } as const;
    const own: Piece = { ...p, scenes: p.scenes.map((s) => ({ ...s, narration: take })) };
    expect(fitLength(own, facts, 20_000).steps.some((s) => s.way === 'leave-out')).toBe(false);
  });
});
