import { describe, expect, it } from 'vitest';
import type { Layout } from '../look/layouts.ts';
import { lookOf } from '../look/looks.ts';
import { AS_THE_PIECE } from '../piece/appearance.ts';
import { piece, scene } from '../piece/testing.ts';
import type { Scene } from '../piece/types.ts';
import { compile } from '../timeline/compile.ts';
import { setter } from '../timeline/testing.ts';
import { NO_FACTS } from '../timeline/types.ts';
import { wordDraws } from './words.ts';

const { layouts } = lookOf('paper-tape');
/** The colours of the look. */
const LOOK = {
  ink: layouts.caption.head.colour,
  paper: layouts.caption.head.ground?.colour ?? '',
  highlighter: layouts.figure.head.ground?.colour ?? '',
};

/** What is drawn of a single scene at a frame. */
function drawn(more: Partial<Scene> & { shown: string }, frame: number, opening = false) {
  const t = compile(piece([scene('a', more.shown, more)]), NO_FACTS, setter());
  const s = t.scenes[0];
  if (!s?.words) throw new Error('the scene has no words');
  const draws = wordDraws(
    s.words,
    { frame, length: s.end - s.start, opening, closing: false },
    { ...t, scale: 1 },
  );
  const texts = draws.flatMap((d) => {
    return d.kind === 'texture' && d.texture.kind === 'text' ? [{ ...d.texture, draw: d }] : [];
  });
  const fills = draws.flatMap((d) => (d.kind === 'shape' ? [d.colour] : []));
  return { words: texts.map((w) => w.text), texts, fills, block: s.words, length: s.end - s.start };
}

describe('captions', () => {
  const shown = 'The barge costs eleven thousand.';

  it('come word by word with a voice that says them', () => {
    expect(drawn({ shown }, 2).words).toEqual([]);
    const some = drawn({ shown }, 40).words;
    expect(some.length).toBeGreaterThan(0);
    const { length } = drawn({ shown }, 0);
    expect(drawn({ shown }, length - 10).words).toEqual(['The', 'barge', 'costs', 'eleven', 'thousand.']);
  });

  it('stand from the start where the voice says other words', () => {
    const spoken =
      'After a long and cold winter in the harbour, the barge costs eleven thousand crowns a year.';
    const early = drawn({ shown, spoken }, 6);
    expect(early.block.standing).toBe(true);
    expect(early.words).toEqual(['The', 'barge', 'costs', 'eleven', 'thousand.']);
    expect(early.fills).not.toContain(LOOK.highlighter);
    expect(drawn({ shown, spoken: shown }, 2).block.standing).toBe(false);
  });

  it('keep the highlight on words that the writer marked', () => {
    const { fills, block } = drawn({ shown, spoken: 'Something else.', highlights: [[4, 9]] }, 8);
    expect(block.pages[0]?.lines[0]?.words.map((w) => w.highlight !== null)).toEqual(
      block.pages[0]?.lines[0]?.words.map((w) => w.text === 'barge'),
    );
    expect(fills).toContain(LOOK.highlighter);
  });

  it('are bolder where the writer wants that of marked words, in their place and colour', () => {
    const look = { ...AS_THE_PIECE, stress: 'weight' as const };
    const more = { shown, spoken: 'Something else.', highlights: [[4, 9] as [number, number]] };
    const [plain, bold] = [drawn(more, 60), drawn({ ...more, look }, 60)];
    const of = ({ texts }: typeof bold, text: string) => texts.filter((t) => t.text === text);
    expect(of(bold, 'barge').map((t) => t.outline?.colour)).toEqual([LOOK.ink]);
    expect(of(bold, 'costs').map((t) => t.outline)).toEqual([null]);
    expect(of(plain, 'barge').map((t) => t.outline)).toEqual([null]);
    const places = (d: typeof bold) =>
      d.block.pages.flatMap((p) => p.lines.flatMap((l) => l.words.map((w) => w.x)));
    expect(places(bold)).toEqual(places(plain));
    // What has an outline keeps it, below the bold letters.
    const lined = drawn({ ...more, look: { ...look, ground: 'outline', groundColour: '#102030' } }, 60);
    expect(of(lined, 'barge').map((t) => t.outline?.colour)).toEqual(['#102030', LOOK.ink]);
  });
});

describe('layouts of two parts', () => {
  const at = (layout: Layout, shown: string) => drawn({ shown, layout, spoken: '' }, 40);

  it.each([
    ['figure', '€34.00\ninstead of €42.00', LOOK.ink, LOOK.paper],
    ['quote', '“It held.”\nJorun T.', LOOK.ink, LOOK.paper],
    ['end', 'Wick lantern\nLanternworks', LOOK.paper, LOOK.highlighter],
  ] as const)('%s: the first line large, the rest small below it', (layout, shown, head, rest) => {
    const { texts, block } = at(layout, shown);
    const lines = block.pages[0]?.lines ?? [];
    const [first, last] = [lines[0], lines.at(-1)];
    expect([first?.part, last?.part]).toEqual(['head', 'rest']);
    expect(first?.size ?? 0).toBeGreaterThan((last?.size ?? 0) * 1.4);
    expect(last?.y ?? 0).toBeGreaterThan(first?.y ?? 0);
    expect(texts[0]?.colour).toBe(head);
    expect(texts.at(-1)?.colour).toBe(rest);
    expect(texts.map((t) => t.text).join(' ')).toBe(shown.replace('\n', ' '));
  });

  it('fit a long price or a long name into the width', () => {
    for (const shown of ['1.249.990,50 €\nonly today', 'An extraordinarily long name of a product\nmaker'])
      for (const line of at('figure', shown).block.pages[0]?.lines ?? [])
        expect(line.width).toBeLessThanOrEqual(880);
  });

  it('cover the picture with the ground of an end card', () => {
    expect(at('end', 'Wick lantern\nLanternworks').fills[0]).toBe(LOOK.ink);
  });
});

describe('titles', () => {
  it('of the opening stand whole in the first frame, so that the cover shows them', () => {
    expect(drawn({ shown: 'Three reasons', layout: 'title' }, 0, true).words).toEqual(['Three', 'reasons']);
    expect(drawn({ shown: 'Three reasons', layout: 'title' }, 0, false).words.length).toBeLessThan(3);
  });
});
