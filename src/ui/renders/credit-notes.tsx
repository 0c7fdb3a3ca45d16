'use client';

import { CopyOutlined } from '@ant-design/icons';
import { App, Button } from 'antd';
import { useMemo } from 'react';
import { creditsOf } from '../../core/exchange/credits.ts';
import { usePieceState } from '../piece/context.ts';
import { useShelf } from '../shared/use-shelf.ts';

/** What is owed to others for the pictures of the piece. */
export function CreditNotes() {
  const { message } = App.useApp();
  const piece = usePieceState((s) => s.doc);
  const { byId } = useShelf();
  const credits = useMemo(() => creditsOf(piece, (id) => byId.get(id)), [piece, byId]);
  const copy = () =>
    navigator.clipboard.writeText(credits.lines.join('\n')).then(
      () => message.success('Copied.', 2),
      () =>
        message.error('The browser does not let this page copy. Select the lines and copy them by hand.', 5),
    );
  return (
    <>
      {credits.lines.length > 0 && (
        <section className="credits" aria-labelledby="credits-title">
          <div className="tools__head">
            <h3 id="credits-title">Credits to publish with it</h3>
            <Button size="small" icon={<CopyOutlined aria-hidden />} onClick={() => void copy()}>
              Copy
            </Button>
          </div>
          <ul>
            {credits.lines.map((l) => (
              <li key={l}>{l}</li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
