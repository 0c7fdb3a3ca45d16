'use client';

import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { SAFE } from '../../../core/look/looks/make.ts';
import { snap } from '../../../core/look/snap.ts';
import type { Place } from '../../../core/piece/appearance.ts';
import { sceneEdit } from '../../../core/piece/edit.ts';
import { shownPatch } from '../../../core/piece/highlights.ts';
import { styleScenes } from '../../../core/piece/style.ts';
import type { Scene } from '../../../core/piece/types.ts';
import { sceneAt } from '../../../core/timeline/compile.ts';
import type { TimelineScene } from '../../../core/timeline/types.ts';
import { usePiece, usePieceState, useScene, useTimelineNow } from '../context.ts';

/** One press of an arrow key, in shares of the stage; with Shift a larger step. */
const STEP = { small: 0.005, large: 0.03 } as const;
/** Words lie at most so far from where they were put, stage pixels, because they are laid at whole ones. */
const WHOLE_PIXELS = 3;
/** How large words can be made, times the size of the look. */
const SIZES = { least: 0.4, most: 2.5 } as const;

/** The words of the scene under the monitor's frame: to be moved, made wider or larger, and typed into. */
export function WordsOverlay({ frame }: { frame: number }) {
  const timeline = useTimelineNow();
  const at = timeline.scenes[sceneAt(timeline, frame)];
  const scene = useScene(at?.sceneId ?? '');
  return scene && at?.words ? <Block key={scene.id} scene={scene} at={at} /> : null;
}

type Grip = 'move' | 'width' | 'size';
interface Drag {
  grip: Grip;
  x: number;
  y: number;
  place: Place;
  size: number;
}

