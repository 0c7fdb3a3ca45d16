'use client';

import {
  keepPreviousData,
  useInfiniteQuery,
  useMutation,
  useQuery,
  useQueryClient,
} from '@tanstack/react-query';
import { App } from 'antd';
import {
  copyPieces,
  type DeskQuery,
  deskFacets,
  emptyBin,
  type FilingChange,
  filePieces,
  listPieces,
  refillBin,
} from '../../api/desk.ts';
import type { Format } from '../../core/look/formats.ts';
import { call } from '../shared/api.ts';

/** What is looked for on the desk. */
export type Sought = Omit<DeskQuery, 'after'>;
export const EVERYTHING: Sought = {
  ...{ find: '', place: 'desk', state: '', category: '', tag: '', language: '', order: 'changed' },
};

export const usePieces = (sought: Sought) =>
  useInfiniteQuery({
    queryKey: ['pieces', sought],
    queryFn: ({ pageParam }) => call(listPieces, { query: { ...sought, after: pageParam } }),
    initialPageParam: '',
    getNextPageParam: (page) => page.next,
    placeholderData: keepPreviousData,
  });

export const useFacets = () =>
  useQuery({ queryKey: ['pieces', 'facets'], queryFn: () => call(deskFacets, {}) });

/** All that can be done with pieces on the desk. */
export function useDeskWork() {
  const client = useQueryClient();
  const { message } = App.useApp();
  const after = {
    onSettled: () => client.invalidateQueries({ queryKey: ['pieces'] }),
    onError: (e: Error) => void message.error(e.message, 6),
  };
  return {
    file: useMutation({ mutationFn: (body: FilingChange) => call(filePieces, { body }), ...after }),
    copy: useMutation({
      mutationFn: (body: { ids: string[]; format: Format | null; language: string | null }) =>
        call(copyPieces, { body }),
      ...after,
    }),
    empty: useMutation({ mutationFn: () => call(emptyBin, {}), ...after }),
    refill: useMutation({ mutationFn: () => call(refillBin, {}), ...after }),
  };
}
