import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { emptyPiece, emptyScene, type Piece, type Scene } from '../piece/types.ts';
import { compile } from '../timeline/compile.ts';
import { NO_FACTS, type PlacedLine, type WordsBlock } from '../timeline/types.ts';
import { suitedLooks } from './choose.ts';
import { FAMILIES } from './families.ts';
import { FORMATS, stageOf } from './formats.ts';
import { LAYOUT_NAMES, LAYOUTS, type WordLayout } from './layouts.ts';
import { channels, luminanceOf, ratioOf } from './legible.ts';
import { LOOK_NAMES, lookOf } from './looks.ts';
import { REVEAL_KINDS } from './reveals.ts';
import { TRANSITION_KINDS } from './transitions.ts';
import { Typesetter } from './typeset/typesetter.ts';

const WORD_LAYOUTS = LAYOUT_NAMES.filter((l): l is WordLayout => LAYOUTS[l].words !== null);
const setter = new Typesetter((text, font) => [...text].length * font.size * 0.53);

/** Texts in eight scripts, each of so many letters. */
const SCRIPTS = {
  latin: 'The bench that mends anything opens at six and nobody is in a hurry ',
  cyrillic: 'Скамейка которая чинит всё открывается в шесть и никто не спешит ',
  greek: 'Ο πάγκος που επισκευάζει τα πάντα ανοίγει στις έξι ',
  arabic: 'المقعد الذي يصلح كل شيء يفتح في السادسة ',
  hebrew: 'הספסל שמתקן הכול נפתח בשש ואף אחד לא ממהר ',
  japanese: 'なんでも直す作業台は六時に開きます。誰も急ぎません。',
  korean: '무엇이든 고치는 작업대는 여섯 시에 열립니다 ',
  thai: 'โต๊ะซ่อมทุกอย่างเปิดหกโมงและไม่มีใครรีบ ',
};
const SCRIPT_NAMES = Object.keys(SCRIPTS) as (keyof typeof SCRIPTS)[];
const textOf = (script: keyof typeof SCRIPTS, letters: number): string => {
  const sample = SCRIPTS[script];
  return (
    sample
      .repeat(Math.ceil(letters / sample.length))
      .slice(0, letters)
      .trim() || sample.slice(0, 1)
  );
};

const pieceOf = (scenes: Partial<Scene>[], more: Partial<Piece> = {}): Piece => ({
  ...emptyPiece(),
  ...more,
  scenes: scenes.map((s, i) => ({ ...emptyScene(`s${i}`), ...s })),
});

const reachOf = ({ size, x, width, y }: PlacedLine) => ({
  left: x,
  right: x + width,
  top: y - size * 0.95,
  bottom: y + size * 0.32,
});

describe('looks', () => {
  it('are at least sixteen, with labels of their own and families that are there', () => {
    expect(LOOK_NAMES.length).toBeGreaterThanOrEqual(16);
    expect(new Set(LOOK_NAMES.map((n) => lookOf(n).label)).size).toBe(LOOK_NAMES.length);
    for (const name of LOOK_NAMES) {
      const look = lookOf(name);
      for (const face of Object.values(look.faces)) expect(Object.keys(FAMILIES)).toContain(face.family);
      expect(look.suits.length).toBeGreaterThan(1);
      expect(TRANSITION_KINDS).toContain(look.transition.kind);
      for (const layout of WORD_LAYOUTS) expect(REVEAL_KINDS).toContain(look.layouts[layout].reveal.kind);
    }
  });

  it('differ: no two have the same typefaces, ground and transition', () => {
    const of = (name: (typeof LOOK_NAMES)[number]) => {
      const { faces, colours, transition, layouts } = lookOf(name);
      return [faces.display.family, colours.ground.join(), transition.kind, layouts.title.reveal.kind].join(
        ' ',
      );
    };
    expect(new Set(LOOK_NAMES.map(of)).size).toBe(LOOK_NAMES.length);
    expect(new Set(LOOK_NAMES.map((n) => lookOf(n).faces.display.family)).size).toBeGreaterThanOrEqual(15);
    expect(new Set(LOOK_NAMES.map((n) => lookOf(n).transition.kind)).size).toBeGreaterThanOrEqual(10);
  });

  it.each(LOOK_NAMES)('%s: words on grounds of its own can be read', (name) => {
    const look = lookOf(name);
    const weak: string[] = [];
    const check = (what: string, words: string, ground: string) => {
      if (channels(ground)[3] === 1 && ratioOf(luminanceOf(words), luminanceOf(ground)) < 4.5)
        weak.push(what);
    };
    for (const layout of WORD_LAYOUTS) {
      const { head, rest, panel, picture, scrim } = look.layouts[layout];
      for (const part of rest ? [head, rest] : [head]) {
        const bare = picture?.area(stageOf('9:16'), '9:16') === null && !scrim ? look.colours.ground : [];
        const grounds = part.ground ? [part.ground.colour] : panel ? [panel.colour] : bare;
        for (const ground of grounds) {
          check(`${layout} ${part.colour} on ${ground}`, part.colour, ground);
          if (part.saidColour) check(`${layout} said`, part.saidColour, ground);
          if (part.highlight && !part.highlight.plate)
            check(`${layout} stressed`, part.highlight.colour, ground);
        }
        if (part.highlight?.plate)
          check(`${layout} mark`, part.highlight.colour, part.highlight.plate.colour);
        if (part.said) check(`${layout} said mark`, part.colour, part.said.colour);
      }
    }
    expect(weak).toEqual([]);
  });
});

