import Joi from 'joi';
import { HEIGHTS, type Height } from '../core/timeline/segments.ts';
import { answer, byId, endpoint } from './endpoint.ts';

export const RENDER_STATES = ['waiting', 'running', 'done', 'failed', 'cancelled'] as const;
export type RenderState = (typeof RENDER_STATES)[number];

/** What the interface shows of a render. */
export interface RenderView {
  id: string;
  pieceId: string;
  title: string;
  format: string;
  height: number;
  state: RenderState;
  step: string;
  /** Frames. */
  done: number;
  total: number;
  /** Milliseconds until it is done, by the pace so far; null when that cannot be said. */
  remainingMs: number | null;
  error: string | null;
  bytes: number | null;
  /** Where its video lies on the machine on which Nabbet runs; null until it is done. */
  file: string | null;
  durationMs: number | null;
  rev: number;
  createdAt: string;
  finishedAt: string | null;
}

export const listRenders = endpoint('GET', '/api/renders', {
  query: Joi.object<{ piece?: string }>({ piece: Joi.string().max(24) }),
  answer: answer<RenderView[]>(),
});

export const requestRender = endpoint('POST', '/api/renders', {
  body: Joi.object<{ pieceId: string; height: Height }>({
    pieceId: Joi.string().max(24).required(),
    height: Joi.number()
      .valid(...HEIGHTS)
      .required(),
  }),
  status: 201,
  answer: answer<{ id: string }>(),
});

export const getRender = endpoint('GET', '/api/renders/:id', { params: byId, answer: answer<RenderView>() });

export const deleteRender = endpoint('DELETE', '/api/renders/:id', { params: byId });

export const cancelRender = endpoint('POST', '/api/renders/:id/cancel', { params: byId });
