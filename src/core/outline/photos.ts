import { because } from '../source/reasons.ts';
import type { Photo, Source } from '../source/types.ts';
import type { Milliseconds } from '../time.ts';
import { type OutlineLine, outlineLine, type PhotoChoices } from './types.ts';

export const PHOTO = {
  /** Bits of the difference hash in which two photos of one moment may differ. */
  near: 10,
  /** Near-duplicates stand so close together in time, when their cameras say. */
  withinMs: 90_000,
  /** Sharpness under this share of the set's median is pointed out. */
  blurShare: 0.22,
  /** And never above this, whatever the rest of the set is like. */
  blurMost: 90,
  shortestMs: 700,
  /** Photos that a set holds. */
  most: 200,
} as const;

/** A file as the browser hands it over. */
export interface BroughtFile {
  name: string;
  /** Media type; empty when the system does not know the ending. */
  type: string;
  size: number;
  /** Milliseconds since 1970. */
  lastModified: number;
}

/** What of the files that were brought goes into a set, and what is said of the rest. */
export interface Brought<F> {
  fresh: F[];
  /** Files that are in the set, or on their way to it, already. */
  double: number;
  /** Files that no longer fit. */
  over: number;
  /** Files that are no photos: names. */
  other: string[];
}

/** Endings of the pictures that are read. */
export const PHOTO_NAMES = /\.(jpe?g|png|webp|avif|gif|tiff?|heic|heif)$/i;
/** What systems put into folders by themselves; nobody brought it. */
export const LITTER = /^(\.|thumbs\.db$|desktop\.ini$)/i;

/**
 * Sorts the files of a drop. A file is the same as another when name, size and time of change are: folders are often
 * dropped again with what was added to them.
 */
export function photosToImport<F extends BroughtFile>(
  files: readonly F[],
  inSet: readonly Pick<Photo, 'name' | 'bytes' | 'modifiedMs'>[],
  onTheWay: readonly BroughtFile[],
): Brought<F> {
  const key = (name: string, bytes: number, ms: number) => JSON.stringify([name, bytes, ms]);
  const known = new Set([
    ...inSet.map((p) => key(p.name, p.bytes, p.modifiedMs)),
    ...onTheWay.map((f) => key(f.name, f.size, f.lastModified)),
  ]);
  const out: Brought<F> = { fresh: [], double: 0, over: 0, other: [] };
  const room = PHOTO.most - inSet.length - onTheWay.length;
  for (const f of files) {
    const k = key(f.name, f.size, f.lastModified);
    if (LITTER.test(f.name)) continue;
    if (!(f.type.startsWith('image/') || PHOTO_NAMES.test(f.name))) out.other.push(f.name);
    else if (known.has(k)) out.double++;
    else if (out.fresh.length >= room) out.over++;
    else {
      known.add(k);
      out.fresh.push(f);
    }
  }
  return out;
}

/** What is worth saying of a photo before it goes into the piece. */
export interface PhotoRemark {
  photo: string;
  kind: 'near-duplicate' | 'blurred';
  /** The photo of the group that is proposed to stay. */
  better: Pick<Photo, 'id' | 'name'> | null;
}

/** Photos by capture time; those that do not say keep their place by file name after the rest. */
export function byTime(photos: readonly Photo[]): Photo[] {
  return [...photos].sort((a, b) => {
    if (a.takenAt && b.takenAt && a.takenAt !== b.takenAt) return a.takenAt < b.takenAt ? -1 : 1;
    if (Boolean(a.takenAt) !== Boolean(b.takenAt)) return a.takenAt ? -1 : 1;
    return a.name.localeCompare(b.name, 'en', { numeric: true });
  });
}

/** The photos in the order of the piece, those that are left out included. */
export function inOrder(photos: readonly Photo[], choices: PhotoChoices): Photo[] {
  const sorted = byTime(photos);
  if (!choices.order) return sorted;
  const place = new Map(choices.order.map((id, i) => [id, i]));
  return sorted
    .map((p, i) => ({ p, at: place.get(p.id) ?? place.size + i }))
    .sort((a, b) => a.at - b.at)
    .map((x) => x.p);
}

/** Bits in which two hashes differ. */
export function hamming(a: string, b: string): number {
  let bits = 0;
  for (let i = 0; i < a.length; i += 4) {
    let x = Number.parseInt(a.slice(i, i + 4), 16) ^ Number.parseInt(b.slice(i, i + 4), 16);
    for (; x; x &= x - 1) bits++;
  }
  return bits;
}

/**
 * Near-duplicates (difference hash, and taken within a moment) and blurred shots (variance of the Laplacian: Pech-Pacheco
 * et al., 2000), each with what is proposed. In a group the sharpest stays.
 */
export function photoRemarks(photos: readonly Photo[]): PhotoRemark[] {
  const sorted = byTime(photos);
  const out: PhotoRemark[] = [];
  const grouped = new Set<string>();
  sorted.forEach((a, i) => {
    if (grouped.has(a.id)) return;
    const group = [a, ...sorted.slice(i + 1).filter((b) => !grouped.has(b.id) && alike(a, b))];
    if (group.length < 2) return;
    const best = group.reduce((x, y) => (y.sharpness > x.sharpness ? y : x));
    for (const p of group) {
      grouped.add(p.id);
      if (p !== best)
        out.push({
          photo: p.id,
          kind: 'near-duplicate',
          better: { id: best.id, name: best.name },
        });
    }
  });
  const sharp = photos.map((p) => p.sharpness).sort((a, b) => a - b);
  const median = sharp[Math.floor(sharp.length / 2)] ?? 0;
  for (const p of sorted) {
    if (out.some((r) => r.photo === p.id)) continue;
    if (
      p.sharpness <
      Math.min(PHOTO.blurMost, photos.length > 2 ? median * PHOTO.blurShare : PHOTO.blurMost * 0.3)
    )
      out.push({
        photo: p.id,
        kind: 'blurred',
        better: null,
      });
  }
  return out;
}

function alike(a: Photo, b: Photo): boolean {
  if (hamming(a.differenceHash, b.differenceHash) > PHOTO.near) return false;
  if (a.takenAt && b.takenAt)
    return Math.abs(Date.parse(`${a.takenAt}Z`) - Date.parse(`${b.takenAt}Z`)) <= PHOTO.withinMs;
  return true;
}

/** How long each photo stands. */
export function photoMs(count: number, choices: PhotoChoices): Milliseconds {
  if (choices.length === 'each') return Math.max(PHOTO.shortestMs, choices.eachMs);
  return Math.max(PHOTO.shortestMs, Math.round(choices.totalMs / Math.max(1, count)));
}

/** One scene a photo; words on the first and the last. */
export function photoLines(source: Source, choices: PhotoChoices): OutlineLine[] {
  const photos = inOrder(source.photos, choices).filter((p) => !choices.leave.includes(p.id));
  const ms = photoMs(photos.length, choices);
  return photos.map((p, i) => {
    const words = i === 0 ? choices.first.trim() : i === photos.length - 1 ? choices.last.trim() : '';
    return outlineLine({
      ref: `photo:${p.id}`,
      layout: words ? 'title' : 'plain',
      shown: words,
      spoken: '',
      from: p.name,
      assetId: p.assetId,
      durationMs: ms,
      reasons: [p.takenAt ? { code: 'taken', at: p.takenAt } : because('no-capture-time')],
    });
  });
}
