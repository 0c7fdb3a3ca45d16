'use client';

import { useMarks, useSceneMarks } from '../../marks.ts';
import type { Pass, RowExtraProps } from '../types.ts';
import { MarkLine } from './mark-line.tsx';
import { ProofTools } from './tools.tsx';
import './proof.css';

/** What is open; notes are figures to know, and want nothing. */
function useWanted(): string {
  const open = useMarks().filter((m) => m.waived === null && m.weight !== 'note').length;
  return open ? `${open} open` : '';
}

function RowExtra({ scene, name }: RowExtraProps) {
  const marks = useSceneMarks(scene.id);
  if (!marks.length) return null;
  return (
    <ul className="proof__row" aria-label={`What was found in ${name}`}>
      {marks.map((m, i) => (
        <li key={`${m.check} ${i}`}>
          <MarkLine mark={m} />
        </li>
      ))}
    </ul>
  );
}

export const proof: Pass = {
  label: 'Proof',
  useWanted,
  RowExtra,
  RowFigure: null,
  painted: true,
  alternatives: false,
  offersSpoken: false,
  framing: () => false,
  placing: false,
  Tools: ProofTools,
};
