import { spawn } from 'node:child_process';
import { mkdir, mkdtemp, readFile, rm, stat } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { CONFIG } from '../server/config.ts';
import { LOADER } from './node-arguments.ts';
import { UsageError } from './usage.ts';

interface Outcome {
  passed: number;
  failed: number;
}

/** What Playwright writes of a run, as far as it is read. */
interface BrowserReport {
  stats: { expected: number; unexpected: number; flaky: number };
  suites: BrowserSuite[];
}

/** A file of tests, or a group in one. */
interface BrowserSuite {
  specs: { file: string; title: string; tests: { status: string }[] }[];
  suites?: BrowserSuite[];
}

const specsOf = (suite: BrowserSuite): BrowserSuite['specs'] => [
  ...suite.specs,
  ...(suite.suites ?? []).flatMap(specsOf),
];

const PARTS = ['lint', 'unit', 'e2e'] as const;

/**
 * nabbet test [lint|unit|e2e]: all tests, or a part; one line at the end adds up all runners. nabbet test mutants
 * [FOLDER|FILE]: plants small changes in the core, or a part of it, and says which of them its tests do not notice.
 * nabbet test faults [--schedules N] [--kills N] [--hostile N] [--disk N] [--seed TEXT]: two windows over a bad network,
 * processes that are killed at random, material that was made to stop a reader, and a full disk.
 */
export async function test(argv: string[]): Promise<void> {
  if (argv[0] === 'mutants') return mutants(argv.slice(1));
  if (argv[0] === 'faults') return faults(argv.slice(1));
  const parts = argv.length ? PARTS.filter((p) => argv.includes(p)) : PARTS;
  if (!parts.length || argv.some((a) => !(PARTS as readonly string[]).includes(a)))
    throw new UsageError(`the parts are ${PARTS.join(', ')}; got “${argv.join(' ')}”.`);
  // One after the other: beside each other both take longer than that, and what waits for a busy machine gives up.
  const outcomes: Outcome[] = [];
  for (const part of parts) outcomes.push(await RUN[part]());
  const passed = outcomes.reduce((n, o) => n + o.passed, 0);
  const failed = outcomes.reduce((n, o) => n + o.failed, 0);
  process.stdout.write(`\n${passed} passed, ${failed} failed\n`);
  process.exitCode = failed > 0 || passed === 0 ? 1 : 0;
}

const RUN: Record<(typeof PARTS)[number], () => Promise<Outcome>> = {
  async lint() {
    const steps: [string, string[]][] = [
      ['Lint', ['node_modules/@biomejs/biome/bin/biome', 'check', '.']],
      ['Types', ['node_modules/typescript/bin/tsc', '--noEmit', '-p', 'tsconfig.json']],
      ['Types of the core', ['node_modules/typescript/bin/tsc', '--noEmit', '-p', 'src/core/tsconfig.json']],
      [
        'Unused exports and files',
        ['node_modules/knip/bin/knip.js', '--include', 'exports,types,files,duplicates'],
      ],
      ['Types of the studio', ['node_modules/typescript/bin/tsc', '--noEmit', '-p', 'studio/tsconfig.json']],
    ];
    // What the last build noted of its pages may be of pages that are gone; the next build checks its own.
    await rm(path.join(CONFIG.root, '.next/types'), { recursive: true, force: true });
    let failed = 0;
    for (const [name, args] of steps) {
      const code = await node(args);
      process.stdout.write(`${code === 0 ? 'ok' : 'FAILED'}: ${name}\n`);
      if (code !== 0) failed++;
    }
    return { passed: steps.length - failed, failed };
  },

  async unit() {
    const report = await reportFile();
    const code = await node([
      'node_modules/vitest/vitest.mjs',
      'run',
      '--reporter=default',
      '--reporter=json',
      `--outputFile=${report}`,
    ]);
    const json = await read<{ numPassedTests: number; numFailedTests: number }>(report);
    const failed = json?.numFailedTests ?? 0;
    return { passed: json?.numPassedTests ?? 0, failed: failed || (code === 0 ? 0 : 1) };
  },

  async e2e() {
    const data = await mkdtemp(path.join(tmpdir(), 'nabbet-test-'));
    const report = await reportFile();
    const port = process.env.NABBET_TEST_PORT ?? '4398';
    const dbPort = process.env.NABBET_TEST_DB_PORT ?? '4396';
    try {
      const env = {
        NABBET_DATA: data,
        NABBET_PORT: port,
        NABBET_DB_PORT: dbPort,
        PLAYWRIGHT_JSON_OUTPUT_FILE: report,
      };
      const code = await node([...LOADER, 'e2e/run.ts'], env);
      const json = await read<BrowserReport>(report);
      const { expected = 0, unexpected = 0, flaky = 0 } = json?.stats ?? {};
      if (flaky) {
        const names = (json?.suites ?? [])
          .flatMap(specsOf)
          .filter((s) => s.tests.some((t) => t.status === 'flaky'));
        process.stdout.write(
          `Passed only the second time, to be looked into:\n${names.map((s) => `  ${s.file}: ${s.title}\n`).join('')}`,
        );
      }
      return { passed: expected + flaky, failed: unexpected || (code === 0 ? 0 : 1) };
    } finally {
      await rm(data, { recursive: true, force: true });
    }
  },
};

