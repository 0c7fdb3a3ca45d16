import type { Passage, Sentence, Source, SourcePicture } from '../source/types.ts';
import { chosenChapters } from './chapters.ts';
import type { OutlineChoices, OutlineLine } from './types.ts';

/** What stands in the article at a place where nothing of it is in the piece. */
export type LeftPart =
  | { kind: 'sentences'; passage: Passage; sentences: Sentence[] }
  | { kind: 'picture'; picture: SourcePicture };

/** A part of the article as it stands: a sentence that is a scene, or a stretch between scenes that is left out. */
export type ArticlePart =
  | { kind: 'scene'; line: OutlineLine; index: number; words: number }
  | {
      kind: 'left';
      /** Of its first sentence or picture: stays the same while what is before it changes. */
      id: string;
      parts: LeftPart[];
      sentences: number;
      words: number;
      pictures: number;
    };

const wordsOf = (text: string): number => text.split(/\s+/).filter(Boolean).length;

/**
 * The article in its own order, with what is in the piece and what is not. A line that is told at another place than where
 * it stands, and the closing card, come first and last. Pictures that are in use stand with their scenes.
 */
export function articleInPlace(
  whole: Source,
  choices: OutlineChoices,
  lines: readonly OutlineLine[],
): ArticlePart[] {
  const source = chosenChapters(whole, choices);
  const order = new Map(source.passages.flatMap((p) => p.sentences).map((s, i) => [s.id, i]));
  const used = new Set(lines.flatMap((l) => l.picture ?? []));
  const scene = (line: OutlineLine, words: number): ArticlePart => ({
    ...{ kind: 'scene', line, words },
    index: lines.indexOf(line),
  });
  const moved = outOfOrder(lines, order);
  const out: ArticlePart[] = lines.filter((l) => moved.has(l.ref)).map((l) => scene(l, 0));
  const inPlace = new Map(lines.filter((l) => order.has(l.ref) && !moved.has(l.ref)).map((l) => [l.ref, l]));
  let left: Extract<ArticlePart, { kind: 'left' }> | null = null;
  const leave = (id: string, part: LeftPart) => {
    if (!left) {
      left = { kind: 'left', id, parts: [], sentences: 0, words: 0, pictures: 0 };
      out.push(left);
    }
    const last = left.parts.at(-1);
    if (part.kind === 'picture') left.pictures++;
    else {
      left.sentences += part.sentences.length;
      left.words += part.sentences.reduce((n, s) => n + wordsOf(s.text), 0);
    }
    if (part.kind === 'sentences' && last?.kind === 'sentences' && last.passage === part.passage)
      last.sentences.push(...part.sentences);
    else left.parts.push(part);
  };
  const pictures = (after: string | null) => {
    for (const p of source.pictures)
      if (p.after === after && !used.has(p.id)) leave(p.id, { kind: 'picture', picture: p });
  };
  pictures(null);
  for (const passage of source.passages) {
    for (const sentence of passage.sentences) {
      const line = inPlace.get(sentence.id);
      if (line) {
        out.push(scene(line, wordsOf(sentence.text)));
        left = null;
      } else leave(sentence.id, { kind: 'sentences', passage, sentences: [sentence] });
    }
    pictures(passage.id);
  }
  const placed = new Set(out.flatMap((p) => (p.kind === 'scene' ? [p.line.ref] : [])));
  return [...out, ...lines.filter((l) => !placed.has(l.ref)).map((l) => scene(l, 0))];
}

/** Lines of the article that are told before others that stand above them. */
function outOfOrder(lines: readonly OutlineLine[], order: ReadonlyMap<string, number>): Set<string> {
  const moved = new Set<string>();
  let least = Number.POSITIVE_INFINITY;
  for (const line of [...lines].reverse()) {
    const at = order.get(line.ref);
    if (at === undefined) continue;
    if (at > least) moved.add(line.ref);
    least = Math.min(least, at);
  }
  return moved;
}
