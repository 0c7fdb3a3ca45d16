import { marked } from 'marked';
import { Failed } from '../../../core/failure.ts';
import type { Source } from '../../../core/source/types.ts';
import { decodeText } from '../decode.ts';
import { fromMarkup } from '../mark-up-source.ts';
import { day } from '../meta.ts';
import { extractTitle } from '../title.ts';
import type { Reader } from './types.ts';

export const markdown: Reader = {
  label: 'Markdown',
  endings: ['.md', '.markdown'],
  recognises: ({ name, found }) => found === undefined && /\.(md|markdown)$/i.test(name),
  read({ bytes }) {
    const text = decodeText(bytes);
    if (!text.trim()) throw new Failed({ code: 'empty', what: 'words' });
    return readMarkdown(text);
  },
};

/** Reads Markdown, with a front matter of title, author and date where there is one. */
function readMarkdown(text: string): Source {
  const front = /^---\n([\s\S]*?)\n---\n/.exec(text.replace(/\r\n?/g, '\n'));
  const body = front ? text.replace(/\r\n?/g, '\n').slice(front[0].length) : text;
  const field = (name: string) =>
    (new RegExp(`^${name}:\\s*(.+)$`, 'mi').exec(front?.[1] ?? '')?.[1] ?? '')
      .replace(/^["']|["']$/g, '')
      .trim();
  const html = marked.parse(body, { async: false, gfm: true });
  const source = fromMarkup(html, { kind: 'markdown' });
  source.author = field('author');
  source.date = day(field('date'));
  extractTitle(source, field('title'));
  return source;
}
