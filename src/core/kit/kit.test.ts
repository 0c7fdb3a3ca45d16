import { describe, expect, it } from 'vitest';
import { applyEdit } from '../piece/edit.ts';
import { newKitEntry } from '../piece/outputs.ts';
import { piece, scene } from '../piece/testing.ts';
import { type Piece, placed } from '../piece/types.ts';
import { type Destination, destinationsSchema, FIRST_DESTINATIONS } from './destinations.ts';
import { kitFileText, letters, sayKit } from './entry.ts';
import { postKit } from './kit.ts';

const LIBRARY = [
  'On 12 March 2024 the county sold its last mobile library.',
  'Three women from Upper Marl bought it for 4,200 euros.',
  'Nora Fell, who had driven trams for 31 years, learned to drive a bus.',
  'The library stops at 14 villages.',
  'Then it goes home.',
  '“We lend books, and chairs, and sometimes Nora,” says Ida Brandt.',
  'Have you ever waited for a book?',
  'You can borrow a chair as well.',
  'Come to the fish market on Tuesday.',
];
const library = piece(
  [
    scene('t', 'The library that came back', { layout: 'title', pictures: [placed('bus')] }),
    ...LIBRARY.map((l, i) => scene(`s${i}`, l)),
  ],
  { title: 'The library that came back' },
);
const shows = (id: string) => (id === 'bus' ? 'A green bus at a stop' : '');
const to = (more: Partial<Destination> = {}): Destination => ({
  ...(FIRST_DESTINATIONS[0] as Destination),
  ...more,
});
const words = (text: string) => text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];
const OWN = new Set(words([library.title, ...LIBRARY].join(' ')));

