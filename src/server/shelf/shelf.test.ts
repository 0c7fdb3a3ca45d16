import { readFile, stat } from 'node:fs/promises';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { piece, scene } from '../../core/piece/testing.ts';
import { CONFIG } from '../config.ts';
import { nabPiece, search, shelf, shelfFile } from './shelf.ts';

interface Case {
  line: string;
  wish?: string;
  /** Pictures that a writer would keep. */
  good: string[];
}

describe('the shelf', () => {
  it('has at least 40 stills and 8 loops, every file there, every entry described', async () => {
    const { entries } = await shelf();
    const all = [...entries.values()];
    expect(all.filter((e) => e.kind === 'still').length).toBeGreaterThanOrEqual(40);
    expect(all.filter((e) => e.kind === 'loop').length).toBeGreaterThanOrEqual(8);
    for (const e of all) {
      expect(e.tags.length).toBeGreaterThanOrEqual(8);
      for (const view of ['wide', 'tall'] as const)
        for (const thumb of [false, true])
          expect((await stat((await shelfFile(e.id, view, thumb)) ?? '')).size).toBeGreaterThan(1000);
    }
  });

  it('finds what a line means: right picture first for most lines, among four for nearly all', async () => {
    const cases: Case[] = JSON.parse(
      await readFile(path.join(CONFIG.root, 'studio/fixtures/match/lines.json'), 'utf8'),
    );
    let first = 0;
    let among = 0;
    for (const c of cases) {
      const out = await nabPiece(piece([scene('a', c.line, { wish: c.wish ?? '' })]));
      const ids = [out.a?.assetId ?? '', ...(out.a?.alternatives.map((x) => x.assetId) ?? [])];
      if (c.good.includes(ids[0] ?? '')) first++;
      if (ids.some((id) => c.good.includes(id))) among++;
    }
    console.log(`matching: first ${first} of ${cases.length}, among four ${among}`);
    expect(first / cases.length).toBeGreaterThanOrEqual(0.6);
    expect(among / cases.length).toBeGreaterThanOrEqual(0.85);
  });

  it('searches by own words, and shows the whole shelf without any', async () => {
    expect((await search('somebody mends a radio', 3)).map((f) => f.assetId)).toContain('radio-mender');
    expect((await search('', 200)).length).toBe((await shelf()).entries.size);
    expect(await search('🙂', 5)).toHaveLength(5);
  });

  it('gives no file for a name that is not on the shelf', async () => {
    expect(await shelfFile('../package', 'wide')).toBeNull();
  });
});
