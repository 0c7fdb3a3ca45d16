import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { joinRow, type LaidRow, layRows, scriptOfRows, splitRow, typeInRow } from './laid.ts';
import { cutScript, SPLITS } from './script.ts';

const counter = () => {
  let n = 0;
  return () => `r${n++}`;
};
const empty = (): LaidRow[] => [{ id: 'first', text: '', title: false, begins: true }];
const letters = (rows: readonly LaidRow[]) => rows.map((r) => r.text.replace(/\s/g, '')).join('');

const SCRIPT = `The bench that mends anything

Do not throw your toaster away. [a broken toaster] Five neighbours open a boathouse every Thursday.
You bring whatever has stopped working.

Come along on Thursday. Bring the thing you could never bring yourself to bin.`;

describe('rows of the empty sheet', () => {
  it.each(SPLITS)('are the lines that the script is cut into: %s', (split) => {
    const rows = layRows(SCRIPT, split, counter());
    const lines = cutScript(SCRIPT, split);
    expect(rows.map((r) => r.title)).toEqual(lines.map((l) => l.layout === 'title'));
    expect(cutScript(scriptOfRows(rows), 'line')).toEqual(lines);
  });

  it('know where a paragraph begins, so that they can be cut otherwise', () => {
    const rows = layRows(SCRIPT, 'sentence', counter());
    expect(rows.filter((r) => r.begins).map((r) => r.text.slice(0, 8))).toEqual([
      'The benc',
      'Do not t',
      'Come alo',
    ]);
    expect(layRows(scriptOfRows(rows), 'paragraph', counter())).toHaveLength(3);
  });

  it('fall apart as words are typed, letter by letter, and the caret stays behind what was typed', () => {
    const text =
      'Five neighbours open an old boathouse. They bring a great deal of patience. You bring the rest.';
    const newId = counter();
    let rows = empty();
    let caret = { id: 'first', at: 0 };
    for (const letter of text) {
      const row = rows.find((r) => r.id === caret.id) as LaidRow;
      const next = row.text.slice(0, caret.at) + letter + row.text.slice(caret.at);
      const laid = typeInRow(rows, row.id, next, caret.at + 1, 'sentence', newId);
      rows = laid.rows;
      caret = laid.caret ?? { id: row.id, at: caret.at + 1 };
    }
    expect(rows.map((r) => r.text)).toEqual(cutScript(text, 'sentence').map((l) => l.shown));
    expect(caret).toEqual({ id: rows.at(-1)?.id, at: rows.at(-1)?.text.length });
  });

  it('take a pasted script into the row in which the caret stands', () => {
    const before = layRows(
      'A first line stands here by itself.\n\nAnother line stands there.',
      'sentence',
      counter(),
    );
    const [first] = before as [LaidRow];
    const laid = typeInRow(
      before,
      first.id,
      `${first.text} ${SCRIPT}`,
      first.text.length + 1 + SCRIPT.length,
      'sentence',
      counter(),
    );
    expect(laid.rows[0]?.text).toMatch(/^A first line stands here by itself\./);
    expect(laid.rows.at(-1)?.text).toBe('Another line stands there.');
    expect(letters(laid.rows)).toContain('Comealong');
  });

  it('lose no letter, whatever is typed, split and joined', () => {
    for (let run = 0; run < 200; run++) {
      const random = seeded(`rows ${run}`);
      const newId = counter();
      let rows = layRows(SCRIPT, SPLITS[run % 3] ?? 'sentence', newId);
      for (let step = 0; step < 12; step++) {
        const row = rows[Math.floor(random() * rows.length)] as LaidRow;
        const at = Math.floor(random() * (row.text.length + 1));
        const had = letters(rows);
        const what = random();
        if (what < 0.4) rows = splitRow(rows, row.id, at, newId).rows;
        else if (what < 0.7) rows = joinRow(rows, row.id).rows;
        else {
          const typed = `${row.text.slice(0, at)}xq. Zz ${row.text.slice(at)}`;
          rows = typeInRow(rows, row.id, typed, at + 7, 'sentence', newId).rows;
          expect(letters(rows).replace(/[^a-zA-Z]/g, '')).toHaveLength(
            had.replace(/[^a-zA-Z]/g, '').length + 4,
          );
          continue;
        }
        expect(letters(rows)).toBe(had);
        expect(new Set(rows.map((r) => r.id)).size).toBe(rows.length);
      }
    }
  });
});

describe('Enter and Backspace', () => {
  it('end a row and join it again, with the caret where it was', () => {
    const rows = layRows(SCRIPT, 'sentence', counter());
    const row = rows[2] as LaidRow;
    const split = splitRow(rows, row.id, 5, () => 'new');
    expect(split.caret).toEqual({ id: 'new', at: 0 });
    expect(split.rows).toHaveLength(rows.length + 1);
    const back = joinRow(split.rows, 'new');
    expect(back.rows.map((r) => r.text)).toEqual(rows.map((r) => r.text));
    expect(back.caret?.id).toBe(row.id);
  });

  it('make the title of a first line without a full stop, and of nothing else', () => {
    const one = (text: string) => [{ id: 'a', text, title: false, begins: true }];
    expect(splitRow(one('The bench that mends'), 'a', 20, () => 'b').rows[0]?.title).toBe(true);
    expect(splitRow(one('It mends everything.'), 'a', 20, () => 'b').rows[0]?.title).toBe(false);
    expect(joinRow(one('alone'), 'a')).toEqual({ rows: one('alone'), caret: null });
  });
});

