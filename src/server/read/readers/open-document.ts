import { Failed } from '../../../core/failure.ts';
import { emptySource, type PassageKind, type Source } from '../../../core/source/types.ts';
import { labelledCells } from '../../../core/text/directions/tables.ts';
import { languageOf } from '../../../core/text/language.ts';
import type { El } from '../dom.ts';
import { day } from '../meta.ts';
import { Package, parseXml, type Xml } from '../package.ts';
import { PassageCollector } from '../passages.ts';
import { extractTitle } from '../title.ts';
import type { Reader } from './types.ts';

const WHAT = 'OpenDocument text';
/** The unpacked document may be this large, bytes. */
const MOST_UNPACKED = 60_000_000;

/** Text documents of the OpenDocument format (OASIS, ISO/IEC 26300). */
export const openDocument: Reader = {
  label: 'OpenDocument (.odt)',
  endings: ['.odt'],
  recognises: ({ bytes, found }) =>
    found?.ext === 'odt' ||
    (found?.ext === 'zip' && bytes.subarray(0, 200).includes('application/vnd.oasis.opendocument.text')),
  read: ({ bytes }) => readOdt(bytes),
};

async function readOdt(bytes: Buffer): Promise<Source> {
  const odt = await Package.open(bytes, WHAT);
  const part = async (name: string) => (await odt.text(name, MOST_UNPACKED)) ?? '';
  if ((await part('META-INF/manifest.xml')).includes('<manifest:encryption-data'))
    throw new Failed({ code: 'encrypted', what: WHAT });
  const content = parseXml((await part('content.xml')) || '<none/>');
  const body = content.querySelector('office\\:text');
  if (!body) throw new Failed({ code: 'damaged', what: WHAT });
  const meta = parseXml((await part('meta.xml')) || '<none/>');
  const said = (name: string) => meta.querySelector(name.replace(':', '\\:'))?.textContent?.trim() ?? '';
  const styles = titleStyles(content);
  const language = languageOf(body.textContent ?? '');
  const collector = new PassageCollector(null, language);
  walk(body as unknown as El, collector, styles);
  const source: Source = {
    ...emptySource('article', { kind: 'open-document' }),
    passages: collector.passages,
    language,
    author: said('meta:initial-creator') || said('dc:creator'),
    date: day(said('dc:date') || said('meta:creation-date')),
  };
  extractTitle(source, said('dc:title'));
  return source;
}

/** Styles that stand for a title or a quotation, by the name that a paragraph uses: its own, or that of its parent. */
function titleStyles(doc: Xml): Map<string, 'Title' | 'Subtitle' | 'Quotations'> {
  const out = new Map<string, 'Title' | 'Subtitle' | 'Quotations'>();
  for (const style of doc.querySelectorAll('style\\:style')) {
    const parent = style.getAttribute('style:parent-style-name') ?? '';
    if (/^(Title|Subtitle|Quotations)$/.test(parent))
      out.set(style.getAttribute('style:name') ?? '', parent as 'Title');
  }
  for (const name of ['Title', 'Subtitle', 'Quotations'] as const) out.set(name, name);
  return out;
}

/** Walks the blocks of a text; what is deleted in a tracked change is not part of it. */
function walk(
  element: El,
  out: PassageCollector,
  styles: ReturnType<typeof titleStyles>,
  kind: PassageKind = 'text',
): void {
  for (const e of element.children as unknown as El[]) {
    const style = styles.get(e.getAttribute('text:style-name') ?? '');
    switch (e.tagName.toLowerCase()) {
      case 'text:h':
        out.put('heading', inline(e), Number(e.getAttribute('text:outline-level') ?? 1));
        break;
      case 'text:p':
        if (style === 'Title') out.put('heading', inline(e), 1);
        else if (style === 'Subtitle') out.put('heading', inline(e), 2);
        else out.put(style === 'Quotations' ? 'quote' : kind, inline(e));
        break;
      case 'text:list':
      case 'text:list-item':
        walk(e, out, styles, 'item');
        break;
      case 'table:table':
        table(e, out);
        break;
      case 'text:tracked-changes':
      case 'text:table-of-content':
      case 'office:annotation':
        break;
      default:
        walk(e, out, styles, kind);
    }
  }
}

function table(e: El, out: PassageCollector): void {
  const rows = [...e.querySelectorAll('table\\:table-row')].map((row) =>
    [...row.children].map((c) => inline(c as unknown as El)),
  );
  const [labels = [], ...under] = rows;
  const lines = labelledCells(labels, under);
  for (const line of lines ?? []) out.put('text', line);
  if (!lines) for (const row of rows) out.put('table', row.filter(Boolean).join(' · '));
}

/** The words of a block: notes and remarks are left out, a tab, a line break and a run of spaces are a space. */
function inline(e: El): string {
  let text = '';
  for (const n of e.childNodes as unknown as (El & { nodeType: number })[]) {
    if (n.nodeType === 3) text += n.textContent ?? '';
    if (n.nodeType !== 1) continue;
    const tag = n.tagName.toLowerCase();
    if (tag === 'text:note' || tag === 'office:annotation') continue;
    text += /^text:(tab|s|line-break)$/.test(tag) ? ' ' : inline(n);
  }
  return text.replace(/\s+/g, ' ');
}
