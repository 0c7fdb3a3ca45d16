import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { jobsOf } from './batch.ts';
import { parse } from './make.ts';
import { UsageError } from './usage.ts';

const folder = mkdtempSync(path.join(tmpdir(), 'nabbet-batch-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const file = (name: string, content: string | Uint8Array) => {
  const f = path.join(folder, name);
  mkdirSync(path.dirname(f), { recursive: true });
  writeFileSync(f, content);
  return f;
};
const jobs = (...argv: string[]) => jobsOf(parse(argv));
const outs = async (...argv: string[]) => (await jobs(...argv))?.map((j) => path.basename(j.out));
const refused = (...argv: string[]) =>
  jobs(...argv).then(
    () => '',
    (e: unknown) => (e instanceof UsageError ? e.message : String(e)),
  );

function nabbet(...args: string[]): Promise<{ code: number; out: string }> {
  const child = spawn(process.execPath, ['--import', 'tsx', 'src/cli/main.ts', ...args], {
    stdio: ['ignore', 'pipe', 'ignore'],
  });
  let out = '';
  child.stdout.on('data', (d) => {
    out += d;
  });
  return new Promise((resolve) => child.on('close', (code) => resolve({ code: code ?? -1, out })));
}

const SMALL = ['--height', '480', '--music', 'none', '--format', '1:1'];

describe('several videos', () => {
  it('are one a text of a folder, in order; what is no text is passed over, a folder of photos is one video', async () => {
    const texts = path.dirname(file('texts/b two.txt', 'B.'));
    file('texts/a.md', 'A.');
    file('texts/.hidden.txt', 'No.');
    file('texts/data.bin', 'No.');
    expect(await outs(texts, '-o', folder)).toEqual(['a.mp4', 'b two.mp4']);
    const photos = path.dirname(file('photos/x.jpg', 'x'));
    file('photos/about.txt', 'x');
    expect(await jobs(photos)).toBeNull();
    expect(await jobs(file('single.txt', 'One.'))).toBeNull();
  });

  it('from files of one name get names of their own', async () => {
    const [one, other] = [file('one/talk.txt', 'A.'), file('other/Talk.md', 'B.')];
    expect(await outs(one, other, '-o', folder)).toEqual(['talk.mp4', 'Talk-2.mp4']);
    expect(await refused(one, other, '-o', 'all.mp4')).toMatch(/-o is a folder/);
  });
});

describe('a table', () => {
  const pattern = () => file('words.txt', '{Name}\n\nIt costs {price} pounds.\nCome along, {name}.');

  it('gives a video a row, named after its first column or as is said, with the lines for which it has values', async () => {
    const table = file('rows.csv', '\uFEFFname;price\n"Heron; grey";12\n../../etc;\n;3\n');
    const made = await jobs(table, '--pattern', pattern(), '-o', '/tmp/out');
    expect(made?.map((j) => j.out)).toEqual([
      '/tmp/out/Heron grey.mp4',
      '/tmp/out/etc.mp4',
      '/tmp/out/row 3.mp4',
    ]);
    expect(made?.map((j) => j.words)).toEqual([
      'Heron; grey\n\nIt costs 12 pounds.\nCome along, Heron; grey.',
      '../../etc\n\nCome along, ../../etc.',
      '\nIt costs 3 pounds.',
    ]);
    expect(made?.[1]?.left).toEqual(['It costs {price} pounds.']);
    expect(await outs(table, '--pattern', pattern(), '--name', 'At {price}')).toEqual([
      'At 12.mp4',
      'row 2.mp4',
      'At 3.mp4',
    ]);
  });

  it('is read in the forms that programs write: commas, tabs, other letters', async () => {
    const tabs = file('rows.tsv', 'name\tprice\nHeron\t1,5\n');
    expect((await jobs(tabs, '--pattern', pattern()))?.[0]?.words).toContain('It costs 1,5 pounds.');
    const latin = file('latin.csv', Buffer.from('name,price\nFr\xe9d\xe9ric,2\n', 'latin1'));
    expect(await outs(latin, '--pattern', pattern())).toEqual(['Frédéric.mp4']);
  });

  it('that cannot be used is refused with what to do', async () => {
    const table = file('rows2.csv', 'name,cost\nA,1\n');
    expect(await refused(table)).toMatch(/--pattern FILE/);
    expect(await refused(table, '--pattern', pattern())).toMatch(/asks for \{price\}.*name, cost/);
    expect(await refused(table, '--pattern', path.join(folder, 'no.txt'))).toMatch(/There is no file/);
    expect(await refused(file('empty.csv', 'name,price\n'), '--pattern', pattern())).toMatch(/no rows/);
    expect(await refused(file('broken.csv', 'name,price\n"A,1\n'), '--pattern', pattern())).toMatch(
      /as a table/,
    );
    expect(await refused(table, file('s.txt', 'x'), '--pattern', pattern())).toMatch(/one table/);
    expect(await refused(file('s.txt', 'x'), table)).toMatch(/made by itself/);
  });
});

describe('nabbet', () => {
  it('makes all that can be made, says in the end what became of each, and ends with 1 when one failed', async () => {
    const out = path.join(folder, 'made');
    const r = await nabbet(
      'make',
      file('c/lift.txt', 'The lift\n\nThe lift waits.'),
      file('c/nothing.txt', ' '),
      ...SMALL,
      ...['-o', out, '--deliver', 'mp4,cover,sound', '--with', 'srt'],
    );
    expect(r.code).toBe(1);
    expect(r.out).toMatch(/^made .*lift\.mp4, .*lift\.jpg, .*lift\.m4a, .*lift\.srt \(0:0\d/m);
    expect(r.out).toMatch(/^failed .*nothing\.txt is empty/m);
    expect(r.out.trim().split('\n').at(-1)).toBe('1 of 2 made.');
    expect(readdirSync(out).sort()).toEqual(['lift.jpg', 'lift.m4a', 'lift.mp4', 'lift.srt']);
    expect([...readFileSync(path.join(out, 'lift.jpg')).subarray(0, 3)]).toEqual([0xff, 0xd8, 0xff]);
  });

  it('watches a folder: makes what is new or changed, and nothing twice', async () => {
    const text = file('watched/note.txt', 'The note\n\nThe kettle sings.');
    const watched = path.dirname(text);
    const once = () => nabbet('watch', watched, '--once', ...SMALL);
    expect(await once()).toMatchObject({ code: 0, out: expect.stringContaining('1 of 1 made.') });
    expect(readdirSync(path.join(watched, 'videos'))).toContain('note.mp4');
    expect((await once()).out).toBe('0 of 0 made.\n');
    writeFileSync(text, ' ');
    expect(await once()).toMatchObject({ code: 1, out: expect.stringContaining('is empty') });
    writeFileSync(path.join(watched, 'videos', '.nabbet-made.json'), '{');
    expect((await once()).code).toBe(2);
  });
});
