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
import { memo, useCallback, useState } from 'react';
import { WEAK } from '../../core/match/nab.ts';
import type { Format, Layout, Scene } from '../../core/piece/types.ts';
import { charactersPerSecond, READING_SPEED } from '../../core/text/pace.ts';
import { clock, framesToMs } from '../../core/time.ts';
import { IconButton } from '../shared/icon-button.tsx';
import { RowPicture } from './row-picture.tsx';
import { RowWords } from './row-words.tsx';
import type { Pass } from './store.ts';
import { useSceneTime } from './times.ts';
import { Wave } from './wave.tsx';

export interface RowActions {
  /** only: this row alone; toggle: adds it or takes it out; range: from the row selected first to this one. */
  select(id: string, how: 'only' | 'toggle' | 'range'): void;
  change(id: string, label: string, patch: Partial<Omit<Scene, 'id'>>): void;
  split(id: string, caret: number): void;
  join(id: string): void;
  joinNext(id: string): void;
  selectAll(): void;
  /** Remembers where the caret stands. */
  caret(id: string, from: number, to: number): void;
  /** Types in the shown words; highlighted parts go along. */
  type(id: string, shown: string): void;
  /** Highlights a part of the shown words, or takes the highlight off. */
  highlight(id: string, from: number, to: number): void;
  find(): void;
  insertAfter(id: string): void;
  duplicate(id: string): void;
  remove(id: string): void;
  move(id: string, by: number): void;
  /** False when the text is a single line, which the field takes by itself. */
  paste(id: string, from: number, to: number, text: string): boolean;
  /** Moves the caret to the row above or below; x: where on the line it stood, pixels of the page, or null for the near end. */
  step(id: string, by: number, x: number | null): void;
  choose(id: string, assetId: string): void;
  playFrom(id: string): void;
}

export interface RowProps {
  scene: Scene;
  index: number;
  last: boolean;
  selected: boolean;
  /** The only selected row: it shows its own tools; for several there are the tools beside the sheet. */
  /** The scene whose picture is seen: this one, or the one before that goes on; and then its place, from 1. */
  behind: Scene;
  before: number | null;
  alone: boolean;
  pass: Pass;
  format: Format;
  actions: RowActions;
}

export const LAYOUT_LABELS: Record<Layout, string> = {
  title: 'Title',
  caption: 'Caption',
  quote: 'Quotation',
  figure: 'Large figure',
  end: 'End card',
  plain: 'Picture alone',
};

const LAYOUT_OPTIONS = Object.entries(LAYOUT_LABELS).map(([value, label]) => ({ value, label }));

/** One scene of the sheet. */
export const Row = memo(function Row(props: RowProps) {
  const { scene, index, last, selected, pass, actions } = props;
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: scene.id,
  });
  const [apart, setApart] = useState(false);
  const toggleApart = useCallback(() => setApart((on) => !on), []);
  const name = `Scene ${index + 1}`;
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: a click anywhere in a row selects it; every control in it has its own keyboard way
    <article
      ref={setNodeRef}
      data-scene={scene.id}
      aria-label={name}
      className={`row${selected ? ' row--selected' : ''}${isDragging ? ' row--dragged' : ''}`}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      onMouseDown={(e) => {
        const how = e.shiftKey ? 'range' : e.ctrlKey || e.metaKey ? 'toggle' : null;
        if (!how || (selected && (e.target as HTMLElement).closest('textarea, input'))) return;
        e.preventDefault();
        actions.select(scene.id, how);
      }}
      onClick={(e) => {
        if (!e.shiftKey && !e.ctrlKey && !e.metaKey) actions.select(scene.id, 'only');
      }}
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
          onClick={() => actions.playFrom(scene.id)}
        />
      </div>
      <RowPicture
        id={scene.id}
        picture={props.behind.picture}
        more={scene.more.length}
        before={props.before}
        index={index}
        format={props.format}
        wide={pass === 'pictures'}
        actions={actions}
      />
      <div className="row__words">
        <RowWords scene={scene} index={index} last={last} actions={actions} />
        {pass === 'pictures' && scene.picture && (
          <p
            className={`row__reason${scene.picture.by === 'nab' && scene.picture.confidence < WEAK ? ' row__reason--weak' : ''}`}
          >
            {scene.picture.by === 'writer'
              ? 'Your choice'
              : scene.picture.by === 'source'
                ? `Came along ${scene.picture.reason}`.replace('Came along one of', 'One of')
                : `${scene.picture.confidence < WEAK ? 'A weak match: ' : ''}${scene.picture.reason}`}
          </p>
        )}
        {(pass === 'voice' ||
          (pass === 'words' &&
            (apart || (scene.spoken !== null && (scene.spoken !== '' || scene.shown !== ''))))) && (
          <Spoken scene={scene} name={name} actions={actions} />
        )}
        {pass === 'voice' && <RowWave id={scene.id} />}
        {scene.wish && pass !== 'voice' && <p className="row__wish">picture: {scene.wish}</p>}
      </div>
      <RowFacts id={scene.id} shown={scene.layout === 'plain' ? '' : scene.shown} pass={pass} />
      {props.alone && (
        <RowTools
          id={scene.id}
          layout={scene.layout}
          durationMs={scene.durationMs}
          index={index}
          last={last}
          apart={pass === 'words' && scene.spoken === null ? apart : null}
          onApart={toggleApart}
          actions={actions}
        />
      )}
    </article>
  );
});

