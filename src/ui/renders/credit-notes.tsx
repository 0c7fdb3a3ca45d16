'use client';

import { CopyOutlined } from '@ant-design/icons';
import { Alert, App, Button } from 'antd';
import { useMemo } from 'react';
import { creditsOf } from '../../core/exchange/credits.ts';
import { usePiece, usePieceState } from '../piece/context.ts';
import { useShelf } from '../shared/use-shelf.ts';

/** What is owed to others for the pictures of the piece, and what nobody has cleared yet. */
export function CreditNotes() {
  const { store } = usePiece();
  const { message } = App.useApp();
  const piece = usePieceState((s) => s.piece);
  const { byId } = useShelf();
  const credits = useMemo(() => creditsOf(piece, (id) => byId.get(id)), [piece, byId]);
  const open = [
    ...credits.unknown.map((u) => ({ ...u, why: 'nobody knows yet whether it may be used' })),
    ...credits.nameless.map((n) => ({ ...n, why: 'wants a name that is not given yet' })),
  ];
  const go = (scene: number) => {
    const id = piece.scenes[scene - 1]?.id;
    store.setPass('pictures');
    store.setPicturesPart('find');
    if (id) store.select([id]);
  };
  const copy = () =>
    navigator.clipboard.writeText(credits.lines.join('\n')).then(
      () => message.success('Copied.', 2),
      () =>
        message.error('The browser does not let this page copy. Select the lines and copy them by hand.', 5),
    );
  return (
    <>
      {open.slice(0, 6).map((o) => (
        <Alert
          key={o.id}
          type="warning"
          showIcon
          title={`“${o.title}” in scene ${o.scene}: ${o.why}.`}
          action={
            <Button size="small" onClick={() => go(o.scene)}>
              Look at it
            </Button>
          }
        />
      ))}
      {open.length > 6 && <p className="tools__note">And {open.length - 6} more pictures like these.</p>}
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
