import chardet from 'chardet';
import sniffHtml from 'html-encoding-sniffer';
import iconv from 'iconv-lite';
import { Failed } from '../../core/failure.ts';

/** A page's bytes as text, by the HTML standard's rules (BOM, header, meta), then by what the bytes look like. */
export function decodeHtml(bytes: Uint8Array, contentType: string | null): string {
  const header = /charset\s*=\s*["']?([\w-]+)/i.exec(contentType ?? '')?.[1];
  const options = header === undefined ? {} : { transportLayerEncodingLabel: header };
  const sniffed = sniffHtml(bytes, { ...options, defaultEncoding: 'x-user-defined' });
  if (sniffed === 'x-user-defined') return decodeText(bytes);
  const text = iconv.decode(Buffer.from(bytes), sniffed);
  // A page that names another encoding than it is written in.
  if (text.includes('\ufffd')) return decodeText(bytes);
  return text;
}

/** From this confidence on a guessed encoding is taken, of 100; short texts rarely reach it. */
const SURE = 40;

/** Text without a declaration: UTF-8 or UTF-16 when it is valid, else the likeliest encoding. */
export function decodeText(bytes: Uint8Array): string {
  const buffer = Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  if (buffer[0] === 0xff && buffer[1] === 0xfe) return iconv.decode(buffer, 'utf-16le');
  if (buffer[0] === 0xfe && buffer[1] === 0xff) return iconv.decode(buffer, 'utf-16be');
  if (buffer.includes(0)) throw new Failed({ code: 'no-text' });
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(buffer).replace(/^\ufeff/, '');
  } catch {
    const guess = chardet.analyse(buffer)[0];
    const sure =
      guess &&
      guess.confidence >= SURE &&
      iconv.encodingExists(guess.name) &&
      !/^iso-8859-1$/i.test(guess.name);
    const name = sure ? guess.name : 'windows-1252';
    const text = iconv.decode(buffer, name);
    if (/[\p{Cc}\ufffd]/u.test(text.replace(/[\t\n\v\f\r\u0080-\u009f]/g, '')))
      throw new Failed({ code: 'no-text' });
    return text;
  }
}
