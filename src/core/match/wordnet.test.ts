import { describe, expect, it } from 'vitest';
import { WordNet, type WordNetFiles } from './wordnet.ts';

/** A synset of a small dictionary: its words, its lexicographer file, and what it points to by name. */
interface Entry {
  words: string[];
  file?: string;
  to?: [symbol: string, name: string][];
}

const LICENCE = '  1 This is made up, and indented as the real one is.\n  2 Second line of it.\n';

/**
 * The two files of a word class as WordNet has them (wndb(5WN)): the data with its byte offsets, eight digits long, and
 * the index in order. senses: synsets of a word, most frequent first; by default in the order in which they stand.
 */
function dictionary(entries: Record<string, Entry>, pos = 'n'): WordNetFiles {
  const names = Object.keys(entries);
  const line = (name: string, offset: (n: string) => number) => {
    const { words, file = '06', to = [] } = entries[name] as Entry;
    const said = words.map((w) => `${w.replace(/ /g, '_')} 0`).join(' ');
    const pointers = to
      .map(([symbol, n]) => `${symbol} ${String(offset(n)).padStart(8, '0')} ${pos} 0000`)
      .join(' ');
    const count = words.length.toString(16).padStart(2, '0');
    return `${String(offset(name)).padStart(8, '0')} ${file} ${pos} ${count} ${said} ${String(to.length).padStart(3, '0')} ${pointers} | made up\n`;
  };
  // Offsets have one length, so places are known before they are written.
  const at = new Map<string, number>();
  let length = LICENCE.length;
  for (const n of names) {
    at.set(n, length);
    length += line(n, () => 0).length;
  }
  const offset = (n: string) => at.get(n) ?? 0;
  const data = LICENCE + names.map((n) => line(n, offset)).join('');
  const senses = new Map<string, number[]>();
  for (const n of names)
    for (const w of entries[n]?.words ?? [])
      senses.set(w.toLowerCase(), [...(senses.get(w.toLowerCase()) ?? []), offset(n)]);
  const index = [...senses]
    .map(([w, list]) => {
      const places = list.map((o) => String(o).padStart(8, '0')).join(' ');
      return `${w.replace(/ /g, '_')} ${pos} ${list.length} 1 @ ${list.length} 0 ${places}  \n`;
    })
    .sort();
  const bytes = (t: string) => new TextEncoder().encode(t);
  return { index: bytes(LICENCE + index.join('')), data: bytes(data) };
}

const NONE = dictionary({}, 'v');
const wordnet = (noun: WordNetFiles, verb = NONE, adj = NONE) => new WordNet({ noun, verb, adj });

const ANIMALS = dictionary({
  dog: {
    words: ['dog', 'Domestic dog'],
    file: '05',
    to: [
      ['@', 'canine'],
      ['~', 'puppy'],
      ['~', 'hound'],
    ],
  },
  frank: { words: ['frank', 'dog'], file: '13', to: [['@', 'food']] },
  canine: { words: ['canine'], file: '05', to: [['@', 'carnivore']] },
  carnivore: { words: ['carnivore'], file: '05', to: [['@', 'animal']] },
  animal: { words: ['animal', 'beast'], file: '03', to: [['@', 'being']] },
  being: { words: ['organism', 'being'], file: '03', to: [['@', 'thing']] },
  thing: { words: ['thing'], file: '03' },
  food: { words: ['sausage'], file: '13' },
  puppy: { words: ['puppy'], file: '05' },
  hound: { words: ['hound'], file: '05' },
});
const worth = (list: { word: string; worth: number }[], word: string) =>
  list.find((w) => w.word === word)?.worth;

