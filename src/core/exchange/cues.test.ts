import { describe, expect, it } from 'vitest';
import { Typesetter } from '../look/typeset/typesetter.ts';
import { piece, scene } from '../piece/testing.ts';
import type { Piece } from '../piece/types.ts';
import { cutScript } from '../text/script.ts';
import { msToSamples } from '../time.ts';
import { compile } from '../timeline/compile.ts';
import { narrationKey, wantedTakes } from '../timeline/keys.ts';
import { NO_FACTS, type TakeFact } from '../timeline/types.ts';
import { type Cue, cuesOf } from './cues.ts';
import { sceneTable } from './scene-table.ts';
import { scriptText } from './script-text.ts';

/** A voice that takes 65 ms for a letter, 60 ms between words and 400 ms after a sentence. */
function takeOf(key: string, text: string): TakeFact {
  let t = 50;
  const words = [...text.matchAll(/\S+/g)].map((m) => {
    const word = { start: m.index, end: m.index + m[0].length, startMs: t, endMs: t + m[0].length * 65 };
    t = word.endMs + (/[.!?]$/.test(m[0]) ? 400 : 60);
    return word;
  });
  return { key, words, samples: msToSamples(t) };
}

function cut(p: Piece): { cues: Cue[]; p: Piece } {
  const takes = Object.fromEntries(wantedTakes(p).map(({ key, text }) => [key, takeOf(key, text)]));
  const facts = { ...NO_FACTS, takes };
  const timeline = compile(p, facts, new Typesetter((text, font) => text.length * font.size * 0.5));
  return { cues: cuesOf(p, timeline, facts), p };
}

const TEXTS = [
  'Last spring the town library of Lower Marsh put forty power tools on a shelf between travel and poetry, and nobody was sure that anything would ever come back.',
  'It did. All of it. Cleaned and oiled, with a note that said thank you, and with a jar of plum jam from the woman who had borrowed the drill.',
  'Yes.',
  `Donaudampfschifffahrtsgesellschaft${'skapitän'.repeat(6)} ist ein Wort.`,
  'One, two, three, four, five, six, seven, eight, nine, ten, eleven, twelve, thirteen, fourteen and so on until the end of the day.',
];

describe('cues in another language', () => {
  const german = 'Er blieb. Alles kam zurück, geputzt und geölt.';
  const translated = (text: string, spoken: string | null = null) => ({
    language: 'de',
    shown: text,
    spoken,
    of: '',
  });

  it('stand where the voice says the line, and where nothing is translated say what it says', () => {
    const p = piece([
      scene('a', 'It stayed.', { translations: [translated(german)] }),
      scene('b', 'And so on.'),
    ]);
    const takes = Object.fromEntries(wantedTakes(p).map(({ key, text }) => [key, takeOf(key, text)]));
    const facts = { ...NO_FACTS, takes };
    const timeline = compile(p, facts, new Typesetter((text, font) => text.length * font.size * 0.5));
    const [said, told] = [cuesOf(p, timeline, facts), cuesOf(p, timeline, facts, 'de')];
    expect(told.flatMap((c) => c.lines).join(' ')).toBe(`${german} And so on.`);
    expect(told[0]?.startMs).toBe(
      timeline.scenes[0]?.voice && Math.round(timeline.scenes[0].voice.start / 48),
    );
    expect(told.at(-1)).toEqual(said.at(-1));
    const first = told.filter((c) => c.startMs < (said[1]?.startMs ?? 0));
    expect((first.at(-1) as Cue).words.at(-1)?.endMs).toBeLessThanOrEqual(said[1]?.startMs as number);
    expect(cuesOf(p, timeline, facts, 'fr')).toEqual(said);
  });

  it('prefer what is said to what is shown, and break Japanese between its words', () => {
    const line =
      '図書館は春から四十の道具を貸し出しています。返ってこないと思われていましたが、すべて戻ってきました。';
    const p = piece([
      scene('a', 'Short', {
        spoken: 'Forty tools. All of them came back.',
        translations: [translated('短い', line)],
      }),
    ]);
    const takes = Object.fromEntries(wantedTakes(p).map(({ key, text }) => [key, takeOf(key, text)]));
    const facts = { ...NO_FACTS, takes };
    const timeline = compile(p, facts, new Typesetter((text, font) => text.length * font.size * 0.5));
    const cues = cuesOf(p, timeline, facts, 'de');
    expect(cues.flatMap((c) => c.lines).join('')).toBe(line);
    expect(cues.length).toBeGreaterThan(1);
    for (const text of cues.flatMap((c) => c.lines)) {
      expect(text.length * 2).toBeLessThanOrEqual(30);
      expect(text).not.toMatch(/^[。、]/);
    }
  });
});

