import { spawn } from 'node:child_process';
import path from 'node:path';
import { copyHelpers } from '../src/cli/helper-programs.ts';
import { startStack } from '../src/cli/stack.ts';
import { CONFIG } from '../src/server/config.ts';
import { seedDemo } from '../src/server/seed/seed.ts';

/** Starts the whole application with an empty data folder, runs Playwright against it, stops it. */
await copyHelpers(CONFIG.data);
const say = (line: string) => process.stderr.write(`${line}\n`);
const stack = await startStack(say, () => seedDemo(() => undefined));
try {
  const child = spawn(
    process.execPath,
    [path.join(CONFIG.root, 'node_modules/@playwright/test/cli.js'), 'test', ...process.argv.slice(2)],
    {
      cwd: CONFIG.root,
      stdio: 'inherit',
      env: { ...process.env, NABBET_URL: stack.url },
    },
  );
  process.exitCode = await new Promise<number>((r) => child.on('close', (code) => r(code ?? 1)));
} finally {
  await stack.stop();
}
process.exit(process.exitCode);
