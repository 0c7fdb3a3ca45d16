'use client';

import { Button, ColorPicker, Slider } from 'antd';
import { useEffect, useRef, useState } from 'react';
import type { Context2D } from '../../core/paint/context.ts';
import { paintTreatment } from '../../core/paint/treatment.ts';
import { setTreatment } from '../../core/piece/pictures.ts';
import { GRADES, type Grade, PLAIN_TREATMENT, type Scene, type Treatment } from '../../core/piece/types.ts';
import type { ShelfEntryView } from '../../server/shelf/view.ts';
import { thumbFor } from '../shared/media.ts';
import { usePiece, usePieceState } from './context.ts';

const GRADE_LABELS: Record<Grade, string> = {
  none: 'As it is',
  mono: 'Black and white',
  sepia: 'Sepia',
  warm: 'Warmer',
  cool: 'Cooler',
  dark: 'Darker',
  bright: 'Brighter',
  faded: 'Faded',
  rich: 'Richer',
  dusk: 'Dusk',
};

const SLIDERS = [
  ['strength', 'Strength'],
  ['grain', 'Grain'],
  ['dust', 'Dust'],
  ['leak', 'Light leak'],
] as const;

/** The value stands beside the slider; a tip that follows the handle would be laid out anew at every step. */
const NO_TIP = { formatter: null };

/** Grade and texture of the selected scenes' pictures, or of all. */
export function TreatmentTool({ scene, entry }: { scene: Scene; entry: ShelfEntryView | undefined }) {
  const { store, apply } = usePiece();
  const selected = usePieceState((s) => s.selected.length);
  const now = scene.treatment ?? PLAIN_TREATMENT;
  const set = (change: Partial<Treatment>) => {
    const { piece, selected: ids } = store.state;
    const next = { ...now, ...change };
    const plain = JSON.stringify({ ...next, strength: 1 }) === JSON.stringify(PLAIN_TREATMENT);
    apply(
      setTreatment(
        piece.scenes.filter((s) => ids.includes(s.id)),
        plain ? null : next,
      ),
    );
  };
  return (
    <div className="treatment">
      <ul className="treatment__grades" aria-label="Grades">
        {GRADES.map((grade) => (
          <li key={grade}>
            <button
              type="button"
              className={grade === now.grade ? 'treatment__grade treatment__grade--on' : 'treatment__grade'}
              aria-pressed={grade === now.grade}
              onClick={() => set({ grade })}
            >
              <Sample entry={entry} grade={grade} />
              {GRADE_LABELS[grade]}
            </button>
          </li>
        ))}
      </ul>
      {SLIDERS.map(([key, label]) => (
        <div className="treatment__line" key={key}>
          <span id={`treatment-${key}`}>{label}</span>
          <Slider
            ariaLabelledByForHandle={`treatment-${key}`}
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
      <div className="treatment__line">
        <span id="treatment-opacity">Opacity</span>
        <Slider
          ariaLabelledByForHandle="treatment-opacity"
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
            value={now.behind}
            presets={[{ label: 'In the picture', colors: entry?.colours ?? [] }]}
            onChangeComplete={(c) => set({ behind: c.toHexString() })}
          />
        </div>
      )}
      <div className="tools__buttons">
        <Button size="small" onClick={() => apply(setTreatment(store.state.piece.scenes, scene.treatment))}>
          The same for all scenes
        </Button>
        <Button size="small" disabled={!scene.treatment} onClick={() => set(PLAIN_TREATMENT)}>
          As it is
        </Button>
        {selected > 1 && <span className="tools__note">{selected} scenes are selected</span>}
      </div>
    </div>
  );
}

const SIDE = 56;

/** A grade on the scene's own picture. */
function Sample({ entry, grade }: { entry: ShelfEntryView | undefined; grade: Grade }) {
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
    if (image) {
      const side = Math.min(image.naturalWidth, image.naturalHeight);
      const [x, y] = [(image.naturalWidth - side) / 2, (image.naturalHeight - side) / 2];
      ctx.drawImage(image, x, y, side, side, 0, 0, SIDE, SIDE);
    }
    paintTreatment(ctx as unknown as Context2D, { ...PLAIN_TREATMENT, grade }, 0, 1, null, SIDE, SIDE);
  }, [image, grade]);
  return <canvas ref={canvas} className="treatment__sample" width={SIDE} height={SIDE} aria-hidden />;
}
