'use client';

import { FolderOpenOutlined, ThunderboltOutlined, UploadOutlined } from '@ant-design/icons';
import { useMutation } from '@tanstack/react-query';
import { App, Button, Segmented, Tooltip, Upload } from 'antd';
import { useState } from 'react';
import { nabPictures } from '../../../../api/pieces.ts';
import { nabEdit } from '../../../../core/piece/placements.ts';
import { call } from '../../../shared/api.ts';
import { useGathered } from '../../../shared/gathered.ts';
import { SendingList } from '../../../shared/sending-list.tsx';
import { useShelf } from '../../../shared/use-shelf.ts';
import { useBring } from '../../bring.tsx';
import { usePiece, useViewState } from '../../context.ts';
import { useSelectedScene } from '../../view/use-selected.ts';
import { ClipTool } from './clip-tool.tsx';
import { FindPictures } from './find-pictures.tsx';
import { FrameTool } from './frame-tool.tsx';
import { GradingTool } from './grading-tool.tsx';
import { ScenePictures } from './scene-pictures.tsx';
import './pictures.css';

/** Files that may be brought: what the picker offers. */
const ACCEPT = 'image/*,.heic,.heif,video/mp4,video/quicktime,video/webm,video/x-matroska,.mkv,.mov';

/** Nab for all, own material, and for the selected scene: find, frame, colour, cut. */
export function PictureTools() {
  const { view } = usePiece();
  const chosen = useSelectedScene();
  const part = useViewState((s) => s.open.pictures ?? 'find');
  const slot = useViewState((s) => s.slot);
  const { uploads, bring } = useBring();
  const { byId } = useShelf();
  const [over, setOver] = useState(false);
  const gather = useGathered((files) => bring(files, null));
  const placement = chosen?.scene.pictures[slot];
  const entry = placement ? byId.get(placement.assetId) : undefined;
  const open = part === 'clip' && entry?.kind !== 'clip' ? 'find' : part;
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: dropping files is a second way; the buttons do the same
    <div
      className={`pictures${over ? ' pictures--over' : ''}`}
      onDragOver={(e) => {
        if (!e.dataTransfer.types.includes('Files')) return;
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(e) => {
        setOver(false);
        if (!e.dataTransfer.files.length) return;
        e.preventDefault();
        bring([...e.dataTransfer.files], null);
      }}
    >
      <div className="tools__head">
        <h2>Pictures</h2>
        <span className="tools__buttons">
          <Upload
            accept={ACCEPT}
            multiple
            showUploadList={false}
            customRequest={({ file }) => gather(file as File)}
          >
            <Tooltip title="Photos, clips and logos of your own; they can be used in every piece">
              <Button size="small" icon={<UploadOutlined aria-hidden />}>
                Bring own
              </Button>
            </Tooltip>
          </Upload>
          <Upload directory showUploadList={false} customRequest={({ file }) => gather(file as File)}>
            <Tooltip title="A folder of your own; the names of its folders become tags">
              <Button
                size="small"
                icon={<FolderOpenOutlined aria-hidden />}
                aria-label="Bring a folder of your own"
              />
            </Tooltip>
          </Upload>
          <Nab />
        </span>
      </div>
      {uploads.sending.length > 0 && <SendingList uploads={uploads} />}
      {!chosen && <p className="tools__note">Select a scene to change its picture.</p>}
      {chosen && (
        <>
          <ScenePictures scene={chosen.scene} index={chosen.index} />
          <Segmented
            aria-label="Tools for pictures"
            block
            value={open}
            onChange={(v) => view.open('pictures', v)}
            options={[
              { value: 'find', label: 'Find' },
              { value: 'frame', label: 'Frame' },
              { value: 'colour', label: 'Colour' },
              ...(entry?.kind === 'clip' ? [{ value: 'clip', label: 'Clip' }] : []),
            ]}
          />
          {open === 'find' && <FindPictures scene={chosen.scene} index={chosen.index} />}
          {open === 'frame' && <FrameTool entry={entry} />}
          {open === 'colour' && <GradingTool scene={chosen.scene} entry={entry} />}
          {open === 'clip' && entry && placement && (
            <ClipTool scene={chosen.scene} slot={slot} entry={entry} placement={placement} />
          )}
        </>
      )}
    </div>
  );
}

function Nab() {
  const { store, apply } = usePiece();
  const { message } = App.useApp();
  const nab = useMutation({
    mutationFn: () => call(nabPictures, { params: { id: store.state.id }, body: { piece: store.state.doc } }),
    onSuccess: (choices) => {
      const edit = nabEdit(store.state.doc.scenes, choices);
      if (edit) apply(edit);
      message.success(
        edit
          ? `${edit.ops.length} picture${edit.ops.length === 1 ? '' : 's'} changed. Your own choices stayed.`
          : 'The pictures are as good as they get; nothing changed.',
      );
    },
    onError: (e) => void message.error(e.message),
  });
  return (
    <Tooltip title="Chooses for all scenes at once; your own choices stay">
      <Button
        type="primary"
        size="small"
        icon={<ThunderboltOutlined aria-hidden />}
        loading={nab.isPending}
        onClick={() => nab.mutate()}
      >
        Nab pictures
      </Button>
    </Tooltip>
  );
}
