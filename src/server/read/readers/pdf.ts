import { Failed } from '../../../core/failure.ts';
import { emptySource, type Source } from '../../../core/source/types.ts';
import { languageOf } from '../../../core/text/language.ts';
import { writerName } from '../meta.ts';
import { PassageCollector } from '../passages.ts';
import { extractTitle } from '../title.ts';
import type { Reader } from './types.ts';

/** A stretch of text on a page: left and right edge, baseline, size; points from the left and the top. */
interface Stretch {
  text: string;
  x0: number;
  x1: number;
  y: number;
  size: number;
  /** It stands in the margin above or below the text. */
  margin: boolean;
}

const PDF_LIMITS = { pages: 200, characters: 2_000_000 } as const;

type PdfJs = typeof import('pdfjs-dist/legacy/build/pdf.mjs');

export const pdf: Reader = {
  label: 'PDF (.pdf)',
  endings: ['.pdf'],
  // Some files have a few bytes before their mark.
  recognises: ({ bytes }) => bytes.subarray(0, 1024).includes('%PDF-'),
  read: ({ bytes }) => readPdf(bytes),
};

/** Reads a PDF: order of columns, paragraphs and headings told from where the letters stand. */
async function readPdf(bytes: Buffer): Promise<Source> {
  const pdfjs: PdfJs = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const task = pdfjs.getDocument({
    data: new Uint8Array(bytes),
    isEvalSupported: false,
    disableFontFace: true,
    useSystemFonts: false,
    verbosity: 0,
  });
  try {
    const doc = await task.promise;
    const pages: Stretch[][] = [];
    let characters = 0;
    for (
      let n = 1;
      n <= Math.min(doc.numPages, PDF_LIMITS.pages) && characters < PDF_LIMITS.characters;
      n++
    ) {
      const page = await doc.getPage(n);
      const { height } = page.getViewport({ scale: 1 });
      const { items } = await page.getTextContent();
      const found = stretches(items as never, height);
      characters += found.reduce((s, f) => s + f.text.length, 0);
      pages.push(found);
      page.cleanup();
    }
    const info = ((await doc.getMetadata().catch(() => null))?.info ?? {}) as {
      Title?: string;
      Author?: string;
      CreationDate?: string;
    };
    return assemble(pages, info, doc.numPages);
  } catch (e) {
    throw pdfError(e as Error);
  } finally {
    await task.destroy();
  }
}

function pdfError(e: Error): Failed {
  if (e instanceof Failed) return e;
  return e.name === 'PasswordException'
    ? new Failed({ code: 'encrypted', what: 'PDF' })
    : new Failed({ code: 'damaged', what: 'PDF' });
}

/** Glyph runs joined to stretches: words of one line that no column gap parts. */
function stretches(
  items: { str: string; transform: number[]; width: number; height: number }[],
  pageHeight: number,
): Stretch[] {
  const runs = items
    .filter((i) => i.str.trim() && Math.abs(i.transform[1] ?? 0) < 0.01)
    .map((i) => ({
      text: i.str,
      x0: i.transform[4] ?? 0,
      x1: (i.transform[4] ?? 0) + i.width,
      y: pageHeight - (i.transform[5] ?? 0),
      size: Math.hypot(i.transform[2] ?? 0, i.transform[3] ?? 0) || i.height || 10,
      margin: false,
    }))
    .map((r) => ({ ...r, margin: r.y < pageHeight * 0.1 || r.y > pageHeight * 0.9 }));
  runs.sort((a, b) => a.y - b.y || a.x0 - b.x0);
  const lines: Stretch[][] = [];
  for (const r of runs) {
    const line = lines.findLast(
      (l) => Math.abs((l[0]?.y ?? 0) - r.y) < 0.45 * Math.min(r.size, l[0]?.size ?? r.size),
    );
    if (line) line.push(r);
    else lines.push([r]);
  }
  return lines.flatMap((line) => {
    line.sort((a, b) => a.x0 - b.x0);
    const out: Stretch[] = [];
    for (const r of line) {
      const last = out[out.length - 1];
      const gap = last ? r.x0 - last.x1 : 0;
      if (!last || gap > 1.35 * r.size) out.push({ ...r });
      else {
        const space = gap > 0.12 * r.size && !/\s$/.test(last.text) && !/^\s/.test(r.text) ? ' ' : '';
        last.text += space + r.text;
        last.x1 = Math.max(last.x1, r.x1);
        last.size = Math.max(last.size, r.size);
      }
    }
    return out;
  });
}

/** Reading order by recursive cuts along white space (XY-cut: Nagy and Seth, 1984): gutters first, then gaps between blocks. */
function readingOrder(all: Stretch[]): Stretch[][] {
  if (all.length < 2) return all.length ? [all] : [];
  const size = median(all.map((s) => s.size));
  const gutter = widestGap(
    all.map((s) => [s.x0, s.x1]),
    size * 0.9,
  );
  if (gutter !== null) {
    const left = all.filter((s) => s.x1 <= gutter);
    const right = all.filter((s) => s.x0 >= gutter);
    const tall = (part: Stretch[]) => new Set(part.map((s) => Math.round(s.y))).size;
    if (left.length + right.length === all.length && tall(left) > 2 && tall(right) > 2)
      return [...readingOrder(left), ...readingOrder(right)];
  }
  const cut = widestGap(
    all.map((s) => [s.y - s.size * 0.8, s.y + s.size * 0.25]),
    size * 0.55,
  );
  if (cut !== null) {
    const above = all.filter((s) => s.y < cut);
    const below = all.filter((s) => s.y >= cut);
    if (above.length && below.length) return [...readingOrder(above), ...readingOrder(below)];
  }
  return [[...all].sort((a, b) => a.y - b.y || a.x0 - b.x0)];
}