describe('the texts that go with a video', () => {
  it('keep to what a destination takes, however little it is', () => {
    for (const d of FIRST_DESTINATIONS)
      for (const most of [40, 60, 90, 150, 280, 600, 5000])
        for (let variant = 0; variant < 4; variant++) {
          const { post } = postKit(library, { ...d, letters: most }, variant, shows);
          expect(letters(post.text), `${d.name}, ${most}`).toBeLessThanOrEqual(most);
          expect(post.text.match(/#/g)?.length ?? 0).toBeLessThanOrEqual(d.hashtags);
          expect(/\p{Extended_Pictographic}/u.test(post.text) && !d.emoji).toBe(false);
        }
  });

  it('are the piece’s own words, and say from which rows', () => {
    for (const tone of ['plain', 'inviting', 'personal'] as const) {
      const kit = postKit(library, to({ tone, letters: 900, hashtags: 0 }), 0, shows);
      for (const text of [
        kit.post.text,
        kit.summary.text,
        ...kit.headlines.map((h) => h.text),
        ...kit.points.map((x) => x.text),
      ])
        for (const w of words(text)) expect(OWN.has(w), w).toBe(true);
      for (const { text, rows } of [...kit.points, ...kit.quotes]) {
        const from = rows.map((r) => library.scenes[r - 1]?.shown ?? '').join(' ');
        for (const w of words(text)) expect(words(from)).toContain(w);
      }
    }
  });

  it('sound as the destination wants it', () => {
    const opening = (tone: Destination['tone']) =>
      postKit(library, to({ tone, emoji: false, letters: 400 }), 0, shows).post.text;
    expect(opening('plain')).toMatch(/^[^\n]*\d/);
    expect(opening('inviting')).toMatch(/^[^\n]*\b[Yy]ou\b/);
    expect(opening('personal')).toMatch(/^[^\n]*(?:Nora|Ida|Marl)/);
    for (const tone of ['plain', 'inviting', 'personal'] as const)
      expect(opening(tone)).toContain('Come to the fish market on Tuesday.');
  });

  it('are others when others are wanted, and the same when the same is', () => {
    const at = (variant: number) => postKit(library, to({ letters: 300 }), variant, shows);
    expect(at(1)).toEqual(at(1));
    expect(new Set([0, 1, 2].map((v) => at(v).post.text)).size).toBe(3);
    expect(at(0).headlines[0]).toEqual(at(1).headlines[0]);
    expect(at(0).headlines[1]).not.toEqual(at(1).headlines[1]);
  });

  it('begin with nothing that hangs on what was said before', () => {
    for (let v = 0; v < 6; v++) {
      const kit = postKit(library, to({ letters: 2000 }), v, shows);
      expect(kit.post.text).not.toContain('Then it goes home');
      for (const h of kit.headlines) expect(h.text).not.toMatch(/^(?:Then|It|They)\b/);
    }
  });

  it('tag what it is about: names whole, no days, nothing twice', () => {
    const { tags } = postKit(library, to(), 0, shows);
    expect(tags[0]).toBe('Library');
    expect(tags).toContain('NoraFell');
    expect(tags).not.toContain('Nora');
    expect(tags).not.toContain('Tuesday');
    expect(new Set(tags).size).toBe(tags.length);
    for (const t of tags) expect(t).toMatch(/^[\p{L}\p{N}]{3,28}$/u);
  });

  it('quote what somebody said first', () => {
    expect(postKit(library, to(), 0, shows).quotes[0]?.text).toBe(LIBRARY[5]);
  });

  it('say what is seen on the cover', () => {
    expect(postKit(library, to(), 0, shows).alternative).toBe(
      'A green bus at a stop. On it stands: “The library that came back”.',
    );
    expect(postKit(library, to(), 0, () => '').alternative).toBe(
      'On it stands: “The library that came back”.',
    );
  });

  it('can be made of next to nothing, and of another language', () => {
    for (const p of [piece([]), piece([scene('a', '')]), piece([scene('a', 'Hm')], { title: '' })])
      expect(letters(postKit(p, to(), 0, shows).post.text)).toBeLessThanOrEqual(150);
    const german = piece([
      scene('a', 'Am Donnerstag öffnet die Werkstatt am Kanal ihre Türen.'),
      scene('b', 'Fünf Nachbarn reparieren, was andere wegwerfen würden.'),
    ]);
    expect(postKit(german, to({ letters: 300 }), 0, shows).post.text).toContain('Werkstatt');
  });
});

describe('what the writer makes of them', () => {
  const done = (p: Piece, e: ReturnType<typeof sayKit>): Piece => {
    const r = applyEdit(p, e);
    if (!r.ok) throw new Error(JSON.stringify(r.failure));
    return r.piece;
  };

  it('is kept for each destination, and goes back to what was proposed', () => {
    const one = done(library, sayKit(library, 'tall', { headline: 'Mine' }));
    const two = done(one, sayKit(one, 'feed', { variant: 3 }));
    const three = done(two, sayKit(two, 'tall', { post: 'All mine' }));
    expect(three.kit).toEqual([
      { ...newKitEntry('tall'), headline: 'Mine', post: 'All mine' },
      { ...newKitEntry('feed'), variant: 3 },
    ]);
    expect(done(three, sayKit(three, 'tall', { headline: null })).kit[0]?.headline).toBeNull();
    expect(sayKit(library, 'tall', { post: 'x' }, 'post').merge).toBe('kit/tall/post');
  });

  it('stands in the file with all of it', () => {
    const kit = postKit(library, to(), 0, shows);
    const text = kitFileText(kit, { ...newKitEntry('tall'), post: 'All mine' }, to());
    expect(text).toContain('Post\n\nAll mine');
    expect(text).not.toContain(kit.post.text);
    for (const part of [kit.headlines[0]?.text, kit.summary.text, kit.alternative, kit.tags[0]])
      expect(text).toContain(part);
  });

  it('counts an emoji as one letter', () => {
    expect(letters('🛠️ mend')).toBe(6);
  });
});

describe('destinations', () => {
  it('that are shipped are such as can be stored; nonsense is refused', () => {
    expect(destinationsSchema.validate(FIRST_DESTINATIONS).error).toBeUndefined();
    for (const bad of [
      [],
      null,
      [{ ...FIRST_DESTINATIONS[0], letters: 3 }],
      [FIRST_DESTINATIONS[0], FIRST_DESTINATIONS[0]],
      [{ id: 'x' }],
    ])
      expect(destinationsSchema.validate(bad).error).toBeDefined();
  });
});
