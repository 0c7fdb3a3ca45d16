import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { mergeStock } from './merge.ts';
import type { StockPicture } from './types.ts';

const picture = (
  library: string,
  id: string,
  tags: string[],
  more: Partial<StockPicture> = {},
): StockPicture => ({
  ...{ library, id, tags, title: id, width: 1600, height: 1000, licence: 'free', credit: '', priceCents: 0 },
  ...more,
});

describe('what several libraries offer', () => {
  it('is one list: words that are met before the order of any one library', () => {
    const a = [picture('a', 'boat', ['boat', 'harbour']), picture('a', 'rain', ['rain', 'window'])];
    const b = [picture('b', 'cup', ['tea']), picture('b', 'pane', ['rainy window', 'rain'])];
    const found = mergeStock('Rain runs down the window', [a, b]).map((p) => p.id);
    expect(found.slice(0, 2).sort()).toEqual(['pane', 'rain']);
    expect(found.slice(2).sort()).toEqual(['boat', 'cup']);
  });

  it('puts the cheaper of two that are alike first, and keeps the order of a library where words say nothing', () => {
    const dear = picture('a', 'x', ['boat'], { priceCents: 900, licence: 'bought' });
    const cheap = picture('b', 'y', ['boat']);
    expect(mergeStock('a boat', [[dear], [cheap]]).map((p) => p.id)).toEqual(['y', 'x']);
    const list = ['1', '2', '3'].map((id) => picture('a', id, []));
    expect(mergeStock('', [list]).map((p) => p.id)).toEqual(['1', '2', '3']);
  });

  it.each(Array.from({ length: 40 }, (_, i) => `merge-${i}`))(
    'loses nothing and adds nothing, seed %s',
    (seed) => {
      const random = seeded(seed);
      const words = ['boat', 'rain', '', 'a 🙂', 'Wind und Wetter', 'the'];
      const any = () => words[Math.floor(random() * words.length)] as string;
      const lists = ['a', 'b', 'c'].map((library) =>
        Array.from({ length: Math.floor(random() * 8) }, (_, i) =>
          picture(library, `${i}`, [any(), any()], { title: any(), priceCents: Math.floor(random() * 900) }),
        ),
      );
      const merged = mergeStock(any(), lists);
      expect(merged).toHaveLength(lists.flat().length);
      expect(new Set(merged)).toEqual(new Set(lists.flat()));
    },
  );
});
