import { spawn } from 'node:child_process';
import { mkdtemp, readFile, rm, stat } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { CONFIG } from '../server/config.ts';
import { UsageError } from './usage.ts';

interface Outcome {
  passed: number;
  failed: number;
}

const PARTS = ['lint', 'unit', 'e2e'] as const;

/**
 * nabbet test [lint|unit|e2e]: all tests, or a part; one line at the end adds up all runners. nabbet test mutants
 * [FOLDER|FILE]: plants small changes in the core, or a part of it, and says which of them its tests do not notice.
 */
export async function test(argv: string[]): Promise<void> {
  if (argv[0] === 'mutants') return mutants(argv.slice(1));
  const parts = argv.length ? PARTS.filter((p) => argv.includes(p)) : PARTS;
  if (!parts.length || argv.some((a) => !(PARTS as readonly string[]).includes(a)))
    throw new UsageError(`the parts are ${PARTS.join(', ')}; got “${argv.join(' ')}”.`);
  const total: Outcome = { passed: 0, failed: 0 };
  for (const part of parts) {
    const { passed, failed } = await RUN[part]();
    total.passed += passed;
    total.failed += failed;
  }
  process.stdout.write(`\n${total.passed} passed, ${total.failed} failed\n`);
  process.exitCode = total.failed > 0 || total.passed === 0 ? 1 : 0;
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
    let failed = 0;
    for (const [name, args] of steps) {
      const code = await node(args, {});
      process.stdout.write(`${code === 0 ? 'ok' : 'FAILED'}: ${name}\n`);
      if (code !== 0) failed++;
    }
    return { passed: steps.length - failed, failed };
  },

  async unit() {
    const report = await reportFile();
    const code = await node(
      [
        'node_modules/vitest/vitest.mjs',
        'run',
        '--reporter=default',
        '--reporter=json',
        `--outputFile=${report}`,
      ],
      {},
    );
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
      const code = await node([...loader(), 'e2e/run.ts'], {
        NABBET_DATA: data,
        NABBET_PORT: port,
        NABBET_DB_PORT: dbPort,
        PLAYWRIGHT_JSON_OUTPUT_FILE: report,
      });
      const json = await read<{ stats: { expected: number; unexpected: number; flaky: number } }>(report);
      const failed = (json?.stats.unexpected ?? 0) + (json?.stats.flaky ?? 0);
      return { passed: json?.stats.expected ?? 0, failed: failed || (code === 0 ? 0 : 1) };
    } finally {
      await rm(data, { recursive: true, force: true });
    }
  },
};

/** The part is named as below src/core: "sound", "sound/limit.ts". */
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
    {},
  );
}

const loader = () => [
  '--expose-gc',
  '--import',
  `file://${path.join(CONFIG.root, 'node_modules/tsx/dist/loader.mjs')}`,
];

const reportFile = async () => path.join(await mkdtemp(path.join(tmpdir(), 'nabbet-report-')), 'report.json');

const read = async <T>(file: string): Promise<T | null> =>
  readFile(file, 'utf8').then(
    (t) => JSON.parse(t) as T,
    () => null,
  );

function node(args: string[], env: Record<string, string>): Promise<number> {
  const child = spawn('setpriv', ['--pdeathsig', 'SIGTERM', process.execPath, ...args], {
    cwd: CONFIG.root,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
  return new Promise((resolve) => child.on('close', (code) => resolve(code ?? 1)));
}
