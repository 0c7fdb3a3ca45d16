import { parseSync } from 'subtitle';
import { Failed } from '../../../core/failure.ts';
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
  for (const node of cuesIn(file)) {
    const voice = /^<v(?:\.[^ >]*)? ([^>]+)>/.exec(node.text)?.[1]?.trim() ?? '';
    const words = node.text
      .replace(/<[^>]*>/g, '')
      .replace(/\{\\[^}]*\}/g, '')
      .replaceAll('&lt;', '<')
      .replaceAll('&gt;', '>')
      .replaceAll('&amp;', '&')
      .replace(/\s+/g, ' ')
      .trim();
    if (!words) continue;
    const before = paragraphs.at(-1);
    if (before === undefined || node.start - last > PARAGRAPH_MS || voice !== speaker)
      paragraphs.push(voice ? `${voice}: ${words}` : words);
    else paragraphs[paragraphs.length - 1] = `${before} ${words}`;
    [last, speaker] = [node.end, voice];
  }
  return paragraphs.join('\n\n');
}

function cuesIn(file: string): { start: number; end: number; text: string }[] {
  try {
    return parseSync(file.replace(/\r\n?/g, '\n')).flatMap((n) => (n.type === 'cue' ? [n.data] : []));
  } catch {
    // A file that ends in .srt and is something else has no cues.
    return [];
  }
}
