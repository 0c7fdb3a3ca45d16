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
