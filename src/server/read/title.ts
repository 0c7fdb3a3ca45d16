import type { Source } from '../../core/source/types.ts';

/** The title is the document's own where it says something, else the largest heading at the start. */
export function extractTitle(source: Source, own: string): void {
  const first = source.passages.slice(0, 4).find((p) => p.kind === 'heading');
  const heading = first?.sentences[0]?.text ?? '';
  const useless =
    !own || /^(untitled|document\d*|microsoft word|.*\.(docx?|odt|pdf|indd|tex|html?))\b/i.test(own);
  source.title = useless
    ? heading
    : heading && own.toLowerCase().includes(heading.toLowerCase())
      ? heading
      : own;
  if (!source.title) source.title = (source.passages[0]?.sentences[0]?.text ?? '').slice(0, 90);
  if (first && heading === source.title) source.passages = source.passages.filter((p) => p !== first);
}
