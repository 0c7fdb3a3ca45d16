import { STORED_CHECKS } from '../server/check/checks.ts';
import { UsageError } from './usage.ts';
import { withDatabase } from './with-database.ts';

/** nabbet check: looks at everything that is stored, says what is wrong, and mends what can be mended without loss. */
export async function check(argv: string[]): Promise<void> {
  if (argv.length) throw new UsageError('usage: nabbet check');
  const say = (line: string) => process.stdout.write(`${line}\n`);
  let open = 0;
  await withDatabase(async () => {
    for (const { of, run } of STORED_CHECKS) {
      const { seen, findings } = await run(new Date());
      say(
        `${of}: ${seen} looked at, ${findings.length ? `${findings.length} not as they should be` : 'all well'}`,
      );
      for (const { what, mended } of findings) {
        say(`  ${what}. ${mended === null ? 'Not mended.' : `Mended: ${mended}.`}`);
        if (mended === null) open++;
      }
    }
  }, say);
  say(open ? `${open} things are left to be decided.` : 'Nothing is left to be decided.');
  if (open) process.exitCode = 1;
}
