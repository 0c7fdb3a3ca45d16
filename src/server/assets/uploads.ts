import { mkdirSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { FileStore } from '@tus/file-store';
import { Server, type Upload } from '@tus/server';
import { nanoid } from 'nanoid';
import { Failed, type FailureCode } from '../../core/failure.ts';
import { failureWords } from '../../wording/failures.ts';
import { pictureApart } from '../apart/apart.ts';
import { dataPath } from '../config.ts';
import { whenBack } from '../db/when-back.ts';
import { failureBehind } from '../http/outside.ts';
import { STATUS } from '../http/status.ts';
import { log } from '../log.ts';
import { shelve } from '../shelf/own.ts';
import { freeBytes, needRoom } from '../store/room.ts';
import { ASSET_LIMITS } from './assets.ts';
import { importFile } from './import-file.ts';
import { titleFromName } from './keywords.ts';

/** An upload that nobody went on with for so long is thrown away. */
const ABANDONED_MS = 3 * 24 * 3_600_000;
/** How often those are looked for. */
const CLEAN_MS = 3_600_000;
/** With less than this an error in the midst of an upload is the disk's. */
const FULL_BYTES = 20_000_000;

let server: Server | null = null;

/**
 * Uploads in parts that can be resumed (the tus protocol, version 1). A picture or clip that has arrived whole is taken in
 * and put on the shelf; the answer to its last part carries the asset's id, or says why it cannot be used.
 */
function uploads(): Server {
  if (server) return server;
  const directory = dataPath('uploads');
  mkdirSync(directory, { recursive: true });
  server = new Server({
    path: '/api/uploads',
    datastore: new FileStore({ directory, expirationPeriodInMilliseconds: ABANDONED_MS }),
    relativeLocation: true,
    // Our own pages only: no other site may read an answer.
    allowedOrigins: () => false,
    maxSize: ASSET_LIMITS.clipBytes,
    namingFunction: () => nanoid(),
    async onUploadCreate(_, upload) {
      try {
        // It is written once as it comes, and a clip once more as a copy for playing.
        await needRoom((upload.size ?? 0) * 1.5);
      } catch (e) {
        throw refusal(e);
      }
      return {};
    },
    async onResponseError(_, e) {
      if ('status_code' in e || (await freeBytes()) > FULL_BYTES) return undefined;
      return { status_code: 507, body: failureWords({ code: 'disk-full' }) };
    },
    async onUploadFinish(_, upload) {
      try {
        return { headers: { [ASSET_HEADER]: await takeIn(upload) } };
      } catch (e) {
        throw refusal(e);
      }
    },
  });
  const clean = () =>
    void server
      ?.cleanUpExpiredUploads()
      .catch((e) => log.warn({ err: e }, 'old uploads could not be removed'));
  clean();
  setInterval(clean, CLEAN_MS).unref();
  return server;
}

/** Tells the asset that an upload became. */
const ASSET_HEADER = 'X-Asset';

/** Makes an asset of a file that has arrived whole. It is kept for another try when what is in the way may pass. */
async function takeIn({ storage, metadata }: Upload): Promise<string> {
  const file = storage?.path;
  if (!file) throw new Failed({ code: 'upload-lost' });
  const name = String(metadata?.filename ?? '');
  const folder = String(metadata?.folder ?? '');
  try {
    const about = { title: titleFromName(name), licence: 'own', origin: null } as const;
    const record = await importFile(file, about, true, pictureApart);
    await whenBack(() => shelve(record, { name, folder }));
    await away(file);
    return record.id;
  } catch (e) {
    if (!PASSING.has(failureBehind(e).code)) await away(file);
    throw e;
  }
}

/** Failures after which the same file may be taken in a moment later. */
const PASSING = new Set<FailureCode>(['database-away', 'busy', 'disk-full', 'no-room']);

async function away(file: string): Promise<void> {
  await rm(file, { force: true });
  await rm(`${file}.json`, { force: true });
}

/**
 * Answers a request of an upload. Who asks how far an upload is that is whole missed its end: the server was stopped, or
 * could not take it in just then. It is taken in now.
 */
export async function answerUpload(
  request: Request,
  take: (upload: Upload) => Promise<string> = takeIn,
): Promise<Response> {
  const response = await uploads().handleWeb(request);
  if (request.method !== 'HEAD' || !response.ok) return response;
  const [offset, length] = ['Upload-Offset', 'Upload-Length'].map((h) => response.headers.get(h));
  if (offset === null || offset !== length) return response;
  const id = new URL(request.url).pathname.split('/').at(-1) ?? '';
  const headers = new Headers(response.headers);
  try {
    headers.set(ASSET_HEADER, await take(await uploads().datastore.getUpload(id)));
    return new Response(null, { status: response.status, headers });
  } catch (e) {
    // Gone: it begins anew, and its end says why it cannot be used.
    return new Response(null, { status: PASSING.has(failureBehind(e).code) ? 503 : 410, headers: TUS });
  }
}

const TUS = { 'Tus-Resumable': '1.0.0' };

/** A failure as the protocol's server takes it. */
function refusal(e: unknown): { status_code: number; body: string } {
  const failure = failureBehind(e);
  if (failure.code !== 'unknown') return { status_code: STATUS[failure.code], body: failureWords(failure) };
  log.error({ err: e }, 'an upload could not be taken in');
  return { status_code: 500, body: failureWords({ code: 'cannot-store' }) };
}
