import JSZip from 'jszip';
import mammoth from 'mammoth';
import { marked } from 'marked';
import { emptySource, type Source } from '../../core/source/types.ts';
import { parsePage, textOf } from './dom.ts';
import { PASTE_INSTEAD, ReadError } from './errors.ts';
import { languageOf } from './language.ts';
import { day } from './meta.ts';
import { PassageCollector } from './passages.ts';
import { takeTitle } from './pdf.ts';

/** Reads a Word document: headings, paragraphs, lists, quotations and tables by their styles. */
export async function readDocx(bytes: Buffer): Promise<Source> {
  let html: string;
  try {
    const done = await mammoth.convertToHtml(
      { buffer: bytes },
      {
        styleMap: [
          "p[style-name='Title'] => h1:fresh",
          "p[style-name='Subtitle'] => h2:fresh",
          "p[style-name='Quote'] => blockquote:fresh",
          "p[style-name='Intense Quote'] => blockquote:fresh",
        ],
        convertImage: mammoth.images.imgElement(async () => ({ src: '' })),
      },
    );
    html = done.value;
  } catch {
    throw new ReadError('damaged', `This Word document is damaged and cannot be read. ${PASTE_INSTEAD}`);
  }
  const core = await coreProperties(bytes);
  const source = fromMarkup(html, 'Word document');
  source.author = core.author;
  source.date = core.date;
  takeTitle(source, core.title);
  return source;
}

async function coreProperties(bytes: Buffer): Promise<{ title: string; author: string; date: string }> {
  try {
    const zip = await JSZip.loadAsync(bytes);
    const xml = (await zip.file('docProps/core.xml')?.async('string')) ?? '';
    const tag = (name: string) =>
      textOf(parsePage(`<p>${new RegExp(`<${name}[^>]*>([^<]*)<`).exec(xml)?.[1] ?? ''}</p>`).body);
    return {
      title: tag('dc:title'),
      author: tag('dc:creator'),
      date: day(tag('dcterms:modified') || tag('dcterms:created')),
    };
  } catch {
    return { title: '', author: '', date: '' };
  }
}

/** Reads Markdown, with a front matter of title, author and date where there is one. */
export function readMarkdown(text: string): Source {
  const front = /^---\n([\s\S]*?)\n---\n/.exec(text.replace(/\r\n?/g, '\n'));
  const body = front ? text.replace(/\r\n?/g, '\n').slice(front[0].length) : text;
  const field = (name: string) =>
    (new RegExp(`^${name}:\\s*(.+)$`, 'mi').exec(front?.[1] ?? '')?.[1] ?? '')
      .replace(/^["']|["']$/g, '')
      .trim();
  const html = marked.parse(body, { async: false, gfm: true });
  const source = fromMarkup(html, 'Markdown text');
  source.author = field('author');
  source.date = day(field('date'));
  takeTitle(source, field('title'));
  return source;
}

/** Reads plain text: paragraphs by empty lines; a short first line without full stop is the title. */
export function readText(text: string, form = 'Text'): Source {
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
  takeTitle(source, '');
  return source;
}

/** Passages of clean mark-up, as documents and pasted text have it: nothing in it is a menu. */
export function fromMarkup(html: string, form: string): Source {
  const doc = parsePage(html);
  for (const e of doc.querySelectorAll(
    'script, style, template, noscript, iframe, object, meta, link, title',
  ))
    e.remove();
  const language = languageOf(textOf(doc.body));
  const collector = new PassageCollector(null, language);
  collector.walk(doc.body as unknown as Element);
  return {
    ...emptySource('article', form),
    passages: collector.passages,
    pictures: collector.pictures,
    language,
  };
}
