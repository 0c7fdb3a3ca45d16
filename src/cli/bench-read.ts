import { readFile } from 'node:fs/promises';
import path from 'node:path';
import { articlePages } from '../../studio/fixtures/pages/articles.ts';
import { articles, bodyTexts } from '../../studio/fixtures/pages/content.ts';
import { chooseSentences } from '../core/outline/condense/choose.ts';
import { wordCount } from '../core/source/script.ts';
import { CONFIG } from '../server/config.ts';
import { decodeHtml } from '../server/read/decode.ts';
import { readHtml } from '../server/read/html.ts';
import { judgeOthers } from '../server/read/others/judged.ts';
import { readPasted, readFile as readSource } from '../server/read/read.ts';

const seconds = async (work: () => unknown): Promise<number> => {
  const began = performance.now();
  await work();
  return Math.round(performance.now() - began) / 1000;
};

/** Reading pages, weighing and shortening 5,000 words, and choosing again for another length. */
export async function benchReading(say: (line: string) => void) {
  const english = articles()
    .filter((a) => a.language === 'en')
    .map((a) => bodyTexts(a).join('\n\n'))
    .join('\n\n');
  // Every copy has years of its own, so that no sentence comes twice and nothing is remembered from before.
  const text = Array.from({ length: 8 }, (_, k) => english.replace(/(\w)\. /g, `$1 in ${1801 + k}. `))
    .join('\n\n')
    .split(' ')
    .slice(0, 5000)
    .join(' ');
  const source = readPasted(text, null);
  const pages = articlePages();
  const options = {
    targetMs: 60_000,
    speak: 'sentence' as const,
    pace: 1,
    keep: [],
    drop: [],
    perSceneMs: 400,
    onceMs: 1600,
  };
  const results = {
    words: wordCount(source),
    weighAndShortenSeconds: await seconds(() => readPasted(text.replace(/ in 18/g, ' in 17'), null)),
    chooseSeconds: await seconds(() => chooseSentences(source, options)),
    pageSeconds:
      (await seconds(() => pages.map((p) => readHtml(decodeHtml(p.bytes, p.type), null)))) / pages.length,
    pdfSeconds: await seconds(async () =>
      readSource(
        await readFile(path.join(CONFIG.root, 'studio/fixtures/documents/two-columns.pdf')),
        'x.pdf',
      ),
    ),
  };
  say(
    `5,000 words: ${results.weighAndShortenSeconds} s to weigh and shorten, ${results.chooseSeconds} s to choose for another length; a page ${results.pageSeconds.toFixed(3)} s, a PDF ${results.pdfSeconds} s`,
  );
  const { shares, pages: others, lines } = await judgeOthers();
  say(
    `${others} pages by others, ${lines} lines: ${Object.entries(shares)
      .map(([fault, share]) => `${fault} ${(share * 100).toFixed(1)} %`)
      .join(', ')}`,
  );
  return { ...results, others: shares };
}
