import path from 'node:path';
import type { Timeline } from '../../core/timeline/types.ts';
import { assetFile, isAssetId } from '../assets/record.ts';
import { trackFile } from '../music/tracks.ts';
import { shelf, shelfFile } from '../shelf/shelf.ts';
import { takeFile } from '../speech/takes.ts';

/** A file that a piece uses: where it lies here, and what it is called in a package. */
export interface MediaFile {
  from: string;
  name: string;
}

const part = (id: string) => id.replace(/[^\w-]/g, '');

/** Pictures, voices and music of a piece as files; what is not there is left out. */
export async function mediaOf(timeline: Timeline): Promise<{
  pictures: Map<string, MediaFile>;
  takes: Map<string, MediaFile>;
  tracks: Map<string, MediaFile>;
}> {
  const pictures = new Map<string, MediaFile>();
  const { entries } = await shelf();
  for (const { shots } of timeline.scenes)
    for (const { assetId, view, kind } of shots) {
      if (pictures.has(assetId)) continue;
      const own = isAssetId(assetId);
      const from = own
        ? await assetFile(assetId, kind === 'clip' ? 'clip' : 'picture')
        : await shelfFile(assetId, view);
      if (!from || (!own && !entries.has(assetId))) continue;
      const ending = own ? (kind === 'clip' ? '.mp4' : '.webp') : path.extname(from);
      pictures.set(assetId, { from, name: `media/pictures/${part(assetId)}${ending}` });
    }
  const takes = new Map<string, MediaFile>();
  for (const { voice } of timeline.scenes) {
    const from = voice && takeFile(voice.key);
    if (voice && from) takes.set(voice.key, { from, name: `media/voice/${voice.key}${path.extname(from)}` });
  }
  const tracks = new Map<string, MediaFile>();
  for (const { track } of timeline.sound.beds) {
    const from = track && trackFile(track.key);
    if (track && from) tracks.set(track.key, { from, name: `media/music/${track.key}.flac` });
  }
  return { pictures, takes, tracks };
}
