'use client';

import { memo, useContext, useEffect, useRef } from 'react';
import type { Moment } from '../../../core/paint/frame.ts';
import type { Timeline, TimelineScene } from '../../../core/timeline/types.ts';
import { useShelf } from '../../shared/use-shelf.ts';
import { TimelineContext } from '../context.ts';
import { paintSmall, thumbs } from './thumbs.ts';

/** Pixels of the long side of a small frame. */
const LONG_SIDE = 320;
/** Words stand, and have not begun to go, so many frames before the end of their page. */
const BEFORE_END = 8;

/** A moment at which the words of a scene stand whole. */
export function wholeMoment(scene: TimelineScene | undefined, index: number): Moment {
  if (!scene) return { index, frame: 0 };
  const end = scene.words?.pages[0]?.end ?? scene.end - scene.start;
  return { index, frame: Math.max(0, Math.min(end, scene.end - scene.start) - BEFORE_END) };
}

/** A frame of a timeline, small. */
export const PaintedFrame = memo(function PaintedFrame({
  timeline,
  moment,
}: {
  timeline: Timeline;
  moment: Moment;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { byId } = useShelf();
  const k = LONG_SIDE / Math.max(timeline.width, timeline.height);
  const even = (n: number) => 2 * Math.round((n * k) / 2);
  const { index, frame } = moment;
  useEffect(() => {
    thumbs.shelf = byId;
    const paint = () => {
      if (canvas.current) paintSmall(canvas.current, timeline, { index, frame });
    };
    paint();
    return thumbs.subscribe(paint);
  }, [timeline, byId, index, frame]);
  return (
    <canvas
      ref={canvas}
      className="painted"
      width={even(timeline.width)}
      height={even(timeline.height)}
      aria-hidden
    />
  );
});

/** A scene of the piece as it will be seen, with its words. */
export function PaintedScene({ id }: { id: string }) {
  const timeline = useContext(TimelineContext);
  const index = timeline?.scenes.findIndex((s) => s.sceneId === id) ?? -1;
  return timeline && index >= 0 ? (
    <PaintedFrame timeline={timeline} moment={wholeMoment(timeline.scenes[index], index)} />
  ) : null;
}