describe('a dictionary in the form of WordNet', () => {
  const near = wordnet(ANIMALS).nearWords('dog', 'noun');

  it('gives words of the same sense, kinds above and examples below, nearest first', () => {
    expect(near[0]).toEqual({ word: 'domestic dog', relation: 'same', worth: 0.9 });
    expect(near.find((w) => w.word === 'canine')).toEqual({
      word: 'canine',
      relation: 'kind of',
      worth: 0.75,
    });
    expect(near.find((w) => w.word === 'puppy')).toEqual({ word: 'puppy', relation: 'example', worth: 0.6 });
    expect([worth(near, 'carnivore'), worth(near, 'animal')]).toEqual([0.65, 0.55]);
    expect(near.map((w) => w.worth)).toEqual(near.map((w) => w.worth).sort((a, b) => b - a));
    expect(near.some((w) => w.word === 'dog')).toBe(false);
  });

  it('stops below what is too general to be painted', () => {
    expect(near.map((w) => w.word)).not.toContain('organism');
    expect(near.map((w) => w.word)).not.toContain('thing');
  });

  it('counts a later sense less', () => {
    expect(worth(near, 'frank')).toBeCloseTo(0.6 * 0.9);
    expect(worth(near, 'sausage')).toBeCloseTo(0.6 * 0.75);
  });

  it('finds every word of the index, the first and the last too, and no other', () => {
    const w = wordnet(ANIMALS);
    for (const word of [
      'animal',
      'beast',
      'canine',
      'carnivore',
      'dog',
      'domestic dog',
      'frank',
      'hound',
      'puppy',
      'thing',
    ])
      expect(
        w.nearWords(word, 'noun').length + (word === 'thing' || word === 'puppy' || word === 'hound' ? 1 : 0),
        word,
      ).toBeGreaterThan(0);
    for (const word of ['', 'aardvark', 'cat', 'dogs', 'zebra', 'This', '1'])
      expect(w.nearWords(word, 'noun'), word).toEqual([]);
    expect(w.nearWords('dog', 'verb')).toEqual([]);
  });

  it('remembers what it has looked up', () => {
    const w = wordnet(ANIMALS);
    expect(w.nearWords('dog', 'noun')).toBe(w.nearWords('dog', 'noun'));
  });

  it('puts what can be seen before what cannot, among the first four senses of a noun; not of a verb', () => {
    const entries = {
      act: { words: ['play', 'turn'], file: '04' },
      drama: { words: ['play', 'drama'], file: '06' },
      game: { words: ['play', 'gambling'], file: '07' },
      motion: { words: ['play', 'motion'], file: '09' },
      fifth: { words: ['play', 'toy'], file: '06' },
    };
    const noun = wordnet(dictionary(entries)).nearWords('play', 'noun');
    expect(noun.map((w) => w.word)).toEqual(['drama', 'turn', 'gambling']);
    expect([worth(noun, 'drama'), worth(noun, 'turn'), worth(noun, 'gambling')]).toEqual([
      0.9,
      0.6 * 0.9,
      0.35 * 0.9,
    ]);
    const verb = wordnet(NONE, dictionary(entries, 'v')).nearWords('play', 'verb');
    expect(verb.map((w) => w.word)).toEqual(['turn', 'drama', 'gambling']);
  });

  it('takes forms of other classes, and what is like an adjective', () => {
    const verb = dictionary({ sail: { words: ['sail', 'voyage'], file: '38' } }, 'v');
    const at = LICENCE.length;
    const text = (f: WordNetFiles) => new TextDecoder().decode(f.data);
    const noun = dictionary({ sailor: { words: ['sailor', 'mariner'], file: '18', to: [['+', 'sailor']] } });
    // Its form is a verb: the pointer says the class.
    const data = new TextEncoder().encode(
      text(noun).replace(/\+ (\d{8}) n 0000/, `+ ${String(at).padStart(8, '0')} v 0000`),
    );
    const near = wordnet({ ...noun, data }, verb).nearWords('sailor', 'noun');
    expect(near).toEqual([
      { word: 'mariner', relation: 'same', worth: 0.9 },
      { word: 'sail', relation: 'form', worth: 0.8 },
      { word: 'voyage', relation: 'form', worth: 0.8 },
    ]);
    const adj = dictionary(
      {
        calm: { words: ['calm(a)'], file: '00', to: [['&', 'still']] },
        still: { words: ['still', 'windless'], file: '00' },
      },
      'a',
    );
    const index = new TextEncoder().encode(new TextDecoder().decode(adj.index).replace('calm(a) ', 'calm '));
    const like = wordnet(NONE, NONE, { ...adj, index }).nearWords('calm', 'adj');
    expect(like).toEqual([
      { word: 'still', relation: 'same', worth: 0.8 * 0.75 },
      { word: 'windless', relation: 'same', worth: 0.8 * 0.75 },
    ]);
  });

  it('does not open a kind with very many examples', () => {
    const many = (n: number) => {
      const examples = Array.from({ length: n }, (_, i) => `kind ${i}`);
      return wordnet(
        dictionary({
          bird: { words: ['bird', 'fowl'], file: '05', to: examples.map((e): [string, string] => ['~', e]) },
          ...Object.fromEntries(examples.map((e) => [e, { words: [e], file: '05' }])),
        }),
      ).nearWords('bird', 'noun').length;
    };
    expect([many(40), many(41)]).toEqual([41, 1]);
  });
});
