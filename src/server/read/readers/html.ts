import { decodeHtml } from '../decode.ts';
import { looksLikeHtml, readPage } from '../page.ts';
import type { Reader } from './types.ts';

/** A page: fetched from its address, or saved. */
export const html: Reader = {
  label: 'HTML',
  endings: ['.html', '.htm'],
  recognises: ({ bytes, name, type, found }) =>
    (found === undefined || found.ext === 'xml') &&
    (/html/i.test(type ?? '') ||
      /\.html?$/i.test(name) ||
      looksLikeHtml(bytes.subarray(0, 4000).toString('latin1'))),
  read: ({ bytes, type }, { as, base }) =>
    readPage(decodeHtml(bytes, type), { as, address: base, form: { kind: 'saved-page' } }),
};
