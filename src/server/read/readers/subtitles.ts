import { parseSync } from 'subtitle';
import { Failed } from '../../../core/failure.ts';
import type { TimedText } from '../../../core/piece/translate.ts';
import type { Milliseconds } from '../../../core/time.ts';
import { decodeText } from '../decode.ts';
import { readText } from './text.ts';
import type { Reader } from './types.ts';

/** After a pause of so long a new paragraph begins. */
const PARAGRAPH_MS: Milliseconds = 1800;

/** Subtitles, as the words that they are: cues are joined to sentences, who speaks stands before a colon. */
export const subtitles: Reader = {
  label: 'Subtitles (.srt, .vtt)',
  endings: ['.srt', '.vtt'],
  recognises: ({ name, found }) =>
    found?.ext === 'vtt' || (found === undefined && /\.(srt|vtt)$/i.test(name)),
  read({ bytes }) {
    const text = subtitleText(decodeText(bytes));
    if (!text) throw new Failed({ code: 'empty', what: 'words' });
    return readText(text);
  },
};

function subtitleText(file: string): string {
  const paragraphs: string[] = [];
  let speaker = '';
  let last = Number.NEGATIVE_INFINITY;
  for (const { startMs, endMs, text, voice } of spokenCues(file)) {
    const before = paragraphs.at(-1);
    if (before === undefined || startMs - last > PARAGRAPH_MS || voice !== speaker)
      paragraphs.push(voice ? `${voice}: ${text}` : text);
    else paragraphs[paragraphs.length - 1] = `${before} ${text}`;
    [last, speaker] = [endMs, voice];
  }
  return paragraphs.join('\n\n');
}

/** The cues of a file that have words, as they are read, and who speaks; none where it is no file of subtitles. */
export function spokenCues(file: string): (TimedText & { voice: string })[] {
  return cuesIn(file).flatMap(({ start, end, text: marked }) => {
    const voice = /^<v(?:\.[^ >]*)? ([^>]+)>/.exec(marked)?.[1]?.trim() ?? '';
    const text = marked
      .replace(/<[^>]*>/g, '')
      .replace(/\{\\[^}]*\}/g, '')
      .replaceAll('&lt;', '<')
      .replaceAll('&gt;', '>')
      .replaceAll('&amp;', '&')
      .replace(/\s+/g, ' ')
      .trim();
    return text ? [{ startMs: start, endMs: end, text, voice }] : [];
  });
}

function cuesIn(file: string): { start: number; end: number; text: string }[] {
  try {
    return parseSync(file.replace(/\r\n?/g, '\n')).flatMap((n) => (n.type === 'cue' ? [n.data] : []));
  } catch {
    // A file that ends in .srt and is something else has no cues.
    return [];
  }
}
