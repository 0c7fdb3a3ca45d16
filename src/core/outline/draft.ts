import { emptyScene, type NewId } from '../piece/actions.ts';
import { type Format, type Mood, PIECE_VERSION, type Piece } from '../piece/types.ts';
import { type ScriptLine, titleFrom } from '../text/script.ts';

export interface DraftOptions {
  format: Format;
  voice: string;
  mood: Mood;
  /** Replaces the title found in the script. */
  title?: string;
}

/** A piece from the lines of a script: a scene each, without pictures yet. */
export function draftFromLines(lines: readonly ScriptLine[], options: DraftOptions, newId: NewId): Piece {
  return {
    version: PIECE_VERSION,
    title: options.title?.trim() || titleFrom([...lines]),
    format: options.format,
    voice: { name: options.voice, pace: 1 },
    music: { mood: options.mood, seed: 1, gainDb: 0 },
    source: { id: null, kind: 'script', title: options.title?.trim() || titleFrom([...lines]) },
    targetMs: null,
    captions: true,
    scenes: lines.map((l, i) => ({
      ...emptyScene(newId()),
      layout: l.layout,
      shown: l.shown,
      wish: l.wish,
      from: { ref: `line:${i}`, text: l.shown },
    })),
  };
}
