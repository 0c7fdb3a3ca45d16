'use client';

import { FolderOpenOutlined, PictureOutlined } from '@ant-design/icons';
import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { rectSortingStrategy, SortableContext, sortableKeyboardCoordinates } from '@dnd-kit/sortable';
import { Alert, App, Button, Upload } from 'antd';
import { useCallback, useMemo, useRef } from 'react';
import type { ShelfEntryView } from '../../api/shelf.ts';
import { addPhoto } from '../../api/sources.ts';
import { inOrder, PHOTO, type PhotoRemark, photoRemarks, photosToImport } from '../../core/outline/photos.ts';
import { call } from '../shared/api.ts';
import { dragWords } from '../shared/drag.ts';
import { useGathered } from '../shared/gathered.ts';
import { SendingList } from '../shared/sending-list.tsx';
import { useUploads } from '../shared/use-uploads.ts';
import { PhotoChoicesForm } from './photo-choices.tsx';
import { PhotoTile } from './photo-tile.tsx';
import type { Outline } from './use-outline.ts';
import './photo-set.css';

const POINTER = { activationConstraint: { distance: 6 } };
const KEYBOARD = { coordinateGetter: sortableKeyboardCoordinates };

/** A photo set: bring photos, see what is doubtful, order them, say how long each stands. */
export function PhotoSet({
  outline,
  byId,
  addAsset,
}: {
  outline: Outline;
  byId: Map<string, ShelfEntryView>;
  addAsset: (asset: ShelfEntryView) => void;
}) {
  const { message } = App.useApp();
  const { source, choices } = outline;
  const { photos } = choices;
  const set = (patch: Partial<typeof photos>, flow?: string) =>
    outline.choose({ photos: { ...photos, ...patch } }, flow);
  const latest = useRef(outline);
  latest.current = outline;
  const uploads = useUploads(async (one, assetId) => {
    const now = await call(addPhoto, {
      params: { id: latest.current.id },
      body: {
        photo: one.id,
        assetId,
        name: one.file.name,
        bytes: one.file.size,
        modifiedMs: one.file.lastModified,
      },
    });
    if (now.asset) addAsset(now.asset);
    // Three photos are on their way at once, and their answers may overtake each other: only this one is taken from it.
    const added = now.photos.find((p) => p.assetId === assetId);
    latest.current.setSource((before) =>
      !added || before.photos.some((p) => p.id === added.id)
        ? before
        : { ...before, title: before.title || now.title, photos: [...before.photos, added] },
    );
  });
  const onTheWay = useRef(uploads.sending);
  onTheWay.current = uploads.sending;
  const bring = useCallback(
    (files: File[]) => {
      const { fresh, double, over, other } = photosToImport(
        files,
        latest.current.source.photos,
        onTheWay.current.map((s) => s.file),
      );
      if (over > 0)
        message.warning(
          `A set holds at most ${PHOTO.most} photos; ${over} of these had no room. Remove some to make room.`,
          8,
        );
      if (double > 0) message.info(`${double} of these ${double === 1 ? 'is' : 'are'} in the set already.`);
      if (other.length > 0)
        message.info(
          `${other.slice(0, 3).join(', ')}${other.length > 3 ? ` and ${other.length - 3} more` : ''}: no photos, left out.`,
          6,
        );
      uploads.add(fresh);
    },
    [uploads.add, message],
  );
  const remarks = useMemo(() => photoRemarks(source.photos), [source.photos]);
  const ordered = useMemo(() => inOrder(source.photos, photos), [source.photos, photos]);
  const staying = ordered.filter((p) => !photos.leave.includes(p.id));
  const proposed = remarks.filter((r) => !photos.leave.includes(r.photo));
  const sensors = useSensors(useSensor(PointerSensor, POINTER), useSensor(KeyboardSensor, KEYBOARD));
  const ids = ordered.map((p) => p.id);
  const accessibility = dragWords('Photo', (id) => ids.indexOf(String(id)) + 1);
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    const from = ids.indexOf(String(active.id));
    const to = ids.indexOf(String(over.id));
    const next = ids.toSpliced(from, 1);
    set({ order: next.toSpliced(to, 0, String(active.id)) });
  };
  const gather = useGathered(bring);
  return (
    <>
      <section className="outline__source photos" aria-labelledby="photos-title">
        <div className="outline__head">
          <h1 id="photos-title">
            {source.photos.length ? `${source.photos.length} photos` : 'Begin with photos'}
          </h1>
          <span className="outline__head-tools">
            <Upload
              accept="image/*,.heic,.heif"
              multiple
              showUploadList={false}
              customRequest={({ file }) => gather(file as File)}
            >
              <Button icon={<PictureOutlined aria-hidden />}>Choose photos</Button>
            </Upload>
            <Upload directory showUploadList={false} customRequest={({ file }) => gather(file as File)}>
              <Button icon={<FolderOpenOutlined aria-hidden />}>Choose a folder</Button>
            </Upload>
          </span>
        </div>
        <Upload.Dragger
          directory
          multiple
          openFileDialogOnClick={false}
          showUploadList={false}
          customRequest={({ file }) => gather(file as File)}
          className="photos__drop"
        >
          {ordered.length === 0 && uploads.sending.length === 0 ? (
            <p className="photos__hint">
              Drop up to {PHOTO.most} photos or a folder here. They are sorted by when they were taken, turned
              upright, and what the camera noted about place and owner is left behind.
            </p>
          ) : (
            <p className="photos__more">Drop more photos here</p>
          )}
        </Upload.Dragger>
        {uploads.sending.length > 0 && <SendingList uploads={uploads} />}
        {proposed.length > 0 && (
          <Alert
            type="info"
            showIcon
            title={proposal(proposed)}
            action={
              <Button
                size="small"
                onClick={() => set({ leave: [...photos.leave, ...proposed.map((r) => r.photo)] })}
              >
                Leave them out
              </Button>
            }
          />
        )}
        <DndContext
          id="photos"
          accessibility={accessibility}
          sensors={sensors}
          collisionDetection={closestCenter}
          onDragEnd={onDragEnd}
        >
          <SortableContext items={ids} strategy={rectSortingStrategy}>
            <ul className="photo-grid" aria-label="Photos in order">
              {ordered.map((p, i) => (
                <PhotoTile
                  key={p.id}
                  photo={p}
                  index={i}
                  entry={byId.get(p.assetId)}
                  left={photos.leave.includes(p.id)}
                  remark={remarks.find((r) => r.photo === p.id)}
                  onToggle={() =>
                    set({
                      leave: photos.leave.includes(p.id)
                        ? photos.leave.filter((x) => x !== p.id)
                        : [...photos.leave, p.id],
                    })
                  }
                />
              ))}
            </ul>
          </SortableContext>
        </DndContext>
      </section>
      <PhotoChoicesForm outline={outline} staying={staying.length} />
    </>
  );
}

function proposal(remarks: PhotoRemark[]): string {
  const near = remarks.filter((r) => r.kind === 'near-duplicate').length;
  const blurred = remarks.length - near;
  return [near && `${near} nearly the same as another`, blurred && `${blurred} blurred`]
    .filter(Boolean)
    .join(', ');
}
