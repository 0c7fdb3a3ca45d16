'use client';

import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import {
  addComment,
  approveVersion,
  enterReview,
  openReview,
  type Said,
  settleByReviewer,
} from '../../api/reviews.ts';
import { call } from '../shared/api.ts';

/** How often what others said is looked for, and a version that is being made. */
const POLL_MS = { comments: 8000, coming: 2000 };

/** What a link shows. */
export const useReview = (secret: string) =>
  useQuery({
    queryKey: ['review', secret],
    queryFn: () => call(openReview, { params: { secret } }),
    refetchInterval: (q) =>
      q.state.status === 'error' ? false : q.state.data?.coming ? POLL_MS.coming : POLL_MS.comments,
    retry: false,
  });

/** All that a reviewer can do. */
export function useReviewing(secret: string) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const after = {
    onSettled: () => client.invalidateQueries({ queryKey: ['review', secret] }),
    onError: (e: Error) => void message.error(e.message, 6),
  };
  return {
    enter: useMutation({
      mutationFn: (password: string) => call(enterReview, { params: { secret }, body: { password } }),
      onSuccess: after.onSettled,
      onError: after.onError,
    }),
    say: useMutation({
      mutationFn: (body: Said) => call(addComment, { params: { secret }, body }),
      ...after,
    }),
    settle: useMutation({
      mutationFn: ({ comment, settled }: { comment: string; settled: boolean }) =>
        call(settleByReviewer, { params: { secret, comment }, body: { settled } }),
      ...after,
    }),
    approve: useMutation({
      mutationFn: (body: { author: string; version: number }) =>
        call(approveVersion, { params: { secret }, body }),
      ...after,
    }),
  };
}
