import sharp, { type Sharp } from 'sharp';

/** Whether a file is HEIC or HEIF, by its brand (ISO 23008-12). */
export function isHeic(bytes: Buffer): boolean {
  return (
    bytes.length > 12 &&
    bytes.toString('latin1', 4, 8) === 'ftyp' &&
    /^(heic|heix|hevc|hevx|heim|heis|mif1|msf1)$/.test(bytes.toString('latin1', 8, 12))
  );
}

/** HEIC as pixels, by libheif in WebAssembly: sharp's own build has no HEVC. libheif turns the picture upright. */
export async function decodeHeic(bytes: Buffer): Promise<Sharp> {
  const { default: decode } = await import('heic-decode');
  const { width, height, data } = await decode({ buffer: bytes });
  return sharp(Buffer.from(data.buffer, data.byteOffset, data.byteLength), {
    raw: { width, height, channels: 4 },
  });
}
