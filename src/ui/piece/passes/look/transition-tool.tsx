'use client';

import { Button, InputNumber, Segmented } from 'antd';
import { useContext, useEffect, useMemo, useRef, useState } from 'react';
import { TRANSITION_KINDS, TRANSITIONS, type TransitionKind } from '../../../../core/look/transitions.ts';
import type { BorderTransition } from '../../../../core/piece/appearance.ts';
import { transitionOf, transitPiece, transitScenes, usualLength } from '../../../../core/piece/style.ts';
import type { Piece, Scene } from '../../../../core/piece/types.ts';
import { FPS } from '../../../../core/time.ts';
import { compile } from '../../../../core/timeline/compile.ts';
import type { Facts, Timeline } from '../../../../core/timeline/types.ts';
import { aspect } from '../../../shared/media.ts';
import { SetterContext, usePiece } from '../../context.ts';
import { useFacts } from '../../material/use-material.ts';
import { PaintedFrame } from '../../painted/painted-frame.tsx';
import { rowsOf, type Scope, useScoped } from './scope.ts';

/** How one scene gives way to the next, on the two pictures concerned. */
export function TransitionTool() {
  const { store, view, apply } = usePiece();
  const { scope, setScope, piece, scene, index } = useScoped();
  const facts = useFacts(piece);
  const setter = useContext(SetterContext);
  const pair = pairOf(piece, index);
  const inPiece = scope === 'piece';
  const now = transitionOf(piece, inPiece || !scene ? { transition: null } : scene);
  const set = (transition: BorderTransition | null) => {
    const { doc } = store.state;
    apply(
      inPiece ? transitPiece(doc, transition) : transitScenes(rowsOf(doc, view.state.selected), transition),
    );
  };
  const isOwn = inPiece ? piece.transition !== null : scene?.transition !== null;
  return (
    <>
      <Segmented
        size="small"
        block
        aria-label="Which borders"
        value={scope}
        onChange={(v: Scope) => setScope(v)}
        options={[
          { value: 'piece', label: 'All borders' },
          { value: 'rows', label: 'Before these rows' },
        ]}
      />
      <div className="style__line look__length">
        <span className="style__name">{TRANSITIONS[now.kind].label}</span>
        <InputNumber
          size="small"
          aria-label="Length of the transition in seconds"
          min={0}
          max={5}
          step={0.05}
          precision={2}
          disabled={!TRANSITIONS[now.kind].takesTime}
          value={now.lengthMs / 1000}
          onChange={(v) => v !== null && set({ ...now, lengthMs: Math.round(v * 1000) })}
          suffix="s"
        />
        {isOwn ? (
          <Button
            size="small"
            type="text"
            title="As before"
            aria-label="Transition as before"
            onClick={() => set(null)}
          >
            ↺
          </Button>
        ) : (
          <span />
        )}
      </div>
      <ul className="looks" aria-label="Transitions">
        {TRANSITION_KINDS.map((kind) => (
          <li key={kind}>
            <button
              type="button"
              className={kind === now.kind ? 'looks__look looks__look--on' : 'looks__look'}
              aria-pressed={kind === now.kind}
              onClick={() => set({ kind, lengthMs: kind === now.kind ? now.lengthMs : usualLength(kind) })}
            >
              <span className="looks__frame" style={{ aspectRatio: aspect(piece.format) }}>
                {setter && pair && (
                  <Moving kind={kind} piece={piece} pair={pair} facts={facts} setter={setter} />
                )}
              </span>
              {TRANSITIONS[kind].label}
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}

/** The two scenes at the border: before the selected one, or the first border of the piece. */
function pairOf(piece: Piece, index: number): [Scene, Scene] | null {
  const at = Math.max(1, index);
  const [before, after] = [piece.scenes[at - 1], piece.scenes[at]];
  return before && after ? [before, after] : null;
}

/** Length of a transition in the gallery, and where in it one stands that does not move. */
const SHOWN = { lengthMs: 900, rest: 0.45 } as const;

function Moving({
  kind,
  piece,
  pair,
  facts,
  setter,
}: {
  kind: TransitionKind;
  piece: Piece;
  pair: [Scene, Scene];
  facts: Facts;
  setter: Parameters<typeof compile>[2];
}) {
  const [before, after] = pair;
  const timeline: Timeline = useMemo(() => {
    // Without words and voices: pictures alone, each for two seconds.
    const bare = (s: Scene): Scene => ({ ...s, shown: '', spoken: '', durationMs: 3000, runsOn: false });
    const transition = { kind, lengthMs: SHOWN.lengthMs };
    return compile({ ...piece, scenes: [bare(before), { ...bare(after), transition }] }, facts, setter);
  }, [piece, kind, before, after, facts, setter]);
  const frames = timeline.scenes[1]?.transition.frames ?? 0;
  const [step, setStep] = useState<number | null>(null);
  const timer = useRef(0);
  useEffect(() => () => clearInterval(timer.current), []);
  const start = () => {
    clearInterval(timer.current);
    let at = -8;
    timer.current = window.setInterval(() => {
      at = at > frames + 12 ? -8 : at + 1;
      setStep(at);
    }, 1000 / FPS);
  };
  const stop = () => {
    clearInterval(timer.current);
    setStep(null);
  };
  const frame = step ?? Math.floor(frames * SHOWN.rest);
  const first = timeline.scenes[0];
  const moment =
    frame < 0 && first
      ? { index: 0, frame: first.end - first.start + frame }
      : { index: 1, frame: Math.max(0, frame) };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: movement under the pointer is decoration; the name says what it is
    <span className="looks__moving" onMouseEnter={start} onMouseLeave={stop}>
      <PaintedFrame timeline={timeline} moment={moment} />
    </span>
  );
}
