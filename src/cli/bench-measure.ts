import { spawn } from 'node:child_process';
import { rm, writeFile } from 'node:fs/promises';
import path from 'node:path';
import type { Piece } from '../core/piece/types.ts';
import { CONFIG } from '../server/config.ts';
import { encoderFor } from '../server/frames/encode.ts';
import { PAINTING } from './node-arguments.ts';

/** CPU seconds, user and system, and seconds by the clock. */
export interface Measured {
  cpu: number;
  wall: number;
}

/** What a program and all its children take. */
async function measured(args: string[], env: Record<string, string>): Promise<Measured> {
  const child = spawn('bash', ['-c', 'TIMEFORMAT="CPU %U %S %R"; time "$@"', 'bench', ...args], {
    cwd: CONFIG.root,
    env: { ...process.env, ...env },
    stdio: ['ignore', 'inherit', 'pipe'],
  });
  let err = '';
  child.stderr.on('data', (d: Buffer) => {
    err += d.toString();
  });
  const code = await new Promise((r) => child.on('close', r));
  const m = /CPU ([\d.]+) ([\d.]+) ([\d.]+)\s*$/.exec(err);
  if (code !== 0 || !m) throw new Error(`${args.join(' ')} ended with code ${code}: ${err.slice(-500)}`);
  return { cpu: Number(m[1]) + Number(m[2]), wall: Number(m[3]) };
}

/** Frames as a job dumps them, and the encoder alone on them: what a whole render is held against. */
export const encoderAlone = (frames: string, out: string): Promise<Measured> => {
  const raw = ['-f', 'rawvideo', '-pix_fmt', 'yuv420p', '-s', '1080x1920', '-r', '30', '-i', frames];
  return measured(['ffmpeg', '-y', '-v', 'error', ...raw, ...encoderFor(1080), out], {});
};

/** Jobs of the bench, each in a process of its own, with its files in a folder. */
export function jobsIn(folder: string) {
  const env = { NABBET_DATA: folder, NABBET_ROOT: CONFIG.root };
  const at = (name: string) => path.join(folder, name);
  return {
    at,
    async job(mode: string, doc: Piece, out: string, ...more: string[]): Promise<Measured> {
      await writeFile(at('piece.json'), JSON.stringify(doc));
      const args = ['src/cli/bench-job.ts', mode, at('piece.json'), out, ...more];
      return measured([process.execPath, ...PAINTING, ...args], env);
    },
    async forget(...names: string[]): Promise<void> {
      for (const name of names) await rm(at(name), { recursive: true, force: true });
    },
  };
}

export const round = (n: number): number => Math.round(n * 1000) / 1000;
