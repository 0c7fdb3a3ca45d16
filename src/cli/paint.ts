import { spawn } from 'node:child_process';
import path from 'node:path';
import { CONFIG } from '../server/config.ts';

/** nabbet paint: paints what is missing on the shelf, or the pictures named. */
export async function paint(argv: string[]): Promise<void> {
  const child = spawn(
    process.execPath,
    [
      '--import',
      `file://${path.join(CONFIG.root, 'node_modules/tsx/dist/loader.mjs')}`,
      path.join(CONFIG.root, 'studio/paint.ts'),
      CONFIG.shelf,
      ...argv,
    ],
    { stdio: 'inherit', cwd: CONFIG.root },
  );
  const code = await new Promise<number | null>((r) => child.on('close', r));
  if (code !== 0) throw new Error('The shelf could not be painted.');
}
