import { spawn } from 'node:child_process';
import { closeSync, openSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { expect, it } from 'vitest';
import { Failed } from '../core/failure.ts';
import { CONFIG } from './config.ts';
import { loggedError } from './log.ts';

const SECRET = 'the words of a piece';
const caught = (work: () => unknown): unknown => {
  try {
    return work();
  } catch (e) {
    return e;
  }
};

it('keeps where an error happened, and no words of a piece', () => {
  const query = new Error(`Failed query: insert into pieces values ("${SECRET}")`, {
    cause: Object.assign(new Error(`Incorrect string value: ${SECRET}`), { code: 'ER_TRUNCATED' }),
  });
  const errors = [
    query,
    new Failed({ code: 'bad-request', what: `"${SECRET}" is not allowed` }),
    caught(() => JSON.parse(`${SECRET} and more`)),
    SECRET,
  ];
  for (const e of errors) expect(JSON.stringify(loggedError(e))).not.toContain('words');
  const kept = loggedError(query) as { at: string[]; cause: { code: string } };
  expect(kept.at[0]).toContain('log.test.ts');
  expect(kept.cause.code).toBe('ER_TRUNCATED');
});

it('keeps what the system says of files and ports', () => {
  const full = Object.assign(new Error('ENOSPC: no space left on device, write'), { code: 'ENOSPC' });
  expect(loggedError(full)).toMatchObject({
    code: 'ENOSPC',
    message: expect.stringMatching(/no space left/),
  });
});

it('loses lines that cannot be written, and stops nobody', async () => {
  // A program of its own whose output goes to a device that is always full.
  const full = openSync('/dev/full', 'w');
  try {
    const child = spawn(
      process.execPath,
      [
        ...['--import', pathToFileURL(path.join(CONFIG.root, 'node_modules/tsx/dist/loader.mjs')).href],
        ...['--input-type=module', '-e'],
        `import { log } from ${JSON.stringify(path.join(CONFIG.root, 'src/server/log.ts'))};
         for (let i = 0; i < 50; i++) { log.error({ i }, 'a line'); console.error('another'); console.log('one more'); }
         await new Promise((r) => setTimeout(r, 200));
         process.exit(7);`,
      ],
      { stdio: ['ignore', full, full], cwd: CONFIG.root },
    );
    expect(await new Promise((r) => child.on('close', r))).toBe(7);
  } finally {
    closeSync(full);
  }
});
