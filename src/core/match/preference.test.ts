import { describe, expect, it } from 'vitest';
import { nab } from './nab.ts';
import { preference, type Wanting } from './preference.ts';
import { ShelfIndex } from './score.ts';
import type { MatchLine, ShelfItem } from './types.ts';

const tall: Wanting = { format: '9:16', mood: 'gentle', layout: 'caption' };

describe('preference', () => {
  it('prefers pictures that need little cutting, and large ones', () => {
    const of = (ratio: number, shortSide = 2000) => preference({ ratios: [ratio], shortSide }, tall);
    expect(of(9 / 16)).toBeGreaterThan(of(1));
    expect(of(1)).toBeGreaterThan(of(3));
    expect(of(9 / 16, 300)).toBeLessThan(of(9 / 16));
    // A picture that is there in both views is never cut hard.
    expect(preference({ ratios: [9 / 16, 1.5] }, tall)).toBe(0);
  });

  it('wants room where words stand in the picture, and says nothing of what is not known', () => {
    const title = { ...tall, layout: 'title' as const };
    expect(preference({ room: ['top'] }, title)).toBeGreaterThan(preference({}, title));
    expect(preference({ room: [] }, title)).toBeLessThan(preference({}, title));
    expect(preference({ room: [] }, tall)).toBe(0);
    expect(preference({}, tall)).toBe(0);
  });

  it('goes with the mood of the music, and never decides against the meaning', () => {
    expect(preference({ mood: 'calm' }, tall)).toBeGreaterThan(preference({ mood: 'tense' }, tall));
    const most = preference({ mood: 'calm', room: ['top'], own: true }, { ...tall, layout: 'title' });
    expect(most).toBeLessThan(0.1);
  });
});

describe('nab with more than meaning', () => {
  const v = (k: number) => Float32Array.from({ length: 8 }, (_, i) => (i === k ? 1 : 0));
  const item = (id: string, k: number, kind: 'still' | 'loop' = 'still', group = id): ShelfItem => ({
    ...{ id, kind, title: id, description: '', tags: [], group, palette: '' },
    ...{ textVector: v(k), tagsVector: v(k) },
  });
  const line = (sceneId: string, k: number): MatchLine => ({
    ...{ sceneId, text: '', brief: '', vector: v(k), context: null, briefVector: null, wordVectors: [] },
  });

  it('takes the better preferred of two that fit alike, and says how sure it is by the meaning alone', () => {
    const index = new ShelfIndex([item('one', 0), item('two', 0)], new Map());
    const plain = nab(index, [line('a', 0)]).a;
    const preferred = nab(index, [line('a', 0)], { preference: (it) => (it.id === 'two' ? 0.05 : 0) }).a;
    expect(plain?.assetId).toBe('one');
    expect(preferred?.assetId).toBe('two');
    expect(preferred?.confidence).toBe(plain?.confidence);
  });

  it('takes turns with stills and moving pictures where both fit', () => {
    const items = [0, 1, 2, 3].flatMap((k) => [item(`still-${k}`, k), item(`zoom-${k}`, k, 'loop')]);
    const lines = [0, 1, 2, 3].map((k) => line(`s${k}`, k));
    const chosen = Object.values(nab(new ShelfIndex(items, new Map()), lines)).map((c) => c.assetId);
    expect(chosen.map((id) => Number(id.at(-1)))).toEqual([0, 1, 2, 3]);
    expect(chosen.some((id) => id.startsWith('zoom'))).toBe(true);
    expect(chosen.join(' ')).not.toMatch(/still-\d still-\d still-\d|zoom-\d zoom-\d zoom-\d/);
  });

  it('offers other motifs before further pictures of the same', () => {
    const items = ['a', 'b', 'c'].map((id) => item(`hill-${id}`, 0, 'still', 'hill'));
    const index = new ShelfIndex([...items, item('lake', 1), item('wood', 2)], new Map());
    const near = { ...line('s', 0), vector: Float32Array.from([1, 0.3, 0.2, 0, 0, 0, 0, 0]) };
    const { alternatives = [] } = nab(index, [near]).s ?? {};
    expect(
      alternatives
        .map((a) => a.assetId)
        .slice(0, 2)
        .sort(),
    ).toEqual(['lake', 'wood']);
  });
});
