'use client';

import { useMutation, useQueryClient } from '@tanstack/react-query';
import { App, Button, Segmented } from 'antd';
import { requestRender } from '../../api/renders.ts';
import { usePiece, usePieceState, useTimelineNow, useViewState } from '../piece/context.ts';
import { call } from '../shared/api.ts';
import { CreditNotes } from './credit-notes.tsx';
import { Deliveries } from './deliveries.tsx';
import { FileList } from './file-list.tsx';
import { KitPanel } from './kit/kit-panel.tsx';
import { ProofNotes } from './proof-notes.tsx';
import { RenderList } from './render-list.tsx';
import { ReviewPanel } from './review/review-panel.tsx';
import { SinceDelivered } from './since-delivered.tsx';

/** Asks for deliveries of the piece as it is, and shows those there are. The piece can be edited on meanwhile. */
export function RendersPanel() {
  const { store, view } = usePiece();
  const timeline = useTimelineNow();
  const id = usePieceState((s) => s.id);
  const client = useQueryClient();
  const { message } = App.useApp();
  const count = usePieceState((s) => s.doc.deliveries.length);
  const part = useViewState((v) => v.open.render ?? 'video');
  const ask = useMutation({
    mutationFn: async () => {
      await store.flush();
      return call(requestRender, { body: { pieceId: id, deliveries: store.state.doc.deliveries } });
    },
    onSuccess: () => client.invalidateQueries({ queryKey: ['renders'] }),
    onError: (e) => void message.error(e.message, 6),
  });
  return (
    <>
      <div className="tools__head">
        <h2>Render</h2>
        <Button size="small" onClick={() => view.setDelivering(false)}>
          Back to the tools
        </Button>
      </div>
      <Segmented
        aria-label="What goes out"
        size="small"
        block
        value={part}
        onChange={(v) => view.openPart('render', v)}
        options={[
          { value: 'video', label: 'Deliveries' },
          { value: 'kit', label: 'Post kit' },
          { value: 'reviewers', label: 'Reviewers' },
        ]}
      />
      {part === 'kit' ? (
        <KitPanel />
      ) : part === 'reviewers' ? (
        <ReviewPanel />
      ) : (
        <>
          <div className="deliver">
            <Deliveries />
            <SinceDelivered />
            <ProofNotes />
            <CreditNotes />
            <Button
              type="primary"
              block
              loading={ask.isPending}
              disabled={!timeline.frames}
              onClick={() => ask.mutate()}
            >
              {count === 1 ? 'Start the render' : `Make all ${count}`}
            </Button>
          </div>
          <RenderList pieceId={id} />
          <FileList pieceId={id} />
        </>
      )}
    </>
  );
}
