import { createReadStream } from 'node:fs';
import { Readable } from 'node:stream';
import JSZip from 'jszip';

/** What goes into a package: made content, or a file of the store. */
export interface ZipPart {
  name: string;
  content: string | Uint8Array | { file: string };
}

/** A zip of parts, made while it is read: nothing large is in memory. What is packed already (pictures, sound, video) is stored. */
export async function* zipped(parts: readonly ZipPart[]): AsyncGenerator<Uint8Array> {
  const zip = new JSZip();
  for (const { name, content } of parts) {
    const made = typeof content === 'string' || content instanceof Uint8Array;
    // Opened when its turn comes: a thousand files are not open at once.
    const data = made ? content : Readable.from(chunksOf(content.file));
    zip.file(name, data, {
      compression: made ? 'DEFLATE' : 'STORE',
      binary: !made || typeof content !== 'string',
    });
  }
  const stream = zip.generateNodeStream({ streamFiles: true });
  // JSZip's streams are those of an older Node.js.
  for await (const chunk of new Readable().wrap(stream)) yield chunk as Uint8Array;
}

async function* chunksOf(file: string): AsyncGenerator<Buffer> {
  for await (const chunk of createReadStream(file)) yield chunk as Buffer;
}
