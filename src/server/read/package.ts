import { Readable } from 'node:stream';
import JSZip from 'jszip';
import { DOMParser } from 'linkedom';
import { Failed } from '../../core/failure.ts';

/** An XML document, as the readers of packages look at it. */
export type Xml = ReturnType<typeof parseXml>;

export const parseXml = (xml: string) => new DOMParser().parseFromString(xml, 'text/xml');

/** The text parts of a document that is a zip archive (OpenDocument, EPUB). */
export class Package {
  private constructor(private readonly zip: JSZip) {}

  /** what: as the document is called, should it be damaged. Throws Failed (damaged). */
  static async open(bytes: Buffer, what: string): Promise<Package> {
    try {
      return new Package(await JSZip.loadAsync(bytes));
    } catch {
      throw new Failed({ code: 'damaged', what });
    }
  }

  /**
   * A part as text; null when it is not there. A small file can be made to unpack without end, whatever it says about its
   * size: unpacking stops beyond `most` bytes. Throws Failed (huge, damaged).
   */
  async text(name: string, most: number): Promise<string | null> {
    const part = this.zip.file(name);
    if (!part) return null;
    const chunks: Buffer[] = [];
    let size = 0;
    try {
      // JSZip's streams are those of an older Node.js.
      for await (const chunk of new Readable().wrap(part.nodeStream('nodebuffer'))) {
        size += (chunk as Buffer).byteLength;
        if (size > most) throw new Failed({ code: 'huge', most });
        chunks.push(chunk as Buffer);
      }
    } catch (e) {
      throw e instanceof Failed ? e : new Failed({ code: 'damaged', what: name });
    }
    return Buffer.concat(chunks).toString('utf8');
  }
}
