'use client';

import {
  ArrowDownOutlined,
  ArrowUpOutlined,
  CaretRightOutlined,
  CopyOutlined,
  DeleteOutlined,
  HolderOutlined,
  PlusOutlined,
} from '@ant-design/icons';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { Button, InputNumber, Select, Tooltip } from 'antd';
import { type KeyboardEvent, memo, useState } from 'react';
import { WEAK } from '../../core/match/nab.ts';
import type { Format, Layout, Scene } from '../../core/piece/types.ts';
import { tokens } from '../../core/text/tokens.ts';
import { clock, type Frames, framesToMs } from '../../core/time.ts';
import { RowPicture } from './row-picture.tsx';
import type { Pass } from './store.ts';
import { Wave } from './wave.tsx';

export interface RowActions {
  select(id: string, add: boolean): void;
  change(id: string, label: string, patch: Partial<Omit<Scene, 'id'>>): void;
  split(id: string, caret: number): void;
  join(id: string): void;
  insertAfter(id: string): void;
  duplicate(id: string): void;
  remove(id: string): void;
  move(id: string, by: number): void;
  /** False when the text is a single line, which the field takes by itself. */
  paste(id: string, from: number, to: number, text: string): boolean;
  step(id: string, by: number): void;
  choose(id: string, assetId: string): void;
  playFrom(start: Frames): void;
}

export interface RowProps {
  scene: Scene;
  index: number;
  last: boolean;
  start: Frames;
  length: Frames;
  estimated: boolean;
  stretched: boolean;
  takeKey: string | null;
  selected: boolean;
  pass: Pass;
  format: Format;
  actions: RowActions;
}

const LAYOUT_LABELS: Record<Layout, string> = { title: 'Title', caption: 'Caption', plain: 'Picture alone' };

/** One scene of the sheet. */
export const Row = memo(function Row(props: RowProps) {
  const { scene, index, selected, pass, actions, start, length, estimated } = props;
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: scene.id,
  });
  const seconds = framesToMs(length) / 1000;
  const name = `Scene ${index + 1}`;
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: a click anywhere in a row selects it; every control in it has its own keyboard way
    <article
      ref={setNodeRef}
      data-scene={scene.id}
      aria-label={name}
      className={`row${selected ? ' row--selected' : ''}${isDragging ? ' row--dragged' : ''}`}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      onClick={(e) => actions.select(scene.id, e.ctrlKey || e.metaKey)}
    >
      <div className="row__edge">
        <button
          type="button"
          className="row__handle"
          aria-label={`Move ${name}`}
          {...attributes}
          {...listeners}
        >
          <HolderOutlined aria-hidden />
        </button>
        <span className="row__number">{index + 1}</span>
        <Button
          size="small"
          type="text"
          icon={<CaretRightOutlined aria-hidden />}
          aria-label={`Play from ${name}`}
          onClick={() => actions.playFrom(start)}
        />
      </div>
      <RowPicture
        scene={scene}
        index={index}
        format={props.format}
        wide={pass === 'pictures'}
        actions={actions}
      />
      <div className="row__words">
        <Words {...props} />
        {pass === 'pictures' && scene.picture && (
          <p
            className={`row__reason${scene.picture.by === 'nab' && scene.picture.confidence < WEAK ? ' row__reason--weak' : ''}`}
          >
            {scene.picture.by === 'writer'
              ? 'Your choice'
              : `${scene.picture.confidence < WEAK ? 'A weak match: ' : ''}${scene.picture.reason}`}
          </p>
        )}
        {pass === 'voice' && <Spoken scene={scene} name={name} actions={actions} />}
        {pass === 'voice' && <Wave takeKey={props.takeKey} />}
        {scene.wish && pass !== 'voice' && <p className="row__wish">picture: {scene.wish}</p>}
      </div>
      <div className="row__facts">
        <span
          className={`row__time${estimated ? ' row__time--estimated' : ''}`}
          title={estimated ? 'Estimated: the voice is not there yet' : 'Length of the scene'}
        >
          {seconds.toFixed(1)} s
        </span>
        <span className="row__clock">{clock(framesToMs(start))}</span>
      </div>
      {selected && (
        <div className="row__tools">
          <Select
            size="small"
            aria-label={`Layout of ${name}`}
            value={scene.layout}
            onChange={(layout: Layout) => actions.change(scene.id, 'Change layout', { layout })}
            options={Object.entries(LAYOUT_LABELS).map(([value, label]) => ({ value, label }))}
            popupMatchSelectWidth={false}
          />
          <Length {...props} />
          <Tool
            label={`Insert a scene after ${name}`}
            icon={<PlusOutlined aria-hidden />}
            onClick={() => actions.insertAfter(scene.id)}
          />
          <Tool
            label={`Duplicate ${name}`}
            icon={<CopyOutlined aria-hidden />}
            onClick={() => actions.duplicate(scene.id)}
          />
          <Tool
            label={`Move ${name} up`}
            icon={<ArrowUpOutlined aria-hidden />}
            disabled={index === 0}
            onClick={() => actions.move(scene.id, -1)}
          />
          <Tool
            label={`Move ${name} down`}
            icon={<ArrowDownOutlined aria-hidden />}
            disabled={props.last}
            onClick={() => actions.move(scene.id, 1)}
          />
          <Tool
            label={`Delete ${name}`}
            icon={<DeleteOutlined aria-hidden />}
            onClick={() => actions.remove(scene.id)}
          />
        </div>
      )}
    </article>
  );
});

