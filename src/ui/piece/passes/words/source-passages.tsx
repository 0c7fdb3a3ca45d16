'use client';

import { PlusOutlined } from '@ant-design/icons';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Spin } from 'antd';
import Link from 'next/link';
import { useEffect } from 'react';
import { getSource } from '../../../../api/sources.ts';
import { insertFromSource } from '../../../../core/piece/actions.ts';
import { choosePicture } from '../../../../core/piece/placements.ts';
import { call } from '../../../shared/api.ts';
import { thumbFor } from '../../../shared/media.ts';
import { addAssets } from '../../../shared/use-shelf.ts';
import { newId, usePiece, usePieceState } from '../../context.ts';
import { useSelectedScene } from '../../view/use-selected.ts';

/** What the source has that is not in the piece: passages come in below the selected scene, pictures go on it. */
export function SourcePassages({ sourceId }: { sourceId: string }) {
  const { apply, view } = usePiece();
  const client = useQueryClient();
  const scenes = usePieceState((s) => s.doc.scenes);
  const chosen = useSelectedScene();
  const stored = useQuery({
    queryKey: ['source', sourceId],
    queryFn: () => call(getSource, { params: { id: sourceId } }),
    staleTime: 60_000,
  });
  const assets = stored.data?.assets;
  useEffect(() => {
    if (assets) addAssets(client, assets);
  }, [assets, client]);
  if (stored.isPending) return <Spin />;
  if (stored.isError) return <p className="tools__note">{stored.error.message}</p>;
  const { source } = stored.data;
  const used = new Set(scenes.flatMap((s) => s.from?.ref ?? []));
  const usedPictures = new Set(scenes.flatMap((s) => s.pictures.map((p) => p.assetId)));
  const open = source.passages
    .filter((p) => p.kind !== 'heading')
    .flatMap((p) => p.sentences.filter((s) => !used.has(s.id)));
  const pictures = source.pictures.filter((p) => p.assetId && !usedPictures.has(p.assetId));
  const byId = new Map((assets ?? []).map((a) => [a.id, a]));
  return (
    <div className="passages">
      <p className="tools__note">
        From “{source.title}”. <Link href={`/outline/${sourceId}`}>Open the outline</Link>
      </p>
      {pictures.length > 0 && (
        <div className="passages__pictures">
          {pictures.map((p) => {
            const entry = byId.get(p.assetId ?? '');
            return (
              <button
                key={p.id}
                type="button"
                className="frame frame--small"
                title={p.caption || p.alt}
                aria-label={`Use the picture “${p.caption || p.alt || 'of the page'}” for the selected scene`}
                draggable
                onDragStart={(e) => e.dataTransfer.setData('text/nabbet-picture', p.assetId ?? '')}
                onClick={() => chosen && p.assetId && apply(choosePicture(chosen.scene, p.assetId))}
              >
                {entry && <img src={thumbFor(entry, '1:1').src} alt="" draggable={false} />}
              </button>
            );
          })}
        </div>
      )}
      {open.length === 0 && <p className="tools__note">Everything the source says is in the piece.</p>}
      <ul>
        {open.map((s) => (
          <li key={s.id}>
            <span>{s.text}</span>
            <Button
              size="small"
              type="text"
              icon={<PlusOutlined aria-hidden />}
              aria-label={`Insert “${s.text.slice(0, 60)}” below the selected scene`}
              onClick={() => {
                const note = source.sentences[s.id];
                const line = note?.line ?? s.text;
                const at = chosen ? chosen.index + 1 : scenes.length;
                const { edit, id } = insertFromSource(
                  at,
                  {
                    ref: s.id,
                    text: s.text,
                    shown: line,
                    spoken: note && note.spoken !== line ? note.spoken : null,
                  },
                  newId,
                );
                apply(edit);
                view.select([id]);
              }}
            />
          </li>
        ))}
      </ul>
    </div>
  );
}
