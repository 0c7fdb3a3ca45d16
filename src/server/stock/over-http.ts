import Joi from 'joi';
import { fetch } from 'undici';
import type { StockPicture } from '../../core/stock/types.ts';
import { readBody } from '../read/fetch.ts';
import { LibraryTrouble, offered, type StockLibrary } from './library.ts';

const MOST = { answerBytes: 2_000_000, previewBytes: 3_000_000, pictureBytes: 30_000_000 } as const;
/** Seconds to wait when a library asks for patience and does not say how much. */
const PATIENCE_S = 30;

const answerSchema = Joi.object<{ pictures: Omit<StockPicture, 'library'>[] }>({
  pictures: Joi.array().items(offered).max(200).required(),
}).unknown();

/**
 * A library over HTTP: GET search?words=&most= answers {pictures: [...]}, GET preview/ID and POST deliver/ID answer the
 * bytes of a picture; 429 with Retry-After asks for patience. The address is set by whoever runs this installation.
 */
export function overHttp(id: string, name: string, address: string): StockLibrary {
  const base = address.endsWith('/') ? address : `${address}/`;

  async function ask(path: string, most: number, signal: AbortSignal, method = 'GET'): Promise<Buffer> {
    const url = new URL(path, base);
    try {
      const response = await fetch(url, { method, signal, redirect: 'error' });
      if (response.status === 429)
        throw new LibraryTrouble({
          state: 'limited',
          waitS: Math.max(1, Number(response.headers.get('retry-after')) || PATIENCE_S),
        });
      if (!response.ok) throw new LibraryTrouble({ state: 'failed' }, `${id}: status ${response.status}`);
      return await readBody(response, most, url);
    } catch (e) {
      if (e instanceof LibraryTrouble) throw e;
      throw new LibraryTrouble({ state: signal.aborted ? 'slow' : 'failed' }, (e as Error).message);
    }
  }

  return {
    id,
    name,
    async search(words, most, signal) {
      const query = new URLSearchParams({ words, most: String(most) });
      const bytes = await ask(`search?${query}`, MOST.answerBytes, signal);
      let said: unknown;
      try {
        said = JSON.parse(bytes.toString('utf8'));
      } catch (e) {
        throw new LibraryTrouble({ state: 'failed' }, `${id}: ${(e as Error).message}`);
      }
      const { error, value } = answerSchema.validate(said, { stripUnknown: true });
      if (error) throw new LibraryTrouble({ state: 'failed' }, `${id}: ${error.message}`);
      return value.pictures.slice(0, most).map((p) => ({ ...p, library: id }));
    },
    preview: (picture, signal) => ask(`preview/${encodeURIComponent(picture)}`, MOST.previewBytes, signal),
    deliver: (picture, signal) =>
      ask(`deliver/${encodeURIComponent(picture)}`, MOST.pictureBytes, signal, 'POST'),
  };
}
