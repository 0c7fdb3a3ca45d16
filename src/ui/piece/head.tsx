'use client';

import {
  CheckOutlined,
  DownloadOutlined,
  EllipsisOutlined,
  RedoOutlined,
  UndoOutlined,
  WarningOutlined,
} from '@ant-design/icons';
import { Button, Input, Segmented, Select, Tooltip } from 'antd';
import type { Format } from '../../core/look/formats.ts';
import { pieceEdit } from '../../core/piece/edit.ts';
import { clock, framesToMs } from '../../core/time.ts';
import { editWords } from '../../wording/edits.ts';
import { FORMAT_OPTIONS } from '../shared/formats.ts';
import { Wordmark } from '../shared/top-bar.tsx';
import { Aside } from './aside.tsx';
import { usePiece, usePieceState, useTimelineNow, useViewState } from './context.ts';
import type { Pass } from './passes/types.ts';
import { PASS_NAMES, passOf } from './passes.ts';
import './head.css';

/** Title, format, length, passes with what each still wants, history and Render. */
export function Head() {
  const { apply, store, view } = usePiece();
  const title = usePieceState((s) => s.piece.title);
  const format = usePieceState((s) => s.piece.format);
  const pass = useViewState((s) => s.pass);
  const undo = usePieceState((s) => s.undo.at(-1));
  const redo = usePieceState((s) => s.redo.at(-1));
  const delivering = useViewState((s) => s.delivering);
  return (
    <header className="head">
      <Wordmark />
      <Input
        aria-label="Title of the piece"
        className="head__title"
        variant="borderless"
        value={title}
        maxLength={200}
        placeholder="Untitled"
        onChange={(e) => apply(pieceEdit('title', { title: e.target.value }, 'title'))}
      />
      <Saved />
      <Aside />
      <nav aria-label="Passes" className="head__passes">
        <Segmented
          aria-label="Pass"
          value={pass}
          onChange={(v) => view.setPass(v)}
          options={PASS_NAMES.map((value) => ({ value, label: <PassLabel pass={passOf(value)} /> }))}
        />
      </nav>
      <Select
        aria-label="Format"
        className="head__format"
        value={format}
        onChange={(v: Format) => apply(pieceEdit('format', { format: v }))}
        options={FORMAT_OPTIONS}
      />
      <HeadLength />
      <Tooltip title={undo ? `Undo: ${editWords(undo.edit)}` : 'Nothing to undo'}>
        <Button
          aria-label={undo ? `Undo: ${editWords(undo.edit)}` : 'Undo'}
          icon={<UndoOutlined aria-hidden />}
          disabled={!undo}
          onClick={() => store.undo()}
        />
      </Tooltip>
      <Tooltip title={redo ? `Redo: ${editWords(redo.edit)}` : 'Nothing to redo'}>
        <Button
          aria-label={redo ? `Redo: ${editWords(redo.edit)}` : 'Redo'}
          icon={<RedoOutlined aria-hidden />}
          disabled={!redo}
          onClick={() => store.redo()}
        />
      </Tooltip>
      <Button
        type="primary"
        icon={<DownloadOutlined aria-hidden />}
        aria-pressed={delivering}
        onClick={() => view.setDelivering(!delivering)}
      >
        Render
      </Button>
    </header>
  );
}

/** A pass with what it still wants. */
function PassLabel({ pass }: { pass: Pass }) {
  const note = pass.useWanted();
  return (
    <span className="pass-label">
      {pass.label}
      {note && <small className="pass-note">{note}</small>}
    </span>
  );
}

/** The length of the piece against what was wanted. */
function HeadLength() {
  const timeline = useTimelineNow();
  const target = usePieceState((s) => s.piece.targetMs);
  return (
    <span
      className={`head__length${target !== null && framesToMs(timeline.frames) > target * 1.1 ? ' head__length--over' : ''}`}
      title={target === null ? 'Length of the piece' : `Length of the piece; you wanted ${clock(target)}`}
    >
      {clock(framesToMs(timeline.frames))}
      {target !== null && <small> / {clock(target)}</small>}
    </span>
  );
}

function Saved() {
  const save = usePieceState((s) => s.save);
  const text = { saved: 'Saved', saving: 'Saving', waiting: 'Not saved yet' }[save.kind];
  const icon =
    save.kind === 'saved' ? (
      <CheckOutlined aria-hidden />
    ) : save.kind === 'saving' ? (
      <EllipsisOutlined aria-hidden />
    ) : (
      <WarningOutlined aria-hidden />
    );
  const note = save.kind === 'waiting' ? save.message : 'Every change is saved by itself';
  return (
    <Tooltip title={note}>
      <output className={`saved saved--${save.kind}`}>
        {icon} {text}
      </output>
    </Tooltip>
  );
}
