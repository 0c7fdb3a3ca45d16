'use client';

import { CloseOutlined, EyeOutlined, RollbackOutlined, SoundOutlined } from '@ant-design/icons';
import { Button, Dropdown, Input, InputNumber, Segmented, Select, Switch, Tooltip } from 'antd';
import { useState } from 'react';
import type { ShelfEntryView } from '../../api/shelf.ts';
import type { Layout } from '../../core/look/layouts.ts';
import { LAYOUT_NAMES, layoutRule } from '../../core/look/layouts.ts';
import { ANGLE_LABELS, ANGLES, type Angle } from '../../core/outline/angles.ts';
import { LINE } from '../../core/outline/condense/shorten.ts';
import { lineMs } from '../../core/outline/length.ts';
import { TARGETS } from '../../core/outline/outline.ts';
import type { OutlineLine } from '../../core/outline/types.ts';
import { voiceSpeed } from '../../core/sound/speech.ts';
import { blanks } from '../../core/text/blanks.ts';
import { clock } from '../../core/time.ts';
import { lineReasonWords } from '../../wording/sources.ts';
import { IconButton } from '../shared/icon-button.tsx';
import { thumbFor } from '../shared/media.ts';
import type { Outline } from './use-outline.ts';

/** The scenes to be: every line can be rewritten, its layout and picture changed, or thrown out. */
export function SceneLines({
  outline,
  byId,
  onPoint,
}: {
  outline: Outline;
  byId: Map<string, ShelfEntryView>;
  onPoint: (ref: string | null) => void;
}) {
  const { lines, source, choices, ms } = outline;
  const open = lines.reduce((n, l) => n + blanks(l.shown).length, 0);
  const over = choices.targetMs !== null && ms > choices.targetMs * 1.08;
  return (
    <section className="outline__scenes" aria-labelledby="scenes-title">
      <div className="outline__head">
        <h2 id="scenes-title">
          {lines.length} scene{lines.length === 1 ? '' : 's'}, about {clock(ms)}
        </h2>
        {over && <span className="blank-tag">longer than you want, by your own lines</span>}
        {open > 0 && (
          <span className="blank-tag">
            {open} blank{open === 1 ? '' : 's'} to fill
          </span>
        )}
      </div>
      <div className="outline__controls">
        {source.kind === 'product' && (
          <Select
            aria-label="Angle"
            value={choices.angle}
            onChange={(angle: Angle) => outline.choose({ angle })}
            options={ANGLES.map((value) => ({ value, label: ANGLE_LABELS[value] }))}
            style={{ width: 190 }}
          />
        )}
        <Target outline={outline} />
        {source.kind === 'article' && (
          <Segmented
            aria-label="The voice says"
            size="small"
            value={choices.speak}
            onChange={(v) => outline.choose({ speak: v as 'line' | 'sentence' })}
            options={[
              { value: 'sentence', label: 'Voice: whole sentences' },
              { value: 'line', label: 'Voice: the lines' },
            ]}
          />
        )}
        {source.kind === 'article' && (
          <span className="outline__switch">
            <Switch
              size="small"
              aria-label="Closing card with the source"
              checked={choices.closing}
              onChange={(closing) => outline.choose({ closing })}
            />{' '}
            closing card
          </span>
        )}
      </div>
      <ol className="scene-lines">
        {lines.map((line, i) => (
          <SceneLine key={line.ref} line={line} index={i} outline={outline} byId={byId} onPoint={onPoint} />
        ))}
      </ol>
      {!lines.length && (
        <p className="begin__empty">
          Nothing is chosen yet. Press a sentence on the left, or choose a longer length.
        </p>
      )}
      {source.kind === 'product' && choices.drop.some((d) => d.startsWith(`${choices.angle}:`)) && (
        <Button
          size="small"
          icon={<RollbackOutlined aria-hidden />}
          onClick={() =>
            outline.choose({ drop: choices.drop.filter((d) => !d.startsWith(`${choices.angle}:`)) })
          }
        >
          Put back what was thrown out of this script
        </Button>
      )}
    </section>
  );
}

function Target({ outline }: { outline: Outline }) {
  const { targetMs } = outline.choices;
  const [own, setOwn] = useState(false);
  const fixed = targetMs !== null && (TARGETS as readonly number[]).includes(targetMs);
  const value = own || (targetMs !== null && !fixed) ? 'own' : targetMs === null ? 'all' : String(targetMs);
  return (
    <span className="outline__target">
      <Segmented
        aria-label="Length"
        size="small"
        value={value}
        onChange={(v) => {
          setOwn(v === 'own');
          if (v === 'all') outline.choose({ targetMs: null });
          else if (v !== 'own')
            outline.choose({
              targetMs: Number(v),
              ...(outline.source.kind === 'article'
                ? { speak: Number(v) <= 20_000 ? 'line' : outline.choices.speak }
                : {}),
            });
        }}
        options={[
          ...TARGETS.map((t) => ({ value: String(t), label: `${t / 1000} s` })),
          { value: 'own', label: 'Own' },
          { value: 'all', label: 'All' },
        ]}
      />
      {value === 'own' && (
        <InputNumber
          aria-label="Own length in seconds"
          size="small"
          min={5}
          max={3600}
          value={targetMs === null ? null : targetMs / 1000}
          onChange={(v) => v && outline.choose({ targetMs: Math.round(v * 1000) }, 'target')}
          suffix="s"
          style={{ width: 84 }}
        />
      )}
    </span>
  );
}

