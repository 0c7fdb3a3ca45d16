import type { Format } from '../look/formats.ts';
import { type AskedMood, SUITED_MUSIC } from '../music/suited.ts';
import type { NewId } from '../piece/actions.ts';
import type { PictureReason } from '../piece/reasons.ts';
import {
  emptyPiece,
  emptyScene,
  newBed,
  type Piece,
  type Placement,
  placed,
  plainVoice,
} from '../piece/types.ts';
import { type ScriptLine, titleFrom } from '../text/script.ts';
import type { Milliseconds } from '../time.ts';

/** A picture that came with the words, and why it stands here. */
export const broughtAlong = (assetId: string, reason: PictureReason): Placement => ({
  ...placed(assetId),
  by: 'source',
  reasons: [reason],
});

export interface DraftOptions {
  format: Format;
  voice: string;
  /** Of the music under the whole piece; null for none. What suits the words is chosen later (music/suited.ts). */
  mood: AskedMood;
  /** Replaces the title found in the script. */
  title?: string;
}

/** A piece without scenes: format, voice, and music under the whole of it. */
export const draftPiece = ({ format, voice, mood }: DraftOptions): Piece => ({
  ...emptyPiece(),
  format,
  voice: plainVoice(voice),
  beds: mood
    ? [newBed('music', { kind: 'composed', mood: mood === SUITED_MUSIC ? 'gentle' : mood, seed: 1 })]
    : [],
});

/** A piece of pictures without words: a scene each, as long as is said. */
export function draftFromPictures(
  pictures: readonly { assetId: string; ms: Milliseconds }[],
  options: DraftOptions,
  newId: NewId,
): Piece {
  return {
    ...draftPiece(options),
    title: options.title?.trim() || 'Pictures',
    scenes: pictures.map(({ assetId, ms }) => ({
      ...emptyScene(newId()),
      layout: 'plain',
      spoken: '',
      pictures: [broughtAlong(assetId, { code: 'brought' })],
      durationMs: ms,
    })),
  };
}

/** A piece from the lines of a script: a scene each, without pictures yet. */
export function draftFromLines(lines: readonly ScriptLine[], options: DraftOptions, newId: NewId): Piece {
  const title = options.title?.trim() || titleFrom(lines);
  return {
    ...draftPiece(options),
    title,
    source: { id: null, kind: 'script', title },
    scenes: lines.map((l, i) => ({
      ...emptyScene(newId()),
      layout: l.layout,
      shown: l.shown,
      brief: l.brief,
      spoken: l.spoken,
      speaker: l.speaker,
      from: { ref: `line:${i}`, text: l.shown },
    })),
  };
}
