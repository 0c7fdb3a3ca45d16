'use client';

import { BoldOutlined, ItalicOutlined } from '@ant-design/icons';
import { Button, ColorPicker, InputNumber, Segmented, Select, Slider } from 'antd';
import type { ReactNode } from 'react';
import { dressOf } from '../../../../core/look/dress.ts';
import {
  CHOSEN_FAMILIES,
  FAMILIES,
  type FamilyKind,
  type FamilyName,
  familyOf,
} from '../../../../core/look/families.ts';
import { cssName } from '../../../../core/look/fonts.ts';
import { LAYOUTS, type WordLayout } from '../../../../core/look/layouts.ts';
import { ALIGNS, type Align } from '../../../../core/look/types.ts';
import {
  GROUNDS,
  type Ground,
  STRESSES,
  type Stress,
  type Style,
} from '../../../../core/piece/appearance.ts';
import { styleScenes } from '../../../../core/piece/style.ts';
import type { Scene } from '../../../../core/piece/types.ts';
import { STANDS_ON } from '../../../../wording/marks.ts';
import {
  alignWords,
  familyKindWords,
  groundWords,
  stressWords,
  styleWords,
} from '../../../../wording/style.ts';
import { usePiece, useTimelineNow } from '../../context.ts';
import { useScoped } from './scope.ts';

const KINDS = [...new Set(CHOSEN_FAMILIES.map((f) => FAMILIES[f].kind))] as FamilyKind[];
const FAMILY_OPTIONS = KINDS.map((kind) => ({
  label: familyKindWords[kind],
  options: CHOSEN_FAMILIES.filter((f) => FAMILIES[f].kind === kind).map((value) => ({
    value,
    label: <span style={{ fontFamily: `"${cssName(value)}"` }}>{familyOf(value).label}</span>,
    title: familyOf(value).label,
  })),
}));
const NO_TIP = { formatter: null };

/** Typeface, size, colour, ground and place of the words. */
export function TypeTool() {
  const { scope, piece, scene, style, now, change } = useScoped();
  const layout = scene && LAYOUTS[scene.layout].words ? (scene.layout as WordLayout) : 'caption';
  const dress = dressOf(piece, scope === 'piece' ? { look: null } : { look: scene?.look ?? null }, layout);
  const { head } = dress.style;
  const face = dress.faces[head.face];
  const { ink, paper, accent, ground } = dress.look.colours;
  const presets = [{ label: 'Of the look', colors: [...new Set([ink, paper, accent, ...ground])] }];
  const as = scope === 'piece' ? 'as the look has it' : 'as the piece has it';
  const line = (key: keyof Style, control: ReactNode) => (
    <div className="style__line" key={key}>
      <span className="style__name">{styleWords[key]}</span>
      {control}
      {style[key] !== null ? (
        <Button
          size="small"
          type="text"
          aria-label={`${styleWords[key]} ${as}`}
          title={as.charAt(0).toUpperCase() + as.slice(1)}
          onClick={() => change({ [key]: null })}
        >
          ↺
        </Button>
      ) : (
        <span />
      )}
    </div>
  );
  const slider = (key: 'size' | 'tracking' | 'leading', value: number, range: [number, number, number]) =>
    line(
      key,
      <Slider
        ariaLabelForHandle={styleWords[key]}
        min={range[0]}
        max={range[1]}
        step={range[2]}
        value={value}
        onChange={(v) => change({ [key]: v }, key)}
        tooltip={NO_TIP}
      />,
    );
  return (
    <div className="style">
      {scene && <LegibleNote id={scene.id} />}
      {line(
        'family',
        <Select
          size="small"
          aria-label={styleWords.family}
          value={now.family ?? face.family}
          onChange={(family: FamilyName) => change({ family })}
          options={FAMILY_OPTIONS}
          popupMatchSelectWidth={false}
        />,
      )}
      {slider('size', now.size ?? 1, [0.4, 2.5, 0.05])}
      {line(
        'weight',
        <span className="style__row">
          <InputNumber
            size="small"
            aria-label={styleWords.weight}
            min={100}
            max={900}
            step={100}
            value={now.weight ?? face.weight}
            onChange={(weight) => change({ weight }, 'weight')}
            prefix={<BoldOutlined aria-hidden />}
          />
          <Button
            size="small"
            type={(now.italic ?? face.italic) ? 'primary' : 'default'}
            aria-pressed={now.italic ?? face.italic}
            aria-label="Italics"
            disabled={!familyOf(now.family ?? face.family).italic}
            icon={<ItalicOutlined aria-hidden />}
            onClick={() => change({ italic: !(now.italic ?? face.italic) })}
          />
          <Button
            size="small"
            type={(now.upper ?? face.upper) ? 'primary' : 'default'}
            aria-pressed={now.upper ?? face.upper}
            aria-label="Capitals"
            onClick={() => change({ upper: !(now.upper ?? face.upper) })}
          >
            AA
          </Button>
        </span>,
      )}
      {slider('tracking', now.tracking ?? face.tracking, [-0.1, 0.6, 0.01])}
      {slider('leading', now.leading ?? face.leading, [0.8, 2.5, 0.02])}
      {line(
        'align',
        <Segmented
          size="small"
          aria-label={styleWords.align}
          value={dress.style.align}
          onChange={(align: Align) => change({ align })}
          options={ALIGNS.map((value) => ({ value, label: alignWords[value] }))}
        />,
      )}
      {line(
        'colour',
        <ColorPicker
          size="small"
          disabledAlpha
          presets={presets}
          value={now.colour ?? head.colour}
          onChangeComplete={(c) => change({ colour: c.toHexString() })}
        />,
      )}
      {line(
        'ground',
        <Select
          size="small"
          aria-label={styleWords.ground}
          value={now.ground ?? ''}
          onChange={(g: Ground | '') => change({ ground: g === '' ? null : g })}
          options={[
            { value: '', label: 'As the look has it' },
            ...GROUNDS.map((value) => ({ value, label: groundWords[value] })),
          ]}
          popupMatchSelectWidth={false}
        />,
      )}
      {line(
        'groundColour',
        <ColorPicker
          size="small"
          disabledAlpha
          presets={presets}
          value={now.groundColour ?? dress.style.panel?.colour ?? head.ground?.colour ?? ink}
          onChangeComplete={(c) => change({ groundColour: c.toHexString() })}
        />,
      )}
      {line(
        'stress',
        <Select
          size="small"
          aria-label={styleWords.stress}
          value={now.stress ?? ''}
          onChange={(v: Stress | '') => change({ stress: v === '' ? null : v })}
          options={[
            { value: '', label: 'As the look has it' },
            ...STRESSES.map((value) => ({ value, label: stressWords[value] })),
          ]}
          popupMatchSelectWidth={false}
        />,
      )}
      {line(
        'stressColour',
        <ColorPicker
          size="small"
          disabledAlpha
          presets={presets}
          value={now.stressColour ?? head.highlight?.plate?.colour ?? head.highlight?.colour ?? accent}
          onChangeComplete={(c) => change({ stressColour: c.toHexString() })}
        />,
      )}
      {scene && scope === 'rows' && line('places', <PlaceNumbers scene={scene} />)}
      <p className="tools__note">
        On the monitor, words are dragged to their place, made wider or larger by their grips, and typed into
        after a double click.
      </p>
    </div>
  );
}

