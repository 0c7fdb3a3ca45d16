'use client';

import { CheckCircleOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useMemo } from 'react';
import type { Mark } from '../../../../core/proof/proof.ts';
import { markKindWords, repairsWords } from '../../../../wording/marks.ts';
import { usePiece, usePieceState } from '../../context.ts';
import { useMarks } from '../../marks.ts';
import { useMend } from '../../use-mend.ts';
import { MarkLine } from './mark-line.tsx';

/** Everything that was found, by its kind, from what stops a video to what is only to be known. */
export function ProofTools() {
  const { view, player } = usePiece();
  const mend = useMend();
  const scenes = usePieceState((s) => s.doc.scenes);
  const marks = useMarks();
  const groups = useMemo(() => grouped(marks), [marks]);
  const left = marks.filter((m) => m.waived !== null);
  const placeOf = (id: string) => scenes.findIndex((s) => s.id === id) + 1;
  const lineOf = (m: Mark, i: number) => (
    <li key={`${m.check} ${m.sceneId} ${i}`}>
      <button
        type="button"
        className="proof__place"
        aria-label={`Go to scene ${placeOf(m.sceneId)}`}
        onClick={() => {
          view.select([m.sceneId]);
          player.showScene(m.sceneId);
          document.querySelector(`[data-scene="${m.sceneId}"]`)?.scrollIntoView({ block: 'nearest' });
        }}
      >
        {placeOf(m.sceneId)}
      </button>
      <MarkLine mark={m} />
    </li>
  );
  return (
    <div className="proof">
      <div className="tools__head">
        <h2>Proof</h2>
      </div>
      {groups.length === 0 && (
        <p className="proof__clear">
          <CheckCircleOutlined aria-hidden /> Nothing is open.{' '}
          {left.length > 0 && `${left.length} left as they are.`}
        </p>
      )}
      {groups.map(({ name, list }) => {
        const repairs = list.filter((m) => m.repair);
        return (
          <section key={name} aria-label={markKindWords[name]}>
            <h3>
              {markKindWords[name]} <span>{list.length}</span>
              {repairs.length > 1 && (
                <Button size="small" onClick={() => mend(repairs)}>
                  {repairsWords(repairs)}: all {repairs.length}
                </Button>
              )}
            </h3>
            <ul>{list.map(lineOf)}</ul>
          </section>
        );
      })}
      {left.length > 0 && (
        <details className="proof__left">
          <summary>Left as they are ({left.length})</summary>
          <ul>{left.map(lineOf)}</ul>
        </details>
      )}
    </div>
  );
}

const WEIGHTS: readonly Mark['weight'][] = ['stop', 'look', 'note'];

/** Open findings by their kind, the gravest first. */
function grouped(marks: readonly Mark[]): { name: Mark['check']; list: Mark[] }[] {
  const out = new Map<Mark['check'], Mark[]>();
  for (const weight of WEIGHTS)
    for (const m of marks)
      if (m.weight === weight && m.waived === null) out.set(m.check, [...(out.get(m.check) ?? []), m]);
  return [...out].map(([name, list]) => ({ name, list }));
}
