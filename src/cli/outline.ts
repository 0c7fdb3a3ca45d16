import { toldFromInput } from './input.ts';
import { parse } from './make.ts';

/** Prints what a piece would say without making it: its title, and of each line what is shown, said, and its origin. */
export async function outline(argv: string[]): Promise<void> {
  const options = parse(argv);
  const told = await toldFromInput(options, (line) => process.stderr.write(`${line}\n`));
  if (options.json) {
    process.stdout.write(`${JSON.stringify(told, null, 2)}\n`);
    return;
  }
  const lines = told.lines.map((line, i) =>
    [
      `${String(i + 1).padStart(3)}  ${line.shown.replaceAll('\n', ' / ') || '(a picture alone)'}`,
      line.spoken && line.spoken !== line.shown ? `     said: ${line.spoken}` : '',
      line.from && line.from !== line.shown && line.from !== line.spoken ? `     from: ${line.from}` : '',
    ]
      .filter(Boolean)
      .join('\n'),
  );
  process.stdout.write(`${told.title || 'Untitled'}\n\n${lines.join('\n')}\n`);
}
