import { make } from './make.ts';
import { makeHelp } from './make-help.ts';
import { shipFiles } from './ship-files.ts';
import { UsageError } from './usage.ts';

/** Commands, loaded when they are called. */
const COMMANDS: Record<string, (argv: string[]) => Promise<void>> = {
  demo: async () => (await import('./demo.ts')).demo(),
  make,
  outline: async (argv) => (await import('./outline.ts')).outline(argv),
  proof: async (argv) => (await import('./proof.ts')).proof(argv),
  watch: async (argv) => (await import('./watch.ts')).watch(argv),
  bring: async (argv) => (await import('./bring.ts')).bring(argv),
  test: async (argv) => (await import('./test.ts')).test(argv),
  bench: async (argv) => (await import('./bench.ts')).bench(argv),
  looks: async (argv) => (await import('./looks.ts')).looks(argv),
  check: async (argv) => (await import('./check.ts')).check(argv),
  backup: async (argv) => (await import('./backup.ts')).backup(argv),
  restore: async (argv) => (await import('./backup.ts')).restore(argv),
  licences: async (argv) => (await import('./licences.ts')).licences(argv),
  shelf: async (argv) => (await import('./shelf.ts')).shelfCommand(argv),
  paint: async (argv) => (await import('./paint.ts')).paint(argv),
};

const USAGE = `usage: nabbet ${Object.keys(COMMANDS).join(' | ')}
  demo    starts the application with demo data
  test    runs all tests (or: test lint | unit | e2e)
  bench   measures speed and quality, prints ratios (or: bench --photos FOLDER, how well words can be read over photographs)
  looks   paints every look in every layout on contact sheets in .bench (or: looks --format 9:16 --look NAME)
  check   looks at everything that is stored, and mends what can be mended without loss
  backup  writes database and material to FILE.tar, also while the application runs
  restore puts a backup in the place of what is there
  licences gathers the licences of everything that is used into docs/licences.md
  shelf   shelf gaps FILE...: what texts ask for and the shelf lacks, most wanted first
  paint   paints the shelf again (or: paint ID,ID)
  bring   puts the photos, clips and logos of a folder on the shelf: bring FOLDER
  proof   says what is wrong or doubtful with the piece that make would make of FILE, or with a piece of the desk by its id; exit code 1 where it should not go out
  watch   makes a video of every text that is laid into a folder: watch FOLDER [-o FOLDER] [--once], and what make takes
  outline prints what a piece would say without making it; FILE and the choices are those of make
  make    makes a video of FILE, FOLDER or ADDRESS without a browser
  help    says this; nabbet COMMAND --help what it says of one of them`;

const HELP = new Set(['--help', '-h']);
const asksForHelp = (argv: readonly string[]): boolean => argv.some((a) => HELP.has(a));

/** What is said of one command, or of all. */
function helpWith(name: string): string {
  if (name === 'make') return makeHelp();
  const line = USAGE.split('\n').find((l) => l.trim().startsWith(`${name} `));
  return line ? `nabbet ${line.trim()}` : USAGE;
}

const [name = '', ...argv] = process.argv.slice(2);
try {
  if (name === 'help' || asksForHelp([name, ...argv])) {
    process.stdout.write(`${helpWith(name === 'help' ? (argv[0] ?? '') : name)}\n`);
    process.exit(0);
  }
  const command = COMMANDS[name];
  if (!command) throw new UsageError(name ? `there is no command “${name}”.\n${USAGE}` : USAGE);
  await shipFiles();
  await command(argv);
  process.exit(process.exitCode ?? 0);
} catch (e) {
  // By its name: what throws a StartError is large and only loaded when it is needed.
  if (e instanceof UsageError || (e as Error).name === 'StartError') {
    process.stderr.write(`nabbet: ${(e as Error).message}\n`);
    process.exit(e instanceof UsageError ? 2 : 1);
  }
  process.stderr.write(`nabbet: ${(e as Error).stack ?? String(e)}\n`);
  process.exit(1);
}
