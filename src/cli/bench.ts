import { mkdir, mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { nanoid } from 'nanoid';
import { draftFromLines } from '../core/outline/draft.ts';
import { cutScript } from '../core/text/script.ts';
import { CONFIG } from '../server/config.ts';
import { run } from '../server/program.ts';
import { nabPiece } from '../server/shelf/shelf.ts';
import { benchLooks } from './bench-looks.ts';
import { round } from './bench-measure.ts';
import { benchReading } from './bench-read.ts';
import { benchRender } from './bench-render.ts';
import { benchShelf } from './bench-shelf.ts';
import { benchVoices } from './bench-voices.ts';
import { copyHelpers } from './helper-programs.ts';

const say = (line: string) => process.stdout.write(`${line}\n`);

/** nabbet bench: measures side by side in one run, prints ratios, and writes them to .bench/bench.json. */
export async function bench(): Promise<void> {
  const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-bench-'));
  try {
    await copyHelpers(folder, CONFIG.data);
    const results = {
      machine: (await run('uname', ['-sr'])).stdout.toString().trim(),
      reading: await benchReading(say),
      shelf: await benchShelf(say),
      looks: await benchLooks(say),
      voices: await benchVoices(say),
      draft: await draft(),
      render: await benchRender(folder, say),
    };
    await mkdir(path.join(CONFIG.root, '.bench'), { recursive: true });
    await writeFile(path.join(CONFIG.root, '.bench/bench.json'), `${JSON.stringify(results, null, 2)}\n`);
    say(JSON.stringify(results, null, 2));
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

/** A first draft of 30 lines: cut, pictures for all of them; cold with the model loaded from disk, then again. */
async function draft() {
  const script = Array.from(
    { length: 30 },
    (_, i) =>
      `Line ${i}: ${['the baker opens at six', 'a boat passes the bridge', 'nobody knew the answer', 'the lanterns were lit', 'it costs nine pounds'][i % 5]} in year ${i}.`,
  ).join('\n');
  const make = async () => {
    const began = performance.now();
    const piece = draftFromLines(
      cutScript(script, 'line'),
      { format: '9:16', voice: 'maud', mood: 'gentle' },
      () => nanoid(10),
    );
    await nabPiece(piece);
    return round((performance.now() - began) / 1000);
  };
  const [coldSeconds, knownSeconds] = [await make(), await make()];
  say(`30 lines to pictures: ${coldSeconds} s cold, ${knownSeconds} s with known lines`);
  return { lines: 30, coldSeconds, knownSeconds };
}
