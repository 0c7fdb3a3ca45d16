import type { Source } from '../../core/source/types.ts';

/** What a program wrote where a title should be: the name of a file, its place on a disk, a number of its own. */
const NO_TITLE =
  /^(?:untitled|document ?\d*|microsoft word\b.*|.*\.(?:docx?|odt|rtf|pdf|indd|qxd|qxp|tex|dvi|e?ps|html?)\b.*|[a-z]:[\\/].*|.*\\.*|[^\s]*\d[^\s]*)$/i;

/** The title is the document's own where it says something, else the largest heading at the start. */
export function extractTitle(source: Source, own: string): void {
  const start = source.passages.slice(0, 6);
  // What stands at the head of the first page with a number behind it is the paper in which the article is.
  const running = start.find((p) => p.kind !== 'heading' && p.sentences[0]?.text.startsWith(own))
    ?.sentences[0];
  const inPaper =
    own !== '' && /^[\s,]*(?:vol(?:ume)?\b|no\b|\d)/i.test(running?.text.slice(own.length) ?? '');
  const long = start.find((p) => p.kind === 'heading' && /(?:\S+\s+){3}/.test(p.sentences[0]?.text ?? ''));
  const first = (inPaper ? long : undefined) ?? start.slice(0, 4).find((p) => p.kind === 'heading');
  const heading = first?.sentences[0]?.text ?? '';
  const useless = !own || NO_TITLE.test(own) || (inPaper && heading !== '');
  source.title = useless
    ? heading
    : heading && own.toLowerCase().includes(heading.toLowerCase())
      ? heading
      : own;
  if (!source.title) source.title = (source.passages[0]?.sentences[0]?.text ?? '').slice(0, 90);
  if (first && heading === source.title) source.passages = source.passages.filter((p) => p !== first);
}
