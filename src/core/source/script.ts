import type { Source } from './types.ts';

/** The words of a source as a script: headings with #, one paragraph after the other with an empty line between. */
export function scriptOf(source: Source): string {
  const blocks = source.passages.map((p) => {
    const text = p.sentences.map((s) => s.text).join(' ');
    return p.kind === 'heading' ? `# ${text}` : text;
  });
  const titled =
    source.title && blocks[0] !== `# ${source.title}` && !blocks[0]?.startsWith(source.title)
      ? [`# ${source.title}`]
      : [];
  return [...titled, ...blocks].join('\n\n');
}

/** Words in the running text of a source. */
export const wordCount = (source: Source): number =>
  source.passages.reduce((n, p) => n + p.sentences.reduce((m, s) => m + s.text.split(/\s+/).length, 0), 0);
