import { mkdirSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { FileStore } from '@tus/file-store';
import { Server } from '@tus/server';
import { nanoid } from 'nanoid';
import { failureWords } from '../../wording/failures.ts';
import { pictureApart } from '../apart/apart.ts';
import { dataPath } from '../config.ts';
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
export function uploads(): Server {
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
      const file = upload.storage?.path;
      if (!file) throw { status_code: 500, body: failureWords({ code: 'upload-lost' }) };
      try {
        const name = String(upload.metadata?.filename ?? '');
        const folder = String(upload.metadata?.folder ?? '');
        const record = await importFile(
          file,
          { title: titleFromName(name), licence: 'own', origin: null },
          true,
          pictureApart,
        );
        await shelve(record, { name, folder });
        return { headers: { 'X-Asset': record.id } };
      } catch (e) {
        throw refusal(e);
      } finally {
        await rm(file, { force: true });
        await rm(`${file}.json`, { force: true });
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

/** A failure as the protocol's server takes it. */
function refusal(e: unknown): { status_code: number; body: string } {
  const failure = failureBehind(e);
  if (failure.code !== 'unknown') return { status_code: STATUS[failure.code], body: failureWords(failure) };
  log.error({ err: e }, 'an upload could not be taken in');
  return { status_code: 500, body: failureWords({ code: 'cannot-store' }) };
}
