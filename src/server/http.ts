import type { ReadStream } from 'node:fs';
import { createReadStream } from 'node:fs';
import { stat } from 'node:fs/promises';
import type { ObjectSchema } from 'joi';
import { log } from './log.ts';

/** The largest JSON body that is read, bytes. */
const LARGEST_BODY = 4_000_000;

/** An answer that says what is wrong and what to do. */
export class HttpError extends Error {
  override name = 'HttpError';
  constructor(
    readonly status: number,
    message: string,
    readonly details?: unknown,
  ) {
    super(message);
  }
}

type Handler<C> = (request: Request, context: C) => Promise<Response>;

/** Wraps a route: errors become JSON, and what changes something is only taken from our own pages. */
export function route<C>(handler: Handler<C>): Handler<C> {
  return async (request, context) => {
    try {
      if (request.method !== 'GET' && request.method !== 'HEAD') sameOrigin(request);
      return await handler(request, context);
    } catch (e) {
      if (e instanceof HttpError)
        return Response.json({ error: e.message, details: e.details }, { status: e.status });
      log.error({ err: e, url: request.url }, 'request failed');
      return Response.json(
        { error: 'Something went wrong on the server. Your last saved state is kept; try again.' },
        { status: 500 },
      );
    }
  };
}

function sameOrigin(request: Request): void {
  const site = request.headers.get('sec-fetch-site');
  const origin = request.headers.get('origin');
  const host = request.headers.get('host');
  const from = origin === null ? null : URL.canParse(origin) ? new URL(origin).host : 'unknown';
  const foreign = site === 'cross-site' || (from !== null && host !== null && from !== host);
  if (foreign) throw new HttpError(403, 'This request came from another site.');
}

/** The JSON body, checked by a schema. */
export async function body<T>(request: Request, schema: ObjectSchema): Promise<T> {
  const length = Number(request.headers.get('content-length') ?? 0);
  if (length > LARGEST_BODY)
    throw new HttpError(
      413,
      `The request is too large (${(length / 1e6).toFixed(1)} MB; at most ${LARGEST_BODY / 1e6} MB).`,
    );
  const text = await request.text();
  if (text.length > LARGEST_BODY)
    throw new HttpError(413, `The request is too large; at most ${LARGEST_BODY / 1e6} MB.`);
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    throw new HttpError(400, 'The request is no JSON.');
  }
  return check(raw, schema);
}

/** A value checked by a schema; what is wrong is answered with 400. */
export function check<T>(raw: unknown, schema: ObjectSchema): T {
  const { error, value } = schema.validate(raw);
  if (error) throw new HttpError(400, error.message);
  return value as T;
}

/** The body as bytes; more than most is refused before it is all read. */
export async function bytesOf(request: Request, most: number): Promise<Buffer> {
  const tooLarge = () =>
    new HttpError(413, `The file is larger than ${Math.round(most / 1e6)} MB, which is too much to read.`);
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

/** A file with byte ranges. name: offers it as a download under that name. */
export async function fileResponse(
  request: Request,
  file: string,
  type: string,
  options: { immutable?: boolean; download?: string } = {},
): Promise<Response> {
  const info = await stat(file).catch(() => null);
  if (!info) throw new HttpError(404, 'There is no such file.');
  const headers = new Headers({ 'Content-Type': type, 'Accept-Ranges': 'bytes' });
  headers.set(
    'Cache-Control',
    options.immutable ? 'public, max-age=31536000, immutable' : 'private, no-cache',
  );
  if (options.download)
    headers.set(
      'Content-Disposition',
      `attachment; filename*=UTF-8''${encodeURIComponent(options.download)}`,
    );
  const range = /^bytes=(\d*)-(\d*)$/.exec(request.headers.get('range') ?? '');
  if (!range || (range[1] === '' && range[2] === '')) {
    headers.set('Content-Length', String(info.size));
    return new Response(webStream(createReadStream(file)), { headers });
  }
  const start = range[1] === '' ? Math.max(0, info.size - Number(range[2])) : Number(range[1]);
  const end = range[1] === '' || range[2] === '' ? info.size - 1 : Math.min(info.size - 1, Number(range[2]));
  if (start > end)
    return new Response(null, { status: 416, headers: { 'Content-Range': `bytes */${info.size}` } });
  headers.set('Content-Range', `bytes ${start}-${end}/${info.size}`);
  headers.set('Content-Length', String(end - start + 1));
  return new Response(webStream(createReadStream(file, { start, end })), { status: 206, headers });
}

/** A pull stream over a file; Readable.toWeb throws when the client goes away. */
function webStream(file: ReadStream): ReadableStream<Uint8Array> {
  const chunks = file[Symbol.asyncIterator]();
  return new ReadableStream({
    async pull(controller) {
      const { done, value } = await chunks.next();
      if (done) controller.close();
      else controller.enqueue(new Uint8Array(value as Buffer));
    },
    cancel() {
      file.destroy();
    },
  });
}
