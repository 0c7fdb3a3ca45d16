import type { Passage, PassageKind, SourcePicture } from '../../core/source/types.ts';
import { labelledCells } from '../../core/text/directions/tables.ts';
import { sentences } from '../../core/text/sentences.ts';
import { plainTitle } from '../../core/text/titles.ts';
import { absolute, attr, type El, labelOf, textOf } from './dom.ts';

const BLOCK =
  /^(ADDRESS|ARTICLE|ASIDE|BLOCKQUOTE|CENTER|DD|DETAILS|DIV|DL|DT|FIGCAPTION|FIGURE|FOOTER|FORM|H[1-6]|HEADER|HR|LI|MAIN|NAV|OL|P|PRE|SECTION|SUMMARY|TABLE|TBODY|THEAD|TFOOT|TR|TD|TH|CAPTION|UL|BODY)$/;
const CAPTION = /caption|bildunterschrift|legend/i;

/** Where a page ends a line: white space like any other, but for verse. */
const LINE_END = '\u2028';
/** Lines of verse: at least so many, most of them without a full stop, none much longer than so many letters. */
const VERSE = { lines: 3, longest: 90 } as const;

/** The lines of a text that is written in lines, as poems and songs are; null for prose with line ends in it. */
function versesOf(text: string): string[] | null {
  const lines = text.split(LINE_END).flatMap((l) => l.replace(/[\s\u00a0]+/g, ' ').trim() || []);
  if (lines.length < VERSE.lines || lines.some((l) => l.length > VERSE.longest)) return null;
  const ended = lines.slice(0, -1).filter((l) => /[.!?…:]["'”’)]*$/.test(l)).length;
  return ended * 2 < lines.length - 1 ? lines : null;
}

/** Collects passages and pictures from part of a page, in reading order. */
export class PassageCollector {
  readonly passages: Passage[] = [];
  readonly pictures: SourcePicture[] = [];
  private readonly base: string | null;
  private readonly language: string;

  constructor(base: string | null, language: string) {
    this.base = base;
    this.language = language;
  }

  /** Adds a passage from plain text, cut into sentences. */
  put(kind: PassageKind, text: string, level = 0): void {
    const verses = kind === 'text' ? versesOf(text) : null;
    const clean = text
      .replace(/[\u00ad\u200b\ufeff]/g, '')
      .replace(/[\s\u00a0]+/g, ' ')
      .trim();
    if (!/[\p{L}\p{N}]/u.test(clean)) return;
    const id = `p${this.passages.length}`;
    const cut =
      verses ??
      (kind === 'heading'
        ? [plainTitle(clean)]
        : kind === 'table'
          ? [clean]
          : sentences(clean, this.language));
    this.passages.push({ id, kind, level, sentences: cut.map((t, i) => ({ id: `${id}.${i}`, text: t })) });
  }

  /** Walks an element: blocks become passages, loose text between blocks too. */
  walk(root: El): void {
    let loose = '';
    let breaks = 0;
    const flush = () => {
      if (loose.trim()) this.put('text', loose);
      loose = '';
      breaks = 0;
    };
    for (const node of [...root.childNodes]) {
      if (node.nodeType === 3) {
        const text = node.textContent ?? '';
        if (text.trim()) breaks = 0;
        loose += text;
        continue;
      }
      if (node.nodeType !== 1) continue;
      const e = node as El;
      const tag = e.tagName.toUpperCase();
      if (tag === 'BR') {
        breaks++;
        if (breaks >= 2) flush();
        else loose += LINE_END;
      } else if (tag === 'IMG') {
        this.picture(e, '');
      } else if (BLOCK.test(tag) || hasBlocks(e) || tag.includes('-')) {
        flush();
        this.block(e, tag);
      } else if (
        !/^(SCRIPT|STYLE|TEMPLATE|SVG|IFRAME|BUTTON|INPUT|SELECT|TEXTAREA|NOSCRIPT|SUP)$/.test(tag)
      ) {
        for (const img of e.querySelectorAll('img')) this.picture(img, '');
        if (textOf(e)) breaks = 0;
        loose += inlineText(e);
      }
    }
    flush();
  }

  private block(e: El, tag: string): void {
    if (/^H[1-6]$/.test(tag)) {
      for (const img of e.querySelectorAll('img')) this.picture(img, '');
      this.put('heading', inlineText(e), Number(tag[1]));
    } else if (tag === 'FIGURE' || (CAPTION.test(labelOf(e)) && e.querySelector('img'))) this.figure(e);
    else if (tag === 'BLOCKQUOTE') {
      const credit = e.querySelector('cite, footer');
      credit?.remove();
      this.put('quote', inlineText(e));
    } else if (tag === 'TABLE' && this.directions(e)) return;
    else if (tag === 'TABLE' && isData(e)) this.table(e);
    else if (tag === 'LI' && !hasBlocks(e)) {
      for (const img of e.querySelectorAll('img')) this.picture(img, '');
      this.put('item', inlineText(e));
    } else if (!hasBlocks(e) && !e.querySelector('br')) {
      for (const img of e.querySelectorAll('img')) this.picture(img, '');
      this.put(tag === 'DD' || tag === 'DT' || tag === 'LI' ? 'item' : 'text', inlineText(e));
    } else if (pictureBox(e)) this.figure(e);
    else this.walk(e);
  }

  private figure(e: El): void {
    const caption =
      e.querySelector('figcaption') ??
      [...e.querySelectorAll('*')].find((x) => CAPTION.test(labelOf(x)) && textOf(x)) ??
      (e.tagName.toUpperCase() === 'FIGURE' ? null : e);
    const images = [...e.querySelectorAll('img')];
    for (const [i, img] of images.entries()) this.picture(img, i === 0 ? textOf(caption) : '');
    if (!images.length) {
      // A table or a quotation set as a figure.
      this.walk(e);
    }
  }

  /** A script in a table of a document: what is seen and what is said, each in lines of its own. false for any other table. */
  private directions(e: El): boolean {
    if (this.base !== null) return false;
    const [labels = [], ...rows] = [...e.querySelectorAll('tr')].map((tr) =>
      [...tr.querySelectorAll('th, td')].map((c) => textOf(c)),
    );
    const lines = e.querySelector('table') ? null : labelledCells(labels, rows);
    for (const line of lines ?? []) this.put('text', line);
    return lines !== null;
  }

  private table(e: El): void {
    const rows = [...e.querySelectorAll('tr')].map((tr) =>
      [...tr.querySelectorAll('th, td')].map((c) => textOf(c)),
    );
    const head =
      e.querySelector('thead') ||
      rows[0]?.every((_, i) => e.querySelectorAll('tr')[0]?.children[i]?.tagName === 'TH');
    const names = head ? (rows.shift() ?? []) : [];
    for (const row of rows) {
      const cells = row.map((c, i) => (i > 0 && names[i] && c ? `${names[i]} ${c}` : c)).filter(Boolean);
      this.put('table', cells.length === 2 && !names.length ? cells.join(': ') : cells.join(', '));
    }
  }

  private picture(img: El, caption: string): void {
    const address = absolute(bestImage(img), this.base);
    if (!address || this.pictures.some((p) => p.address === address)) return;
    const small = [attr(img, 'width'), attr(img, 'height')].some((v) => /^\d+$/.test(v) && Number(v) < 120);
    if (small || /(sprite|pixel|spacer|avatar|logo|icon|emoji|badge)[^/]*$/i.test(address)) return;
    this.pictures.push({
      id: `i${this.pictures.length}`,
      address,
      assetId: null,
      alt: attr(img, 'alt'),
      caption,
      after: this.passages.at(-1)?.id ?? null,
      problem: null,
    });
  }
}

/** Text of inline content; footnote marks are left out, line breaks become spaces. */
function inlineText(e: El): string {
  let out = '';
  for (const node of e.childNodes) {
    if (node.nodeType === 3) out += node.textContent ?? '';
    else if (node.nodeType === 1) {
      const child = node as El;
      const tag = child.tagName.toUpperCase();
      if (/^(SCRIPT|STYLE|BUTTON|SVG|TEMPLATE|NOSCRIPT)$/.test(tag)) continue;
      if (tag === 'SUP' && /^\W*[\d*†‡a-z]{1,3}\W*$/i.test(textOf(child))) continue;
      out += tag === 'BR' ? LINE_END : BLOCK.test(tag) ? ` ${inlineText(child)} ` : inlineText(child);
    }
  }
  return out;
}

const hasBlocks = (e: El): boolean =>
  [...e.querySelectorAll('*')].some((x) => BLOCK.test(x.tagName.toUpperCase()) || x.tagName.includes('-'));

/** A box that holds one picture and, below it, little text that is no link: a figure without being called one. */
function pictureBox(e: El): boolean {
  if (e.querySelectorAll('img').length !== 1 || e.querySelector('h1, h2, h3, ul, ol, table, blockquote'))
    return false;
  const text = textOf(e);
  const linked = [...e.querySelectorAll('a')].reduce((n, a) => n + textOf(a).length, 0);
  return text.length < 240 && linked < 0.5 * text.length + 1;
}

/** A table of facts rather than of layout: no tables or paragraphs in its cells, short cells. */
function isData(e: El): boolean {
  if (e.querySelector('table, h1, h2, h3, ul, img, br')) return false;
  if ([...e.querySelectorAll('td, th')].some((c) => c.querySelectorAll('p').length > 1)) return false;
  const cells = [...e.querySelectorAll('td, th')].map((c) => textOf(c).length);
  return cells.length > 1 && cells.reduce((a, b) => a + b, 0) / cells.length < 80;
}

/** The largest address that an image offers, lazy ones included. */
export function bestImage(img: El): string {
  const sets = [
    attr(img, 'data-srcset'),
    attr(img, 'srcset'),
    attr(img, 'data-lazy-srcset'),
    ...[
      ...(img.parentElement?.tagName.toUpperCase() === 'PICTURE'
        ? img.parentElement.querySelectorAll('source')
        : []),
    ].map((s) => attr(s, 'srcset') || attr(s, 'data-srcset')),
  ].filter(Boolean);
  const listed = sets
    .flatMap((s) => s.split(/,\s+/))
    .map((part) => {
      const [url = '', size = '1x'] = part.trim().split(/\s+/);
      return { url, size: Number.parseFloat(size) * (size.endsWith('x') ? 1000 : 1) };
    })
    .filter((c) => c.url && !c.url.startsWith('data:'))
    .sort((a, b) => b.size - a.size);
  const plain = ['data-src', 'data-original', 'data-lazy-src', 'data-full', 'data-large-file', 'src']
    .map((n) => attr(img, n))
    .find((v) => v && !v.startsWith('data:'));
  const largest = listed[0];
  return largest && (largest.size > 700 || !plain) ? largest.url : (plain ?? '');
}
