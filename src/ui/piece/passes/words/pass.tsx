'use client';

import { charactersPerSecond, READING_SPEED } from '../../../../core/text/pace.ts';
import { framesToMs } from '../../../../core/time.ts';
import { useMarkCount, useSceneMarks } from '../../marks.ts';
import { Brief } from '../../sheet/brief.tsx';
import { Spoken } from '../../sheet/spoken.tsx';
import { useSceneTime } from '../../sheet/times.ts';
import type { Pass, RowExtraProps } from '../types.ts';
import { WordsTools } from './tools.tsx';

function useWanted(): string {
  const open = useMarkCount('blank');
  return open ? `${open} blank${open === 1 ? '' : 's'}` : '';
}

function RowExtra({ scene, name, apart, actions }: RowExtraProps) {
  const differs = scene.spoken !== null && (scene.spoken !== '' || scene.shown !== '');
  return (
    <>
      {(apart || differs) && <Spoken scene={scene} name={name} actions={actions} />}
      <Brief brief={scene.brief} />
    </>
  );
}

/** How fast the words have to be read. */
function RowFigure({ id, shown }: { id: string; shown: string }) {
  const { length } = useSceneTime(id);
  const fast = useSceneMarks(id).some((m) => m.check === 'reading-speed');
  const speed = charactersPerSecond(shown, framesToMs(length));
  if (speed <= 0) return null;
  const degree = fast ? ' row__speed--fast' : speed > READING_SPEED.brisk ? ' row__speed--brisk' : '';
  return (
    <span
      className={`row__speed${degree}`}
      title={`Reading speed: ${speed.toFixed(0)} characters a second. Up to ${READING_SPEED.brisk} is comfortable, above ${READING_SPEED.tooFast} most viewers do not finish.`}
    >
      {speed.toFixed(0)} letters/s
    </span>
  );
}

export const words: Pass = {
  label: 'Words',
  useWanted,
  RowExtra,
  RowFigure,
  painted: false,
  alternatives: false,
  offersSpoken: true,
  framing: () => false,
  placing: false,
  Tools: WordsTools,
};