function Block({ scene, at }: { scene: Scene; at: TimelineScene }) {
  const { apply, view, player } = usePiece();
  const format = usePieceState((s) => s.doc.format);
  const pieceSize = usePieceState((s) => s.doc.style.size);
  const { width, height } = useTimelineNow();
  const layer = useRef<HTMLDivElement>(null);
  const drag = useRef<Drag | null>(null);
  const [lines, setLines] = useState<{ x: number | null; y: number | null }>({ x: null, y: null });
  const [typing, setTyping] = useState(false);
  const box = at.words?.box ?? { x: 0, y: 0, width: 0, height: 0 };
  const own = scene.look?.places?.[format] ?? null;
  const laid = { x: (box.x + box.width / 2) / width, y: (box.y + box.height / 2) / height };
  // Words are laid at whole pixels: where they were put is exact, unless there was no room.
  const isThere =
    own && Math.hypot((own.x - laid.x) * width, (own.y - laid.y) * height) < WHOLE_PIXELS ? own : null;
  const { x, y } = isThere ?? laid;
  // The frame is a moment behind: a second press of a key goes on from where the first put the words.
  const last = useRef<{ words: TimelineScene['words']; place: Place } | null>(null);
  if (last.current?.words !== at.words) last.current = null;
  const place: Place = last.current?.place ?? { x, y, width: own?.width ?? null };
  const size = scene.look?.size ?? pieceSize ?? 1;
  const put = (next: Place, merge: string) => {
    const clamp = (v: number) => Math.round(Math.max(0, Math.min(1, v)) * 1e4) / 1e4;
    const there = { ...next, x: clamp(next.x), y: clamp(next.y) };
    last.current = { words: at.words, place: there };
    const places = { ...scene.look?.places, [format]: there };
    apply(styleScenes([scene], { places }, `place ${scene.id} ${merge}`));
  };
  const onDown = (grip: Grip) => (e: PointerEvent<HTMLElement>) => {
    e.preventDefault();
    e.stopPropagation();
    e.currentTarget.setPointerCapture(e.pointerId);
    drag.current = { grip, x: e.clientX, y: e.clientY, place, size };
    view.select([scene.id]);
  };
  const onMove = (e: PointerEvent<HTMLElement>) => {
    const stage = layer.current?.getBoundingClientRect();
    const d = drag.current;
    if (!stage || !d) return;
    const dx = (e.clientX - d.x) / stage.width;
    const dy = (e.clientY - d.y) / stage.height;
    if (Math.hypot(e.clientX - d.x, e.clientY - d.y) < 3) return;
    switch (d.grip) {
      case 'move': {
        const safe = SAFE(format);
        const [w, h] = [box.width / width / 2, box.height / height / 2];
        const x = snap(d.place.x + dx, [-w, 0, w], [0.5, safe.x / width, (safe.x + safe.width) / width]);
        const y = snap(d.place.y + dy, [-h, 0, h], [0.5, safe.top / height, safe.bottom / height]);
        setLines({ x: x.line, y: y.line });
        return put({ ...d.place, x: x.value, y: y.value }, 'move');
      }
      case 'width': {
        const before = d.place.width ?? Math.min(1, (box.width + 8) / width);
        return put({ ...d.place, width: Math.max(0.1, Math.min(1, before + 2 * dx)) }, 'width');
      }
      case 'size': {
        const wanted = d.size * (1 + (2 * dx * width) / Math.max(80, box.width));
        const next = Math.round(Math.max(SIZES.least, Math.min(SIZES.most, wanted)) * 50) / 50;
        return apply(styleScenes([scene], { size: next }, `size ${scene.id}`));
      }
      default:
        return d.grip satisfies never;
    }
  };
  const onUp = () => {
    drag.current = null;
    setLines({ x: null, y: null });
  };
  const onKeyDown = (e: KeyboardEvent) => {
    const step = e.shiftKey ? STEP.large : STEP.small;
    const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[
      e.key
    ];
    if (by) put({ ...place, x: place.x + (by[0] ?? 0), y: place.y + (by[1] ?? 0) }, 'keys');
    else if (e.key === 'Enter') setTyping(true);
    else if (e.key === '+' || e.key === '-')
      apply(
        styleScenes(
          [scene],
          { size: Math.round((size + (e.key === '+' ? 0.04 : -0.04)) * 100) / 100 },
          `size ${scene.id}`,
        ),
      );
    else return;
    e.preventDefault();
    e.stopPropagation();
  };
  const share = (v: number, of: number) => `${(v / of) * 100}%`;
  const style = {
    ...{ left: share(box.x, width), top: share(box.y, height) },
    ...{ width: share(box.width, width), height: share(box.height, height) },
  };
  const grips = { onPointerMove: onMove, onPointerUp: onUp, onPointerCancel: onUp };
  return (
    <div ref={layer} className="words-overlay">
      {lines.x !== null && (
        <span
          className="words-overlay__line words-overlay__line--down"
          style={{ left: `${lines.x * 100}%` }}
        />
      )}
      {lines.y !== null && (
        <span
          className="words-overlay__line words-overlay__line--across"
          style={{ top: `${lines.y * 100}%` }}
        />
      )}
      {typing ? (
        <textarea
          className="words-overlay__typing"
          style={style}
          aria-label="Words on the monitor"
          // biome-ignore lint/a11y/noAutofocus: the writer has just asked to type here
          autoFocus
          value={scene.shown}
          onChange={(e) => apply(sceneEdit('type', scene.id, shownPatch(scene, e.target.value), 'type'))}
          onBlur={() => setTyping(false)}
          onKeyDown={(e) => {
            e.stopPropagation();
            if (e.key === 'Escape' || (e.key === 'Enter' && (e.ctrlKey || e.metaKey))) setTyping(false);
          }}
        />
      ) : (
        <button
          type="button"
          className="words-overlay__block"
          style={style}
          aria-label="Words on the monitor: drag or use the arrow keys to move them, plus and minus for their size, Enter to type"
          onPointerDown={onDown('move')}
          {...grips}
          onDoubleClick={() => {
            player.pause();
            setTyping(true);
          }}
          onKeyDown={onKeyDown}
        >
          <span
            className="words-overlay__grip words-overlay__grip--width"
            title="Wider"
            onPointerDown={onDown('width')}
            {...grips}
          />
          <span
            className="words-overlay__grip words-overlay__grip--size"
            title="Larger"
            onPointerDown={onDown('size')}
            {...grips}
          />
        </button>
      )}
    </div>
  );
}
