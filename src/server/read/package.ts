import { Readable } from 'node:stream';
import JSZip from 'jszip';
import { DOMParser } from 'linkedom';
import { Failed } from '../../core/failure.ts';

/** An XML document, as the readers of packages look at it. */
export type Xml = ReturnType<typeof parseXml>;

export const parseXml = (xml: string) => new DOMParser().parseFromString(xml, 'text/xml');

/** Parts of a document; the largest book has some hundred. */
const MOST_PARTS = 20_000;

/** The text parts of a document that is a zip archive (OpenDocument, EPUB). */
export class Package {
  private constructor(private readonly zip: JSZip) {}

  /** what: as the document is called, should it be damaged. Throws Failed (damaged). */
  static async open(bytes: Buffer, what: string): Promise<Package> {
    try {
      const zip = await JSZip.loadAsync(bytes);
      if (Object.keys(zip.files).length > MOST_PARTS) throw new Failed({ code: 'nested' });
      return new Package(zip);
    } catch (e) {
      throw e instanceof Failed ? e : new Failed({ code: 'damaged', what });
    }
  }

  /** Unpacks all parts with such names once, to see that they are no more than `most` bytes together. Throws Failed (huge, damaged). */
  async measure(names: RegExp, most: number): Promise<void> {
    let left = most;
    for (const name of Object.keys(this.zip.files))
      if (names.test(name)) for await (const chunk of this.chunks(name, left, most)) left -= chunk.byteLength;
  }

  /**
   * A part as text; null when it is not there. A small file can be made to unpack without end, whatever it says about its
   * size: unpacking stops beyond `most` bytes. Throws Failed (huge, damaged).
   */
  async text(name: string, most: number): Promise<string | null> {
    return (await this.bytes(name, most))?.toString('utf8') ?? null;
  }

  /** The same as bytes. */
  async bytes(name: string, most: number): Promise<Buffer | null> {
    if (!this.zip.file(name)) return null;
    const chunks: Buffer[] = [];
    for await (const chunk of this.chunks(name, most, most)) chunks.push(chunk);
    return Buffer.concat(chunks);
  }

  /** left: bytes until it is too much; most: what is said then. */
  private async *chunks(name: string, left: number, most: number): AsyncGenerator<Buffer> {
    const part = this.zip.file(name);
    if (!part) return;
    let size = 0;
    try {
      // JSZip's streams are those of an older Node.js.
      for await (const chunk of new Readable().wrap(part.nodeStream('nodebuffer'))) {
        size += (chunk as Buffer).byteLength;
        if (size > left) throw new Failed({ code: 'huge', most });
        yield chunk as Buffer;
      }
    } catch (e) {
      throw e instanceof Failed ? e : new Failed({ code: 'damaged', what: name });
    }
  }
}