describe('words', () => {
  it('stay on the stage, in every look, layout, format and script, whatever their length', () => {
    const random = seeded('fit');
    const out: string[] = [];
    let count = 0;
    let turn = 0;
    for (const look of LOOK_NAMES)
      for (const format of FORMATS) {
        const stage = stageOf(format);
        turn++;
        // Every second script for each layout, in turn: all of them for all layouts within a look.
        const scenes = WORD_LAYOUTS.flatMap((layout) =>
          SCRIPT_NAMES.filter((_, k) => (k + turn) % 2 === 0).map((script) => {
            const letters = 1 + Math.floor(220 * random() ** 1.5);
            const shown = textOf(script, letters);
            return { layout, shown: random() < 0.3 ? shown.replace(/[ 。]/, '\n') : shown };
          }),
        );
        const timeline = compile(pieceOf(scenes, { look, format }), NO_FACTS, setter);
        timeline.scenes.forEach((s, i) => {
          const block = s.words as WordsBlock;
          for (const line of block.pages.flatMap((p) => p.lines)) {
            count++;
            const { left, right, top, bottom } = reachOf(line);
            if (left < 0 || right > stage.width + 1 || top < 0 || bottom > stage.height)
              out.push(
                `${look} ${format} ${scenes[i]?.layout} ${scenes[i]?.shown.length}: ${[left, right, top, bottom].map(Math.round)}`,
              );
          }
        });
      }
    expect(count).toBeGreaterThan(3000);
    expect(out).toEqual([]);
  }, 120_000);

  it('lose no letter of what is shown', () => {
    for (const script of SCRIPT_NAMES) {
      const shown = textOf(script, 140);
      const scenes = WORD_LAYOUTS.map((layout) => ({ layout, shown }));
      const { scenes: placed } = compile(pieceOf(scenes, { look: 'quiet-news' }), NO_FACTS, setter);
      for (const s of placed) {
        const seen = s.words?.pages
          .flatMap((p) => p.lines.flatMap((l) => l.words.map((w) => w.text)))
          .join('');
        expect(seen).toBe(shown.replace(/\s+/g, ''));
      }
    }
  });
});

describe('the look of a draft', () => {
  const best = (title: string, lines: string[], more: Partial<Piece> = {}) =>
    suitedLooks(
      pieceOf(
        lines.map((shown) => ({ shown })),
        { title, ...more },
      ),
    );
  const source = (kind: 'article' | 'product' | 'photos') => ({ source: { id: null, kind, title: '' } });

  it('follows what is said, with the reason', () => {
    const poem = best('Low water', [
      'The moon is a coin',
      'on the bed of the canal',
      'I dream of its shadow',
      'and of nobody',
    ]);
    expect(lookOf((poem[0] as { look: 'paper-tape' }).look).suits).toContain('literary');
    expect(poem[0]?.reasons.map((r) => r.code)).toContain('short-lines');
    const shop = best(
      'The lantern',
      ['It costs nine pounds.', 'Order two and delivery is free.'],
      source('product'),
    );
    expect(lookOf((shop[0] as { look: 'paper-tape' }).look).suits).toContain('shop');
    expect(shop[0]?.reasons[0]).toMatchObject({ code: 'source', kind: 'product' });
    const vote = best(
      'Bridge',
      ['The council voted on the budget.', 'Residents protest.'],
      source('article'),
    );
    expect(lookOf((vote[0] as { look: 'paper-tape' }).look).suits).toContain('news');
  });

  it('is the same for the same piece, and not the same for all of a kind', () => {
    const one = best('A', ['The council voted.'], source('article'));
    expect(best('A', ['The council voted.'], source('article'))).toEqual(one);
    const titles = Array.from({ length: 24 }, (_, i) => `Report ${i}`);
    const looks = new Set(titles.map((t) => best(t, ['The council voted.'], source('article'))[0]?.look));
    expect(looks.size).toBeGreaterThan(1);
    expect(best('', []).length).toBe(LOOK_NAMES.length);
  });
});
