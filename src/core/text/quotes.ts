/** Marks of quotations that open and close by where they stand: “so” in English, „so“ in German, »so« and «so» by country. */
const CURLY = /[“”„«»]/gu;

/** What closes a quotation that a mark opens, and what opens one that it closes; the common pair where there are several. */
const CLOSES: Record<string, string> = { '“': '”', '„': '“', '«': '»', '»': '«', '”': '”' };
const OPENS: Record<string, string> = { '”': '“', '“': '„', '»': '«', '«': '»' };

/** Quotation marks of a text that have no other half: what is missing at its end, and at its beginning; '' for nothing. */
export function missingQuotes(text: string): { before: string; after: string } {
  const open: string[] = [];
  let before = '';
  for (const { 0: mark, index } of text.matchAll(CURLY)) {
    const [last = ' ', next = ' '] = [text[index - 1], text[index + 1]];
    // A mark opens where a word begins after it and none ends before it.
    const opens = mark === '„' || (/[\s([–—-]/.test(last) && !/[\s.,;:!?…)\]]/.test(next));
    if (opens) open.push(mark);
    else if (open.length) open.pop();
    else before ||= OPENS[mark] ?? '';
  }
  const first = open.at(-1);
  const after = first === '„' && text.includes('”') ? '”' : (CLOSES[first ?? ''] ?? '');
  return { before, after };
}

/** What opens and closes a quotation, and one within it, by language; where it is not known, marks stay as they were typed. */
const PAIRS: Record<string, readonly [open: string, close: string, openWithin: string, closeWithin: string]> =
  {
    en: ['“', '”', '‘', '’'],
    de: ['„', '“', '‚', '‘'],
  };
const APOSTROPHE = '’';
/** Words that begin with what was left out: ’tis, ’em, ’90s. */
const LEFT_OUT = /^(tis|twas|em|til|cause|bout|n|\d\ds?)\b/i;

/**
 * Typewriter marks as they are printed: apostrophes, and quotation marks by the language. Letter for letter, so that places
 * in the text stay. Feet, inches and minutes stay as they were typed, and so does a text that has printed marks already.
 */
export function printedQuotes(text: string, language: string): string {
  const pair = new RegExp(CURLY.source, 'u').test(text) ? undefined : PAIRS[language];
  let open = 0;
  return text.replace(/['"]/g, (mark, at: number) => {
    const [before = ' ', after = ' '] = [text[at - 1], text[at + 1]];
    const opens = /[\s([{–—/-]/.test(before) && !/\s/.test(after);
    if (mark === '"') {
      if (!pair || (open === 0 && /\d/.test(before))) return mark;
      open += opens ? 1 : -Math.min(1, open);
      return pair[opens ? 0 : 1];
    }
    if (!opens) return /\d/.test(before) && !/[a-z]/i.test(after) ? mark : APOSTROPHE;
    if (LEFT_OUT.test(text.slice(at + 1))) return APOSTROPHE;
    // A quotation within another, where something closes it again.
    return pair && /\S'(?![\p{L}\d])/u.test(text.slice(at + 1)) ? pair[2] : APOSTROPHE;
  });
}