/** The part is named as below src/core: "sound", "sound/limit.ts". The tests of its own folder are run: they should notice. */
async function mutants(argv: string[]): Promise<void> {
  const [part = '.'] = argv;
  const target = path.resolve(CONFIG.root, 'src/core', part.replace(/^src\/core\//, ''));
  const inside = path.relative(path.join(CONFIG.root, 'src/core'), target);
  const info = await stat(target).catch(() => null);
  if (argv.length > 1 || inside.startsWith('..') || !info)
    throw new UsageError(
      `mutants takes a folder or file of src/core, such as “sound”; got “${argv.join(' ')}”.`,
    );
  const here = path.relative(CONFIG.root, target);
  const files = info.isDirectory()
    ? [`${here}/**/*.ts`, '!src/core/**/*.test.ts', '!src/core/**/testing.ts', '!src/core/**/fixtures/**']
    : [here];
  process.exitCode = await node(
    ['node_modules/@stryker-mutator/core/bin/stryker.js', 'run', '--mutate', files.join(',')],
    { MUTANTS_OF: inside.split(path.sep)[0] ?? '' },
  );
}

async function faults(argv: string[]): Promise<void> {
  const { values } = parseArgs({
    args: argv,
    options: {
      schedules: { type: 'string', default: '10000' },
      kills: { type: 'string', default: '50' },
      hostile: { type: 'string', default: '200' },
      disk: { type: 'string', default: '4' },
      seed: { type: 'string', default: 'faults' },
    },
  });
  const { schedules, kills, hostile, disk, seed } = values;
  const run = async (data: string, what: string[], env: Record<string, string> = {}) => {
    const code = await node([...LOADER, 'src/cli/faults/run.ts', ...what, seed], {
      ...{ NABBET_DATA: data, NABBET_PORT: '4388', NABBET_DB_PORT: '4386' },
      ...env,
    });
    if (code !== 0) process.exitCode = code;
  };
  const data = await mkdtemp(path.join(tmpdir(), 'nabbet-faults-'));
  try {
    await run(data, [schedules, kills, hostile, '0']);
    await rm(data, { recursive: true, force: true });
    await mkdir(data);
    if (disk === '0') return;
    // A disk that can be filled without harm: in memory, for which the right to mount is needed.
    if ((await spawned('mount', ['-t', 'tmpfs', '-o', 'size=1500m,mode=700', 'tmpfs', data])) !== 0) {
      process.stderr.write('disk: no small disk can be mounted here, so it was not filled\n');
      return;
    }
    try {
      await run(data, ['0', '0', '0', disk], { NABBET_RESERVE_MB: '50' });
    } finally {
      await spawned('umount', [data]);
    }
  } finally {
    await rm(data, { recursive: true, force: true });
  }
}

const spawned = (program: string, args: string[]): Promise<number> =>
  new Promise((resolve) => {
    const child = spawn(program, args, { stdio: 'ignore' });
    child.on('error', () => resolve(1));
    child.on('close', (code) => resolve(code ?? 1));
  });

const reportFile = async () => path.join(await mkdtemp(path.join(tmpdir(), 'nabbet-report-')), 'report.json');

const read = async <T>(file: string): Promise<T | null> =>
  readFile(file, 'utf8').then(
    (t) => JSON.parse(t) as T,
    () => null,
  );

function node(args: string[], env: Record<string, string> = {}): Promise<number> {
  const child = spawn('setpriv', ['--pdeathsig', 'SIGTERM', process.execPath, ...args], {
    ...{ cwd: CONFIG.root, stdio: 'inherit', env: { ...process.env, ...env } },
  });
  return new Promise((resolve) => child.on('close', (code) => resolve(code ?? 1)));
}
