import { readFile } from 'node:fs/promises';
import path from 'node:path';
import { seeded } from '../core/hash.ts';
import type { JudgedLine } from '../core/match/measure.ts';
import { nab } from '../core/match/nab.ts';
import { ShelfIndex } from '../core/match/score.ts';
import type { ShelfItem, Vector } from '../core/match/types.ts';
import { CONFIG } from '../server/config.ts';
import { byteDots } from '../server/shelf/dots.ts';
import { matchLines, shelf } from '../server/shelf/shelf.ts';

/** A copy of a picture with other words and a meaning moved a little, as another picture of the same kind would have. */
function copyOf(item: ShelfItem, k: number, random: () => number): ShelfItem {
  const moved = (v: Vector) => {
    const out = v.map((x) => x + (random() - 0.5) * 0.03);
    const length = Math.hypot(...out);
    return out.map((x) => x / length);
  };
  return {
    ...item,
    id: `${item.id}-copy-${k}`,
    tags: item.tags.map((t) => (random() < 0.4 ? `${t} ${k % 997}` : t)),
    textVector: moved(item.textVector),
    tagsVector: moved(item.tagsVector),
    usedFor: [],
  };
}

const percentile = (values: number[], share: number): number =>
  Math.round([...values].sort((a, b) => a - b)[Math.floor((values.length - 1) * share)] ?? 0);

/** How many judged lines find a right picture in other languages; what they find depends on the dictionaries that are installed. */
async function benchLanguages(say: (line: string) => void, judged: readonly JudgedLine[]) {
  const { index } = await shelf();
  const file = path.join(CONFIG.root, 'studio/fixtures/match/translated.json');
  const translated: ({ of: number } & Record<string, string>)[] = JSON.parse(await readFile(file, 'utf8'));
  for (const language of ['en', 'de', 'es', 'fr']) {
    const ranks = await Promise.all(
      translated.map(async (t) => {
        const { line: english, good } = judged[t.of] as JudgedLine;
        const shown = language === 'en' ? english : (t[language] ?? '');
        const ask = { id: 'line', layout: 'caption', shown, brief: '' };
        const [line] = await matchLines([ask], { language });
        const found = line ? index.rank(line, { limit: 3 }).map((s) => s.item.id) : [];
        return found.findIndex((id) => good.includes(id));
      }),
    );
    const share = (to: number) => (ranks.filter((r) => r >= 0 && r < to).length / ranks.length).toFixed(3);
    say(`${translated.length} judged lines in “${language}”: hit@1 ${share(1)}, hit@3 ${share(3)}`);
  }
}

/** Searching and nabbing on a shelf of 10,000 and of 100,000 pictures, which are copies of the shipped ones. */
export async function benchShelf(say: (line: string) => void) {
  const { index: shipped, tagVectors } = await shelf();
  const judged: JudgedLine[] = JSON.parse(
    await readFile(path.join(CONFIG.root, 'studio/fixtures/match/lines.json'), 'utf8'),
  );
  await benchLanguages(say, judged);
  const asks = judged.map((j, i) => ({ id: String(i), layout: 'caption', shown: j.line, brief: '' }));
  const results: Record<string, unknown> = {};
  for (const size of [10_000, 100_000]) {
    const random = seeded(`shelf${size}`);
    const before = process.memoryUsage().rss;
    const began = performance.now();
    const items = Array.from({ length: size }, (_, k) =>
      copyOf(shipped.items[k % shipped.items.length] as ShelfItem, k, random),
    );
    const index = new ShelfIndex(items, tagVectors, byteDots);
    const built = Math.round(performance.now() - began);
    const times: number[] = [];
    const fresh: number[] = [];
    for (const ask of asks) {
      const start = performance.now();
      const [line] = await matchLines([ask]);
      const read = performance.now();
      if (!line) continue;
      index.rank(line, { limit: 36 });
      times.push(performance.now() - read);
      fresh.push(performance.now() - start);
    }
    // Written as somebody in a hurry would: first with lines that the model has not met in this process.
    const lines = asks.slice(0, 40).map((a, i) => ({ ...a, shown: `${a.shown} (${size}, ${i})` }));
    const cold = performance.now();
    nab(index, await matchLines(lines));
    const again = performance.now();
    nab(index, await matchLines(lines));
    results[size] = {
      builtMs: built,
      memoryMb: Math.round((process.memoryUsage().rss - before) / 1e6),
      searchP95Ms: percentile(times, 0.95),
      searchWithReadingP95Ms: percentile(fresh, 0.95),
      nab40ColdMs: Math.round(again - cold),
      nab40KnownMs: Math.round(performance.now() - again),
    };
    say(`shelf of ${size}: ${JSON.stringify(results[size])}`);
  }
  return results;
}
