import {
  Document,
  HeadingLevel,
  Packer,
  Paragraph,
  Table,
  TableCell,
  TableRow,
  TextRun,
  WidthType,
} from 'docx';
import type { SceneRow } from '../../core/exchange/scene-table.ts';

/** Widths of the columns, percent. */
const COLUMNS = [8, 50, 42] as const;

/** A script as a document of two columns, as scripts have always been typed: words on one side, the picture on the other. */
export async function scriptDocument(title: string, rows: readonly SceneRow[]): Promise<Uint8Array> {
  const cell = (k: 0 | 1 | 2, ...texts: { text: string; quiet?: boolean }[]) =>
    new TableCell({
      width: { size: COLUMNS[k], type: WidthType.PERCENTAGE },
      children: texts
        .filter((t) => t.text)
        .map((t) => new Paragraph({ children: [new TextRun({ text: t.text, italics: t.quiet ?? false })] })),
    });
  const doc = new Document({
    title,
    creator: 'Nabbet',
    sections: [
      {
        children: [
          new Paragraph({ text: title || 'Untitled', heading: HeadingLevel.TITLE }),
          new Table({
            width: { size: 100, type: WidthType.PERCENTAGE },
            rows: rows.map(
              (r, i) =>
                new TableRow({
                  cantSplit: true,
                  children: [
                    cell(0, { text: String(i + 1) }),
                    cell(
                      1,
                      { text: r.shown },
                      { text: r.spoken && r.spoken !== r.shown ? `Spoken: ${r.spoken}` : '', quiet: true },
                    ),
                    cell(2, { text: r.pictures }, { text: r.credits, quiet: true }),
                  ],
                }),
            ),
          }),
        ],
      },
    ],
  });
  return new Uint8Array(await Packer.toBuffer(doc));
}