function Tool({
  label,
  icon,
  onClick,
  disabled = false,
}: {
  label: string;
  icon: React.ReactNode;
  onClick: () => void;
  disabled?: boolean;
}) {
  return (
    <Tooltip title={label.replace(/ Scene \d+/, '').replace(/ after$/, ' below')} mouseEnterDelay={0.6}>
      <Button
        size="small"
        type="text"
        aria-label={label}
        icon={icon}
        disabled={disabled}
        onClick={(e) => {
          e.stopPropagation();
          onClick();
        }}
      />
    </Tooltip>
  );
}

/** The line as it will be shown, with the words marked by which its picture was found. */
function Words({ scene, index, actions, last }: RowProps) {
  const onKeyDown = (e: KeyboardEvent<HTMLTextAreaElement>) => {
    const field = e.currentTarget;
    const { selectionStart: from, selectionEnd: to } = field;
    if (e.nativeEvent.isComposing) return;
    const mod = e.ctrlKey || e.metaKey;
    if (e.key === 'Enter' && mod) {
      e.preventDefault();
      actions.insertAfter(scene.id);
    } else if (e.key === 'Enter' && !e.shiftKey) {
      e.preventDefault();
      actions.split(scene.id, from);
    } else if (e.key === 'Backspace' && mod && e.shiftKey) {
      e.preventDefault();
      actions.remove(scene.id);
    } else if (e.key === 'Backspace' && from === 0 && to === 0 && index > 0 && !mod) {
      e.preventDefault();
      actions.join(scene.id);
    } else if (e.key === 'd' && mod) {
      e.preventDefault();
      actions.duplicate(scene.id);
    } else if (e.altKey && (e.key === 'ArrowUp' || e.key === 'ArrowDown')) {
      e.preventDefault();
      actions.move(scene.id, e.key === 'ArrowUp' ? -1 : 1);
    } else if (e.key === 'ArrowUp' && from === 0 && to === 0 && index > 0) {
      e.preventDefault();
      actions.step(scene.id, -1);
    } else if (e.key === 'ArrowDown' && from === field.value.length && !last) {
      e.preventDefault();
      actions.step(scene.id, 1);
    }
  };
  return (
    <div className={`words words--${scene.layout}`}>
      <div className="words__mirror" aria-hidden>
        <Marked
          text={scene.shown}
          found={scene.picture?.by === 'nab' && !scene.wish ? scene.picture.found : []}
        />
        {'\u200b'}
      </div>
      <textarea
        aria-label={`Words of scene ${index + 1}`}
        rows={1}
        value={scene.shown}
        spellCheck
        placeholder="Write what is said and shown here"
        onChange={(e) => actions.change(scene.id, 'Type', { shown: e.target.value })}
        onFocus={() => actions.select(scene.id, false)}
        onKeyDown={onKeyDown}
        onPaste={(e) => {
          const text = e.clipboardData.getData('text/plain');
          if (
            text.trim().includes('\n') &&
            actions.paste(scene.id, e.currentTarget.selectionStart, e.currentTarget.selectionEnd, text)
          )
            e.preventDefault();
        }}
      />
    </div>
  );
}

function Marked({ text, found }: { text: string; found: string[] }) {
  if (!found.length) return <>{text}</>;
  const wanted = new Set(found);
  const out: React.ReactNode[] = [];
  let at = 0;
  for (const t of tokens(text)) {
    if (!wanted.has(t.text)) continue;
    out.push(text.slice(at, t.start), <mark key={t.start}>{t.text}</mark>);
    at = t.end;
  }
  out.push(text.slice(at));
  return <>{out}</>;
}

/** What is spoken, where it differs from what is shown. */
function Spoken({ scene, name, actions }: { scene: Scene; name: string; actions: RowActions }) {
  return (
    <div className="spoken">
      <textarea
        aria-label={`Spoken words of ${name}`}
        rows={1}
        value={scene.spoken ?? ''}
        placeholder={
          scene.spoken === '' ? 'Silent' : 'Speaks what is shown; write here to say something else'
        }
        onChange={(e) => actions.change(scene.id, 'Type spoken words', { spoken: e.target.value || null })}
      />
      <Button
        size="small"
        type="text"
        onClick={() =>
          actions.change(scene.id, scene.spoken === '' ? 'Speak again' : 'Make silent', {
            spoken: scene.spoken === '' ? null : '',
          })
        }
      >
        {scene.spoken === '' ? 'Speak' : 'Silent'}
      </Button>
    </div>
  );
}

/** Length by hand; empty follows the voice. */
function Length({ scene, length, index, actions, stretched }: RowProps) {
  const [open, setOpen] = useState(false);
  const own = scene.durationMs !== null;
  if (!own && !open)
    return (
      <Button
        size="small"
        type="text"
        aria-label={`Set the length of scene ${index + 1}`}
        onClick={() => setOpen(true)}
      >
        Length
      </Button>
    );
  return (
    <Tooltip
      title={
        stretched
          ? 'The voice needs longer than this, so the scene is as long as the voice.'
          : 'Seconds; empty it to follow the voice again'
      }
    >
      <InputNumber
        size="small"
        aria-label={`Length of scene ${index + 1} in seconds`}
        min={0.3}
        max={600}
        step={0.1}
        precision={1}
        status={stretched ? 'warning' : ''}
        value={own ? (scene.durationMs ?? 0) / 1000 : null}
        placeholder={(framesToMs(length) / 1000).toFixed(1)}
        onChange={(v) =>
          actions.change(scene.id, v === null ? 'Follow the voice' : 'Set length', {
            durationMs: v === null ? null : Math.round(v * 1000),
          })
        }
        onBlur={() => setOpen(false)}
        style={{ width: 76 }}
      />
    </Tooltip>
  );
}
