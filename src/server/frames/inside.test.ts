import { beforeAll, describe, expect, it } from 'vitest';
import { seeded } from '../../core/hash.ts';
import { FORMATS, type Format, formatFrom } from '../../core/look/formats.ts';
import { LAYOUT_NAMES, LAYOUTS } from '../../core/look/layouts.ts';
import { SAFE } from '../../core/look/looks/make.ts';
import { LOOK_NAMES } from '../../core/look/looks.ts';
import { emptyPiece, emptyScene, type Scene } from '../../core/piece/types.ts';
import { compile } from '../../core/timeline/compile.ts';
import type { Timeline, WordsBlock } from '../../core/timeline/types.ts';
import { typesetter } from '../material.ts';
import { readyFonts } from './fonts.ts';

/** Made-up words in the scripts that are laid out, and a word that no line can hold. */
const SCRIPTS: Record<string, string> = {
  latin: 'The ferry that Osierwick had given up came back in spring with new paint and the old bell ',
  cyrillic: 'Паром который посёлок считал потерянным вернулся весной с новой краской и старым колоколом ',
  greek: 'Το πορθμείο που το χωριό θεωρούσε χαμένο γύρισε την άνοιξη με νέα μπογιά και παλιά καμπάνα ',
  hebrew: 'המעבורת שהכפר כבר ויתר עליה חזרה באביב עם צבע חדש ועם הפעמון הישן ',
  arabic: 'عادت العبارة التي ظنت القرية أنها ضاعت في الربيع بطلاء جديد وجرس قديم ',
  devanagari: 'जिस नाव को गाँव खोया हुआ मान चुका था वह वसंत में नए रंग और पुरानी घंटी के साथ लौटी ',
  chinese: '村里以为已经失去的渡船在春天带着新漆和旧钟回来了，码头上站满了人。',
  japanese: '村があきらめていた渡し船が春に新しい塗装と古い鐘をつけて帰ってきました。',
  korean: '마을이 포기했던 나룻배가 봄에 새 칠과 낡은 종을 달고 돌아왔다 ',
  unbroken: 'Donaudampfschifffahrtselektrizitätenhauptbetriebswerkbauunterbeamtengesellschaft',
  emoji: 'The ferry is back ⛴️🎉 from £2 👩‍👩‍👧 #osierwick ',
};

const lengthy = (text: string, letters: number): string =>
  [...text.repeat(Math.ceil(letters / [...text].length))].slice(0, letters).join('').trim() || '–';

/** Words inside, over all the moments in which they stand: the share of an em that glyphs may reach above and below. */
const ASCENT = 1.05;
const DESCENT = 0.3;

/** Pixels from the sides where nothing of a player covers them. */
const EDGE = 56;
/** What stands below a picture may stand so low: players of tall videos write over the rest, those of others over nothing. */
const lowestIn = ({ width, height }: Timeline): number =>
  height > width * 1.4 ? Math.round(height * 0.855) : height - 48;

function strayIn(timeline: Timeline, block: WordsBlock): string[] {
  return block.pages.flatMap(({ lines }) =>
    lines.flatMap(({ x, y, width, size, words }) => {
      const text = words.map((w) => w.text).join(' ');
      const [top, bottom] = [y - size * ASCENT, y + size * DESCENT];
      const [left, right] = [
        Math.min(x, ...words.map((w) => w.x)),
        Math.max(x + width, ...words.map((w) => w.x + w.width)),
      ];
      const safe = SAFE(timeline.format);
      const inside =
        left >= Math.min(safe.x, EDGE) &&
        right <= Math.max(safe.x + safe.width, timeline.width - EDGE) &&
        top >= safe.top - size * 0.2 - EDGE &&
        bottom <= Math.max(safe.bottom, lowestIn(timeline)) + size * 0.2;
      return inside ? [] : [`${text}: ${[left, right, top, bottom].map(Math.round)} at ${size}`];
    }),
  );
}

/** All in one run take minutes; each run takes the same ones. INSIDE=all: all of them. */
const some = <T>(of: readonly T[], random: () => number): T[] =>
  process.env.INSIDE === 'all' ? [...of] : of.filter(() => random() < 0.1);

const OWN = ['1:3', '3:1', '2:3', '5:4', '4:3', '3:2', '2:1', '1200x628', '2.35:1'].map(formatFrom);

describe('words of any length and script stay on the stage', () => {
  beforeAll(readyFonts);

  it.each(LOOK_NAMES)('in the look %s, in every layout and format', (look) => {
    const random = seeded(`inside ${look}`);
    const scripts = Object.entries(SCRIPTS);
    const stray: string[] = [];
    for (const format of [...FORMATS, ...(OWN as Format[])]) {
      const scenes: Scene[] = LAYOUT_NAMES.filter((l) => LAYOUTS[l].words).flatMap((layout) =>
        some(scripts, random).map(([script, text]) => {
          const letters = 1 + Math.floor(random() ** 2 * 220);
          return { ...emptyScene(`${layout} ${script} ${letters}`), layout, shown: lengthy(text, letters) };
        }),
      );
      const timeline = compile(
        { ...emptyPiece(), look, format, scenes },
        { takes: {}, tracks: {}, ownTracks: {}, assets: {} },
        typesetter(),
      );
      for (const s of timeline.scenes)
        if (s.words) stray.push(...strayIn(timeline, s.words).map((t) => `${format} ${s.sceneId} ${t}`));
    }
    expect(stray).toEqual([]);
  });
});
