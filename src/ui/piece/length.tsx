'use client';

import { Button, Checkbox, InputNumber, Popover } from 'antd';
import { useCallback, useMemo, useState } from 'react';
import { pieceEdit } from '../../core/piece/edit.ts';
import { LIMITS } from '../../core/piece/limits.ts';
import type { Piece } from '../../core/piece/types.ts';
import { clock, framesToMs, type Milliseconds } from '../../core/time.ts';
import { FIT_WAYS, type FitStep, type FitWay, fitLength } from '../../core/timeline/fit-length.ts';
import { fitStepWords, fitWayWords } from '../../wording/lengths.ts';
import { usePiece, usePieceState, useTimelineNow } from './context.ts';
import { useFacts } from './material/use-material.ts';

/** The length of the piece against what was wanted; opened, the wish, and how it could be met. */
export function HeadLength() {
  const timeline = useTimelineNow();
  const target = usePieceState((s) => s.doc.targetMs);
  const [open, setOpen] = useState(false);
  const ms = framesToMs(timeline.frames);
  const over = target !== null && ms > target * 1.1;
  return (
    <Popover
      open={open}
      onOpenChange={setOpen}
      trigger="click"
      placement="bottom"
      destroyOnHidden
      content={() => <LengthPanel nowMs={ms} onDone={() => setOpen(false)} />}
    >
      <Button
        type="text"
        className={`head__length${over ? ' head__length--over' : ''}`}
        aria-label={
          target === null
            ? `Length of the piece: ${clock(ms)}`
            : `Length of the piece: ${clock(ms)} of ${clock(target)}`
        }
        aria-expanded={open}
      >
        {clock(ms)}
        {target !== null && <small> / {clock(target)}</small>}
      </Button>
    </Popover>
  );
}

/** How long the piece shall be, and the steps that would bring it there: each can be left out before they are done. */
function LengthPanel({ nowMs, onDone }: { nowMs: Milliseconds; onDone(): void }) {
  const { apply, store } = usePiece();
  const piece = usePieceState((s) => s.doc);
  const facts = useFacts(piece);
  const [without, setWithout] = useState<readonly FitWay[]>([]);
  const [kept, setKept] = useState<ReadonlyMap<string, string>>(new Map());
  const { targetMs } = piece;
  const fitted = useCallback(
    (of: Piece, toMs: Milliseconds) => {
      const ways = new Set(FIT_WAYS.filter((w) => !without.includes(w)));
      return fitLength(of, facts, toMs, ways, new Set(kept.keys()));
    },
    [facts, without, kept],
  );
  const fit = useMemo(() => (targetMs === null ? null : fitted(piece, targetMs)), [piece, targetMs, fitted]);
  const keep = (id: string, shown: string | null) =>
    setKept((now) => {
      const next = new Map(now);
      if (shown === null) next.delete(id);
      else next.set(id, shown);
      return next;
    });
  const wish = (ms: Milliseconds | null) => apply(pieceEdit('target', { targetMs: ms }, 'target'));
  return (
    <section className="length" aria-label="Length of the piece">
      <div className="length__wish">
        <label htmlFor="length-wish">Shall be</label>
        <InputNumber
          id="length-wish"
          size="small"
          min={1}
          max={LIMITS.pieceMs / 1000}
          value={targetMs === null ? null : targetMs / 1000}
          placeholder={String(Math.round(nowMs / 1000))}
          suffix="s"
          onChange={(s) => wish(s === null ? null : Math.round(s * 1000))}
        />
        {targetMs !== null && (
          <Button size="small" type="text" onClick={() => wish(null)}>
            No wish
          </Button>
        )}
      </div>
      {fit && targetMs !== null && (
        <>
          {fit.steps.length === 0 && without.length === 0 && (
            <p className="tools__note">
              {Math.abs(nowMs - targetMs) <= targetMs * 0.03
                ? 'It is as long as you want it.'
                : 'Nothing that could be done would bring it nearer without harm. Write or leave out lines.'}
            </p>
          )}
          <ul className="length__steps">
            {shownWays(fit.steps, without, kept.size > 0).map((way) => (
              <li key={way}>
                <Checkbox
                  checked={!without.includes(way)}
                  onChange={(e) =>
                    setWithout(e.target.checked ? without.filter((w) => w !== way) : [...without, way])
                  }
                >
                  {fitWayWords(way)}
                </Checkbox>
                {merged(fit.steps, way).map((step, i) => (
                  <p key={i} className="tools__note">
                    {fitStepWords(step)}{' '}
                    {step.way === 'leave-out' && (
                      <Button
                        size="small"
                        type="link"
                        aria-label={`Keep “${step.shown}”`}
                        onClick={() => keep(step.sceneId, step.shown)}
                      >
                        Keep it
                      </Button>
                    )}
                  </p>
                ))}
                {way === 'leave-out' &&
                  [...kept].map(([id, shown]) => (
                    <p key={id} className="tools__note">
                      “{shown}” stays.{' '}
                      <Button
                        size="small"
                        type="link"
                        aria-label={`“${shown}” may go`}
                        onClick={() => keep(id, null)}
                      >
                        It may go
                      </Button>
                    </p>
                  ))}
              </li>
            ))}
          </ul>
          {fit.edit && (
            <Button
              type="primary"
              size="small"
              onClick={() => {
                const now = fitted(store.state.doc, targetMs);
                if (now.edit) apply(now.edit);
                onDone();
              }}
            >
              Bring it to about {clock(fit.afterMs)}
            </Button>
          )}
        </>
      )}
    </section>
  );
}

/** Ways that are taken, and those that were ruled out. */
const shownWays = (steps: readonly FitStep[], without: readonly FitWay[], kept: boolean): FitWay[] =>
  FIT_WAYS.filter(
    (way) => without.includes(way) || steps.some((s) => s.way === way) || (kept && way === 'leave-out'),
  );

/** Several changes of the pace are one. */
const merged = (steps: readonly FitStep[], way: FitWay): FitStep[] => {
  const mine = steps.filter((s) => s.way === way);
  const [first, last] = [mine[0], mine.at(-1)];
  return first?.way === 'pace' && last?.way === 'pace' ? [{ ...last, from: first.from }] : mine;
};
