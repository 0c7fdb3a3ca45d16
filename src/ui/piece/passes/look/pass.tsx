'use client';

import { Button } from 'antd';
import { lookOf } from '../../../../core/look/looks.ts';
import { changesOf, clearLook } from '../../../../core/piece/style.ts';
import { markWords, repairWords } from '../../../../wording/marks.ts';
import { styleWords } from '../../../../wording/style.ts';
import { usePiece } from '../../context.ts';
import { useMarkCount, useSceneMarks } from '../../marks.ts';
import { useMend } from '../../use-mend.ts';
import type { Pass, RowExtraProps } from '../types.ts';
import { LookTools } from './tools.tsx';
import './look.css';

/** What the scene has otherwise than the piece, and the way back. */
function RowExtra({ scene, name }: RowExtraProps) {
  const { apply } = usePiece();
  const mend = useMend();
  const marks = useSceneMarks(scene.id).filter((m) => m.pass === 'look' && m.waived === null);
  const changes = changesOf(scene.look);
  return (
    <>
      {marks.map((m) => (
        <p key={m.check} className="row__reason row__reason--whole row__reason--weak">
          {markWords(m)}{' '}
          {m.repair && (
            <Button size="small" onClick={() => mend([m])}>
              {repairWords(m)}
            </Button>
          )}
        </p>
      ))}
      {changes.length > 0 && (
        <ul className="exceptions" aria-label={`What ${name} has otherwise`}>
          {changes.map((key) => (
            <li key={key}>
              <Button
                size="small"
                aria-label={`${name}: ${styleWords[key]} as the piece`}
                title="As the piece has it"
                onClick={() => apply(clearLook([scene], key))}
              >
                {key === 'look' && scene.look?.look ? lookOf(scene.look.look).label : styleWords[key]} ✕
              </Button>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

function useWanted(): string {
  const open = useMarkCount('legible') + useMarkCount('on-head');
  return open ? `${open} hard to read` : '';
}

export const look: Pass = {
  label: 'Look',
  useWanted,
  RowExtra,
  RowFigure: null,
  painted: true,
  alternatives: false,
  offersSpoken: false,
  framing: () => false,
  placing: true,
  Tools: LookTools,
};
