import { terms } from '../outline/condense/grammar.ts';
import { contentWords } from '../text/tokens.ts';

/** Of "lemon pasta" the picture has to show pasta: a noun that only tells another one apart counts so much. */
const MODIFIER = 0.6;

/** What grows is named for its fruit, and is not seen in it: "under the old lime trees". */
const GROWS = /^ (?:trees?|bush(?:es)?|plants?|seedlings?|orchards?|fields?|leaves|roots?)(?!\p{L})/iu;

/** A lime tree is a tree. */
const FRUIT = 0.3;

/** How much each content word of an English text counts that only names what grows, 0 to 1, in their order. */
export const growthWeights = (text: string): number[] =>
  contentWords(text).map((w) => (GROWS.test(text.slice(w.end)) ? FRUIT : 1));

/** How much each content word of an English text counts by its place in a noun phrase, 0 to 1, in their order. */
export function phraseWeights(text: string): number[] {
  const all = terms(text);
  const modifiers = new Set<number>();
  all.forEach((t, i) => {
    const next = all[i + 1];
    const isNoun = (w: typeof t) => w.noun && !w.name && !w.value && !w.pronoun && !w.verb;
    if (next && isNoun(t) && isNoun(next) && text.slice(t.end, next.start) === ' ') modifiers.add(t.start);
  });
  return contentWords(text).map((w) => (modifiers.has(w.start) ? MODIFIER : 1));
}
