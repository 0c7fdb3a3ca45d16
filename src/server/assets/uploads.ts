import { mkdirSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { FileStore } from '@tus/file-store';
import { Server } from '@tus/server';
import { nanoid } from 'nanoid';
import { Failed } from '../../core/failure.ts';
import { failureWords } from '../../wording/failures.ts';
import { dataPath } from '../config.ts';
import { log } from '../log.ts';
import { shelve } from '../shelf/own.ts';
import { ASSET_LIMITS } from './assets.ts';
import { importFile } from './import-file.ts';
import { titleFromName } from './keywords.ts';

/** An upload that nobody went on with for so long is thrown away. */
const ABANDONED_MS = 3 * 24 * 3_600_000;

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
        );
        await shelve(record, { name, folder });
        return { headers: { 'X-Asset': record.id } };
      } catch (e) {
        if (e instanceof Failed) throw { status_code: 422, body: failureWords(e.failure) };
        log.error({ err: e }, 'an upload could not be taken in');
        throw { status_code: 500, body: failureWords({ code: 'cannot-store' }) };
      } finally {
        await rm(file, { force: true });
        await rm(`${file}.json`, { force: true });
      }
    },
  });
  void server.cleanUpExpiredUploads().catch((e) => log.warn({ err: e }, 'old uploads could not be removed'));
  return server;
}
