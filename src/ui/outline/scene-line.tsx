'use client';

import { CloseOutlined, RollbackOutlined, SoundOutlined } from '@ant-design/icons';
import { Dropdown, Input, Select, Tooltip } from 'antd';
import { useState } from 'react';
import type { ShelfEntryView } from '../../api/shelf.ts';
import type { Layout } from '../../core/look/layouts.ts';
import { LAYOUT_NAMES, layoutRule } from '../../core/look/layouts.ts';
import { LINE } from '../../core/outline/condense/shorten.ts';
import { lineMs } from '../../core/outline/length.ts';
import type { OutlineLine } from '../../core/outline/types.ts';
import { voiceSpeed } from '../../core/sound/voices.ts';
import { blanks } from '../../core/text/blanks.ts';
import { lineReasonWords } from '../../wording/sources.ts';
import { IconButton } from '../shared/icon-button.tsx';
import { thumbFor } from '../shared/media.ts';
import type { Outline } from './use-outline.ts';

/** A scene to be: its picture, what is shown and what is said, to be changed where it stands. */
export function SceneLine({
  line,
  index,
  outline,
  byId,
}: {
  line: OutlineLine;
  index: number;
  outline: Outline;
  byId: Map<string, ShelfEntryView>;
}) {
  const [voice, setVoice] = useState(false);
  const name = `line ${index + 1}`;
  const open = blanks(line.shown);
  const long = line.shown.length > LINE.longest;
  const edited = line.ref in outline.choices.edits;
  return (
    <article className={`scene-line scene-line--${line.layout}`} aria-label={`Scene ${index + 1}`}>
      <span className="scene-line__number">{index + 1}</span>
      <LinePicture line={line} name={name} outline={outline} byId={byId} />
      <div className="scene-line__words">
        <Input.TextArea
          aria-label={`Words of ${name}`}
          variant="borderless"
          autoSize
          value={line.shown}
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
          {outline.source.kind === 'product' && line.from && (
            <span className="scene-line__from">rests on: {line.from}</span>
          )}
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
    </article>
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
  const seen = entry ?? outline.nabbed[line.ref];
  const face = seen ? (
    <img src={thumbFor(seen, '1:1').src} alt="" title={entry ? undefined : `From the shelf: ${seen.title}`} />
  ) : (
    <span>shelf</span>
  );
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
