import nlp from 'compromise/two';
import { LRUCache } from 'lru-cache';

/** A word with its place in the text, and what it is. */
export interface Term {
  text: string;
  start: number;
  end: number;
  /** Main or auxiliary verb in a finite form; no gerund, no infinitive after "to". */
  finite: boolean;
  verb: boolean;
  noun: boolean;
  pronoun: boolean;
  determiner: boolean;
  preposition: boolean;
  /** A proper noun: person, place, firm. */
  name: boolean;
  value: boolean;
}

/** After one of these a word is no finite verb. */
const ARTICLE = /^(the|a|an|my|your|his|her|its|our|their|every|each|some|no)$/i;

/** Words of an English text with their parts of speech (compromise's tagger: lexicon, suffixes and neighbours). */
export function terms(text: string): readonly Term[] {
  const known = tagged.get(text);
  if (known) return known;
  const out = tag(text);
  tagged.set(text, out);
  return out;
}

/** A sentence is tagged for its weight, for its line and for its spoken form: once is enough. */
const tagged = new LRUCache<string, Term[]>({
  maxSize: 20_000_000,
  sizeCalculation: (list, text) => 2 * text.length + 150 * list.length + 100,
});

function tag(text: string): Term[] {
  const out: Term[] = [];
  let at = 0;
  for (const sentence of nlp(text).json({ terms: { tags: true } }) as {
    terms: { text: string; pre: string; post: string; tags: string[] }[];
  }[]) {
    for (const t of sentence.terms) {
      const tags = new Set(t.tags);
      const found = text.indexOf(t.text, at);
      if (!t.text || found < 0) continue;
      const start = found;
      at = start + t.text.length;
      const before = out[out.length - 1];
      const verb = tags.has('Verb');
      out.push({
        text: t.text,
        start,
        end: at,
        verb,
        finite:
          verb &&
          !tags.has('Gerund') &&
          !/ing$/i.test(t.text) &&
          !(before && /^to$/i.test(before.text)) &&
          !(before && ARTICLE.test(before.text)) &&
          !tags.has('Particle'),
        noun: tags.has('Noun') || tags.has('Pronoun'),
        pronoun: tags.has('Pronoun'),
        determiner: tags.has('Determiner'),
        preposition: tags.has('Preposition'),
        name: tags.has('ProperNoun') && !tags.has('Date') && !tags.has('Pronoun'),
        value: tags.has('Value'),
      });
    }
  }
  return out;
}

/** Whether a stretch of text says something by itself: a subject and a finite verb after it. */
export function saysSomething(words: readonly Term[]): boolean {
  const verb = words.findIndex((w) => w.finite);
  return verb > 0 && words.slice(0, verb).some((w) => w.noun || w.value);
}