describe('cues', () => {
  for (const format of ['9:16', '16:9'] as const)
    it(`in ${format} hold every word once, fit their lines, and never meet`, () => {
      const { cues, p } = cut(
        piece(
          TEXTS.map((t, i) => scene(`s${i}`, t)),
          { format },
        ),
      );
      const most = format === '16:9' ? 42 : 30;
      expect(
        cues
          .flatMap((c) => c.lines)
          .join(' ')
          .split(' '),
      ).toEqual(p.scenes.flatMap((s) => s.shown.split(' ')));
      for (const [i, c] of cues.entries()) {
        expect(c.lines.length).toBeLessThanOrEqual(2);
        for (const line of c.lines) if (line.includes(' ')) expect(line.length).toBeLessThanOrEqual(most);
        expect(c.words.map((w) => w.text).join(' ')).toBe(c.lines.join(' '));
        expect(c.endMs).toBeGreaterThan(c.startMs);
        expect(c.startMs).toBeGreaterThanOrEqual(cues[i - 1]?.endMs ?? 0);
        // They come with the first word, and stand until the last one is said.
        expect(c.startMs).toBe(c.words[0]?.startMs);
        expect(c.endMs).toBeGreaterThanOrEqual((c.words.at(-1)?.endMs ?? 0) - 1);
      }
    });

  it('end where a reader breathes: after sentences and clauses, before small words', () => {
    const { cues } = cut(piece([scene('a', TEXTS[0]), scene('b', TEXTS[1])]));
    const ends = cues.map((c) => c.lines.join(' ').split(' ').at(-1) ?? '');
    expect(ends).toContain('poetry,');
    expect(ends).toContain('back.');
    for (const e of ends) expect(e).not.toMatch(/^(the|of|a|and|to|with)$/);
    const lines = cues.flatMap((c) => (c.lines.length === 2 ? [c.lines[0] ?? ''] : []));
    for (const l of lines) expect(l).not.toMatch(/ (the|of|a|and)$/);
  });

  it('stand long enough to be read where there is time', () => {
    const { cues } = cut(piece([scene('a', 'Yes.', { durationMs: 4000 }), scene('b', 'And then nothing.')]));
    expect((cues[0]?.endMs ?? 0) - (cues[0]?.startMs ?? 0)).toBeGreaterThanOrEqual(1000);
  });

  it('are there for what is said, with who says it: not for silence, nor for words that are only shown', () => {
    const { cues } = cut(
      piece([
        scene('a', 'Shown only.', { spoken: '' }),
        scene('b', 'Shown.', { spoken: 'Said instead.', speaker: 'Mira' }),
      ]),
    );
    expect(cues.map((c) => [c.speaker, c.lines.join(' ')])).toEqual([['Mira', 'Said instead.']]);
  });

  it('share the time of words that the voice did not tell', () => {
    const p = piece([scene('a', 'one two three four')]);
    const key = narrationKey(p.scenes[0] as never, p) as string;
    const words = takeOf(key, 'one two three four').words.filter((_, i) => i === 0 || i === 3);
    const facts = { ...NO_FACTS, takes: { [key]: { key, words, samples: msToSamples(2000) } } };
    const timeline = compile(p, facts, new Typesetter((text, font) => text.length * font.size * 0.5));
    const [cue] = cuesOf(p, timeline, facts);
    const starts = cue?.words.map((w) => w.startMs) ?? [];
    expect(starts).toEqual(starts.toSorted((a, b) => a - b));
    expect(new Set(starts).size).toBe(4);
  });
});

describe('the script of a piece', () => {
  it('becomes the same scenes again', () => {
    const script =
      '# A title\n\nMira: Come in, the door is open. [a door]\n\nJon: I am in already.\n\nMira: So you are.\n\nThey laugh about it for a while.';
    const lines = cutScript(script, 'line');
    const p = piece(
      lines.map((l, i) => scene(`s${i}`, l.shown, { layout: l.layout, brief: l.brief, speaker: l.speaker })),
    );
    expect(cutScript(scriptText(p), 'line')).toEqual(lines);
  });

  it('has both where other words are spoken than shown', () => {
    const text = scriptText(piece([scene('a', 'Nine pounds', { spoken: 'It costs nine pounds.' })]));
    expect(text).toBe('> Nine pounds\n\nIt costs nine pounds.\n');
  });
});

describe('the table of scenes', () => {
  it('has times, words, voices, pictures and credits', () => {
    const { p } = cut(piece([scene('a', 'One.'), scene('b', 'Two.', { durationMs: 3000, speaker: 'Jon' })]));
    const timeline = compile(p, NO_FACTS, new Typesetter((text, font) => text.length * font.size * 0.5));
    const rows = sceneTable(p, timeline, () => undefined);
    expect(rows.map((r) => [r.scene, r.spoken, r.speaker, r.voice])).toEqual([
      [1, 'One.', '', 'maud'],
      [2, 'Two.', 'Jon', 'maud'],
    ]);
    expect(rows[1]).toMatchObject({ start: rows[0]?.length, length: 3 });
  });
});