function SceneLine({
  line,
  index,
  outline,
  byId,
  onPoint,
}: {
  line: OutlineLine;
  index: number;
  outline: Outline;
  byId: Map<string, ShelfEntryView>;
  onPoint: (ref: string | null) => void;
}) {
  const [voice, setVoice] = useState(false);
  const name = `line ${index + 1}`;
  const open = blanks(line.shown);
  const long = line.shown.length > LINE.longest;
  const edited = line.ref in outline.choices.edits;
  const inText = outline.source.kind === 'article' && line.ref !== 'closing';
  return (
    <li
      className={`scene-line scene-line--${line.layout}`}
      onMouseEnter={() => inText && onPoint(line.ref)}
      onMouseLeave={() => onPoint(null)}
    >
      <span className="scene-line__number">{index + 1}</span>
      <LinePicture line={line} name={name} outline={outline} byId={byId} />
      <div className="scene-line__words">
        <Input.TextArea
          aria-label={`Words of ${name}`}
          variant="borderless"
          autoSize
          value={line.shown}
          onFocus={() => inText && onPoint(line.ref)}
          onChange={(e) =>
            outline.editLine(line.ref, {
              shown: e.target.value,
              ...(line.spoken === null ? {} : { spoken: line.spoken }),
            })
          }
        />
        {(voice || (line.spoken !== null && line.spoken !== '')) && (
          <div className="scene-line__voice">
            <SoundOutlined aria-hidden />
            <Input.TextArea
              aria-label={`Spoken words of ${name}`}
              variant="borderless"
              autoSize
              size="small"
              value={line.spoken ?? line.shown}
              onChange={(e) => outline.editLine(line.ref, { spoken: e.target.value })}
            />
          </div>
        )}
        <div className="scene-line__foot">
          <Select
            aria-label={`Layout of ${name}`}
            size="small"
            variant="borderless"
            value={line.layout}
            popupMatchSelectWidth={false}
            onChange={(layout: Layout) => outline.editLine(line.ref, { layout })}
            options={LAYOUT_NAMES.map((value) => ({ value, label: layoutRule(value).label }))}
          />
          <Tooltip title={line.reasons.length ? `Chosen because: ${lineReasonWords(line.reasons)}` : ''}>
            <span>
              {(lineMs(line, voiceSpeed(outline.options.voice)) / 1000).toFixed(1)} s
              {line.fixed ? ' · yours' : ''}
            </span>
          </Tooltip>
          {long && (
            <span className="scene-line__long">{line.shown.length} characters: long for a screen</span>
          )}
          {open.map((b) => (
            <span key={b.start} className="blank-tag">
              to fill: {b.hint}
            </span>
          ))}
        </div>
      </div>
      <div className="scene-line__tools">
        {inText && (
          <IconButton
            label={`Show ${name} in the source`}
            icon={<EyeOutlined aria-hidden />}
            onClick={() => onPoint(line.ref)}
          />
        )}
        {!voice && line.spoken === null && (
          <IconButton
            label={`Let the voice say something else in ${name}`}
            icon={<SoundOutlined aria-hidden />}
            onClick={() => setVoice(true)}
          />
        )}
        {edited && (
          <IconButton
            label={`Take back your changes of ${name}`}
            icon={<RollbackOutlined aria-hidden />}
            onClick={() => outline.resetLine(line.ref)}
          />
        )}
        <IconButton
          label={`Throw out ${name}`}
          icon={<CloseOutlined aria-hidden />}
          onClick={() => outline.throwOut(line.ref)}
        />
      </div>
    </li>
  );
}

/** The picture of the source that a line gets, or that the shelf will give one. */
function LinePicture({
  line,
  name,
  outline,
  byId,
}: {
  line: OutlineLine;
  name: string;
  outline: Outline;
  byId: Map<string, ShelfEntryView>;
}) {
  const picture = outline.source.pictures.find((p) => p.id === line.picture);
  const entry = picture?.assetId ? byId.get(picture.assetId) : undefined;
  const usable = outline.source.pictures.filter((p) => p.assetId && !p.problem);
  const set = (id: string | null) =>
    outline.choose({
      pictures: { ...outline.choices.pictures, [line.ref]: id },
      leavePictures: outline.choices.leavePictures.filter((x) => x !== id),
    });
  const face = entry ? <img src={thumbFor(entry, '1:1').src} alt="" /> : <span>shelf</span>;
  if (!usable.length) return <span className="scene-line__picture">{face}</span>;
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: [
          { key: '', label: 'A picture from the shelf', onClick: () => set(null) },
          ...usable.map((p) => ({
            key: p.id,
            label: (p.caption || p.alt || 'Picture of the page').slice(0, 70),
            icon: byId.get(p.assetId ?? '') ? (
              <img
                className="scene-line__option"
                src={thumbFor(byId.get(p.assetId ?? '') as ShelfEntryView, '1:1').src}
                alt=""
              />
            ) : null,
            onClick: () => set(p.id),
          })),
        ],
      }}
    >
      <button
        type="button"
        className="scene-line__picture"
        aria-label={`Picture of ${name}: ${picture ? picture.caption || picture.alt || 'from the page' : 'from the shelf'}`}
      >
        {face}
      </button>
    </Dropdown>
  );
}