describe('rows at their borders', () => {
  const row = (id: string, text: string, more: Partial<LaidRow> = {}): LaidRow => ({
    ...{ id, text, title: false, begins: false },
    ...more,
  });
  const none = () => {
    throw new Error('no new row was expected');
  };

  it('are written as a script: titles marked, paragraphs apart, nothing for an empty row', () => {
    const rows = [
      row('a', '  Head  of it ', { title: true, begins: true }),
      row('b', ' '),
      row('c', 'one\n two', { begins: true }),
      row('d', 'three'),
    ];
    expect(scriptOfRows(rows)).toBe('# Head of it\n\none two\nthree');
    expect(scriptOfRows([])).toBe('');
  });

  it('say who speaks where somebody else begins, and in a new paragraph', () => {
    const text = 'Mira: One two.\nThree four.\nTom: Five six.\n\nTom: Seven.\n\nMira: Eight.';
    expect(layRows(text, 'line', counter()).map((r) => r.text)).toEqual([
      'Mira: One two.',
      'Three four.',
      'Tom: Five six.',
      'Tom: Seven.',
      'Mira: Eight.',
    ]);
  });

  it('stay as they are when there is no such row', () => {
    const rows = [row('a', 'One.')];
    expect(typeInRow(rows, 'z', 'x', 0, 'line', none)).toEqual({ rows, caret: null });
    expect(splitRow(rows, 'z', 0, none)).toEqual({ rows, caret: null });
    expect(joinRow(rows, 'z')).toEqual({ rows, caret: null });
  });

  it('typed in one line change in place; several lines fall into rows, and the caret goes along', () => {
    const rows = [row('a', 'One.', { begins: true }), row('b', 'Two.'), row('c', 'Three.')];
    expect(typeInRow(rows, 'b', 'Two and more', 12, 'line', counter())).toEqual({
      rows: rows.with(1, row('b', 'Two and more')),
      caret: null,
    });
    const typed = typeInRow(rows, 'b', 'Two.\nNext of\nall.', 9, 'line', counter());
    expect(typed.rows.map((r) => [r.text, r.title, r.begins])).toEqual([
      ['One.', false, true],
      ['Two.', false, true],
      ['Next of', false, false],
      ['all.', false, false],
      ['Three.', false, false],
    ]);
    expect(typed.rows[1]?.id).toBe('b');
    expect(typed.caret).toEqual({ id: typed.rows[2]?.id, at: 4 });
    expect(typeInRow(rows, 'b', 'Two.\nNext', 5, 'line', counter()).caret?.at).toBe(0);
    expect(typeInRow(rows, 'b', 'Two.\nNext', 2, 'line', counter()).caret).toEqual({ id: 'b', at: 2 });
    expect(typeInRow(rows, 'b', 'Two.\nNext', 99, 'line', counter()).caret?.at).toBe(4);
  });

  it('keep a title in one row until a line ends in it; only the first row becomes one by itself', () => {
    const title = [row('a', 'Head. Of it', { title: true, begins: true })];
    expect(
      typeInRow(title, 'a', 'Head. Of it all. And more. And more yet.', 5, 'sentence', none).rows,
    ).toHaveLength(1);
    const two = typeInRow(title, 'a', 'Head\n\nIt begins here.', 4, 'line', counter()).rows;
    expect(two.map((r) => [r.text, r.title])).toEqual([
      ['Head', true],
      ['It begins here.', false],
    ]);
    const later = [row('a', 'One.'), row('b', '')];
    const pasted = typeInRow(later, 'b', 'Head\n\nIt begins here.\n\nIt goes on.', 0, 'line', counter()).rows;
    expect(pasted.map((r) => r.title)).toEqual([false, false, false, false]);
    const marked = typeInRow(later, 'b', 'It is.\n# Head\nIt begins.', 0, 'line', counter()).rows;
    expect(marked.map((r) => r.title)).toEqual([false, false, true, false]);
  });

  it('are ended at the caret without loose spaces; the first one is a title up to sixty letters', () => {
    const first = (text: string) => [row('a', text, { begins: true })];
    const split = splitRow(first('Head of it  then more '), 'a', 11, () => 'n');
    expect(split.rows).toEqual([
      row('a', 'Head of it', { title: true, begins: true }),
      row('n', 'then more ', { begins: true }),
    ]);
    const title = (text: string) => splitRow(first(text), 'a', text.length, () => 'n').rows[0]?.title;
    expect([title('x'.repeat(60)), title('x'.repeat(61)), title(''), title('[a wish]')]).toEqual([
      ...[true, false, false, false],
    ]);
    expect(['Head:', 'Head,', 'Head;', 'Head…', 'Head!”', 'Head?)'].map(title)).toEqual(Array(6).fill(false));
    const two = [row('a', 'Head', { begins: true }), row('b', 'Two')];
    expect(splitRow(two, 'a', 4, () => 'n').rows.map((r) => r.title)).toEqual([false, false, false]);
    expect(splitRow(two, 'b', 3, () => 'n').rows[2]).toEqual(row('n', ''));
  });

  it('are joined with one space where both have words', () => {
    const join = (a: string, b: string) => joinRow([row('a', a), row('b', b)], 'b');
    expect(join('One', 'two')).toEqual({ rows: [row('a', 'One two')], caret: { id: 'a', at: 4 } });
    expect(join('One ', 'two')).toEqual({ rows: [row('a', 'One two')], caret: { id: 'a', at: 4 } });
    expect(join('', 'two')).toEqual({ rows: [row('a', 'two')], caret: { id: 'a', at: 0 } });
    expect(join('One', '')).toEqual({ rows: [row('a', 'One')], caret: { id: 'a', at: 3 } });
  });
});
