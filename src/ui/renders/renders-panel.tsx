'use client';

import { useMutation, useQueryClient } from '@tanstack/react-query';
import { App, Button, Segmented } from 'antd';
import { useState } from 'react';
import { requestRender } from '../../api/renders.ts';
import { FPS } from '../../core/time.ts';
import { type Height, renderSize } from '../../core/timeline/segments.ts';
import { usePiece, usePieceState, useTimelineNow } from '../piece/context.ts';
import { call } from '../shared/api.ts';
import { CreditNotes } from './credit-notes.tsx';
import { FileList } from './file-list.tsx';
import { ProofNotes } from './proof-notes.tsx';
import { RenderList } from './render-list.tsx';

/** Asks for a video of the piece as it is, and shows those there are. The piece can be edited on meanwhile. */
export function RendersPanel() {
  const { store, view } = usePiece();
  const timeline = useTimelineNow();
  const id = usePieceState((s) => s.id);
  const client = useQueryClient();
  const { message } = App.useApp();
  const [height, setHeight] = useState<Height>(1080);
  const ask = useMutation({
    mutationFn: async () => {
      await store.flush();
      return call(requestRender, { body: { pieceId: id, height } });
    },
    onSuccess: () => client.invalidateQueries({ queryKey: ['renders'] }),
    onError: (e) => message.error(e.message, 6),
  });
  const size = renderSize(timeline, height);
  return (
    <>
      <div className="tools__head">
        <h2>Render</h2>
        <Button size="small" onClick={() => view.setDelivering(false)}>
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
            { value: 480, label: '480 draft' },
            { value: 720, label: '720' },
            { value: 1080, label: '1080' },
          ]}
        />
        <p>
          MP4, {size.width} × {size.height}, {FPS} frames a second. It is made in the background: write on
          meanwhile.
        </p>
        <ProofNotes />
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
      <FileList pieceId={id} />
    </>
  );
}
