'use client';

import { type QueryClient, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { listShelf, type ShelfEntryView } from '../../api/shelf.ts';
import { call } from './api.ts';

const NONE: ShelfEntryView[] = [];
const ASSETS = ['assets'];

/** Makes pictures known that are not on the shipped shelf, or how they are now. */
export function addAssets(client: QueryClient, assets: readonly ShelfEntryView[]): void {
  client.setQueryData<ShelfEntryView[]>(ASSETS, (old = NONE) => {
    const fresh = new Map(assets.map((a) => [a.id, a]));
    const same = old.map((a) => {
      const now = fresh.get(a.id);
      fresh.delete(a.id);
      return now && JSON.stringify(now) !== JSON.stringify(a) ? now : a;
    });
    return fresh.size || same.some((a, i) => a !== old[i]) ? [...same, ...fresh.values()] : old;
  });
}

/** The shelf's entries, read once; byId also has the pictures that were brought in. */
export function useShelf(): { entries: ShelfEntryView[]; byId: Map<string, ShelfEntryView> } {
  const { data = NONE } = useQuery({
    queryKey: ['shelf'],
    queryFn: () => call(listShelf, {}),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const { data: assets = NONE } = useQuery({
    queryKey: ASSETS,
    queryFn: () => NONE,
    initialData: NONE,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: Number.POSITIVE_INFINITY,
  });
  const byId = useMemo(() => new Map([...data, ...assets].map((e) => [e.id, e])), [data, assets]);
  return { entries: data, byId };
}
