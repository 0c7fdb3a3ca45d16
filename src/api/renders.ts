import Joi from 'joi';
import type { DeliveryKindName } from '../core/deliver/kinds.ts';
import { LIMITS } from '../core/piece/limits.ts';
import { type Delivery, deliverySchema } from '../core/piece/outputs.ts';
import { answer, byId, endpoint } from './endpoint.ts';

export const RENDER_STATES = ['waiting', 'running', 'done', 'failed', 'cancelled'] as const;
export type RenderState = (typeof RENDER_STATES)[number];

/** Where a scene stands in a finished video. */
export interface SceneTime {
  id: string;
  startMs: number;
  endMs: number;
}

/** What the interface shows of a render. */
export interface RenderView {
  id: string;
  pieceId: string;
  title: string;
  kind: DeliveryKindName;
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
  /** The number under which reviewers watch it; null when it is not for them. */
  version: number | null;
  /** Where it stands among those that wait: the smallest first. */
  place: number;
  /** What its file is called; see Delivery. */
  name: string;
  /** Of its words, two letters; null as they are written. */
  language: string | null;
  createdAt: string;
  finishedAt: string | null;
}

export const listRenders = endpoint('GET', '/api/renders', {
  query: Joi.object<{ piece?: string }>({ piece: Joi.string().max(24) }),
  answer: answer<RenderView[]>(),
});

/** Asks for deliveries of a piece as it is now, one after the other. */
export const requestRender = endpoint('POST', '/api/renders', {
  body: Joi.object<{ pieceId: string; deliveries: Delivery[] }>({
    pieceId: Joi.string().max(24).required(),
    deliveries: Joi.array().items(deliverySchema).min(1).max(LIMITS.deliveries).required(),
  }),
  status: 201,
  answer: answer<{ ids: string[] }>(),
});

export const getRender = endpoint('GET', '/api/renders/:id', { params: byId, answer: answer<RenderView>() });

export const deleteRender = endpoint('DELETE', '/api/renders/:id', { params: byId });

/** Has one that waits made before the others. */
export const renderFirst = endpoint('POST', '/api/renders/:id/first', { params: byId });

/** Has those that wait made in this order, among the others where they stand. */
export const orderRenders = endpoint('POST', '/api/renders/order', {
  body: Joi.object<{ ids: string[] }>({
    ids: Joi.array().items(Joi.string().max(24)).min(1).max(200).unique().required(),
  }),
});

export const cancelRender = endpoint('POST', '/api/renders/:id/cancel', { params: byId });
