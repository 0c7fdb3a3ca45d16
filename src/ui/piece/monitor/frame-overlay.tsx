'use client';

import { type CSSProperties, type PointerEvent, useEffect, useRef } from 'react';
import { type Size, stageOf } from '../../../core/look/formats.ts';
import type { Rect } from '../../../core/look/types.ts';
import { aimOf } from '../../../core/timeline/framing.ts';
import type { Crop } from '../../../core/timeline/types.ts';
import { usePieceState } from '../context.ts';
import { type FrameEditor, useFrameEditor, useHeldFrame } from '../passes/pictures/use-frame.ts';

/** While a frame is set, the picture is dragged on the monitor and brought closer with the wheel. */
export function FrameOverlay() {
  const editor = useFrameEditor();
  useHeldFrame(editor);
  return editor && editor.framing.fit === 'fill' ? <Surface editor={editor} /> : null;
}

const share = (part: number, whole: number) => `${(part / whole) * 100}%`;

/** Where a part of the stage lies on the monitor. */
const shareOf = (area: Rect, stage: Size): CSSProperties => ({
  inset: 'auto',
  left: share(area.x, stage.width),
  top: share(area.y, stage.height),
  width: share(area.width, stage.width),
  height: share(area.height, stage.height),
});

/** How much closer one notch of the wheel brings it. */
const WHEEL = 1.0015;

function Surface({ editor }: { editor: FrameEditor }) {
  const format = usePieceState((s) => s.doc.format);
  const surface = useRef<HTMLDivElement>(null);
  const drag = useRef<{ x: number; y: number; crop: Crop } | null>(null);
  const latest = useRef(editor);
  latest.current = editor;
  useEffect(() => {
    const at = surface.current;
    // Not React's: that one cannot keep the page from scrolling.
    const onWheel = (e: WheelEvent) => {
      e.preventDefault();
      const { view, crop, zoom, ratio } = latest.current;
      zoom(aimOf(view.width, view.height, ratio, crop).zoom * WHEEL ** -e.deltaY);
    };
    at?.addEventListener('wheel', onWheel, { passive: false });
    return () => at?.removeEventListener('wheel', onWheel);
  }, []);
  const onMove = (e: PointerEvent) => {
    const box = surface.current?.getBoundingClientRect();
    if (!drag.current || !box) return;
    const { x, y, crop } = drag.current;
    editor.pan(-(e.clientX - x) / box.width, -(e.clientY - y) / box.height, crop);
  };
  return (
    <div
      ref={surface}
      className="frame-overlay"
      style={editor.area ? shareOf(editor.area, stageOf(format)) : undefined}
      aria-hidden
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        drag.current = { x: e.clientX, y: e.clientY, crop: editor.crop };
      }}
      onPointerMove={onMove}
      onPointerUp={() => {
        drag.current = null;
      }}
      onPointerCancel={() => {
        drag.current = null;
      }}
    >
      {editor.crops.length > 1 && (
        <span className="frame-overlay__name">{editor.aim === 0 ? 'Start' : 'End'}</span>
      )}
    </div>
  );
}
