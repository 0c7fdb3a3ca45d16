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
import type { Format } from '../../core/piece/types.ts';
import { blanks } from '../../core/text/blanks.ts';
import { clock, framesToMs } from '../../core/time.ts';
import { Wordmark } from '../shared/top-bar.tsx';
import { usePiece, usePieceState, useTimelineNow } from './context.ts';
import type { Pass } from './store.ts';

/** Title, format, length, passes with what each still wants, history and Render. */
export function Head() {
  const { apply, store } = usePiece();
  const title = usePieceState((s) => s.piece.title);
  const format = usePieceState((s) => s.piece.format);
  const pass = usePieceState((s) => s.pass);
  const undo = usePieceState((s) => s.undo.at(-1));
  const redo = usePieceState((s) => s.redo.at(-1));
  const bare = usePieceState((s) => s.piece.scenes.filter((x) => !x.picture && x.layout !== 'title').length);
  const open = usePieceState((s) => s.piece.scenes.reduce((n, x) => n + blanks(x.shown).length, 0));
  const delivering = usePieceState((s) => s.delivering);
  const material = usePieceState((s) => s.material);
  const { ready, wanted } = material.voices;
  const label = (name: string, note: string) => (
    <span className="pass-label">
      {name}
      {note && <small className="pass-note">{note}</small>}
    </span>
  );
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
        onChange={(e) =>
          apply({ label: 'Change title', ops: [{ op: 'piece', patch: { title: e.target.value } }] })
        }
      />
      <Saved />
      <nav aria-label="Passes" className="head__passes">
        <Segmented
          aria-label="Pass"
          value={pass}
          onChange={(v) => store.setPass(v as Pass)}
          options={[
            { value: 'words', label: label('Words', open ? `${open} blank${open === 1 ? '' : 's'}` : '') },
            { value: 'pictures', label: label('Pictures', bare ? `${bare} open` : '') },
            { value: 'voice', label: label('Voice', ready < wanted ? `${ready} of ${wanted}` : '') },
            {
              value: 'music',
              label: label(
                'Music',
                material.music === 'making' || material.music === 'waiting'
                  ? '…'
                  : material.music === 'failed'
                    ? 'failed'
                    : '',
              ),
            },
          ]}
        />
      </nav>
      <Select
        aria-label="Format"
        className="head__format"
        value={format}
        onChange={(v: Format) =>
          apply({ label: `Change format to ${v}`, ops: [{ op: 'piece', patch: { format: v } }] })
        }
        options={[
          { value: '9:16', label: 'Tall 9:16' },
          { value: '1:1', label: 'Square 1:1' },
          { value: '16:9', label: 'Wide 16:9' },
        ]}
      />
      <HeadLength />
      <Tooltip title={undo ? `Undo: ${undo.label}` : 'Nothing to undo'}>
        <Button
          aria-label={undo ? `Undo: ${undo.label}` : 'Undo'}
          icon={<UndoOutlined aria-hidden />}
          disabled={!undo}
          onClick={() => store.undo()}
        />
      </Tooltip>
      <Tooltip title={redo ? `Redo: ${redo.label}` : 'Nothing to redo'}>
        <Button
          aria-label={redo ? `Redo: ${redo.label}` : 'Redo'}
          icon={<RedoOutlined aria-hidden />}
          disabled={!redo}
          onClick={() => store.redo()}
        />
      </Tooltip>
      <Button
        type="primary"
        icon={<DownloadOutlined aria-hidden />}
        aria-pressed={delivering}
        onClick={() => store.setDelivering(!delivering)}
      >
        Render
      </Button>
    </header>
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
  const text = { saved: 'Saved', saving: 'Saving', waiting: 'Not saved yet', lost: 'Cannot save' }[save.kind];
  const icon =
    save.kind === 'saved' ? (
      <CheckOutlined aria-hidden />
    ) : save.kind === 'saving' ? (
      <EllipsisOutlined aria-hidden />
    ) : (
      <WarningOutlined aria-hidden />
    );
  const note =
    save.kind === 'waiting' || save.kind === 'lost' ? save.message : 'Every change is saved by itself';
  return (
    <Tooltip title={note}>
      <output className={`saved saved--${save.kind}`}>
        {icon} {text}
      </output>
    </Tooltip>
  );
}
