'use client';

import { SwapOutlined } from '@ant-design/icons';
import { Button, ColorPicker, Radio, Segmented, Slider } from 'antd';
import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import type { ShelfEntryView } from '../../../../api/shelf.ts';
import type { Move } from '../../../../core/piece/types.ts';
import { aimOf } from '../../../../core/timeline/framing.ts';
import { usePiece, useViewState } from '../../context.ts';
import { type FrameEditor, MOST_ZOOM, useFrameEditor } from './use-frame.ts';

const MOVE_LABELS: { value: Move; label: string }[] = [
  { value: 'auto', label: 'By itself' },
  { value: 'towards', label: 'Towards' },
  { value: 'away', label: 'Away' },
  { value: 'still', label: 'Still' },
];

/** How a picture stands in the frame: on the monitor it is dragged, here it is seen as a whole. */
export function FrameTool({ entry }: { entry: ShelfEntryView | undefined }) {
  const editor = useFrameEditor();
  if (!editor || !entry) return <p className="tools__note">This scene has no picture here yet.</p>;
  const { framing, view, crop, crops } = editor;
  const two = crops.length > 1;
  const zoom = aimOf(view.width, view.height, editor.ratio, crop).zoom;
  const whole = framing.fit === 'whole';
  return (
    <div className="frame-tool">
      <Radio.Group
        aria-label="How the picture fills the frame"
        value={framing.fit}
        onChange={(e) => editor.set({ fit: e.target.value })}
        options={[
          { value: 'fill', label: 'Fill the frame' },
          { value: 'whole', label: 'The whole picture' },
        ]}
      />
      {whole ? (
        <div className="tools__line">
          <Radio.Group
            aria-label="Surround"
            value={framing.surround === 'blur' ? 'blur' : 'colour'}
            onChange={(e) =>
              editor.set({ surround: e.target.value === 'blur' ? 'blur' : (entry.colours[0] ?? '#1d1b22') })
            }
            options={[
              { value: 'blur', label: 'Blurred surround' },
              { value: 'colour', label: 'Colour' },
            ]}
          />
          {framing.surround !== 'blur' && (
            <ColorPicker
              disabledAlpha
              value={framing.surround}
              presets={[{ label: 'In the picture', colors: entry.colours }]}
              onChangeComplete={(c) => editor.set({ surround: c.toHexString() })}
            />
          )}
        </div>
      ) : (
        <div className="frame-tool__pair">
          <Overview editor={editor} />
          <div>
            <div className="tools__line">
              <span id="zoom-label">Closer</span>
              <Slider
                className="frame-tool__zoom"
                ariaLabelledByForHandle="zoom-label"
                min={1}
                max={MOST_ZOOM}
                step={0.05}
                value={zoom}
                tooltip={{ formatter: (v) => `${(v ?? 1).toFixed(2)} ×` }}
                onChange={editor.zoom}
              />
            </div>
            <div className="tools__line">
              <Segmented
                aria-label="One frame, or a start and an end"
                size="small"
                value={two ? 'two' : 'one'}
                onChange={(v) => editor.setTwo(v === 'two')}
                options={[
                  { value: 'one', label: 'One frame' },
                  { value: 'two', label: 'Start and end' },
                ]}
              />
              {two && <Ends editor={editor} />}
            </div>
            {!two && (
              <div className="tools__line">
                <Segmented
                  aria-label="Slow move"
                  size="small"
                  value={framing.move}
                  onChange={(move) => editor.set({ move: move as Move })}
                  options={MOVE_LABELS}
                />
              </div>
            )}
          </div>
        </div>
      )}
      <div className="tools__line">
        <p className="tools__note">
          {whole
            ? 'The picture stands still.'
            : 'Drag the picture on the monitor; the wheel brings it closer.'}
        </p>
        <Button size="small" onClick={editor.reset}>
          As it was framed
        </Button>
      </div>
    </div>
  );
}

function Ends({ editor }: { editor: FrameEditor }) {
  return (
    <>
      <EndPicker />
      <Button size="small" icon={<SwapOutlined aria-hidden />} onClick={editor.swap}>
        Swap
      </Button>
    </>
  );
}

function EndPicker() {
  const aim = useViewState((s) => s.aim);
  const { view } = usePiece();
  return (
    <Segmented
      aria-label="Which frame is set"
      size="small"
      value={aim}
      onChange={(v) => view.setAim(v === 1 ? 1 : 0)}
      options={[
        { value: 0, label: 'Start' },
        { value: 1, label: 'End' },
      ]}
    />
  );
}

/** The whole picture with its frames on it; the one that is set can be dragged, or moved with the arrows. */
function Overview({ editor }: { editor: FrameEditor }) {
  const box = useRef<HTMLDivElement>(null);
  const { view, entry, crops, aim } = editor;
  const percent = (v: number, of: number) => `${(v / of) * 100}%`;
  const to = (e: PointerEvent) => {
    const r = box.current?.getBoundingClientRect();
    if (r) editor.centre((e.clientX - r.left) / r.width, (e.clientY - r.top) / r.height);
  };
  const onKeyDown = (e: KeyboardEvent) => {
    const step = e.shiftKey ? 0.1 : 0.02;
    const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[
      e.key
    ];
    if (!by) return;
    e.preventDefault();
    e.stopPropagation();
    editor.pan(by[0] ?? 0, by[1] ?? 0);
  };
  return (
    <div
      ref={box}
      className="overview"
      data-tall={view.height > view.width}
      style={{ aspectRatio: `${view.width} / ${view.height}` }}
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        to(e);
      }}
      onPointerMove={(e) => e.buttons === 1 && to(e)}
    >
      <img src={view.name && entry.views[view.name]?.src} alt="" draggable={false} />
      {crops.map((c, k) => (
        <button
          key={k}
          type="button"
          className={`overview__frame${k === aim ? ' overview__frame--set' : ''}`}
          aria-label={`${crops.length > 1 ? (k === 0 ? 'Start frame' : 'End frame') : 'Frame'}: move it with the arrow keys`}
          tabIndex={k === aim ? 0 : -1}
          onKeyDown={k === aim ? onKeyDown : undefined}
          style={{
            left: percent(c.x, view.width),
            top: percent(c.y, view.height),
            width: percent(c.width, view.width),
            height: percent(c.height, view.height),
          }}
        >
          {crops.length > 1 && <span>{k === 0 ? 'Start' : 'End'}</span>}
        </button>
      ))}
    </div>
  );
}
