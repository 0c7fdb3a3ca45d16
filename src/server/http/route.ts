import type { Schema } from 'joi';
import type { Access, AnswerOf, AnyEndpoint, BodyOf, ParamsOf, QueryOf } from '../../api/endpoint.ts';
import type { Refusal } from '../../api/refusal.ts';
import { Failed, type Failure } from '../../core/failure.ts';
import { failureWords } from '../../wording/failures.ts';
import { log } from '../log.ts';
import { admission, type Doors, ourDoors } from './doors.ts';
import { failureBehind } from './outside.ts';
import { STATUS } from './status.ts';

/** The largest JSON body that is read, bytes. */
const LARGEST_BODY = 4_000_000;

/** A request that was checked: everything in it is as the endpoint's schemas say. */
export interface Asked<E extends AnyEndpoint> {
  params: ParamsOf<E>;
  query: QueryOf<E>;
  body: BodyOf<E>;
  /** The body of an endpoint that takes a file. */
  bytes: Buffer;
  request: Request;
}

/** What Next.js hands over: the parts of the address that its folders name. */
interface Context {
  params: Promise<Record<string, string | string[] | undefined>>;
}

export type Handler = (request: Request, context?: Context) => Promise<Response>;

/** A handler that says which endpoint it serves. */
export type EndpointHandler = Handler & { endpoint: AnyEndpoint };

/**
 * The handler of an endpoint: whoever may not call it is turned away, what is sent is checked by its schemas, failures are
 * answered by one table, and what the work gives is the answer.
 */
export function route<E extends AnyEndpoint>(
  endpoint: E,
  work: (asked: Asked<E>) => Promise<AnswerOf<E> | Refused>,
): EndpointHandler {
  const handler = guarded(async (request, context) => {
    const asked = {
      params: check(endpoint.params, (await context?.params) ?? {}),
      query: check(endpoint.query, Object.fromEntries(new URL(request.url).searchParams)),
      ...(await bodyOf(endpoint, request)),
      request,
    };
    const answer: unknown = await work(asked as Asked<E>);
    if (answer instanceof Response) return answer;
    if (answer instanceof Refused) return refusal(answer.failure, answer.more);
    return endpoint.status === 204
      ? new Response(null, { status: 204 })
      : Response.json(answer, { status: endpoint.status });
  }, endpoint.access);
  return Object.assign(handler, { endpoint });
}

/** A refusal that comes with more than its failure. */
export class Refused {
  constructor(
    readonly failure: Failure,
    readonly more: object,
  ) {}
}

/**
 * Wraps a handler: who may not come in is turned away, failures become answers, and what changes something is only taken
 * from our own pages. A reviewer comes by a link, which the handler itself looks at.
 */
export function guarded(handler: Handler, access: Access = 'writer', doors: () => Doors = ourDoors): Handler {
  return async (request, context) => {
    try {
      const admitted = admission(request.headers, doors());
      if (admitted === 'other-host' || (admitted === 'no-access' && access === 'writer'))
        throw new Failed({ code: admitted });
      if (request.method !== 'GET' && request.method !== 'HEAD') sameOrigin(request);
      return await handler(request, context);
    } catch (e) {
      const failure = failureBehind(e);
      if (STATUS[failure.code] >= 500)
        log.error({ err: e, path: new URL(request.url).pathname }, 'request failed');
      return refusal(failure);
    }
  };
}

/** What was unexpected is not told to who asks: it stands in the log. */
function refusal(failure: Failure, more: object = {}): Response {
  const said: Failure = failure.code === 'unknown' ? { code: 'unknown', detail: '' } : failure;
  const body: Refusal = { ...more, failure: said, error: failureWords(said) };
  return Response.json(body, { status: STATUS[failure.code] });
}

function sameOrigin(request: Request): void {
  const site = request.headers.get('sec-fetch-site');
  const origin = request.headers.get('origin');
  const host = request.headers.get('host');
  const from = origin === null ? null : URL.canParse(origin) ? new URL(origin).host : 'unknown';
  const foreign = site === 'cross-site' || (from !== null && host !== null && from !== host);
  if (foreign) throw new Failed({ code: 'other-site' });
}

function check<T>(schema: Schema<T>, raw: unknown): T {
  const { error, value } = schema.validate(raw);
  if (error) throw new Failed({ code: 'bad-request', what: error.message });
  return value;
}

async function bodyOf({ body }: AnyEndpoint, request: Request): Promise<{ body?: unknown; bytes?: Buffer }> {
  if (body === null) return {};
  if ('bytes' in body) return { bytes: await bytesOf(request, body.bytes) };
  const text = (await bytesOf(request, LARGEST_BODY)).toString('utf8');
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    throw new Failed({ code: 'no-json' });
  }
  // A letter outside the basic plane takes two places; a half of one cannot be written to the database.
  if (/\\u[dD][89a-fA-F]/.test(text) && !wellFormed(raw)) throw new Failed({ code: 'half-letter' });
  return { body: check(body, raw) };
}

function wellFormed(value: unknown): boolean {
  if (typeof value === 'string') return value.isWellFormed();
  if (value === null || typeof value !== 'object') return true;
  return Object.entries(value).every(([key, v]) => key.isWellFormed() && wellFormed(v));
}

/** The body as bytes; more than most is refused before it is all read. */
export async function bytesOf(request: Request, most: number): Promise<Buffer> {
  const tooLarge = () => new Failed({ code: 'too-large', most });
  if (Number(request.headers.get('content-length') ?? 0) > most) throw tooLarge();
  const chunks: Uint8Array[] = [];
  let size = 0;
  for await (const chunk of (request.body ?? []) as AsyncIterable<Uint8Array>) {
    size += chunk.byteLength;
    if (size > most) throw tooLarge();
    chunks.push(chunk);
  }
  return Buffer.concat(chunks);
}
