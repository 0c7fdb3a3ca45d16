'use client';

import { Button, ColorPicker, Slider } from 'antd';
import { useEffect, useRef, useState } from 'react';
import type { ShelfEntryView } from '../../../../api/shelf.ts';
import { GRADE_NAMES, GRADES, type GradeName } from '../../../../core/look/grades.ts';
import type { Context2D } from '../../../../core/paint/context.ts';
import { tinted } from '../../../../core/paint/make.ts';
import { setGrading } from '../../../../core/piece/placements.ts';
import { type Grading, PLAIN_GRADING, type Scene } from '../../../../core/piece/types.ts';
import { thumbFor } from '../../../shared/media.ts';
import { usePiece, useViewState } from '../../context.ts';

const SLIDERS = [
  ['strength', 'Strength'],
  ['grain', 'Grain'],
  ['dust', 'Dust'],
  ['leak', 'Light leak'],
] as const;

/** The value stands beside the slider; a tip that follows the handle would be laid out anew at every step. */
const NO_TIP = { formatter: null };

/** Grade and texture of the selected scenes' pictures, or of all. */
export function GradingTool({ scene, entry }: { scene: Scene; entry: ShelfEntryView | undefined }) {
  const { store, view, apply } = usePiece();
  const selected = useViewState((s) => s.selected.length);
  const now = scene.grading ?? PLAIN_GRADING;
  const set = (change: Partial<Grading>) => {
    const { doc: piece } = store.state;
    const { selected: ids } = view.state;
    const next = { ...now, ...change };
    const plain = JSON.stringify({ ...next, strength: 1 }) === JSON.stringify(PLAIN_GRADING);
    apply(
      setGrading(
        piece.scenes.filter((s) => ids.includes(s.id)),
        plain ? null : next,
      ),
    );
  };
  return (
    <div className="grading">
      <ul className="grading__grades" aria-label="Grades">
        {GRADE_NAMES.map((grade) => (
          <li key={grade}>
            <button
              type="button"
              className={grade === now.grade ? 'grading__grade grading__grade--on' : 'grading__grade'}
              aria-pressed={grade === now.grade}
              onClick={() => set({ grade })}
            >
              <Sample entry={entry} grade={grade} />
              {GRADES[grade].label}
            </button>
          </li>
        ))}
      </ul>
      {SLIDERS.map(([key, label]) => (
        <div className="grading__line" key={key}>
          <span id={`grading-${key}`}>{label}</span>
          <Slider
            ariaLabelledByForHandle={`grading-${key}`}
            min={0}
            max={100}
            disabled={key === 'strength' && now.grade === 'none'}
            value={Math.round(now[key] * 100)}
            onChange={(v) => set({ [key]: v / 100 })}
            tooltip={NO_TIP}
          />
          <span aria-hidden>{Math.round(now[key] * 100)} %</span>
        </div>
      ))}
      <div className="grading__line">
        <span id="grading-opacity">Opacity</span>
        <Slider
          ariaLabelledByForHandle="grading-opacity"
          min={10}
          max={100}
          value={Math.round(now.opacity * 100)}
          onChange={(v) => set({ opacity: v / 100 })}
          tooltip={NO_TIP}
        />
        <span aria-hidden>{Math.round(now.opacity * 100)} %</span>
      </div>
      {now.opacity < 1 && (
        <div className="tools__line">
          <span>Behind it</span>
          <ColorPicker
            disabledAlpha
            value={now.backdrop}
            presets={[{ label: 'In the picture', colors: entry?.colours ?? [] }]}
            onChangeComplete={(c) => set({ backdrop: c.toHexString() })}
          />
        </div>
      )}
      <div className="tools__buttons">
        <Button size="small" onClick={() => apply(setGrading(store.state.doc.scenes, scene.grading))}>
          The same for all scenes
        </Button>
        <Button size="small" disabled={!scene.grading} onClick={() => set(PLAIN_GRADING)}>
          As it is
        </Button>
        {selected > 1 && <span className="tools__note">{selected} scenes are selected</span>}
      </div>
    </div>
  );
}

const SIDE = 56;

/** A grade on the scene's own picture. */
function Sample({ entry, grade }: { entry: ShelfEntryView | undefined; grade: GradeName }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const src = entry ? thumbFor(entry, '1:1').src : '';
  const [image, setImage] = useState<HTMLImageElement | null>(null);
  useEffect(() => {
    if (!src) return setImage(null);
    const i = new Image();
    i.onload = () => setImage(i);
    i.src = src;
  }, [src]);
  useEffect(() => {
    const ctx = canvas.current?.getContext('2d');
    if (!ctx) return;
    ctx.globalCompositeOperation = 'source-over';
    ctx.globalAlpha = 1;
    ctx.fillStyle = '#8a8791';
    ctx.fillRect(0, 0, SIDE, SIDE);
    const surface = { ctx: ctx as unknown as Context2D, width: SIDE, height: SIDE };
    const { strength, opacity, backdrop } = PLAIN_GRADING;
    tinted(surface, { grade, strength, opacity, backdrop }, () => {
      if (!image) return;
      const side = Math.min(image.naturalWidth, image.naturalHeight);
      const [x, y] = [(image.naturalWidth - side) / 2, (image.naturalHeight - side) / 2];
      ctx.drawImage(image, x, y, side, side, 0, 0, SIDE, SIDE);
    });
  }, [image, grade]);
  return <canvas ref={canvas} className="grading__sample" width={SIDE} height={SIDE} aria-hidden />;
}
