import { lookOf } from '../../core/look/looks.ts';
import { type Piece, spokenOf } from '../../core/piece/types.ts';
import { languageOfVoice } from '../../core/sound/voices.ts';
import { framesToMs } from '../../core/time.ts';
import { layTimes } from '../../core/timeline/times.ts';

/** Without any take every scene is as long as its words are estimated to take. */
const NOTHING = { takes: {}, ownTracks: {} };

/** Letters of a piece that are searched. */
const WORDS_KEPT = 1_000_000;

/**
 * What the desk shows and searches of a piece, kept in columns of its own: documents are only read to open them. Its length
 * is worked out when it is wanted.
 */
export function aboutOf(doc: Piece) {
  const lines = doc.scenes.flatMap((s) => {
    const spoken = spokenOf(s);
    return spoken === s.shown ? [s.shown] : [s.shown, spoken];
  });
  return {
    format: doc.format,
    scenes: doc.scenes.length,
    cover: doc.scenes.flatMap((s) => s.pictures)[0]?.assetId ?? '',
    language: languageOfVoice(doc.voice.name),
    words: lines.filter(Boolean).join('\n').slice(0, WORDS_KEPT),
    lengthMs: null,
    estimatedMs: framesToMs(layTimes(doc, NOTHING, lookOf(doc.look)).at(-1)?.end ?? 0),
  };
}
