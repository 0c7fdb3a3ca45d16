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
import { Button, InputNumber, Select, Tooltip } from 'antd';
import { memo, type ReactNode, type RefObject, useCallback, useRef, useState } from 'react';
import type { Format } from '../../../core/look/formats.ts';
import { type Layout, layoutRule } from '../../../core/look/layouts.ts';
import type { Alternative, Scene } from '../../../core/piece/types.ts';
import { clock, framesToMs, framesToSeconds } from '../../../core/time.ts';
import { IconButton } from '../../shared/icon-button.tsx';
import { aspect } from '../../shared/media.ts';
import { useScene } from '../context.ts';
import { type PassName, passOf } from '../passes.ts';
import { LAYOUT_OPTIONS } from './layout-options.ts';
import type { RowActions } from './row-actions.ts';
import { RowPicture } from './row-picture.tsx';
import { RowWords } from './row-words.tsx';
import { useSceneTime } from './times.ts';
import { type Grip, useSorted } from './use-sorted.ts';

export interface RowProps {
  id: string;
  index: number;
  last: boolean;
  selected: boolean;
  /** In sight, nearly so, or at work; of the others only number and words are there. */
  whole: boolean;
  /** A row is about to be dragged, or is: those out of sight make room for it as well. */
  sorting: boolean;
  /** Id of the scene whose picture is seen: this one, or the one before that goes on; and then its place, from 1. */
  behind: string;
  before: number | null;
  /** The only selected row: it shows its own tools; for several there are the tools beside the sheet. */
  alone: boolean;
  pass: PassName;
  format: Format;
  actions: RowActions;
}

/** One scene of the sheet. */
export const Row = memo(function Row(props: RowProps) {
  const scene = useScene(props.id);
  const behind = useScene(props.behind);
  // A row that was taken out may be asked once more before the sheet knows of it.
  return scene && <RowOf {...props} scene={scene} behind={behind ?? scene} />;
});

type RowOfProps = Omit<RowProps, 'behind'> & { scene: Scene; behind: Scene };

function RowOf(props: RowOfProps) {
  const { scene, index, selected, actions } = props;
  const row = useRef<HTMLElement>(null);
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: a click anywhere in a row selects it; every control in it has its own keyboard way
    <article
      ref={row}
      data-scene={scene.id}
      aria-label={`Scene ${index + 1}`}
      className={`row${selected ? ' row--selected' : ''}`}
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
      {props.whole ? (
        <RowWhole {...props} row={row} />
      ) : (
        <RowAfar scene={scene} index={index} format={props.format} />
      )}
      {props.sorting && !props.whole && <Sorted id={scene.id} row={row} />}
    </article>
  );
}

/** A row that is out of sight: its words, so that they can be found and read, in about its height. */
function RowAfar({ scene, index, format }: Pick<RowProps, 'index' | 'format'> & { scene: Scene }) {
  return (
    <>
      <span className="row__edge row__number">{index + 1}</span>
      <div className="row__picture">
        <span className="frame" style={{ aspectRatio: aspect(format) }} />
      </div>
      <div className={`row__words words words--${scene.layout}`}>
        <div className="words__mirror">{scene.shown}</div>
      </div>
    </>
  );
}

/** A row out of sight, while one is dragged. */
function Sorted({ id, row }: { id: string; row: RefObject<HTMLElement | null> }) {
  useSorted(id, row);
  return null;
}

/** Kept outside: a new list would make every picture render again. */
const NONE: readonly Alternative[] = [];

function RowWhole(props: RowOfProps & { row: RefObject<HTMLElement | null> }) {
  const { scene, index, last, actions, row } = props;
  const { attributes, listeners } = useSorted(scene.id, row);
  const { RowExtra, RowFigure, alternatives, painted, offersSpoken } = passOf(props.pass);
  const [apart, setApart] = useState(false);
  const toggleApart = useCallback(() => setApart((on) => !on), []);
  return (
    <>
      <RowEdge id={scene.id} index={index} attributes={attributes} listeners={listeners} actions={actions} />
      <RowPicture
        id={scene.id}
        picture={props.behind.pictures.at(props.before === null ? 0 : -1) ?? null}
        others={scene.pictures[0]?.alternatives ?? NONE}
        more={Math.max(0, scene.pictures.length - 1)}
        before={props.before}
        index={index}
        format={props.format}
        wide={alternatives}
        painted={painted}
        actions={actions}
      />
      <div className="row__words">
        <RowWords scene={scene} index={index} last={last} actions={actions} />
        <RowExtra scene={scene} name={`Scene ${index + 1}`} apart={apart} actions={actions} />
      </div>
      <RowFacts id={scene.id}>
        {RowFigure && <RowFigure id={scene.id} shown={layoutRule(scene.layout).words ? scene.shown : ''} />}
      </RowFacts>
      {props.alone && (
        <RowTools
          id={scene.id}
          layout={scene.layout}
          durationMs={scene.durationMs}
          index={index}
          last={last}
          apart={offersSpoken && scene.spoken === null ? apart : null}
          onApart={toggleApart}
          actions={actions}
        />
      )}
    </>
  );
}

interface RowEdgeProps extends Grip {
  id: string;
  index: number;
  actions: RowActions;
}

/** Handle, number and play; not drawn again while words are typed. */
const RowEdge = memo(function RowEdge({ id, index, attributes, listeners, actions }: RowEdgeProps) {
  const name = `Scene ${index + 1}`;
  return (
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
        onClick={() => actions.playFrom(id)}
      />
    </div>
  );
});

/** How long the scene is, when it comes, and what the pass adds. */
function RowFacts({ id, children }: { id: string; children: ReactNode }) {
  const { start, length, estimated } = useSceneTime(id);
  return (
    <div className="row__facts">
      <span
        className={`row__time${estimated ? ' row__time--estimated' : ''}`}
        title={estimated ? 'Estimated: the voice is not there yet' : 'Length of the scene'}
      >
        {framesToSeconds(length).toFixed(1)} s
      </span>
      <span className="row__clock">{clock(framesToMs(start))}</span>
      {children}
    </div>
  );
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
        onChange={(next: Layout) => actions.change(id, 'layout', { layout: next })}
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
        placeholder={framesToSeconds(length).toFixed(1)}
        onChange={(v) =>
          actions.change(id, 'length', { durationMs: v === null ? null : Math.round(v * 1000) })
        }
        onBlur={() => setOpen(false)}
        style={{ width: 76 }}
      />
    </Tooltip>
  );
}
