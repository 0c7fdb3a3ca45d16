import { seedDemo } from '../server/seed/seed.ts';
import { compileLexicons } from '../server/words/lexicons.ts';
import { startStack } from './stack.ts';

/** nabbet demo: starts the application with demo data and keeps it running until Ctrl-C. */
export async function demo(): Promise<void> {
  const say = (line: string) => process.stderr.write(`${line}\n`);
  const stopped = new Promise<void>((resolve) => {
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, () => resolve());
  });
  // Words are read without them too, when the disk is full for instance.
  await compileLexicons(say).catch((e: unknown) => say(`The dictionaries cannot be kept: ${e}`));
  const stack = await Promise.race([startStack(say, () => seedDemo(say)), stopped]);
  if (!stack) return;
  say(`\nNabbet is ready: ${stack.url}\nCtrl-C stops it.`);
  await stopped;
  say('\nStopping');
  await stack.stop();
}
