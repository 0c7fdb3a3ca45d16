'use client';

import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { compareVersion, listVersions } from '../../api/desk.ts';
import { changesBetween } from '../../core/piece/changes.ts';
import { changesWords } from '../../wording/reviews.ts';
import { usePieceState } from '../piece/context.ts';
import { call } from '../shared/api.ts';

/** How often it is looked whether one more was delivered. */
const POLL_MS = 10_000;

/** What a viewer would notice since a video of the piece was last made; of that alone anything is painted anew. */
export function SinceDelivered() {
  const id = usePieceState((s) => s.id);
  const doc = usePieceState((s) => s.doc);
  const { data: versions } = useQuery({
    queryKey: ['versions', id],
    queryFn: () => call(listVersions, { params: { id } }),
    refetchInterval: POLL_MS,
  });
  const delivered = versions?.versions.find((v) => v.kind === 'delivered')?.id;
  const { data: last } = useQuery({
    queryKey: ['versions', id, delivered, 'document'],
    queryFn: async () =>
      (await call(compareVersion, { params: { id, version: delivered as string } })).before,
    enabled: delivered !== undefined,
    // A delivery does not change any more.
    staleTime: Number.POSITIVE_INFINITY,
  });
  const changes = useMemo(() => last && changesBetween(last, doc), [last, doc]);
  if (!changes) return null;
  return <p>{changesWords(changes, 'the last delivery')} What is as it was is not painted again.</p>;
}
