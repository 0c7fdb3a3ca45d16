'use client';

import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { pieceCost } from '../../api/stock.ts';
import { creditsOf } from '../../core/exchange/credits.ts';
import { euros } from '../../wording/stock.ts';
import { usePieceState } from '../piece/context.ts';
import { call } from '../shared/api.ts';
import { CopyButton } from '../shared/copy-button.tsx';
import { useOwnTracks } from '../shared/use-own-tracks.ts';
import { useShelf } from '../shared/use-shelf.ts';

/** What is owed to others for the pictures and the music of the piece, and what was paid for them. */
export function CreditNotes() {
  const piece = usePieceState((s) => s.doc);
  const pieceId = usePieceState((s) => s.id);
  const { byId } = useShelf();
  const { byId: ownTracks } = useOwnTracks();
  const credits = useMemo(
    () => creditsOf(piece, (id) => byId.get(id) ?? ownTracks[id]),
    [piece, byId, ownTracks],
  );
  const used = piece.scenes
    .flatMap((s) => s.pictures.map((p) => p.assetId))
    .filter((id) => byId.get(id)?.own);
  const cost = useQuery({
    queryKey: ['cost', pieceId, used],
    enabled: used.length > 0,
    queryFn: () => call(pieceCost, { params: { id: pieceId } }),
  });
  const paid = cost.data?.pictures ?? [];
  return (
    <>
      {cost.data && paid.length > 0 && (
        <p className="tools__note">
          Pictures bought for it: {paid.length === 1 ? 'one' : paid.length}, {euros(cost.data.totalCents)} in
          all ({paid.map((p) => `“${p.title}” ${euros(p.priceCents)}`).join(', ')}). They are paid, and may be
          used in every piece.
        </p>
      )}
      {credits.lines.length > 0 && (
        <section className="credits" aria-labelledby="credits-title">
          <div className="tools__head">
            <h3 id="credits-title">Credits to publish with it</h3>
            <CopyButton label="Copy the credits" text={credits.lines.join('\n')} />
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