/** The middle of the widest gap that no range covers and that is at least so wide; null when there is none. */
function widestGap(ranges: number[][], least: number): number | null {
  const sorted = [...ranges].sort((a, b) => (a[0] ?? 0) - (b[0] ?? 0));
  let end = sorted[0]?.[1] ?? 0;
  let best: { at: number; wide: number } | null = null;
  for (const [from = 0, to = 0] of sorted) {
    if (from - end > Math.max(least, best?.wide ?? 0)) best = { at: (from + end) / 2, wide: from - end };
    end = Math.max(end, to);
  }
  return best?.at ?? null;
}

const median = (v: number[]): number => [...v].sort((a, b) => a - b)[Math.floor(v.length / 2)] ?? 10;

interface Line {
  text: string;
  x0: number;
  x1: number;
  y: number;
  size: number;
}

/** Stretches of a block that share a baseline, as one line. */
function linesOf(block: Stretch[]): Line[] {
  const out: Line[] = [];
  for (const s of block) {
    const last = out[out.length - 1];
    if (last && Math.abs(last.y - s.y) < 0.4 * s.size) {
      last.text += ` ${s.text}`;
      last.x1 = Math.max(last.x1, s.x1);
    } else out.push({ ...s });
  }
  return out.map((l) => ({ ...l, text: l.text.replace(/\s+/g, ' ').trim() }));
}

function assemble(
  pages: Stretch[][],
  info: { Title?: string; Author?: string; CreationDate?: string },
  count: number,
): Source {
  const bare = withoutRunningHeads(pages);
  const all = bare.flat();
  if (all.reduce((s, x) => s + x.text.length, 0) < 20)
    throw new Failed({ code: count > 0 ? 'scanned' : 'no-pages' });
  const letters = all.flatMap((s) => Array.from({ length: Math.ceil(s.text.length / 10) }, () => s.size));
  const body = median(letters);
  const collector = new PassageCollector(null, languageOf(all.map((s) => s.text).join(' ')));
  let text = '';
  let item = false;
  const flush = () => {
    if (text.trim()) collector.put(item ? 'item' : 'text', text);
    text = '';
    item = false;
  };
  for (const page of bare)
    for (const block of readingOrder(page)) {
      const lines = linesOf(block);
      const right = Math.max(...lines.map((l) => l.x1));
      const left = Math.min(...lines.map((l) => l.x0));
      const gaps = lines.slice(1).map((l, i) => l.y - (lines[i]?.y ?? 0));
      const leading = gaps.length ? median(gaps) : body * 1.3;
      lines.forEach((line, i) => {
        const before = lines[i - 1];
        const heading = line.size > body * 1.14 && line.text.length < 200;
        if (heading) {
          const goesOn =
            before && before.size === line.size && line.y - before.y < line.size * 1.7 && text === '';
          flush();
          const last = collector.passages[collector.passages.length - 1];
          if (goesOn && last?.kind === 'heading' && last.sentences[0])
            last.sentences[0].text += ` ${line.text}`;
          else
            collector.put('heading', line.text, line.size > body * 1.6 ? 1 : line.size > body * 1.3 ? 2 : 3);
          return;
        }
        const bullet = /^([•▪◦‣–·*-]|\d{1,2}[.)])\s+/.exec(line.text);
        const ended = /[.!?…:]["”’)]*$/.test(text.trim());
        const shortBefore = before !== undefined && before.x1 < right - (right - left) * 0.12;
        const fresh =
          bullet !== null ||
          (before !== undefined && line.y - before.y > leading * 1.35) ||
          (before !== undefined && line.x0 > left + body * 0.8 && before.x0 <= left + body * 0.4) ||
          (ended && shortBefore) ||
          (i === 0 && ended) ||
          (i === 0 && !/^\p{Ll}/u.test(line.text));
        if (fresh) flush();
        if (bullet) {
          item = true;
          text = line.text.slice(bullet[0].length);
          return;
        }
        text = joinLine(text, line.text);
      });
    }
  flush();
  const source: Source = {
    ...emptySource('article', { kind: 'pdf', count }),
    passages: collector.passages,
    language: languageOf(all.map((s) => s.text).join(' ')),
    author: writerName((info.Author ?? '').trim()),
  };
  if (count > PDF_LIMITS.pages) source.notes.push({ code: 'pages-read', read: PDF_LIMITS.pages, of: count });
  extractTitle(source, (info.Title ?? '').trim());
  return source;
}

/** Lines joined; a word that was parted at the end of a line becomes one again. */
function joinLine(text: string, line: string): string {
  if (!text) return line;
  if (/\p{Ll}[-\u00ad\u2010]$/u.test(text) && /^\p{Ll}/u.test(line)) return text.slice(0, -1) + line;
  return `${text} ${line}`;
}

/** Heads, feet and page numbers that come again on every page at the same height. */
function withoutRunningHeads(pages: Stretch[][]): Stretch[][] {
  const plain = (t: string) => t.replace(/\d+/g, '#').trim();
  const seen = new Map<string, number>();
  for (const page of pages)
    for (const key of new Set(page.map((s) => `${Math.round(s.y / 4)}|${plain(s.text)}`)))
      seen.set(key, (seen.get(key) ?? 0) + 1);
  return pages.map((page) =>
    page.filter((s) => {
      const times = seen.get(`${Math.round(s.y / 4)}|${plain(s.text)}`) ?? 0;
      if (pages.length > 1 && times > pages.length / 2 && times > 1) return false;
      return !s.margin || !/^(page\s*)?\d{1,4}(\s*(\/|of)\s*\d{1,4})?$/i.test(s.text.trim());
    }),
  );
}
