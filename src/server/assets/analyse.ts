import { readFile } from 'node:fs/promises';
import path from 'node:path';
import sharp, { type Sharp } from 'sharp';
import type { Box } from '../../core/look/formats.ts';
import {
  ANALYSIS_SIZE,
  differenceHash,
  findSubject,
  mainColours,
  sharpness,
} from '../../core/picture/analyse.ts';
import { type Cascade, findFaces, readCascade } from '../../core/picture/faces.ts';
import { measureRelief, type RgbPixels } from '../../core/picture/relief.ts';
import { CONFIG } from '../config.ts';
import type { AssetRecord } from './record.ts';

/** A file, or a picture that is decoded already. */
type Picture = Buffer | Sharp;

const opened = (picture: Picture): Sharp => (Buffer.isBuffer(picture) ? sharp(picture) : picture.clone());

/** Long side of the copy in which everything is looked for: a large picture is decoded once. */
const LOOKED_AT = 640;

/** What is seen in a picture: subject, colours, difference hash and sharpness. */
export async function analysePicture(
  picture: Picture,
): Promise<
  Pick<AssetRecord, 'focal' | 'relief' | 'heads' | 'colours' | 'differenceHash' | 'sharpness' | 'faces'>
> {
  const { data, info } = await opened(picture)
    .resize(LOOKED_AT, LOOKED_AT, { fit: 'inside', withoutEnlargement: true })
    .flatten({ background: '#ffffff' })
    .toColourspace('srgb')
    .raw()
    .toBuffer({ resolveWithObject: true });
  const copy = sharp(data, { raw: { width: info.width, height: info.height, channels: info.channels } });
  const small = await copy
    .clone()
    .resize(ANALYSIS_SIZE, ANALYSIS_SIZE, { fit: 'inside' })
    .raw()
    .toBuffer({ resolveWithObject: true });
  const grey = await copy.clone().greyscale().raw().toBuffer({ resolveWithObject: true });
  const faces = await facesIn(copy);
  const pixels = { data: small.data, width: small.info.width, height: small.info.height };
  return {
    focal: findSubject(pixels, faces),
    faces: faces.length,
    relief: measureRelief(await reliefPixels(copy)),
    heads: faces.slice(0, MOST_HEADS),
    colours: mainColours(pixels),
    differenceHash: differenceHash(pixels),
    sharpness: sharpness({ data: grey.data, width: grey.info.width, height: grey.info.height }),
  };
}

/** Long side of the copy on which light and detail are measured. */
const RELIEF_SIDE = 360;
export const MOST_HEADS = 6;

async function reliefPixels(picture: Picture): Promise<RgbPixels> {
  const { data, info } = await opened(picture)
    .resize(RELIEF_SIDE, RELIEF_SIDE, { fit: 'inside' })
    .flatten({ background: '#ffffff' })
    .toColourspace('srgb')
    .raw()
    .toBuffer({ resolveWithObject: true });
  return { data, width: info.width, height: info.height };
}

/** Long side at which faces are looked for. */
const FACE_SIDE = 360;

let cascade: Promise<Cascade> | null = null;

/** The cascade for faces from the front that the package `tracking` ships, as a row of numbers in a script. */
function faceCascade(): Promise<Cascade> {
  cascade ??= readFile(path.join(CONFIG.root, 'node_modules/tracking/build/data/face-min.js'), 'utf8').then(
    (text) => {
      const row = text.slice(text.indexOf('[') + 1, text.lastIndexOf(']'));
      return readCascade(row.split(',').map(Number));
    },
  );
  return cascade;
}

/** Faces in a picture, largest first, in fractions. */
export async function facesIn(picture: Picture): Promise<Box[]> {
  const { data, info } = await opened(picture)
    .resize(FACE_SIDE, FACE_SIDE, { fit: 'inside' })
    .flatten({ background: '#ffffff' })
    .greyscale()
    .raw()
    .toBuffer({ resolveWithObject: true });
  return findFaces({ data, width: info.width, height: info.height }, await faceCascade());
}

const THUMB_SIDE = 400;

export const thumbOf = (picture: Picture): Promise<Buffer> =>
  opened(picture)
    .resize(THUMB_SIDE, THUMB_SIDE, { fit: 'outside', withoutEnlargement: true })
    .webp({ quality: 80 })
    .toBuffer();

/** Pixels of a blurred copy's long side: drawn large it is soft without a filter, the same in browser and render. */
const BLURRED_SIDE = 48;

/** A small, soft, slightly darkened copy for the surround of a whole picture. Lossless: both painters see the same. */
export const blurredOf = (picture: Buffer | string): Promise<Buffer> =>
  sharp(picture)
    .resize(BLURRED_SIDE, BLURRED_SIDE, { fit: 'inside' })
    .flatten({ background: '#ffffff' })
    .blur(2.2)
    .modulate({ brightness: 0.72, saturation: 0.9 })
    .removeAlpha()
    .png()
    .toBuffer();
