import { createHash } from 'node:crypto';
import { mkdir, readdir, readFile, stat } from 'node:fs/promises';
import path from 'node:path';
import { watch as watchFolder } from 'chokidar';
import Joi from 'joi';
import { writeWhole } from '../server/store/files.ts';
import { isReadable, type Job } from './batch.ts';
import { parse } from './make.ts';
import { makeOne, type Outcome, summary } from './make-several.ts';
import { UsageError } from './usage.ts';

export const WATCH_USAGE =
  'usage: nabbet watch FOLDER [-o FOLDER] [--once] [and what make takes: --format, --height, --look, --voice, --music, --deliver, --with ...]';

/** How long a file has to stay as it is before it is taken for whole, ms. */
const WHOLE_MS = 1500;

/** In the folder of the videos: what was made from which content, so that a restart makes nothing twice. */
const LEDGER = '.nabbet-made.json';
const ledgerSchema = Joi.object<Record<string, string>>().pattern(
  Joi.string().pattern(/^[0-9a-f]{64}$/),
  Joi.string().max(1000),
);

/**
 * nabbet watch FOLDER: makes a video of every text that is laid into a folder, as long as it runs; with --once of those that
 * lie there, and ends. A text that is changed is made again; one that was made already is left alone, also after a restart.
 */
export async function watch(argv: string[]): Promise<void> {
  const once = argv.includes('--once');
  const options = parse(argv.filter((a) => a !== '--once'));
  const [folder] = options.inputs;
  if (options.inputs.length !== 1 || folder === undefined) throw new UsageError(WATCH_USAGE);
  if (!(await stat(folder).catch(() => null))?.isDirectory())
    throw new UsageError(`${folder} is no folder. ${WATCH_USAGE}`);
  const out = options.outGiven ? options.out : path.join(folder, 'videos');
  await mkdir(out, { recursive: true });
  const say = (line: string) => process.stderr.write(`${line}\n`);
  const ledger = await Ledger.open(path.join(out, LEDGER));
  const outcomes: Outcome[] = [];
  const take = async (file: string) => {
    const content = await readFile(file);
    const key = createHash('sha256').update(content).digest('hex');
    if (!content.length || ledger.has(key, path.basename(file))) return;
    say(`${path.basename(file)} is new`);
    const name = path.basename(file, path.extname(file));
    const job: Job = {
      ...options,
      input: file,
      label: path.basename(file),
      out: path.join(out, `${name}.mp4`),
    };
    const outcome = await makeOne(job, say);
    outcomes.push(outcome);
    say(summary([outcome]).split('\n')[0] as string);
    // One that failed is tried again when it is changed, not at every start.
    await ledger.add(key, path.basename(file));
  };
  if (once) {
    for (const name of (await readdir(folder)).filter(isReadable).sort()) await take(path.join(folder, name));
    process.stdout.write(`${summary(outcomes)}\n`);
    if (outcomes.some((o) => !o.ok)) process.exitCode = 1;
    return;
  }
  await watching(folder, take, say);
  process.stdout.write(`${summary(outcomes)}\n`);
}

/** Takes each file that comes or is changed, one after the other, until it is asked to end; what is under way is ended first. */
async function watching(
  folder: string,
  take: (file: string) => Promise<void>,
  say: (line: string) => void,
): Promise<void> {
  let last: Promise<unknown> = Promise.resolve();
  const next = (file: string) => {
    if (!isReadable(path.basename(file))) return;
    last = last.then(() => take(file)).catch((e) => say(`${path.basename(file)}: ${(e as Error).message}`));
  };
  const watcher = watchFolder(folder, {
    depth: 0,
    awaitWriteFinish: { stabilityThreshold: WHOLE_MS, pollInterval: 200 },
  });
  watcher.on('add', next).on('change', next);
  say(`watching ${folder}; Ctrl C ends it`);
  await new Promise<void>((resolve) => {
    for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, () => resolve());
  });
  await watcher.close();
  await last;
}

class Ledger {
  private constructor(
    private readonly file: string,
    private readonly made: Map<string, string>,
  ) {}

  static async open(file: string): Promise<Ledger> {
    const text = await readFile(file, 'utf8').catch(() => null);
    if (text === null) return new Ledger(file, new Map());
    let stored: unknown;
    try {
      stored = JSON.parse(text);
    } catch {
      stored = null;
    }
    const { value, error } = ledgerSchema.required().validate(stored);
    if (error)
      throw new UsageError(
        `${file} says what was made already and cannot be read. Mend it, or delete it to make all again.`,
      );
    return new Ledger(file, new Map(Object.entries(value)));
  }

  has = (key: string, name: string): boolean => this.made.get(key) === name;

  async add(key: string, name: string): Promise<void> {
    this.made.set(key, name);
    await writeWhole(this.file, `${JSON.stringify(Object.fromEntries(this.made), null, 1)}\n`);
  }
}
