'use client';

import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Alert, App, Button, Segmented } from 'antd';
import { useState } from 'react';
import { blanks } from '../../core/text/blanks.ts';
import { type Height, renderSize } from '../../core/timeline/segments.ts';
import { usePiece, usePieceState, useTimelineNow } from '../piece/context.ts';
import { api } from '../shared/api.ts';
import { CreditNotes } from './credit-notes.tsx';
import { RenderList } from './render-list.tsx';

/** Asks for a video of the piece as it is, and shows those there are. The piece can be edited on meanwhile. */
export function RendersPanel() {
  const { store } = usePiece();
  const timeline = useTimelineNow();
  const id = usePieceState((s) => s.id);
  const client = useQueryClient();
  const { message } = App.useApp();
  const [height, setHeight] = useState<Height>(1080);
  const ask = useMutation({
    mutationFn: async () => {
      await store.flush();
      return api('/api/renders', { body: { pieceId: id, height } });
    },
    onSuccess: () => client.invalidateQueries({ queryKey: ['renders'] }),
    onError: (e) => message.error(e.message, 6),
  });
  const open = usePieceState((s) => s.piece.scenes.reduce((n, x) => n + blanks(x.shown).length, 0));
  const firstOpen = usePieceState((s) => s.piece.scenes.find((x) => blanks(x.shown).length)?.id ?? null);
  const size = renderSize(timeline, height);
  return (
    <>
      <div className="tools__head">
        <h2>Render</h2>
        <Button size="small" onClick={() => store.setDelivering(false)}>
          Back to the tools
        </Button>
      </div>
      <div className="deliver">
        <Segmented
          aria-label="Lines of the short side"
          block
          value={height}
          onChange={(v) => setHeight(v as Height)}
          options={[
            { value: 480, label: '480' },
            { value: 720, label: '720' },
            { value: 1080, label: '1080' },
          ]}
        />
        <p>
          MP4, {size.width} × {size.height}, 30 frames a second. It is made in the background: write on
          meanwhile.
        </p>
        {open > 0 && (
          <Alert
            type="warning"
            showIcon
            title={`${open} blank${open === 1 ? ' is' : 's are'} still open and would be seen in the video.`}
            action={
              <Button
                size="small"
                onClick={() => {
                  store.setPass('words');
                  if (firstOpen) store.select([firstOpen]);
                }}
              >
                Fill it in
              </Button>
            }
          />
        )}
        <CreditNotes />
        <Button
          type="primary"
          block
          loading={ask.isPending}
          disabled={!timeline.frames}
          onClick={() => ask.mutate()}
        >
          Start the render
        </Button>
      </div>
      <RenderList pieceId={id} />
    </>
  );
}
