'use client';

import { CloseOutlined, PlusOutlined } from '@ant-design/icons';
import { Checkbox, Tooltip } from 'antd';
import { hasRoom, removePicture, setRunsOn } from '../../core/piece/pictures.ts';
import type { Scene } from '../../core/piece/types.ts';
import { shownFrom, usesOf } from '../../core/timeline/shots.ts';
import { aspect } from '../shared/media.ts';
import { useShelf } from '../shared/use-shelf.ts';
import { usePiece, usePieceState } from './context.ts';
import { Thumb } from './row-picture.tsx';

/** The pictures of the selected scene in turn; the tools work on the chosen one, and a search adds where the plus is. */
export function ScenePictures({ scene, index }: { scene: Scene; index: number }) {
  const { store, apply } = usePiece();
  const { byId } = useShelf();
  const format = usePieceState((s) => s.piece.format);
  const slot = usePieceState((s) => s.slot);
  const scenes = usePieceState((s) => s.piece.scenes);
  const uses = usesOf(scene);
  const couldRunOn = index > 0 && usesOf(scenes[shownFrom(scenes)[index - 1] ?? 0] as Scene).length > 0;
  return (
    <div className="slots">
      <ul className="slots__list" aria-label={`Pictures of scene ${index + 1}`}>
        {uses.map((use, k) => {
          const entry = byId.get(use.assetId);
          return (
            <li key={`${use.assetId}-${k}`}>
              <button
                type="button"
                className={`frame slots__frame${k === slot ? ' frame--current' : ''}`}
                aria-pressed={k === slot}
                aria-label={`Picture ${k + 1} of scene ${index + 1}${entry ? `: ${entry.title}` : ''}`}
                onClick={() => store.setSlot(k)}
                style={{ aspectRatio: aspect(format) }}
              >
                {entry && <Thumb entry={entry} format={format} framing={use.framing} />}
              </button>
              {uses.length > 1 && (
                <button
                  type="button"
                  className="slots__remove"
                  aria-label={`Take picture ${k + 1} out of scene ${index + 1}`}
                  onClick={() => {
                    apply(removePicture(scene, k));
                    store.setSlot(0);
                  }}
                >
                  <CloseOutlined aria-hidden />
                </button>
              )}
            </li>
          );
        })}
        {uses.length > 0 && hasRoom(scene) && (
          <li>
            <Tooltip title="One more picture in this scene: choose it below. They follow each other in equal shares.">
              <button
                type="button"
                className={`frame slots__frame slots__add${slot === uses.length ? ' frame--current' : ''}`}
                aria-pressed={slot === uses.length}
                aria-label={`One more picture in scene ${index + 1}`}
                onClick={() => {
                  store.setSlot(uses.length);
                  store.setPicturesPart('find');
                }}
                style={{ aspectRatio: aspect(format) }}
              >
                <PlusOutlined aria-hidden />
              </button>
            </Tooltip>
          </li>
        )}
      </ul>
      {couldRunOn && (
        <Checkbox checked={scene.runsOn} onChange={(e) => apply(setRunsOn(scene, e.target.checked))}>
          Go on with the picture of scene {index}
        </Checkbox>
      )}
    </div>
  );
}
