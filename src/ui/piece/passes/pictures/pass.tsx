'use client';

import type { Placement } from '../../../../core/piece/types.ts';
import { reasonWords } from '../../../../wording/pictures.ts';
import { useMarkCount, useSceneMarks } from '../../marks.ts';
import { Brief } from '../../sheet/brief.tsx';
import type { Pass, RowExtraProps } from '../types.ts';
import { PictureTools } from './tools.tsx';

function useWanted(): string {
  const open = useMarkCount('no-picture');
  return open ? `${open} open` : '';
}

/** Why the picture is there. */
function came({ by, reasons }: Placement, weak: boolean): string {
  switch (by) {
    case 'writer':
      return 'Your choice';
    case 'source': {
      const why = reasonWords(reasons);
      return `${why.charAt(0).toUpperCase()}${why.slice(1)}` || 'From the source';
    }
    case 'nab':
      return `${weak ? 'A weak match: ' : ''}${reasonWords(reasons)}`;
    default:
      return by satisfies never;
  }
}

function RowExtra({ scene }: RowExtraProps) {
  const weak = useSceneMarks(scene.id).some((m) => m.check === 'weak-picture');
  const [first] = scene.pictures;
  return (
    <>
      {first && <p className={`row__reason${weak ? ' row__reason--weak' : ''}`}>{came(first, weak)}</p>}
      <Brief brief={scene.brief} />
    </>
  );
}

export const pictures: Pass = {
  label: 'Pictures',
  useWanted,
  RowExtra,
  RowFigure: null,
  painted: false,
  alternatives: true,
  offersSpoken: false,
  // Looking for pictures needs room below; setting a frame needs a large picture.
  framing: (view) => view.open.pictures === 'frame',
  placing: false,
  Tools: PictureTools,
};
