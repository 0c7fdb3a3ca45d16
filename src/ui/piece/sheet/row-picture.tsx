'use client';

import { PictureOutlined } from '@ant-design/icons';
import { Button, Tooltip } from 'antd';
import { memo, useState } from 'react';
import type { ShelfEntryView } from '../../../api/shelf.ts';
import type { Format } from '../../../core/look/formats.ts';
import type { Alternative, Framing, Placement } from '../../../core/piece/types.ts';
import { reasonWords } from '../../../wording/pictures.ts';
import { aspect, framedStyle, mediaUrl, thumbFor } from '../../shared/media.ts';
import { useShelf } from '../../shared/use-shelf.ts';
import { useBring } from '../bring.tsx';
import { usePiece } from '../context.ts';
import { useSceneMarks } from '../marks.ts';
import { PaintedScene } from '../painted/painted-frame.tsx';
import type { RowActions } from './row-actions.ts';

/** The picture of a row; in the pass for pictures with its alternatives beside it. A picture can be dropped on it. */
export const RowPicture = memo(function RowPicture({
  id,
  picture,
  others,
  more,
  before,
  index,
  format,
  wide,
  painted,
  actions,
}: {
  id: string;
  /** What is seen. */
  picture: Placement | null;
  /** What was found for the scene besides it. */
  others: readonly Alternative[];
  /** Further pictures of the scene. */
  more: number;
  /** Place of the scene whose picture goes on here, from 1; null when the scene shows its own. */
  before: number | null;
  index: number;
  format: Format;
  wide: boolean;
  /** The scene with its words, and not the picture alone. */
  painted: boolean;
  actions: RowActions;
}) {
  const { byId } = useShelf();
  const { view } = usePiece();
  const { bring } = useBring();
  const [over, setOver] = useState(false);
  const entry = picture ? byId.get(picture.assetId) : undefined;
  const weak = useSceneMarks(id).some((m) => m.check === 'weak-picture');
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: dropping is a second way; the picture tools do the same by keyboard
    <div
      className={`row__picture${over ? ' row__picture--over' : ''}`}
      onDragOver={(e) => {
        if (!e.dataTransfer.types.some((t) => t === 'text/nabbet-picture' || t === 'Files')) return;
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(e) => {
        setOver(false);
        const assetId = e.dataTransfer.getData('text/nabbet-picture');
        if (assetId) actions.choose(id, assetId);
        else if (e.dataTransfer.files.length) {
          e.preventDefault();
          e.stopPropagation();
          bring([...e.dataTransfer.files], id);
        }
      }}
    >
      <button
        type="button"
        className={`frame${weak ? ' frame--weak' : ''}${before ? ' frame--on' : ''}`}
        aria-label={`Pictures for scene ${index + 1}${before ? `, goes on with that of scene ${before}` : entry ? `, now: ${entry.title}` : ', none yet'}`}
        onClick={() => !painted && view.setPass('pictures')}
        style={{ aspectRatio: aspect(format) }}
      >
        {painted ? (
          <PaintedScene id={id} />
        ) : entry ? (
          <Thumb entry={entry} format={format} framing={picture?.framing ?? null} />
        ) : (
          <PictureOutlined aria-hidden />
        )}
        {weak && <span className="frame__weak">weak match</span>}
        {before ? (
          <span className="frame__kind">from {before}</span>
        ) : (
          <KindBadge entry={entry} more={more} />
        )}
      </button>
      {wide &&
        others.slice(0, 3).map((a) => {
          const alt = byId.get(a.assetId);
          if (!alt) return null;
          return (
            <Tooltip
              key={a.assetId}
              title={`${alt.title}${a.reasons.length ? `: ${reasonWords(a.reasons)}` : ''}`}
            >
              <button
                type="button"
                className="frame frame--small"
                aria-label={`Use “${alt.title}” for scene ${index + 1}`}
                onClick={() => actions.choose(id, a.assetId)}
                style={{ aspectRatio: aspect(format) }}
              >
                <Thumb entry={alt} format={format} />
              </button>
            </Tooltip>
          );
        })}
      {wide && !entry && <Button size="small">No picture yet</Button>}
    </div>
  );
});

/** What a picture is besides a still, and how many follow it in the scene. */
export function KindBadge({ entry, more = 0 }: { entry: ShelfEntryView | undefined; more?: number }) {
  const words = [entry && entry.kind !== 'still' && entry.kind, more > 0 && `+${more}`].filter(Boolean);
  return words.length > 0 && <span className="frame__kind">{words.join(' ')}</span>;
}

/** A small picture, cut as the format and the writer's frame cut it; loops and clips play while they are pointed at. */
export function Thumb({
  entry,
  format,
  framing = null,
}: {
  entry: ShelfEntryView;
  format: Format;
  framing?: Framing | null;
}) {
  const [live, setLive] = useState(false);
  const { src, position } = thumbFor(entry, format);
  const style = framedStyle(entry, format, framing) ?? { objectPosition: position };
  const moving = mediaUrl(entry, format);
  if (entry.kind === 'still' || !moving)
    return <img src={src} alt="" style={style} loading="lazy" draggable={false} />;
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: movement under the pointer is decoration; the title says what it is
    <span className="thumb" onMouseEnter={() => setLive(true)} onMouseLeave={() => setLive(false)}>
      <img src={src} alt="" style={style} loading="lazy" draggable={false} />
      {live && <video className="thumb__live" src={moving} muted loop autoPlay playsInline style={style} />}
    </span>
  );
}