/** How well the words of a scene stand out at their worst moment, with its figures. */
function LegibleNote({ id }: { id: string }) {
  const words = useTimelineNow().scenes.find((s) => s.sceneId === id)?.words;
  if (!words) return null;
  const { ratio, needed, contrast, on } = words.legibility;
  const enough = ratio >= needed - 0.05;
  return (
    <p className={enough ? 'tools__note' : 'row__reason row__reason--whole row__reason--weak'}>
      Where they are worst, the words stand out from the {STANDS_ON[on]} by {ratio.toFixed(1)} to 1;{' '}
      {needed.toFixed(1)} {enough ? 'is enough' : 'is needed'} (lightness contrast {contrast.toFixed(0)}).
    </p>
  );
}

/** Where the middle of the words stands, in hundredths of the stage. */
function PlaceNumbers({ scene }: { scene: Scene }) {
  const { apply } = usePiece();
  const { width, height, format, scenes } = useTimelineNow();
  const box = scenes.find((s) => s.sceneId === scene.id)?.words?.box;
  if (!box) return <span className="tools__note">No words are seen</span>;
  const own = scene.look?.places?.[format];
  const at = {
    x: (box.x + box.width / 2) / width,
    y: (box.y + box.height / 2) / height,
    width: own?.width ?? null,
  };
  const number = (key: 'x' | 'y' | 'width', label: string, value: number) => (
    <InputNumber
      size="small"
      aria-label={label}
      min={key === 'width' ? 10 : 0}
      max={100}
      precision={1}
      value={Math.round(value * 1000) / 10}
      onChange={(v) =>
        v !== null &&
        apply(
          styleScenes(
            [scene],
            { places: { ...scene.look?.places, [format]: { ...at, [key]: v / 100 } } },
            `place ${scene.id}`,
          ),
        )
      }
    />
  );
  return (
    <span className="style__row">
      {number('x', 'Middle of the words from the left, in hundredths', at.x)}
      {number('y', 'Middle of the words from the top, in hundredths', at.y)}
      {number('width', 'Width of the words, in hundredths', at.width ?? box.width / width)}
    </span>
  );
}
