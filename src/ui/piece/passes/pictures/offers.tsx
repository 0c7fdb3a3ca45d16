'use client';

import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { App, Button, Spin } from 'antd';
import { useDeferredValue } from 'react';
import { getPicture } from '../../../../api/shelf.ts';
import { type OfferView, searchLibraries, takeOffer } from '../../../../api/stock.ts';
import { choosePicture } from '../../../../core/piece/placements.ts';
import type { Scene } from '../../../../core/piece/types.ts';
import { LICENCE_LABELS } from '../../../../wording/pictures.ts';
import { euros, libraryWords } from '../../../../wording/stock.ts';
import { call } from '../../../shared/api.ts';
import { addAssets } from '../../../shared/use-shelf.ts';
import { usePiece, useViewState } from '../../context.ts';

/** What libraries from outside offer for some words, with terms and price; one is taken and paid by its button. */
export function Offers({ words, scene }: { words: string; scene: Scene }) {
  const asked = useDeferredValue(words.slice(0, 500));
  const client = useQueryClient();
  const stock = useQuery({
    queryKey: ['stock', asked],
    enabled: asked.trim() !== '',
    queryFn: ({ signal }) => call(searchLibraries, { query: { words: asked } }, { signal }),
    placeholderData: (old) => old,
  });
  const silent = stock.data?.libraries.filter((l) => l.state !== 'answered') ?? [];
  return (
    <section className="offers" aria-label="From the libraries">
      <h3 className="offers__title">From the libraries</h3>
      {stock.isLoading && <Spin size="small" />}
      {stock.isError && <p className="tools__note">{stock.error.message}</p>}
      {silent.map((l) => (
        <p key={l.id} className="tools__note" role="status">
          {libraryWords(l.name, l.state, l.state === 'limited' ? l.waitS : 0)}{' '}
          <Button size="small" onClick={() => void client.invalidateQueries({ queryKey: ['stock'] })}>
            Ask again
          </Button>
        </p>
      ))}
      {stock.data && stock.data.offers.length === 0 && silent.length === 0 && (
        <p className="tools__note">The libraries have nothing for these words. Try one or two plain nouns.</p>
      )}
      <ul className="offers__list">
        {stock.data?.offers.map((o) => (
          <Offer
            key={`${o.library}/${o.id}`}
            offer={o}
            scene={scene}
            library={stock.data.libraries.find((l) => l.id === o.library)?.name ?? o.library}
          />
        ))}
      </ul>
    </section>
  );
}

function Offer({ offer, scene, library }: { offer: OfferView; scene: Scene; library: string }) {
  const { store, apply } = usePiece();
  const { message } = App.useApp();
  const client = useQueryClient();
  const slot = useViewState((s) => s.slot);
  const take = useMutation({
    mutationFn: async () => {
      const { library: from, id, priceCents } = offer;
      const { assetId } = await call(takeOffer, { body: { library: from, id, shownCents: priceCents } });
      return call(getPicture, { params: { id: assetId } });
    },
    onSuccess: (entry) => {
      addAssets(client, [entry]);
      for (const key of ['stock', 'search', 'cost']) void client.invalidateQueries({ queryKey: [key] });
      const now = store.state.doc.scenes.find((s) => s.id === scene.id);
      if (now) apply(choosePicture(now, entry.id, slot));
    },
    onError: (e) => void message.error(e.message, 6),
  });
  const terms =
    offer.licence === 'bought'
      ? 'paid once, for every piece'
      : offer.credit
        ? `credit to ${offer.credit}`
        : LICENCE_LABELS[offer.licence];
  const price = offer.assetId ? 'taken before' : euros(offer.priceCents);
  return (
    <li className="offer">
      <img className="offer__preview" src={offer.preview} alt="" loading="lazy" />
      <span className="offer__title">{offer.title}</span>
      <span className="offer__terms">
        {library} · {terms}
      </span>
      <Button
        size="small"
        loading={take.isPending}
        aria-label={`Use “${offer.title}” from ${library}, ${terms}, ${price}`}
        onClick={() => take.mutate()}
      >
        {offer.assetId ? 'Use' : offer.priceCents ? `Buy · ${price}` : 'Take · free'}
      </Button>
    </li>
  );
}
