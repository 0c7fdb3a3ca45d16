import {
  type AnswerOf,
  type AnyEndpoint,
  addressOf,
  type BodyOf,
  type ParamsOf,
  type QueryOf,
} from '../../api/endpoint.ts';
import type { Refusal } from '../../api/refusal.ts';
import type { Failure } from '../../core/failure.ts';
import { failureWords } from '../../wording/failures.ts';

/** A refusal of the server, with its failure in words as the message. */
export class ApiError extends Error {
  override name = 'ApiError';
  constructor(
    readonly status: number,
    readonly failure: Failure,
    readonly body: Record<string, unknown>,
  ) {
    super(failureWords(failure));
  }
}

/** What an endpoint wants to be asked with; what it does not know of is left out. */
type Asking<E extends AnyEndpoint> = (ParamsOf<E> extends Record<string, never>
  ? { params?: undefined }
  : { params: ParamsOf<E> }) & { query?: Partial<QueryOf<E>> } & (BodyOf<E> extends undefined
    ? { body?: undefined }
    : { body: BodyOf<E> });

export interface CallOptions {
  keepalive?: boolean;
  signal?: AbortSignal;
}

const UNREACHABLE = 'The server cannot be reached. Is Nabbet still running?';

/** Asks an endpoint. Throws ApiError when the server refuses, or a plain error when there is no connection. */
export function call<E extends AnyEndpoint>(
  endpoint: E,
  asking: Asking<E>,
  options: CallOptions = {},
): Promise<AnswerOf<E>> {
  const json = asking.body === undefined ? {} : jsonBody(asking.body);
  return send(endpoint, asking, { ...json, ...options });
}

const jsonBody = (body: unknown): RequestInit => ({
  body: JSON.stringify(body),
  headers: { 'Content-Type': 'application/json' },
});

/** Sends a file as it is. Throws as call does. */
export const sendFile = <E extends AnyEndpoint>(
  endpoint: E,
  asking: { params?: ParamsOf<E>; query: Partial<QueryOf<E>> },
  file: File,
): Promise<AnswerOf<E>> => send(endpoint, asking, { body: file });

async function send<E extends AnyEndpoint>(
  endpoint: E,
  { params, query }: { params?: ParamsOf<E>; query?: Partial<QueryOf<E>> },
  init: RequestInit,
): Promise<AnswerOf<E>> {
  let response: Response;
  try {
    response = await fetch(addressOf(endpoint, params, query), { method: endpoint.method, ...init });
  } catch (e) {
    if ((e as Error).name === 'AbortError') throw e;
    throw new Error(UNREACHABLE);
  }
  const text = await response.text();
  let body: unknown;
  try {
    body = text ? JSON.parse(text) : undefined;
  } catch {
    body = undefined;
  }
  if (!response.ok) {
    const refusal = (body ?? {}) as Partial<Refusal>;
    const failure = refusal.failure ?? { code: 'unknown', detail: `status ${response.status}` };
    throw new ApiError(response.status, failure, refusal as Record<string, unknown>);
  }
  return body as AnswerOf<E>;
}
