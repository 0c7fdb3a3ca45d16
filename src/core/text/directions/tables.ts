import { type Item, NOTHING_REMOVED, type Removed } from './items.ts';
import { type Part, partOf } from './labels.ts';
import { unquoted, withoutMarkdown } from './marks.ts';

/** Cells of a line of a table: between bars as in Markdown, or between tabs as a spreadsheet copies them. */
const cellsOf = (line: string): string[] | null =>
  line.includes('\t')
    ? line.split('\t').map((c) => c.trim())
    : /^\s*\|.*\|\s*$/.test(line)
      ? line
          .trim()
          .slice(1, -1)
          .split('|')
          .map((c) => c.trim())
      : null;

const isRuler = (cells: readonly string[]): boolean => cells.every((c) => /^:?-+:?$/.test(c));

/** Columns that are read, in the order in which they make a scene. */
const READ: readonly Part[] = ['seen', 'said', 'written'];

/** What the columns under these labels are for; null when they are those of another table: nothing in it is said or written. */
function columnsOf(labels: readonly string[]): (Part | null)[] | null {
  const parts = labels.map((l) => partOf(withoutMarkdown(l).text));
  const told = parts.includes('said') || (parts.includes('written') && parts.includes('seen'));
  return parts.length > 1 && told ? parts : null;
}

/** The cells of rows under such labels, each behind its label as a line of its own, in the order in which they make a scene. */
export function labelledCells(
  labels: readonly string[],
  rows: readonly (readonly string[])[],
): string[] | null {
  const parts = columnsOf(labels);
  if (!parts) return null;
  return rows.flatMap((row) =>
    READ.flatMap((part) =>
      parts.flatMap((p, c) => (p === part && row[c]?.trim() ? [`${labels[c]}: ${row[c]}`] : [])),
    ),
  );
}

/**
 * A script in a table with a line of labels on top ("Visual", "Audio"), of which the columns that say what is seen, said and
 * written are read; lines over and under the table stand as they are. null for anything else.
 */
export function tableItems(text: string): { items: Item[]; removed: Removed; plain: string } | null {
  const lines = text.split('\n').filter((l) => l.trim());
  const head = lines.findIndex((l) => cellsOf(l) !== null);
  const parts = head < 0 ? null : columnsOf(cellsOf(lines[head] as string) ?? []);
  if (!parts) return null;
  const read = READ.filter((p) => parts.includes(p));
  const removed = { ...NOTHING_REMOVED };
  const item = (part: Item['part'], words: string, begins: boolean): Item => ({
    ...{
      part,
      text: unquoted(withoutMarkdown(words).text.trim()),
      labelled: part !== 'open',
      sure: true,
      begins,
      waits: false,
      apart: false,
    },
  });
  const items = lines.flatMap((line, i): Item[] => {
    if (i === head) return [];
    const cells = cellsOf(line);
    if (!cells || i < head)
      return [item(i < head && i === 0 ? 'title' : 'open', line.replace(/^#{1,6}\s+/, ''), true)];
    if (isRuler(cells)) return [];
    const row = read.flatMap((part) =>
      parts.flatMap((p, c) =>
        p === part && cells[c] ? [item(part, cells[c].replace(/<br\s*\/?>/gi, ' '), false)] : [],
      ),
    );
    return row.length ? [{ ...item('section', '', true), labelled: false }, ...row] : [];
  });
  return { items, removed, plain: text };
}
