import { readFileSync } from 'node:fs';
import { hostile } from '../../../studio/fixtures/hostile.ts';
import type { Refusal } from '../../api/refusal.ts';
import type { Stack } from '../stack.ts';
import { upload } from './client.ts';

export interface HostileReport {
  answered: number;
  /** Those without words, or later than LATEST_MS, each with its kind. */
  bad: string[];
  slowestMs: number;
  /** Of what another client asked meanwhile, milliseconds. */
  othersP99Ms: number;
  others: number;
  /** Most memory of the web process, megabytes. */
  webMb: number;
}

const LATEST_MS = 20_000;
const pause = (ms: number) => new Promise((r) => setTimeout(r, ms));

/**
 * Sends hostile inputs to a running application, two at a time, while another client asks for the desk and a piece. What is
 * found is told, not judged.
 */
export async function sendHostile(
  stack: Stack,
  count: number,
  seed: string,
  say: (line: string) => void,
): Promise<HostileReport> {
  const report: HostileReport = { answered: 0, bad: [], slowestMs: 0, othersP99Ms: 0, others: 0, webMb: 0 };
  // An application that is running: the processes that read have begun.
  const first = Buffer.from('A first line of a text that nobody has to fear.');
  await Promise.all([1, 2].map(() => answerTo(stack.url, 'paste', 'first.txt', first)));
  let going = true;
  const waits: number[] = [];
  const other = (async () => {
    while (going) {
      const began = performance.now();
      const answer = await fetch(`${stack.url}/api/pieces`, { signal: AbortSignal.timeout(30_000) }).catch(
        () => null,
      );
      await answer?.text();
      waits.push(performance.now() - began);
      report.webMb = Math.max(report.webMb, memoryMb(stack.web()?.pid));
      await pause(40);
    }
  })();
  let next = 0;
  const sender = async () => {
    while (next < count) {
      const n = next++;
      const { kind, way, name, bytes } = await hostile(n, seed);
      const began = Date.now();
      const words = await answerTo(stack.url, way, name, bytes);
      const ms = Date.now() - began;
      report.answered++;
      report.slowestMs = Math.max(report.slowestMs, ms);
      if (words === null || ms > LATEST_MS)
        report.bad.push(`${n} ${kind}: ${words ?? 'no words'} after ${ms} ms`);
      if (report.answered % 28 === 0)
        say(`${report.answered} of ${count} hostile inputs, ${report.bad.length} not answered well`);
    }
  };
  await Promise.all([sender(), sender()]);
  going = false;
  await other;
  waits.sort((a, b) => a - b);
  report.others = waits.length;
  report.othersP99Ms = Math.round(waits[Math.floor(waits.length * 0.99)] ?? 0);
  return report;
}

/** The words of an answer, or that it was read; null for an answer without any. */
async function answerTo(
  base: string,
  way: 'paste' | 'file' | 'picture',
  name: string,
  bytes: Buffer,
): Promise<string | null> {
  if (way === 'picture') return (await upload(base, bytes, name)) || null;
  const text = bytes.toString('utf8');
  const asked =
    way === 'paste'
      ? fetch(`${base}/api/sources`, {
          method: 'POST',
          body: JSON.stringify({ from: 'text', text, html: null, as: 'auto' }),
        })
      : fetch(`${base}/api/sources/file?name=${encodeURIComponent(name)}&as=auto`, {
          method: 'PUT',
          body: new Uint8Array(bytes),
        });
  const response = await asked.catch(() => null);
  if (!response) return null;
  if (response.ok) return 'read';
  const refusal = (await response.json().catch(() => null)) as Refusal | null;
  return response.status < 500 && refusal?.error ? refusal.error : null;
}

function memoryMb(pid: number | undefined): number {
  try {
    return (Number(readFileSync(`/proc/${pid}/statm`, 'utf8').split(' ')[1]) * 4096) / 1e6;
  } catch {
    return 0;
  }
}
