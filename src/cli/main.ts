import { make, MAKE_USAGE, UsageError } from './make.ts';

const COMMANDS: Record<string, (argv: string[]) => Promise<void>> = { make };

const [name = '', ...argv] = process.argv.slice(2);
const command = COMMANDS[name];
try {
  if (!command) throw new UsageError(`nabbet ${Object.keys(COMMANDS).join(' | ')}. ${MAKE_USAGE}`);
  await command(argv);
  process.exit(0);
} catch (e) {
  if (e instanceof UsageError) {
    process.stderr.write(`nabbet: ${e.message}\n`);
    process.exit(2);
  }
  process.stderr.write(`nabbet: ${(e as Error).stack ?? String(e)}\n`);
  process.exit(1);
}
