'use client';

import { Button, InputNumber, Select } from 'antd';
import { dressOf } from '../../../../core/look/dress.ts';
import { LAYOUTS, type WordLayout } from '../../../../core/look/layouts.ts';
import {
  REVEAL_KINDS,
  REVEAL_ORDERS,
  REVEALS,
  type RevealKind,
  type RevealOrder,
} from '../../../../core/look/reveals.ts';
import { framesToMs } from '../../../../core/time.ts';
import { aheadWords, orderWords } from '../../../../wording/style.ts';
import { usePiece } from '../../context.ts';
import { useScoped } from './scope.ts';

/** How words come, after how long, and how long that takes. */
export function RevealTool() {
  const { player } = usePiece();
  const { scope, piece, scene, style, now, change } = useScoped();
  const layout = scene && LAYOUTS[scene.layout].words ? (scene.layout as WordLayout) : 'caption';
  const { reveal, rest } = dressOf(
    piece,
    scope === 'piece' ? { look: null } : { look: scene?.look ?? null },
    layout,
  ).style;
  const own = style.reveal !== null;
  const seconds = (key: 'delayMs' | 'restDelayMs' | 'revealMs' | 'goneMs', label: string, value: number) => (
    <div className="style__line">
      <span className="style__name">{label}</span>
      <InputNumber
        size="small"
        aria-label={`${label} in seconds`}
        min={0}
        max={10}
        step={0.1}
        precision={2}
        value={Number((value / 1000).toFixed(2))}
        onChange={(v) => change({ [key]: v === null ? null : Math.round(v * 1000) }, key)}
        suffix="s"
      />
      {style[key] !== null ? (
        <Button
          size="small"
          type="text"
          aria-label={`${label} as before`}
          onClick={() => change({ [key]: null })}
        >
          ↺
        </Button>
      ) : (
        <span />
      )}
    </div>
  );
  return (
    <div className="style">
      <div className="style__line">
        <span className="style__name">Words come</span>
        <Select
          size="small"
          aria-label="How words come"
          value={own ? now.reveal : ''}
          onChange={(v: RevealKind | '') => change({ reveal: v === '' ? null : v })}
          options={[
            {
              value: '',
              label: `As the ${scope === 'piece' ? 'look' : 'piece'} has it: ${REVEALS[reveal.kind].label.toLowerCase()}`,
            },
            ...REVEAL_KINDS.map((value) => ({ value, label: REVEALS[value].label })),
          ]}
          popupMatchSelectWidth={false}
        />
        <span />
      </div>
      {seconds('delayMs', 'After', now.delayMs ?? framesToMs(reveal.delay))}
      {rest && seconds('restDelayMs', 'Small part later by', now.restDelayMs ?? framesToMs(reveal.restDelay))}
      {seconds('revealMs', 'Each line within', now.revealMs ?? framesToMs(reveal.frames))}
      <div className="style__line">
        <span className="style__name">Lines</span>
        <Select
          size="small"
          aria-label="Order of lines"
          value={style.order ?? ''}
          onChange={(order: RevealOrder | '') => change({ order: order || null })}
          options={[
            { value: '', label: `As before: ${orderWords[reveal.order].toLowerCase()}` },
            ...REVEAL_ORDERS.map((value) => ({ value, label: orderWords[value] })),
          ]}
          popupMatchSelectWidth={false}
        />
        <span />
      </div>
      {REVEALS[reveal.kind].withVoice && (
        <div className="style__line">
          <span className="style__name">Before they are said</span>
          <Select
            size="small"
            aria-label="Words before they are said"
            value={style.ahead === null ? '' : String(style.ahead)}
            onChange={(v) => change({ ahead: v === '' ? null : v === 'true' })}
            options={[
              { value: '', label: `As before: ${aheadWords(reveal.ahead > 0).toLowerCase()}` },
              ...[true, false].map((ahead) => ({ value: String(ahead), label: aheadWords(ahead) })),
            ]}
            popupMatchSelectWidth={false}
          />
          <span />
        </div>
      )}
      {seconds('goneMs', 'Gone before the end', now.goneMs ?? framesToMs(reveal.gone))}
      <p className="tools__note">
        What comes with the voice follows it word by word; the rest keeps to these times. In the strip, the
        bar under a selected row shows from when to when its words are seen: its ends can be dragged.
      </p>
      <Button
        size="small"
        disabled={!scene}
        onClick={() => {
          player.pause();
          if (scene) void player.play(player.startOf(scene.id));
        }}
      >
        Play this row
      </Button>
    </div>
  );
}
