import { Failed } from '../../core/failure.ts';
import { LIMITS } from '../../core/piece/limits.ts';
import type { SubtitleText } from '../../core/piece/translate.ts';
import { decodeText } from './decode.ts';
import { spokenCues } from './readers/subtitles.ts';

/** Subtitles with their times, or the lines of any other text. Throws Failed when it has no words. */
export function readSubtitleText(bytes: Uint8Array): SubtitleText {
  const text = decodeText(bytes);
  const cues = spokenCues(text).map(({ startMs, endMs, text }) => ({ startMs, endMs, text }));
  if (cues.length) return { kind: 'cues', cues };
  const lines = text.split(/\r\n?|\n/).flatMap((line) => line.trim() || []);
  if (!lines.length) throw new Failed({ code: 'empty', what: 'words' });
  return { kind: 'lines', lines: lines.map((l) => l.slice(0, LIMITS.textLength)) };
}
