'use client';

import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { ShelfEntryView } from '../../server/shelf/view.ts';
import { api } from './api.ts';

const NONE: ShelfEntryView[] = [];

/** The shelf's entries, read once. */
export function useShelf(): { entries: ShelfEntryView[]; byId: Map<string, ShelfEntryView> } {
  const { data = NONE } = useQuery({
    queryKey: ['shelf'],
    queryFn: () => api<ShelfEntryView[]>('/api/shelf'),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const byId = useMemo(() => new Map(data.map((e) => [e.id, e])), [data]);
  return { entries: data, byId };
}
