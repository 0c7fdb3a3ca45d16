'use client';

import { CloseOutlined, PlusOutlined } from '@ant-design/icons';
import { Checkbox, Tooltip } from 'antd';
import { hasRoom, removePicture, setRunsOn } from '../../../../core/piece/placements.ts';
import type { Scene } from '../../../../core/piece/types.ts';
import { seenScenes } from '../../../../core/timeline/times.ts';
import { aspect } from '../../../shared/media.ts';
import { useShelf } from '../../../shared/use-shelf.ts';
import { usePiece, usePieceState, useViewState } from '../../context.ts';
import { Thumb } from '../../sheet/row-picture.tsx';

/** The pictures of the selected scene in turn; the tools work on the chosen one, and a search adds where the plus is. */
export function ScenePictures({ scene, index }: { scene: Scene; index: number }) {
  const { view, apply } = usePiece();
  const { byId } = useShelf();
  const format = usePieceState((s) => s.doc.format);
  const slot = useViewState((s) => s.slot);
  const scenes = usePieceState((s) => s.doc.scenes);
  const { pictures } = scene;
  const before = index > 0 ? scenes[seenScenes(scenes)[index - 1] ?? 0] : undefined;
  const couldRunOn = (before?.pictures.length ?? 0) > 0;
  return (
    <div className="slots">
      <ul className="slots__list" aria-label={`Pictures of scene ${index + 1}`}>
        {pictures.map((placement, k) => {
          const entry = byId.get(placement.assetId);
          return (
            <li key={`${placement.assetId}-${k}`}>
              <button
                type="button"
                className={`frame slots__frame${k === slot ? ' frame--current' : ''}`}
                aria-pressed={k === slot}
                aria-label={`Picture ${k + 1} of scene ${index + 1}${entry ? `: ${entry.title}` : ''}`}
                onClick={() => view.setSlot(k)}
                style={{ aspectRatio: aspect(format) }}
              >
                {entry && <Thumb entry={entry} format={format} framing={placement.framing} />}
              </button>
              {pictures.length > 1 && (
                <button
                  type="button"
                  className="slots__remove"
                  aria-label={`Remove picture ${k + 1} from scene ${index + 1}`}
                  onClick={() => {
                    apply(removePicture(scene, k));
                    view.setSlot(0);
                  }}
                >
                  <CloseOutlined aria-hidden />
                </button>
              )}
            </li>
          );
        })}
        {pictures.length > 0 && hasRoom(scene) && (
          <li>
            <Tooltip title="One more picture in this scene: choose it below. They follow each other in equal shares.">
              <button
                type="button"
                className={`frame slots__frame slots__add${slot === pictures.length ? ' frame--current' : ''}`}
                aria-pressed={slot === pictures.length}
                aria-label={`One more picture in scene ${index + 1}`}
                onClick={() => {
                  view.setSlot(pictures.length);
                  view.open('pictures', 'find');
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
