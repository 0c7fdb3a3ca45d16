import { cutWithParagraphs, extractBrief, type Split, sayRemark } from './script.ts';

/** A row of the empty sheet: a scene to be, with its words as they were written, remarks in [brackets] among them. */
export interface LaidRow {
  id: string;
  text: string;
  title: boolean;
  /** It begins a paragraph. */
  begins: boolean;
}

/** Where the caret stands: in which row, before which letter. */
export interface RowCaret {
  id: string;
  at: number;
}

/** What an action on rows gives; caret: where it stands then, null when it need not move. */
export interface Laid {
  rows: LaidRow[];
  caret: RowCaret | null;
}

/** Cuts words into rows. */
export function layRows(text: string, split: Split, newId: () => string): LaidRow[] {
  let last = -1;
  let speaking: string | null = null;
  return cutWithParagraphs(text, split).map(({ layout, shown, brief, spoken, speaker, paragraph }) => {
    const begins = paragraph !== last;
    last = paragraph;
    const named = speaker !== null && (begins || speaker !== speaking) ? `${speaker}: ` : '';
    speaking = speaker;
    return {
      id: newId(),
      text: `${named}${shown}${brief ? ` [${brief}]` : ''}${spoken === null ? '' : ` ${sayRemark(spoken)}`}`,
      title: layout === 'title',
      begins,
    };
  });
}

/** The rows as a script with a line for each; cut by lines it gives the same rows. */
export function scriptOfRows(rows: readonly LaidRow[]): string {
  return rows
    .map((row) => ({ ...row, text: row.text.replace(/\s+/g, ' ').trim() }))
    .filter((row) => row.text)
    .map((row, i) => `${i === 0 ? '' : row.begins ? '\n\n' : '\n'}${row.title ? '# ' : ''}${row.text}`)
    .join('');
}

/** Letters that are seen, before a place in a text: what a cut does not change. */
const seen = (text: string): number => text.replace(/\s/g, '').length;

/** Where in a text so many letters have been seen. */
function placeOf(text: string, letters: number): number {
  let left = letters;
  for (let at = 0; at <= text.length; at++) {
    if (left === 0) return at;
    if (!/\s/.test(text[at] ?? '')) left--;
  }
  return text.length;
}

/**
 * What becomes of a row when its words are others: when they hold several lines by the chosen cut, they fall into rows, and
 * the caret goes with the letter before it. caret: place in the new text.
 */
export function typeInRow(
  rows: readonly LaidRow[],
  id: string,
  text: string,
  caret: number,
  split: Split,
  newId: () => string,
): Laid {
  const index = rows.findIndex((r) => r.id === id);
  const row = rows[index];
  if (!row) return { rows: [...rows], caret: null };
  const cut = splitWanted(row, text, split, newId);
  if (cut.length < 2) return { rows: rows.with(index, { ...row, text }), caret: null };
  const first = cut[0] as LaidRow;
  const parts = [
    { ...first, id, begins: row.begins || first.begins, title: row.title || (index === 0 && first.title) },
    ...cut.slice(1).map((r) => ({ ...r, title: r.title && /^#/m.test(text) })),
  ];
  return { rows: rows.toSpliced(index, 1, ...parts), caret: caretIn(parts, seen(text.slice(0, caret))) };
}

/** A title stays one row until a line ends in it. */
function splitWanted(row: LaidRow, text: string, split: Split, newId: () => string): LaidRow[] {
  if (row.title && !text.includes('\n')) return [];
  return layRows(text, split, newId);
}

function caretIn(parts: readonly LaidRow[], letters: number): RowCaret | null {
  let left = letters;
  for (const [i, part] of parts.entries()) {
    const here = seen(part.text);
    if (left < here || i === parts.length - 1) return { id: part.id, at: placeOf(part.text, left) };
    left -= here;
    // At the end of a row that is followed by another one, writing goes on in the next.
    if (left === 0) return { id: (parts[i + 1] as LaidRow).id, at: 0 };
  }
  return null;
}

/** Ends a row at the caret; what follows becomes the next one. A first row without a full stop is then the title. */
export function splitRow(rows: readonly LaidRow[], id: string, caret: number, newId: () => string): Laid {
  const index = rows.findIndex((r) => r.id === id);
  const row = rows[index];
  if (!row) return { rows: [...rows], caret: null };
  const before = row.text.slice(0, caret).trimEnd();
  const next = { id: newId(), text: row.text.slice(caret).trimStart(), title: false, begins: false };
  const title = row.title || (index === 0 && rows.length === 1 && isTitle(before));
  return {
    rows: rows.toSpliced(index, 1, { ...row, text: before, title }, { ...next, begins: title }),
    caret: { id: next.id, at: 0 },
  };
}

const TITLE_LETTERS = 60;
const isTitle = (text: string): boolean => {
  const { shown } = extractBrief(text);
  return shown.length > 0 && shown.length <= TITLE_LETTERS && !/[.!?…:;,]["'”’)]*$/.test(shown);
};

/** Joins a row to the one before it. */
export function joinRow(rows: readonly LaidRow[], id: string): Laid {
  const index = rows.findIndex((r) => r.id === id);
  const [before, row] = [rows[index - 1], rows[index]];
  if (!before || !row) return { rows: [...rows], caret: null };
  const gap = before.text && row.text && !/\s$/.test(before.text) ? ' ' : '';
  const at = (before.text + gap).length;
  return {
    rows: rows.toSpliced(index - 1, 2, { ...before, text: before.text + gap + row.text }),
    caret: { id: before.id, at },
  };
}
