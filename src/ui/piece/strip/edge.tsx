'use client';

import { sceneEdit } from '../../../core/piece/edit.ts';
import { LIMITS } from '../../../core/piece/limits.ts';
import { type Frames, framesToMs, SAMPLES_PER_FRAME } from '../../../core/time.ts';
import type { Timeline, TimelineScene } from '../../../core/timeline/types.ts';
import { usePiece } from '../context.ts';
import { useDrag } from './use-drag.ts';

/** Where the end of a scene likes to stand: when its voice is over, and where bars of the music begin. */
function endsOf(scene: TimelineScene, sound: Timeline['sound']): Frames[] {
  const voice = scene.voice ? (scene.voice.start + scene.voice.samples) / SAMPLES_PER_FRAME : null;
  const bars = sound.beds.flatMap(({ start, track }) =>
    (track?.bars ?? []).map((b) => Math.round((start + b) / SAMPLES_PER_FRAME)),
  );
  return [...(voice === null ? [] : [Math.ceil(voice)]), ...bars].filter((f) => f > scene.start);
}

/**
 * The end of a scene, to be drawn; twice clicked, the length follows the voice again. Who has no pointer, and who wants a figure, has
 * the length in the tools of the row. width: of the strip, pixels.
 */
export function SceneEdge({
  scene,
  sound,
  total,
  width,
}: {
  scene: TimelineScene;
  sound: Timeline['sound'];
  total: Frames;
  width: number;
}) {
  const { apply } = usePiece();
  const drag = useDrag(total / width);
  const set = (frames: Frames) => {
    const ms = Math.round(framesToMs(frames));
    const durationMs = Math.max(LIMITS.minSceneMs, Math.min(LIMITS.maxSceneMs, ms));
    apply(sceneEdit('length', scene.sceneId, { durationMs }, 'drag-length'));
  };
  return (
    <div
      className="strip__edge"
      aria-hidden
      title="Drag to set the length; double-click to follow the voice"
      style={{ left: `${(scene.end / total) * 100}%` }}
      {...drag(
        scene.end,
        endsOf(scene, sound),
        (frame) => set(frame - scene.start),
        () => apply(sceneEdit('length', scene.sceneId, { durationMs: null })),
      )}
    />
  );
}
