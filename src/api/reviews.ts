import Joi from 'joi';
import type { Changes } from '../core/piece/changes.ts';
import { share } from '../core/piece/field.ts';
import { LIMITS } from '../core/piece/limits.ts';
import { answer, byId, endpoint } from './endpoint.ts';
import type { SceneTime } from './renders.ts';

/** approval: its author is content with the version. */
export const COMMENT_KINDS = ['comment', 'approval'] as const;
export type CommentKind = (typeof COMMENT_KINDS)[number];

/** Part of the frame, in shares of it. */
export interface Region {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** What somebody said. */
export interface CommentView {
  id: string;
  kind: CommentKind;
  /** The comment that it answers. */
  parentId: string | null;
  author: string;
  /** It is the writer's own. */
  byWriter: boolean;
  text: string;
  version: number;
  sceneId: string | null;
  atMs: number | null;
  region: Region | null;
  at: string;
  settledAt: string | null;
}

/** What reviewers watch: a video of the piece as it was when it was sent. */
export interface VersionView {
  version: number;
  state: 'coming' | 'ready' | 'failed';
  done: number;
  total: number;
  at: string;
  rev: number;
}

/** Something that was said and that nobody has settled; answers belong to it. */
export const isOpenComment = (c: CommentView): boolean =>
  c.kind === 'comment' && c.parentId === null && c.settledAt === null;

export interface ReviewLink {
  id: string;
  /** Its address, from the slash on. */
  path: string;
  hasPassword: boolean;
  state: 'open' | 'expired' | 'withdrawn';
  createdAt: string;
  expiresAt: string;
}

/** All that a writer sees of the reviewing of a piece. */
export interface ReviewState {
  links: ReviewLink[];
  versions: VersionView[];
  comments: CommentView[];
}

/** A scene as reviewers see it beside the video. */
export interface ReviewScene extends SceneTime {
  shown: string;
  spoken: string;
}

/** All that a reviewer sees. */
export interface ReviewPage {
  title: string;
  format: string;
  /** The newest that can be watched; null until there is one. */
  version: number | null;
  /** One that is being made. */
  coming: VersionView | null;
  scenes: ReviewScene[];
  /** What is other than in the version before; null for the first one. gone: the words of scenes that are gone, by id. */
  changes: (Changes & { since: number; gone: Record<string, string> }) | null;
  comments: CommentView[];
  expiresAt: string;
}

const SECRET = Joi.string().max(64).required();
const bySecret = Joi.object<{ secret: string }>({ secret: SECRET });
const AUTHOR = Joi.string().trim().min(1).max(LIMITS.nameLength).required();
const TEXT = Joi.string().trim().min(1).max(LIMITS.commentLength).required();

/** How long a link may stay open, days. */
export const LINK_DAYS = { first: 14, most: 365 } as const;

export const listReviews = endpoint('GET', '/api/pieces/:id/reviews', {
  params: byId,
  answer: answer<ReviewState>(),
});

/** Makes a link, and a version to watch when there is none. password: empty for none. */
export const createReview = endpoint('POST', '/api/pieces/:id/reviews', {
  params: byId,
  body: Joi.object<{ days: number; password: string }>({
    days: Joi.number().integer().min(1).max(LINK_DAYS.most).required(),
    password: Joi.string().allow('').max(200).required(),
  }),
  status: 201,
  answer: answer<{ id: string; path: string }>(),
});

/** Closes a link, or opens it again for so many days. */
export const changeReview = endpoint('PATCH', '/api/reviews/:id', {
  params: byId,
  body: Joi.object<{ withdrawn?: boolean; days?: number }>({
    withdrawn: Joi.boolean(),
    days: Joi.number().integer().min(1).max(LINK_DAYS.most),
  }).min(1),
});

/** Has reviewers see the piece as it is now; the version that there is when nothing has changed since. */
export const sendVersion = endpoint('POST', '/api/pieces/:id/reviews/versions', {
  params: byId,
  status: 201,
  answer: answer<{ version: number; made: boolean }>(),
});

/** The writer answers. */
export const answerComment = endpoint('POST', '/api/comments/:id/answers', {
  params: byId,
  body: Joi.object<{ text: string }>({ text: TEXT }),
  status: 201,
  answer: answer<{ id: string }>(),
});

export const settleComment = endpoint('PATCH', '/api/comments/:id', {
  params: byId,
  body: Joi.object<{ settled: boolean }>({ settled: Joi.boolean().required() }),
});

export const openReview = endpoint('GET', '/api/review/:secret', {
  access: 'reviewer',
  params: bySecret,
  answer: answer<ReviewPage>(),
});

/** Gives the password of a link; answers with a cookie that keeps it open. */
export const enterReview = endpoint('POST', '/api/review/:secret/password', {
  access: 'reviewer',
  params: bySecret,
  body: Joi.object<{ password: string }>({ password: Joi.string().max(200).required() }),
  answer: answer<Response>(),
});

const region = Joi.object<Region>({
  x: share().required(),
  y: share().required(),
  width: share().required(),
  height: share().required(),
});

/** What a reviewer says: of a moment of the version and a part of the frame, or in answer to a comment. */
export interface Said {
  author: string;
  text: string;
  version: number;
  parentId: string | null;
  atMs: number | null;
  region: Region | null;
}

export const addComment = endpoint('POST', '/api/review/:secret/comments', {
  access: 'reviewer',
  params: bySecret,
  body: Joi.object<Said>({
    author: AUTHOR,
    text: TEXT,
    version: Joi.number().integer().min(1).required(),
    parentId: Joi.string().max(24).allow(null).default(null),
    atMs: Joi.number().integer().min(0).max(LIMITS.pieceMs).allow(null).default(null),
    region: region.allow(null).default(null),
  }),
  status: 201,
  answer: answer<{ id: string }>(),
});

export const settleByReviewer = endpoint('PATCH', '/api/review/:secret/comments/:comment', {
  access: 'reviewer',
  params: Joi.object<{ secret: string; comment: string }>({
    secret: SECRET,
    comment: Joi.string().max(24).required(),
  }),
  body: Joi.object<{ settled: boolean }>({ settled: Joi.boolean().required() }),
});

/** A reviewer is content with a version. */
export const approveVersion = endpoint('POST', '/api/review/:secret/approval', {
  access: 'reviewer',
  params: bySecret,
  body: Joi.object<{ author: string; version: number }>({
    author: AUTHOR,
    version: Joi.number().integer().min(1).required(),
  }),
  status: 201,
  answer: answer<{ id: string }>(),
});

export const reviewVideo = endpoint('GET', '/media/review/:secret/:version', {
  access: 'reviewer',
  params: Joi.object<{ secret: string; version: string }>({
    secret: SECRET,
    version: Joi.string().max(12).required(),
  }),
  answer: answer<Response>(),
});
