'use client';

import { type PointerEvent, useRef } from 'react';
import { sceneEdit } from '../../../core/piece/edit.ts';
import { LIMITS } from '../../../core/piece/limits.ts';
import { type Frames, framesToMs, SAMPLES_PER_FRAME } from '../../../core/time.ts';
import type { Timeline, TimelineScene } from '../../../core/timeline/types.ts';
import { usePiece } from '../context.ts';

/** So near, in pixels, an end is drawn to a bar of the music or to the end of the voice. */
const NEAR_PX = 7;

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
  const drag = useRef<{ x: number; end: Frames; perPixel: number } | null>(null);
  const set = (frames: Frames) => {
    const ms = Math.round(framesToMs(frames));
    const durationMs = Math.max(LIMITS.minSceneMs, Math.min(LIMITS.maxSceneMs, ms));
    apply(sceneEdit('length', scene.sceneId, { durationMs }, 'drag-length'));
  };
  const move = (e: PointerEvent) => {
    if (!drag.current || e.buttons !== 1) return;
    e.stopPropagation();
    const { x, end, perPixel } = drag.current;
    const wanted = end + (e.clientX - x) * perPixel;
    const near = endsOf(scene, sound).find((f) => Math.abs(f - wanted) <= NEAR_PX * perPixel);
    set(Math.round((near ?? wanted) - scene.start));
  };
  return (
    <div
      className="strip__edge"
      aria-hidden
      title="Drag to set the length; double-click to follow the voice"
      style={{ left: `${(scene.end / total) * 100}%` }}
      onPointerDown={(e) => {
        if (e.button !== 0) return;
        e.stopPropagation();
        e.currentTarget.setPointerCapture(e.pointerId);
        drag.current = { x: e.clientX, end: scene.end, perPixel: total / width };
      }}
      onPointerMove={move}
      onPointerUp={() => {
        drag.current = null;
      }}
      onDoubleClick={() => apply(sceneEdit('length', scene.sceneId, { durationMs: null }))}
    />
  );
}
