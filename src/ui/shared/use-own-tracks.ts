'use client';

import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { listTracks, type OwnTrack } from '../../api/music.ts';
import { call } from './api.ts';

const NONE: OwnTrack[] = [];
/** Under which the tracks that were brought are kept. */
export const OWN_TRACKS = ['own-tracks'];

/** The tracks that were brought, and the same by id. */
export function useOwnTracks(): { tracks: OwnTrack[]; byId: Readonly<Record<string, OwnTrack>> } {
  const { data = NONE } = useQuery({
    queryKey: OWN_TRACKS,
    queryFn: () => call(listTracks, {}),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const byId = useMemo(() => Object.fromEntries(data.map((t) => [t.id, t])), [data]);
  return { tracks: data, byId };
}
