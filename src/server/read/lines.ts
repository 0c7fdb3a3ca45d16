import { attr, type Doc, type El } from './dom.ts';

/** A line of a page as it stands on the screen. */
export interface PageLine {
  text: string;
  /** Of its letters, relative to running text: from its tag, its font or its style. */
  size: number;
  bold: boolean;
  italic: boolean;
  /** Struck through: not what holds now. */
  struck: boolean;
  /** In a quotation. */
  quoted: boolean;
}

const BLOCK =
  /^(ADDRESS|ARTICLE|ASIDE|BLOCKQUOTE|CENTER|DD|DETAILS|DIV|DL|DT|FIGCAPTION|FIGURE|FIELDSET|FORM|H[1-6]|HR|LI|MAIN|OL|P|PRE|SECTION|SUMMARY|TABLE|TBODY|THEAD|TFOOT|TR|TD|TH|UL|LABEL)$/;
const GONE = /^(SCRIPT|STYLE|TEMPLATE|NOSCRIPT|SVG|IFRAME|SELECT|OPTION|BUTTON|INPUT|TEXTAREA|NAV)$/;
const HEADING_SIZE: Record<string, number> = { H1: 2, H2: 1.5, H3: 1.25, H4: 1.1, H5: 1, H6: 0.9 };
/** <font size="1"> to "7". */
const FONT_SIZE = [0.63, 0.82, 1, 1.13, 1.5, 2, 3];
const ROOT_PX = 16;

type Look = Omit<PageLine, 'text'>;

/** The lines of a part of a page, in order: what blocks and <br> make of it. */
export function linesOf(root: El, doc: Doc): PageLine[] {
  const styles = classStyles(doc);
  const lines: PageLine[] = [];
  let text = '';
  let looks: { look: Look; letters: number }[] = [];
  const flush = () => {
    const clean = text.replace(/[\s\u00a0\u200b]+/g, ' ').trim();
    if (clean) {
      const most = (of: (l: Look) => boolean) =>
        looks.reduce((n, x) => n + (of(x.look) ? x.letters : 0), 0) * 2 >
        looks.reduce((n, x) => n + x.letters, 0);
      lines.push({
        text: clean,
        size: Math.max(...looks.filter((l) => l.letters).map((l) => l.look.size), 0) || 1,
        bold: most((l) => l.bold),
        italic: most((l) => l.italic),
        struck: most((l) => l.struck),
        quoted: most((l) => l.quoted),
      });
    }
    text = '';
    looks = [];
  };
  const walk = (e: El, look: Look) => {
    for (const node of [...e.childNodes]) {
      if (node.nodeType === 3) {
        const own = node.textContent ?? '';
        text += own;
        looks.push({ look, letters: own.trim().length });
        continue;
      }
      if (node.nodeType !== 1) continue;
      const child = node as El;
      const tag = child.tagName.toUpperCase();
      if (GONE.test(tag)) continue;
      if (tag === 'BR' || tag === 'HR') {
        flush();
        continue;
      }
      const isBlock = BLOCK.test(tag);
      if (isBlock) flush();
      const next = lookOf(child, tag, look, styles);
      if (tag === 'Q') text += ' “';
      walk(child, next);
      if (tag === 'Q') text += '” ';
      // Prices that hold and that do not stand beside each other.
      if (/^(S|DEL|STRIKE|INS)$/.test(tag)) flush();
      if (isBlock) flush();
    }
  };
  walk(root, { size: 1, bold: false, italic: false, struck: false, quoted: false });
  flush();
  return lines;
}

function lookOf(e: El, tag: string, look: Look, styles: ReadonlyMap<string, string>): Look {
  const style = [
    ...attr(e, 'class')
      .split(/\s+/)
      .map((c) => styles.get(c) ?? ''),
    attr(e, 'style'),
  ].join(';');
  const px = /font-size\s*:\s*([\d.]+)px/i.exec(style)?.[1];
  const em = /font-size\s*:\s*([\d.]+)r?em/i.exec(style)?.[1];
  const font = Number(attr(e, 'size'));
  const size = px
    ? Number(px) / ROOT_PX
    : em
      ? Number(em)
      : tag === 'FONT' && font
        ? (FONT_SIZE[font - 1] ?? look.size)
        : tag === 'BIG'
          ? look.size * 1.2
          : tag === 'SMALL'
            ? look.size * 0.83
            : (HEADING_SIZE[tag] ?? look.size);
  return {
    size,
    bold: look.bold || /^(B|STRONG|TH|H[1-6])$/.test(tag) || /font-weight\s*:\s*(bold|[6-9]00)/i.test(style),
    italic: look.italic || /^(I|EM|CITE)$/.test(tag) || /font-style\s*:\s*italic/i.test(style),
    struck: look.struck || /^(S|DEL|STRIKE)$/.test(tag) || /line-through/i.test(style),
    quoted: look.quoted || tag === 'BLOCKQUOTE',
  };
}

const MOST_STYLE = 60_000;

/** Rules of the page's own style sheets for single classes. */
function classStyles(doc: Doc): Map<string, string> {
  const out = new Map<string, string>();
  const css = [...doc.querySelectorAll('style')]
    .map((s) => s.textContent ?? '')
    .join('\n')
    .slice(0, MOST_STYLE);
  for (const m of css.matchAll(/\.([\w-]+)\s*\{([^{}]*)\}/g)) out.set(m[1] ?? '', m[2] ?? '');
  return out;
}
