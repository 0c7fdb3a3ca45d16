'use client';

import { useContext, useMemo } from 'react';
import { FORMATS, type Format, ratioOf, stageOf } from '../../../../core/look/formats.ts';
import type { Typesetter } from '../../../../core/look/typeset/typesetter.ts';
import { pieceEdit } from '../../../../core/piece/edit.ts';
import type { Piece } from '../../../../core/piece/types.ts';
import { compile } from '../../../../core/timeline/compile.ts';
import type { Facts } from '../../../../core/timeline/types.ts';
import { FormatSelect } from '../../../shared/format-select.tsx';
import { formatLabel, isOwnFormat } from '../../../shared/formats.ts';
import { aspect } from '../../../shared/media.ts';
import { SetterContext, usePiece } from '../../context.ts';
import { useFacts } from '../../material/use-material.ts';
import { PaintedFrame, wholeMoment } from '../../painted/painted-frame.tsx';
import { useScoped } from './scope.ts';

/** Side of a square one, pixels. */
const SIDE = 134;
/** All have the same area, so that none seems to be the main one. */
const widthOf = (format: Format): number => Math.round(SIDE * Math.sqrt(ratioOf(stageOf(format))));

/** The selected row in every format, side by side; what is changed by hand in one leaves the others as they are. */
export function FormatsTool() {
  const { apply } = usePiece();
  const { piece, scene } = useScoped();
  const facts = useFacts(piece);
  const setter = useContext(SetterContext);
  const places = Object.keys(scene?.look?.places ?? {}) as Format[];
  const delivered = piece.deliveries.flatMap((d) => d.format ?? []);
  const shown = [
    ...new Set<Format>([...FORMATS, ...[piece.format, ...delivered, ...places].filter(isOwnFormat)]),
  ];
  const own = isOwnFormat(piece.format) ? piece.format : null;
  return (
    <>
      <p className="tools__note">
        The row in all formats. Frames and places of words that are set by hand hold in the format in which
        they were set.
      </p>
      <ul className="formats" aria-label="Formats">
        {shown.map((format) => (
          <li key={format} style={{ width: widthOf(format) }}>
            <button
              type="button"
              className={format === piece.format ? 'looks__look looks__look--on' : 'looks__look'}
              aria-pressed={format === piece.format}
              onClick={() => apply(pieceEdit('format', { format }))}
            >
              <span className="looks__frame" style={{ aspectRatio: aspect(format) }}>
                {setter && scene && (
                  <InFormat format={format} piece={piece} sceneId={scene.id} facts={facts} setter={setter} />
                )}
              </span>
              {formatLabel(format)}
              {places.includes(format) && <small> words moved</small>}
            </button>
          </li>
        ))}
      </ul>
      <FormatSelect
        aria-label="Other proportions"
        placeholder="Other proportions"
        className="formats__other"
        offered={[]}
        value={own}
        onChange={(format) => format && apply(pieceEdit('format', { format }))}
      />
    </>
  );
}

function InFormat({
  format,
  piece,
  sceneId,
  facts,
  setter,
}: {
  format: Format;
  piece: Piece;
  sceneId: string;
  facts: Facts;
  setter: Typesetter;
}) {
  const timeline = useMemo(() => compile(piece, facts, setter, format), [piece, facts, setter, format]);
  const index = timeline.scenes.findIndex((s) => s.sceneId === sceneId);
  return <PaintedFrame timeline={timeline} moment={wholeMoment(timeline.scenes[index], index)} />;
}
