import { AssetError } from '../assets/record.ts';
import { HttpError } from '../http.ts';
import { ReadError } from './errors.ts';

/** Runs a reading; what cannot be read is answered with its own words (422). */
export async function asHttp<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (e) {
    if (e instanceof ReadError) throw new HttpError(422, e.message, { reason: e.reason });
    if (e instanceof AssetError) throw new HttpError(422, e.message);
    throw e;
  }
}
