'use client';

import type { KeyboardEvent, PointerEvent, RefObject } from 'react';
import { useRef } from 'react';
import { addressOf } from '../../api/endpoint.ts';
import { type Region, reviewVideo } from '../../api/reviews.ts';

/** What a part of the frame is at first when it is set by keys, and how far one step goes. */
const FIRST: Region = { x: 0.35, y: 0.4, width: 0.3, height: 0.2 };
const STEP = 0.05;
/** Parts smaller than this are a click: something stands there. */
const LEAST = 0.04;
const AROUND_CLICK = 0.16;

/** The video, and a part of its frame. placing: the reviewer shows a part. */
export function Frame({
  secret,
  version,
  format,
  video,
  region,
  placing,
  onRegion,
  onTime,
}: {
  secret: string;
  version: number;
  format: string;
  video: RefObject<HTMLVideoElement | null>;
  region: Region | null;
  placing: boolean;
  onRegion: (region: Region | null) => void;
  onTime: (ms: number) => void;
}) {
  const from = useRef<{ x: number; y: number } | null>(null);
  const at = (e: PointerEvent<HTMLElement>) => {
    const box = e.currentTarget.getBoundingClientRect();
    return { x: clamp((e.clientX - box.left) / box.width), y: clamp((e.clientY - box.top) / box.height) };
  };
  const onPointerMove = (e: PointerEvent<HTMLElement>) => {
    if (from.current) onRegion(between(from.current, at(e)));
  };
  const onPointerUp = (e: PointerEvent<HTMLElement>) => {
    if (!from.current) return;
    const drawn = between(from.current, at(e));
    from.current = null;
    onRegion(drawn.width < LEAST && drawn.height < LEAST ? around(drawn) : drawn);
  };
  const onKeyDown = (e: KeyboardEvent) => {
    const now = region ?? FIRST;
    const [dx, dy] = ARROWS[e.key] ?? [0, 0];
    if (e.key === 'Escape') onRegion(null);
    else if (e.key === 'Enter') onRegion(now);
    else if (!dx && !dy) return;
    else if (e.shiftKey)
      onRegion({ ...now, width: grow(now.width, dx, now.x), height: grow(now.height, dy, now.y) });
    else onRegion({ ...now, x: shift(now.x, dx, now.width), y: shift(now.y, dy, now.height) });
    e.preventDefault();
  };
  return (
    <div className="review__frame" style={{ aspectRatio: format.replace(':', ' / ') }}>
      {/* biome-ignore lint/a11y/useMediaCaption: what is said stands beside it, line by line */}
      <video
        ref={video}
        key={version}
        controls={!placing}
        playsInline
        preload="metadata"
        src={addressOf(reviewVideo, { secret, version: String(version) })}
        onTimeUpdate={(e) => onTime(e.currentTarget.currentTime * 1000)}
        onSeeked={(e) => onTime(e.currentTarget.currentTime * 1000)}
      />
      {placing && (
        <button
          type="button"
          className="review__placing"
          aria-label="Draw a part of the picture: drag, or Enter and the arrow keys, with Shift for its size"
          onPointerDown={(e) => {
            e.currentTarget.setPointerCapture(e.pointerId);
            from.current = at(e);
          }}
          onPointerMove={onPointerMove}
          onPointerUp={onPointerUp}
          onKeyDown={onKeyDown}
        />
      )}
      {region && (
        <span
          className="review__region"
          style={{
            left: `${region.x * 100}%`,
            top: `${region.y * 100}%`,
            width: `${region.width * 100}%`,
            height: `${region.height * 100}%`,
          }}
        />
      )}
    </div>
  );
}

const ARROWS: Record<string, [number, number]> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};

const clamp = (v: number, most = 1) => Math.max(0, Math.min(most, v));
const shift = (at: number, by: number, size: number) => clamp(at + by, 1 - size);
const grow = (size: number, by: number, at: number) => Math.max(STEP, clamp(size + by, 1 - at));

type Point = { x: number; y: number };
const between = (a: Point, b: Point): Region => ({
  x: Math.min(a.x, b.x),
  y: Math.min(a.y, b.y),
  width: Math.abs(a.x - b.x),
  height: Math.abs(a.y - b.y),
});
const around = ({ x, y }: Point): Region => ({
  x: clamp(x - AROUND_CLICK / 2, 1 - AROUND_CLICK),
  y: clamp(y - AROUND_CLICK / 2, 1 - AROUND_CLICK),
  width: AROUND_CLICK,
  height: AROUND_CLICK,
});
