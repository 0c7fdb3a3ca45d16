import type { ReadStream } from 'node:fs';
import { createReadStream } from 'node:fs';
import { stat } from 'node:fs/promises';
import { plainName } from '../../core/deliver/name.ts';
import { Failed } from '../../core/failure.ts';

/** A file with byte ranges. download: offers it under that name. immutable: what is at this address never changes. */
export async function fileResponse(
  request: Request,
  file: string,
  type: string,
  options: { immutable?: boolean; download?: string } = {},
): Promise<Response> {
  const info = await stat(file).catch(() => null);
  if (!info) throw new Failed({ code: 'no-file' });
  const headers = new Headers({ 'Content-Type': type, 'Accept-Ranges': 'bytes' });
  headers.set(
    'Cache-Control',
    options.immutable ? 'public, max-age=31536000, immutable' : 'private, no-cache',
  );
  if (options.download) headers.set('Content-Disposition', attached(options.download));
  // Nobody reads the body of an answer to HEAD, so no file may be opened for it.
  if (request.method === 'HEAD') {
    headers.set('Content-Length', String(info.size));
    return new Response(null, { headers });
  }
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

const attached = (name: string): string => `attachment; filename*=UTF-8''${encodeURIComponent(name)}`;

/** What is offered as a file, named after a title. */
export const downloadResponse = (
  content: string | Uint8Array,
  type: string,
  title: string,
  ending: string,
): Response =>
  new Response(typeof content === 'string' ? content : new Uint8Array(content), {
    headers: {
      'Content-Type': typeof content === 'string' ? `${type}; charset=utf-8` : type,
      'Cache-Control': 'private, no-cache',
      'Content-Disposition': attached(`${plainName(title)}.${ending}`),
    },
  });

/** What is made while it is sent, offered as a file under a name. */
export const streamedResponse = (chunks: AsyncIterable<Uint8Array>, type: string, name: string): Response =>
  new Response(pulled(chunks), {
    headers: {
      'Content-Type': type,
      'Cache-Control': 'private, no-cache',
      'Content-Disposition': attached(name),
    },
  });

/** A pull stream; Readable.toWeb throws when the client goes away. */
function pulled(
  chunks: AsyncIterable<Uint8Array>,
  onCancel: () => void = () => undefined,
): ReadableStream<Uint8Array> {
  const each = chunks[Symbol.asyncIterator]();
  return new ReadableStream({
    async pull(controller) {
      const { done, value } = await each.next();
      if (done) controller.close();
      else controller.enqueue(new Uint8Array(value));
    },
    async cancel() {
      onCancel();
      await each.return?.();
    },
  });
}

const webStream = (file: ReadStream): ReadableStream<Uint8Array> => pulled(file, () => file.destroy());
