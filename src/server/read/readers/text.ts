import { Failed } from '../../../core/failure.ts';
import { emptySource, type Source, type SourceForm } from '../../../core/source/types.ts';
import { languageOf } from '../../../core/text/language.ts';
import { decodeText } from '../decode.ts';
import { PassageCollector } from '../passages.ts';
import { extractTitle } from '../title.ts';
import type { Reader } from './types.ts';

/** The last to be asked: whatever is no known kind of file and can be decoded. */
export const text: Reader = {
  label: 'Text',
  endings: ['.txt'],
  recognises: ({ found }) => found === undefined || found.ext === 'xml',
  read({ bytes }) {
    const words = decodeText(bytes);
    if (!words.trim()) throw new Failed({ code: 'empty', what: 'words' });
    return readText(words);
  },
};

/** Reads plain text: paragraphs by empty lines; a short first line without full stop is the title. */
export function readText(text: string, form: SourceForm = { kind: 'text' }): Source {
  const paragraphs = text
    .replace(/\r\n?/g, '\n')
    .split(/\n\s*\n/)
    .map((p) => p.trim())
    .filter(Boolean);
  const language = languageOf(text);
  const collector = new PassageCollector(null, language);
  const lines =
    paragraphs.length === 1 ? (paragraphs[0] ?? '').split('\n').filter((l) => l.trim()) : paragraphs;
  for (const [i, p] of lines.entries()) {
    const heading =
      /^#{1,6}\s+(.+)$/.exec(p) ??
      (p.length < 90 && !p.includes('\n') && !/[.!?…:;,]["”’)]*$/.test(p) && i < lines.length - 1
        ? [p, p]
        : null);
    if (heading) collector.put('heading', heading[1] ?? p, i === 0 ? 1 : 2);
    else if (/^[-*•]\s/.test(p))
      for (const l of p.split('\n')) collector.put('item', l.replace(/^[-*•]\s+/, ''));
    else if (/^>\s?/.test(p)) collector.put('quote', p.replace(/^>\s?/gm, ''));
    else collector.put('text', p);
  }
  const source: Source = { ...emptySource('article', form), passages: collector.passages, language };
  extractTitle(source, '');
  return source;
}
