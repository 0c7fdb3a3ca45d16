import { readFile, stat } from 'node:fs/promises';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { type JudgedLine, measureRetrieval, type Retrieval } from '../../core/match/measure.ts';
import { WEAK } from '../../core/match/nab.ts';
import type { MatchLine } from '../../core/match/types.ts';
import { draftFromLines } from '../../core/outline/draft.ts';
import { cutScript } from '../../core/text/script.ts';
import { CONFIG } from '../config.ts';
import { matchLines, shelf, shelfFile, withPictures } from './shelf.ts';

describe('the shelf', () => {
  it('has its stills and loops, every file there, every entry described', async () => {
    const { entries } = await shelf();
    const all = [...entries.values()];
    expect(all.filter((e) => e.kind === 'still').length).toBeGreaterThanOrEqual(450);
    expect(all.filter((e) => e.kind === 'loop').length).toBeGreaterThanOrEqual(110);
    for (const e of all) {
      expect(e.tags.length).toBeGreaterThanOrEqual(8);
      for (const view of ['wide', 'tall'] as const)
        for (const thumb of [false, true])
          expect((await stat((await shelfFile(e.id, view, thumb)) ?? '')).size).toBeGreaterThan(1000);
    }
  });

  // Each line by itself, without neighbours.
  it.each([
    { set: 'lines', who: 'of our own', hit1: 0.81, hit3: 0.9 },
    { set: 'others', who: 'by others', hit1: 0.7, hit3: 0.89 },
  ])(
    'is found by meaning and by words, and better by both: judged lines $who',
    async ({ set, hit1, hit3 }) => {
      const judged: JudgedLine[] = JSON.parse(
        await readFile(path.join(CONFIG.root, `studio/fixtures/match/${set}.json`), 'utf8'),
      );
      const { index, entries } = await shelf();
      expect(judged.flatMap((j) => j.good).filter((id) => !entries.has(id))).toEqual([]);
      const lines: MatchLine[] = [];
      for (const { line, brief = '' } of judged)
        lines.push(...(await matchLines([{ id: line, layout: 'caption', shown: line, brief }])));
      const [words, meaning, both] = (['words', 'meaning', 'both'] as const).map((use) => {
        const r = measureRetrieval(index, judged, lines, use);
        const share = (v: number) => v.toFixed(3);
        console.log(
          `${set}, ${use}: hit@1 ${share(r.hit1)}, hit@3 ${share(r.hit3)}, nDCG@5 ${share(r.ndcg5)}, weak ${share(r.weak)}, of those right ${share(r.weakRight)}`,
        );
        return r;
      }) as [Retrieval, Retrieval, Retrieval];
      expect(both.hit1).toBeGreaterThan(Math.max(words.hit1, meaning.hit1));
      expect(both.hit1).toBeGreaterThanOrEqual(hit1);
      expect(both.hit3).toBeGreaterThanOrEqual(hit3);
      expect(both.weak).toBeLessThanOrEqual(0.12);
    },
  );

  // Scripts on which the choice was improved: of others about as many are right by eye, or a few less.
  it('has a picture for each line of whole pieces that a viewer takes for right, or one beside it', async () => {
    const pieces: { text: string; good: string[] }[] = JSON.parse(
      await readFile(path.join(CONFIG.root, 'studio/fixtures/match/pieces.json'), 'utf8'),
    );
    const { entries } = await shelf();
    const still = (id: string) => id.replace(/-loop$/, '');
    const known = new Set([...entries.keys()].map(still));
    expect(
      pieces.flatMap((p) => p.good.flatMap((g) => g.split(' '))).filter((id) => !known.has(still(id))),
    ).toEqual([]);
    const found = { lines: 0, right: 0, offered: 0, wrongUnmarked: 0 };
    for (const { text, good } of pieces) {
      let made = 0;
      const lines = cutScript(text, 'sentence');
      const options = { format: '9:16', voice: 'maud', mood: 'gentle' } as const;
      const { scenes } = await withPictures(draftFromLines(lines, options, () => `s${made++}`));
      expect(scenes).toHaveLength(good.length);
      scenes.forEach(({ runsOn, pictures: [own] }, i) => {
        const seen = runsOn ? scenes[i - 1]?.pictures.at(-1) : own;
        const right = (id = '') => (good[i] as string).split(' ').some((g) => still(g) === still(id));
        found.lines += 1;
        if (right(seen?.assetId)) found.right += 1;
        else if ((own?.confidence ?? 0) >= WEAK) found.wrongUnmarked += 1;
        if ([seen, ...(own?.alternatives ?? [])].some((a) => right(a?.assetId))) found.offered += 1;
      });
    }
    console.log('whole pieces', found);
    expect(found.lines).toBeGreaterThan(400);
    expect(found.right / found.lines).toBeGreaterThanOrEqual(0.85);
    expect(found.offered / found.lines).toBeGreaterThanOrEqual(0.94);
    expect(found.wrongUnmarked / found.lines).toBeLessThanOrEqual(0.13);
  });

  it('gives no file for a name that is not on the shelf', async () => {
    expect(await shelfFile('../package', 'wide')).toBeNull();
  });
});
