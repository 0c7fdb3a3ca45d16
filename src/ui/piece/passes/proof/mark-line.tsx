'use client';

import { Button, Input } from 'antd';
import { useState } from 'react';
import type { Mark } from '../../../../core/proof/proof.ts';
import { takeBackWaiver, waive } from '../../../../core/proof/waive.ts';
import { markWords, repairWords } from '../../../../wording/marks.ts';
import { useReviewWork } from '../../../shared/use-reviews.ts';
import { usePiece } from '../../context.ts';
import type { PassName } from '../../passes.ts';
import { useMend } from '../../use-mend.ts';

/** What a reviewer said is answered where all comments stand, or settled here. */
function CommentWays({ id }: { id: string }) {
  const { store, view } = usePiece();
  const { settle } = useReviewWork(store.state.id);
  return (
    <span className="mark-line__ways">
      <Button
        size="small"
        type="primary"
        loading={settle.isPending}
        onClick={() => settle.mutate({ comment: id, settled: true })}
      >
        Settled
      </Button>
      <Button
        size="small"
        onClick={() => {
          view.openPart('render', 'reviewers');
          view.setDelivering(true);
        }}
      >
        Answer
      </Button>
    </span>
  );
}

/** One finding: what it is, its repair, the pass where it is worked on, and that the writer leaves it as it is. */
export function MarkLine({ mark, place }: { mark: Mark; place?: string }) {
  const { store, view, apply } = usePiece();
  const mend = useMend();
  const [asking, setAsking] = useState(false);
  const [reason, setReason] = useState('');
  const leave = () => {
    setAsking(false);
    apply(waive(store.state.doc, mark, reason));
  };
  const repair = repairWords(mark);
  return (
    <div className={`mark-line mark-line--${mark.waived === null ? mark.weight : 'left'}`}>
      <p>
        {place && <strong>{place} </strong>}
        {markWords(mark)}
        {mark.waived !== null && <em> Left as it is{mark.waived ? `: ${mark.waived}` : '.'}</em>}
      </p>
      {asking ? (
        <form
          className="mark-line__why"
          onSubmit={(e) => {
            e.preventDefault();
            leave();
          }}
        >
          <Input
            size="small"
            autoFocus
            maxLength={200}
            placeholder="Why? (may stay empty)"
            aria-label="Why it is left as it is"
            value={reason}
            onChange={(e) => setReason(e.target.value)}
            onKeyDown={(e) => e.key === 'Escape' && setAsking(false)}
          />
          <Button size="small" type="primary" htmlType="submit">
            Leave it
          </Button>
        </form>
      ) : mark.check === 'comment' ? (
        <CommentWays id={mark.id} />
      ) : mark.waived === null ? (
        <span className="mark-line__ways">
          {repair && (
            <Button size="small" type="primary" onClick={() => mend([mark])}>
              {repair}
            </Button>
          )}
          <Button
            size="small"
            onClick={() => {
              view.select([mark.sceneId]);
              view.setPass(mark.pass as PassName);
            }}
          >
            Work on it
          </Button>
          <Button size="small" type="text" onClick={() => setAsking(true)}>
            Leave it …
          </Button>
        </span>
      ) : (
        <span className="mark-line__ways">
          <Button size="small" type="text" onClick={() => apply(takeBackWaiver(store.state.doc, mark))}>
            Look at it again
          </Button>
        </span>
      )}
    </div>
  );
}
