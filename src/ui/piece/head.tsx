'use client';

import { AppstoreOutlined, DownloadOutlined } from '@ant-design/icons';
import { Button, Input, Segmented } from 'antd';
import { pieceEdit } from '../../core/piece/edit.ts';
import { FormatSelect } from '../shared/format-select.tsx';
import { IconButton } from '../shared/icon-button.tsx';
import { Wordmark } from '../shared/top-bar.tsx';
import { AlsoOpen } from '../sync/also-open.tsx';
import { Aside } from '../sync/aside.tsx';
import { Saved, StepButtons } from '../sync/state.tsx';
import { usePiece, usePieceState, useViewState } from './context.ts';
import { HeadLength } from './length.tsx';
import type { Pass } from './passes/types.ts';
import { PASS_NAMES, passOf } from './passes.ts';
import './head.css';

/** Title, format, length, passes with what each still wants, history and Render. */
export function Head() {
  const { apply, store, view } = usePiece();
  const title = usePieceState((s) => s.doc.title);
  const format = usePieceState((s) => s.doc.format);
  const id = usePieceState((s) => s.id);
  const pass = useViewState((s) => s.pass);
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
      <Saved store={store} />
      <AlsoOpen docId={id} />
      <Aside store={store} />
      <nav aria-label="Passes" className="head__passes">
        <Segmented
          aria-label="Pass"
          value={pass}
          onChange={(v) => view.setPass(v)}
          options={PASS_NAMES.map((value) => ({ value, label: <PassLabel pass={passOf(value)} /> }))}
        />
      </nav>
      <FormatSelect
        aria-label="Format"
        className="head__format"
        value={format}
        onChange={(to) => to && apply(pieceEdit('format', { format: to }))}
      />
      <HeadLength />
      <StepButtons store={store} />
      <IconButton
        label="All actions"
        hint="All actions (Ctrl K); all keys (?)"
        icon={<AppstoreOutlined aria-hidden />}
        onClick={() => view.show('palette')}
      />
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
