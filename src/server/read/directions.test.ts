import { Document, Packer, Paragraph, Table, TableCell, TableRow } from 'docx';
import { describe, expect, it } from 'vitest';
import { odt } from '../../../studio/fixtures/packages.ts';
import { scriptOf } from '../../core/source/script.ts';
import { readDirections } from '../../core/text/directions/directions.ts';
import { scriptFrom } from '../sources/sources.ts';
import { readFile } from './read.ts';

const ROWS = [
  ['Shot', 'Visual', 'Audio', 'On-screen text'],
  ['1', 'A crowded platform', 'Every day, people wait here. Some read.', '40,000 a day'],
  ['2', 'A train arrives', 'One in ten is late.', ''],
  ['3', '', 'That will change.', ''],
];
const SCENES = `40,000 a day [A crowded platform] [say: Every day, people wait here. Some read.]

[A train arrives] One in ten is late.

That will change.`;

/** A Word document with a table, as writers have scripts in two and more columns. */
const docx = (rows: readonly (readonly string[])[]): Promise<Buffer> =>
  Packer.toBuffer(
    new Document({
      sections: [
        {
          children: [
            new Paragraph('Late again'),
            new Table({
              rows: rows.map(
                (cells) =>
                  new TableRow({
                    children: cells.map((c) => new TableCell({ children: [new Paragraph(c)] })),
                  }),
              ),
            }),
          ],
        },
      ],
    }),
  );

describe('a script in the table of a document', () => {
  it('is read from Word by its columns', async () => {
    const script = await scriptFrom(await docx(ROWS), 'late.docx');
    expect(readDirections(script)?.text.replace(/^.*\n\n/, '')).toBe(SCENES);
  });

  it('is read from OpenDocument by its columns', async () => {
    const base = { text: '', items: [], picture: '' };
    const bytes = await odt({
      ...{ title: 'Late again', author: '', date: '' },
      blocks: [{ ...base, kind: 'table', rows: ROWS }],
    });
    const script = scriptOf(await readFile(bytes, 'late.odt'));
    expect(readDirections(script)?.text.replace(/^.*\n\n/, '')).toBe(SCENES);
  });

  it('leaves another table a table', async () => {
    const source = await readFile(
      await docx([
        ['Bicycles', '7'],
        ['Radios', '9'],
      ]),
      'count.docx',
    );
    expect(source.passages.filter((p) => p.kind === 'table')).toHaveLength(2);
  });
});

it('keeps Markdown with directions as it stands, and reads any other for what is in it', async () => {
  const directed = '**Visual:** A barge\n**VO:** It leaves at six.';
  expect(await scriptFrom(Buffer.from(directed), 'barge.md')).toBe(directed);
  expect(await scriptFrom(Buffer.from('# The barge\n\nIt leaves *at six*.'), 'barge.md')).toBe(
    '# The barge\n\nIt leaves at six.',
  );
});
