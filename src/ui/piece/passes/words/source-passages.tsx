'use client';

import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Spin } from 'antd';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import { getSource } from '../../../../api/sources.ts';
import { articleInPlace } from '../../../../core/outline/in-place.ts';
import { outlineLine } from '../../../../core/outline/types.ts';
import { insertFromSource } from '../../../../core/piece/actions.ts';
import { choosePicture } from '../../../../core/piece/placements.ts';
import { sentencesOf } from '../../../../core/source/types.ts';
import { LeftOut } from '../../../outline/left-out.tsx';
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
  const [folded, setFolded] = useState<ReadonlySet<string>>(new Set());
  const toggle = (id: string) =>
    setFolded((was) => {
      const now = new Set(was);
      if (!now.delete(id)) now.add(id);
      return now;
    });
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
  const lines = scenes.flatMap((s) =>
    s.from ? [outlineLine({ ref: s.from.ref, layout: s.layout, shown: s.shown, from: s.from.text })] : [],
  );
  const inPiece = new Set(scenes.flatMap((s) => s.pictures.map((p) => p.assetId)));
  const shown = {
    ...source,
    pictures: source.pictures.filter((p) => p.assetId && !inPiece.has(p.assetId)),
  };
  const parts = articleInPlace(shown, stored.data.choices, lines);
  const numberOf = new Map(scenes.map((s, i) => [s.from?.ref, i + 1]));
  const byId = new Map((assets ?? []).map((a) => [a.id, a]));
  const insert = (sentenceId: string) => {
    const note = source.sentences[sentenceId];
    const text = sentencesOf(source).find((x) => x.sentence.id === sentenceId)?.sentence.text ?? '';
    const line = note?.line ?? text;
    const spoken = note && note.spoken !== line ? note.spoken : null;
    const at = chosen ? chosen.index + 1 : scenes.length;
    const { edit, id } = insertFromSource(at, { ref: sentenceId, text, shown: line, spoken }, newId);
    apply(edit);
    view.select([id]);
  };
  return (
    <div className="passages">
      <p className="tools__note">
        From “{source.title}”. What you take comes below the selected scene.{' '}
        <Link href={`/outline/${sourceId}`}>Open the outline</Link>
      </p>
      {parts.every((p) => p.kind === 'scene') && (
        <p className="tools__note">Everything the source says is in the piece.</p>
      )}
      {parts.map((part) =>
        part.kind === 'scene' ? (
          <button
            key={`scene ${part.line.ref}`}
            type="button"
            className="passages__scene"
            onClick={() => {
              const scene = scenes.find((s) => s.from?.ref === part.line.ref);
              if (scene) view.select([scene.id]);
            }}
          >
            <b>{numberOf.get(part.line.ref)}</b> {part.line.shown}
          </button>
        ) : (
          <LeftOut
            key={part.id}
            part={part}
            isOpen={!folded.has(part.id)}
            onToggle={() => toggle(part.id)}
            onTake={insert}
            picture={(p) => {
              const entry = byId.get(p.assetId ?? '');
              return (
                <button
                  type="button"
                  className="passages__picture"
                  title={p.caption || p.alt}
                  aria-label={`Use the picture “${p.caption || p.alt || 'of the page'}” for the selected scene`}
                  draggable
                  onDragStart={(e) => e.dataTransfer.setData('text/nabbet-picture', p.assetId ?? '')}
                  onClick={() => chosen && p.assetId && apply(choosePicture(chosen.scene, p.assetId))}
                >
                  {entry && <img src={thumbFor(entry, '16:9').src} alt="" draggable={false} />}
                </button>
              );
            }}
          />
        ),
      )}
    </div>
  );
}
