'use client';

import { PictureOutlined } from '@ant-design/icons';
import { Button, Tooltip } from 'antd';
import { useState } from 'react';
import { WEAK } from '../../core/match/nab.ts';
import type { Format, Scene } from '../../core/piece/types.ts';
import type { ShelfEntryView } from '../../server/shelf/view.ts';
import { aspect, mediaUrl, thumbFor } from '../shared/media.ts';
import { useShelf } from '../shared/use-shelf.ts';
import { usePiece } from './context.ts';
import type { RowActions } from './row.tsx';

/** The picture of a row; in the pass for pictures with its alternatives beside it. A picture can be dropped on it. */
export function RowPicture({
  scene,
  index,
  format,
  wide,
  actions,
}: {
  scene: Scene;
  index: number;
  format: Format;
  wide: boolean;
  actions: RowActions;
}) {
  const { byId } = useShelf();
  const { store } = usePiece();
  const [over, setOver] = useState(false);
  const entry = scene.picture ? byId.get(scene.picture.assetId) : undefined;
  const weak = scene.picture?.by === 'nab' && scene.picture.confidence < WEAK;
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: dropping is a second way; the picture tools do the same by keyboard
    <div
      className={`row__picture${over ? ' row__picture--over' : ''}`}
      onDragOver={(e) => {
        if (!e.dataTransfer.types.includes('text/nabbet-picture')) return;
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(e) => {
        setOver(false);
        const id = e.dataTransfer.getData('text/nabbet-picture');
        if (id) actions.choose(scene.id, id);
      }}
    >
      <button
        type="button"
        className={`frame${weak ? ' frame--weak' : ''}`}
        aria-label={`Pictures for scene ${index + 1}${entry ? `, now: ${entry.title}` : ', none yet'}`}
        onClick={() => store.setPass('pictures')}
        style={{ aspectRatio: aspect(format) }}
      >
        {entry ? <Thumb entry={entry} format={format} /> : <PictureOutlined aria-hidden />}
        {entry?.kind === 'loop' && <span className="frame__kind">loop</span>}
      </button>
      {wide &&
        scene.picture?.alternatives.slice(0, 3).map((a) => {
          const alt = byId.get(a.assetId);
          if (!alt) return null;
          return (
            <Tooltip key={a.assetId} title={`${alt.title}${a.reason ? `: ${a.reason}` : ''}`}>
              <button
                type="button"
                className="frame frame--small"
                aria-label={`Use “${alt.title}” for scene ${index + 1}`}
                onClick={() => actions.choose(scene.id, a.assetId)}
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
}

/** A small picture, cut as the format cuts it; a loop plays while it is pointed at. */
export function Thumb({ entry, format }: { entry: ShelfEntryView; format: Format }) {
  const [live, setLive] = useState(false);
  const { src, position } = thumbFor(entry, format);
  const style = { objectPosition: position };
  if (entry.kind !== 'loop') return <img src={src} alt="" style={style} loading="lazy" draggable={false} />;
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: movement under the pointer is decoration; the title says what it is
    <span className="thumb" onMouseEnter={() => setLive(true)} onMouseLeave={() => setLive(false)}>
      {live ? (
        <video
          src={mediaUrl(entry, format === '9:16' ? 'tall' : 'wide')}
          muted
          loop
          autoPlay
          playsInline
          style={style}
        />
      ) : (
        <img src={src} alt="" style={style} loading="lazy" draggable={false} />
      )}
    </span>
  );
}
