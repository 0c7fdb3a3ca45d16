'use client';

import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import {
  answerComment,
  type CommentView,
  changeReview,
  createReview,
  isOpenComment,
  listReviews,
  sendVersion,
  settleComment,
} from '../../api/reviews.ts';
import { call } from './api.ts';

const key = (pieceId: string) => ['reviews', pieceId];

/** How often it is looked whether somebody said something, while a link is out; and how far a version is. */
const POLL_MS = { comments: 12_000, coming: 1500 };

const reviewsOf = (pieceId: string) =>
  queryOptions({
    queryKey: key(pieceId),
    queryFn: () => call(listReviews, { params: { id: pieceId } }),
    refetchInterval: ({ state: { data } }) =>
      data?.versions.some((v) => v.state === 'coming')
        ? POLL_MS.coming
        : data?.links.some((l) => l.state === 'open')
          ? POLL_MS.comments
          : false,
  });

/** Links, versions and comments of a piece. */
export const useReviews = (pieceId: string) => useQuery(reviewsOf(pieceId));

const NONE: CommentView[] = [];

/** Comments that nobody has settled yet, without their answers. */
export function useOpenComments(pieceId: string): CommentView[] {
  const { data = NONE } = useQuery({ ...reviewsOf(pieceId), select: open });
  return data;
}

/** Made once for each list, so that who asks sees no change where there is none. */
const open = ({ comments }: { comments: CommentView[] }): CommentView[] => comments.filter(isOpenComment);

/** All that a writer can do with links and comments. */
export function useReviewWork(pieceId: string) {
  const client = useQueryClient();
  const { message } = App.useApp();
  const after = {
    onSettled: () => client.invalidateQueries({ queryKey: key(pieceId) }),
    onError: (e: Error) => void message.error(e.message, 6),
  };
  return {
    create: useMutation({
      mutationFn: (body: { days: number; password: string }) =>
        call(createReview, { params: { id: pieceId }, body }),
      ...after,
    }),
    change: useMutation({
      mutationFn: ({ link, ...body }: { link: string; withdrawn?: boolean; days?: number }) =>
        call(changeReview, { params: { id: link }, body }),
      ...after,
    }),
    send: useMutation({
      mutationFn: () => call(sendVersion, { params: { id: pieceId } }),
      ...after,
    }),
    answer: useMutation({
      mutationFn: ({ comment, text }: { comment: string; text: string }) =>
        call(answerComment, { params: { id: comment }, body: { text } }),
      ...after,
    }),
    settle: useMutation({
      mutationFn: ({ comment, settled }: { comment: string; settled: boolean }) =>
        call(settleComment, { params: { id: comment }, body: { settled } }),
      ...after,
    }),
  };
}
