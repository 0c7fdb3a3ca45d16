'use client';

import { ThunderboltOutlined } from '@ant-design/icons';
import { useMutation, useQuery } from '@tanstack/react-query';
import { App, Button, Input, Tooltip } from 'antd';
import { useDeferredValue, useEffect, useState } from 'react';
import { nabEdit } from '../../core/piece/actions.ts';
import type { PictureChoice } from '../../core/piece/types.ts';
import type { Found } from '../../server/shelf/shelf.ts';
import { api } from '../shared/api.ts';
import { aspect } from '../shared/media.ts';
import { useShelf } from '../shared/use-shelf.ts';
import { usePiece, usePieceState } from './context.ts';
import { Thumb } from './row-picture.tsx';
import { useRowActions } from './use-row-actions.ts';
import { useSelectedScene } from './use-selected.ts';

const NOWHERE = { current: null };

/** Nab for all, and the search in own words for the selected scene. */
export function PictureTools() {
  const { store, apply } = usePiece();
  const { message } = App.useApp();
  const chosen = useSelectedScene();
  const [query, setQuery] = useState('');
  const sceneId = chosen?.scene.id;
  useEffect(() => setQuery(''), [sceneId]);
  const nab = useMutation({
    mutationFn: () =>
      api<Record<string, PictureChoice>>(`/api/pieces/${store.state.id}/nab`, {
        body: { piece: store.state.piece },
      }),
    onSuccess: (choices) => {
      const edit = nabEdit(store.state.piece, choices);
      if (edit) apply(edit);
      message.success(
        edit
          ? `${edit.ops.length} picture${edit.ops.length === 1 ? '' : 's'} changed. Your own choices stayed.`
          : 'The pictures are as good as they get; nothing changed.',
      );
    },
    onError: (e) => message.error(e.message),
  });
  return (
    <>
      <div className="tools__head">
        <h2>Pictures</h2>
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
      </div>
      {!chosen && <p className="tools__note">Select a scene to change its picture.</p>}
      {chosen && (
        <>
          <Input.Search
            aria-label={`Search a picture for scene ${chosen.index + 1}`}
            placeholder={`Own words for scene ${chosen.index + 1}`}
            allowClear
            value={query}
            onChange={(e) => setQuery(e.target.value)}
          />
          <Results
            query={query}
            fallback={chosen.scene.wish || chosen.scene.shown}
            current={chosen.scene.picture?.assetId ?? null}
            sceneId={chosen.scene.id}
          />
        </>
      )}
    </>
  );
}

function Results({
  query,
  fallback,
  current,
  sceneId,
}: {
  query: string;
  fallback: string;
  current: string | null;
  sceneId: string;
}) {
  const format = usePieceState((s) => s.piece.format);
  const used = usePieceState((s) => s.piece.scenes).map((s) => s.picture?.assetId);
  const { byId } = useShelf();
  const actions = useRowActions(NOWHERE);
  const words = useDeferredValue(query.trim() || fallback);
  const found = useQuery({
    queryKey: ['search', words],
    queryFn: ({ signal }) =>
      api<Found[]>(`/api/shelf/search?limit=24&q=${encodeURIComponent(words.slice(0, 500))}`, { signal }),
    placeholderData: (old) => old,
  });
  if (found.isError) return <p className="tools__note">{found.error.message}</p>;
  return (
    <ul className="results" aria-label="Pictures found">
      {found.data?.map((f) => {
        const entry = byId.get(f.assetId);
        if (!entry) return null;
        const uses = used.filter((u) => u === f.assetId).length;
        return (
          <li key={f.assetId}>
            <Tooltip
              title={`${entry.title}${f.reason ? `: ${f.reason}` : ''}${uses ? ' · in this piece already' : ''} · free`}
              mouseEnterDelay={0.4}
            >
              <button
                type="button"
                className={`frame frame--result${f.assetId === current ? ' frame--current' : ''}`}
                aria-label={`Use “${entry.title}”${uses ? ', in this piece already' : ''}`}
                aria-pressed={f.assetId === current}
                draggable
                onDragStart={(e) => e.dataTransfer.setData('text/nabbet-picture', f.assetId)}
                onClick={() => actions.choose(sceneId, f.assetId)}
                style={{ aspectRatio: aspect(format) }}
              >
                <Thumb entry={entry} format={format} />
                {entry.kind === 'loop' && <span className="frame__kind">loop</span>}
                {uses > 0 && f.assetId !== current && <span className="frame__used">used</span>}
              </button>
            </Tooltip>
          </li>
        );
      })}
    </ul>
  );
}