/** How long the scene is, when it comes, and how fast its words have to be read. */
const RowFacts = memo(function RowFacts({ id, shown, pass }: { id: string; shown: string; pass: Pass }) {
  const { start, length, estimated } = useSceneTime(id);
  const speed = charactersPerSecond(shown, framesToMs(length));
  return (
    <div className="row__facts">
      <span
        className={`row__time${estimated ? ' row__time--estimated' : ''}`}
        title={estimated ? 'Estimated: the voice is not there yet' : 'Length of the scene'}
      >
        {(framesToMs(length) / 1000).toFixed(1)} s
      </span>
      <span className="row__clock">{clock(framesToMs(start))}</span>
      {pass === 'words' && speed > 0 && (
        <span
          className={`row__speed${speed > READING_SPEED.tooFast ? ' row__speed--fast' : speed > READING_SPEED.brisk ? ' row__speed--brisk' : ''}`}
          title={`Reading speed: ${speed.toFixed(0)} characters a second. Up to ${READING_SPEED.brisk} is comfortable, above ${READING_SPEED.tooFast} most viewers do not finish.`}
        >
          {speed.toFixed(0)} characters/s
        </span>
      )}
    </div>
  );
});

function RowWave({ id }: { id: string }) {
  return <Wave takeKey={useSceneTime(id).takeKey} />;
}

interface RowToolsProps {
  id: string;
  layout: Layout;
  durationMs: number | null;
  index: number;
  last: boolean;
  /** Whether other spoken words are being written; null where there are some, or in another pass. */
  apart: boolean | null;
  onApart: () => void;
  actions: RowActions;
}

/** The tools of a selected row; not drawn again while its words are typed. */
const RowTools = memo(function RowTools({
  id,
  layout,
  durationMs,
  index,
  last,
  apart,
  onApart,
  actions,
}: RowToolsProps) {
  const name = `Scene ${index + 1}`;
  return (
    <div className="row__tools">
      <Select
        size="small"
        aria-label={`Layout of ${name}`}
        value={layout}
        onChange={(next: Layout) => actions.change(id, 'Change layout', { layout: next })}
        options={LAYOUT_OPTIONS}
        popupMatchSelectWidth={false}
      />
      <Length id={id} durationMs={durationMs} index={index} actions={actions} />
      {apart !== null && (
        <Button
          size="small"
          type="text"
          aria-label={`Speak other words in ${name}`}
          aria-pressed={apart}
          onClick={onApart}
        >
          Speak other words
        </Button>
      )}
      <IconButton
        label={`Insert a scene after ${name}`}
        hint="Insert a scene below"
        icon={<PlusOutlined aria-hidden />}
        onClick={alone(() => actions.insertAfter(id))}
      />
      <IconButton
        label={`Duplicate ${name}`}
        hint="Duplicate"
        icon={<CopyOutlined aria-hidden />}
        onClick={alone(() => actions.duplicate(id))}
      />
      <IconButton
        label={`Move ${name} up`}
        hint="Move up"
        icon={<ArrowUpOutlined aria-hidden />}
        disabled={index === 0}
        onClick={alone(() => actions.move(id, -1))}
      />
      <IconButton
        label={`Move ${name} down`}
        hint="Move down"
        icon={<ArrowDownOutlined aria-hidden />}
        disabled={last}
        onClick={alone(() => actions.move(id, 1))}
      />
      <IconButton
        label={`Delete ${name}`}
        hint="Delete"
        icon={<DeleteOutlined aria-hidden />}
        onClick={alone(() => actions.remove(id))}
      />
    </div>
  );
});

/** A click that acts on the row without selecting it: the row may be gone by then. */
const alone = (act: () => void) => (e: React.MouseEvent) => {
  e.stopPropagation();
  act();
};

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
function Length({
  id,
  durationMs,
  index,
  actions,
}: Pick<RowToolsProps, 'id' | 'durationMs' | 'index' | 'actions'>) {
  const { length, stretched } = useSceneTime(id);
  const [open, setOpen] = useState(false);
  const own = durationMs !== null;
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
        value={own ? (durationMs ?? 0) / 1000 : null}
        placeholder={(framesToMs(length) / 1000).toFixed(1)}
        onChange={(v) =>
          actions.change(id, v === null ? 'Follow the voice' : 'Set length', {
            durationMs: v === null ? null : Math.round(v * 1000),
          })
        }
        onBlur={() => setOpen(false)}
        style={{ width: 76 }}
      />
    </Tooltip>
  );
}
