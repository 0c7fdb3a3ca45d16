import { spawn } from 'node:child_process';
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { createServer } from 'node:http';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { articlePages } from '../../studio/fixtures/pages/articles.ts';
import { bodyTexts } from '../../studio/fixtures/pages/content.ts';
import { PRODUCT_PAGES } from '../../studio/fixtures/pages/products.ts';
import { writeShots } from '../../studio/fixtures/photos.ts';
import { CONFIG } from '../server/config.ts';
import { run } from '../server/program.ts';
import { makeOptions } from './make.ts';
import { describePlan, planVideo } from './make-video.ts';
import { UsageError } from './usage.ts';

const folder = mkdtempSync(path.join(tmpdir(), 'nabbet-make-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

function nabbet(...args: string[]): Promise<{ code: number; out: string; err: string }> {
  const child = spawn(process.execPath, ['--import', 'tsx', 'src/cli/main.ts', 'make', ...args]);
  let out = '';
  let err = '';
  child.stdout.on('data', (d) => {
    out += d;
  });
  child.stderr.on('data', (d) => {
    err += d;
  });
  return new Promise((resolve) => child.on('close', (code) => resolve({ code: code ?? -1, out, err })));
}

const file = (name: string, content: string | Uint8Array) => {
  const f = path.join(folder, name);
  writeFileSync(f, content);
  return f;
};

/** What a video is made of, and what was said on the way; nothing is rendered. */
async function plan(...args: string[]) {
  const said: string[] = [];
  const out = args.includes('-o') ? [] : ['-o', path.join(folder, 'planned.mp4')];
  const options = await makeOptions([...args, ...out, '--music', 'none']);
  const planned = await planVideo(options, (line) => said.push(line));
  return { said: said.join('\n'), ...(await describePlan(planned, options.height)) };
}

const emptyFolder = () => mkdtempSync(path.join(folder, 'empty-'));

describe('nabbet make', () => {
  it('makes a video and describes it', async () => {
    const out = path.join(folder, 'deep/er/out.mp4');
    const r = await nabbet(
      file('s.txt', 'Mending\n\nThey mend radios. [tools on the wall]\nA boat goes by.'),
      '-o',
      out,
      '--format',
      '1:1',
      '--height',
      '480',
      '--split',
      'line',
      '--voice',
      'fenn',
      '--music',
      'bright',
      '--json',
    );
    expect(r.err).toContain('is ready');
    expect(r.code).toBe(0);
    const j = JSON.parse(r.out);
    expect(j).toMatchObject({ title: 'Mending', width: 480, height: 480 });
    expect(j.scenes.length).toBe(3);
    expect(j.scenes[1]).toMatchObject({ shown: 'They mend radios.', spoken: 'They mend radios.' });
    expect(j.scenes.at(-1).endMs).toBe(j.durationMs);
    for (const s of j.scenes) {
      expect(s.picture).toMatchObject({
        id: expect.any(String),
        title: expect.any(String),
        reason: expect.any(String),
      });
      expect(s.picture.tags.length).toBeGreaterThan(3);
      expect(s.words.map((w: { text: string }) => w.text).join(' ')).toBe(s.spoken);
      for (const w of s.words) {
        expect(w.startMs).toBeGreaterThanOrEqual(s.startMs);
        expect(w.endMs).toBeLessThanOrEqual(s.endMs);
      }
    }
    expect(readdirSync(path.dirname(out))).toEqual(['out.mp4']);
  });

  it('makes a video for each of several formats, with the same sound in all', async () => {
    const out = path.join(folder, 'formats', 'tea.mp4');
    const said = ['--format', '9:16,1200x800,9:16', '--height', '480', '--music', 'none', '--split', 'line'];
    const r = await nabbet(file('f.txt', 'Tea is ready.\nA boat goes by.'), '-o', out, ...said);
    expect([r.code, r.out]).toEqual([0, '']);
    const made = ['tea-3x2.mp4', 'tea-9x16.mp4'];
    expect(readdirSync(path.dirname(out)).sort()).toEqual(made);
    const probed = await Promise.all(
      made.map(async (name) => {
        const at = path.join(path.dirname(out), name);
        const size = [
          '-select_streams',
          'v',
          '-show_entries',
          'stream=width,height,nb_frames',
          '-of',
          'csv=p=0',
        ];
        const { stdout } = await run('ffprobe', ['-v', 'error', ...size, at]);
        const sound = ['-v', 'error', '-i', at, '-map', '0:a', '-c', 'copy', '-f', 'md5', '-'];
        return {
          size: stdout.toString().trim().split(','),
          sound: (await run('ffmpeg', sound)).stdout.toString(),
        };
      }),
    );
    expect(probed.map((p) => p.size.slice(0, 2))).toEqual([
      ['720', '480'],
      ['480', '854'],
    ]);
    expect(probed[0]?.size[2]).toBe(probed[1]?.size[2]);
    expect(probed[0]?.sound).toBe(probed[1]?.sound);
  });

  it('answers what it cannot do with one line and code 2', async () => {
    const r = await nabbet(file('locked.txt', '[a picture]'), '-o', path.join(folder, 'none.mp4'));
    expect(r).toMatchObject({ code: 2, out: '' });
    expect(r.err.trim().split('\n')).toEqual([expect.stringMatching(/^nabbet: .*no words/)]);
    expect(existsSync(path.join(folder, 'none.mp4'))).toBe(false);
  });
});

describe('help', () => {
  it('is given without a file, and names choices that make takes', async () => {
    const r = await nabbet('--help');
    expect(r).toMatchObject({ code: 0, err: '' });
    expect(r.out.split('\n').every((l) => l.length <= 112)).toBe(true);
    const named = [...r.out.matchAll(/^ {2}(?:-o, )?(--\w+)(.*)/gm)].map(([, name = '', rest = '']) => ({
      name,
      value: /^ [A-Z]/.test(rest),
    }));
    expect(named.length).toBeGreaterThan(15);
    const text = file('help.txt', 'Hello there.');
    for (const { name, value } of named) {
      const asked = makeOptions([text, '-o', path.join(folder, 'h.mp4'), name, ...(value ? ['?'] : [])]);
      const answer = await asked.then(
        () => '',
        (e: Error) => e.message,
      );
      expect(answer, name).not.toMatch(/unknown option/i);
    }
  });
});

describe('what make is asked', () => {
  const bad: [string, () => string[], RegExp][] = [
    ['no file named', () => [], /Which text/],
    ['a file that is not there', () => [path.join(folder, 'none.txt')], /There is no file/],
    ['an empty file', () => [file('empty.txt', '  \n')], /is empty/],
    ['a binary file', () => [file('b.txt', new Uint8Array([1, 2, 0, 255, 7]))], /not a text/],
    [
      'a picture with a text name',
      () => [
        file(
          'p.txt',
          Uint8Array.from({ length: 5000 }, (_, i) => (i * 37 + 129) % 255 || 1),
        ),
      ],
      /not a text/,
    ],
    ['a text of 2 MB', () => [file('big.txt', 'word '.repeat(400_000))], /2\.0 million/],
    ['a folder without photos', () => [emptyFolder()], /folder without photos/],
    ['only remarks', () => [file('r.txt', '[a picture]')], /no words/],
    [
      'an unknown format',
      () => [file('x.txt', 'Hello there.'), '--format', '9:2'],
      /two other numbers like 3:2/,
    ],
    ['an unknown angle', () => [file('x.txt', 'Hello there.'), '--angle', 'rant'], /--angle is one of/],
    [
      'a length that is none',
      () => [file('x.txt', 'Hello there.'), '--target', 'long'],
      /--target is a number/,
    ],
    [
      'a locked document',
      () => [path.join(CONFIG.root, 'studio/fixtures/documents/locked.pdf')],
      /locked with a password/,
    ],
    ['an address that is none', () => ['http://', '-o', path.join(folder, 'n.mp4')], /is no address/],
    ['an unknown option', () => [file('x.txt', 'Hello there.'), '--speed', '3'], /speed/],
    ['an output that is a folder', () => [file('x.txt', 'Hello there.'), '-o', folder], /is a folder/],
  ];
  it.each(bad)('is refused in one line: %s', async (_, args, message) => {
    const refused = await plan(...args()).then(
      () => null,
      (e: unknown) => e,
    );
    expect(refused).toBeInstanceOf(UsageError);
    expect((refused as UsageError).message).toMatch(message);
    expect((refused as UsageError).message).not.toContain('\n');
  });
});

describe('what make plans', () => {
  const documents = path.join(CONFIG.root, 'studio/fixtures/documents');

  it('condenses a page to the wished length, with its pictures, and says where each line comes from', async () => {
    const page = articlePages()[11];
    if (!page) throw new Error('no such page');
    mkdirSync(path.join(folder, 'page/m'), { recursive: true });
    const html = file('page/story.html', page.bytes.toString().replaceAll('/m/things.jpg', 'm/things.webp'));
    copyFileSync(
      path.join(CONFIG.root, 'shelf/tool-wall-wide.webp'),
      path.join(folder, 'page/m/things.webp'),
    );
    const j = await plan(html, '--target', '20');
    expect(j.source).toEqual({ kind: 'article', title: page.content.title });
    expect(j.durationMs).toBeGreaterThan(12_000);
    expect(j.durationMs).toBeLessThan(23_000);
    const body = bodyTexts(page.content).join(' ');
    for (const s of j.scenes.slice(0, -1)) {
      expect(s.shown.length).toBeLessThanOrEqual(90);
      expect(body).toContain(s.from);
    }
    expect(j.scenes.at(-1)?.layout).toBe('end');
    expect(j.scenes.some((s) => /^a[0-9a-f]{20}$/.test(s.picture?.id ?? ''))).toBe(true);
  });

  it('tells a product in the wished angle', async () => {
    const html = file('shop.html', PRODUCT_PAGES[0]?.bytes ?? '');
    const j = await plan(html, '--angle', 'offer');
    expect(j.source).toEqual({ kind: 'product', title: 'Wick No. 3 hand lantern' });
    expect(j.scenes[0]?.shown).toBe('€34.00 instead of €42.00');
    expect(j.scenes.map((s) => s.layout)).toEqual(expect.arrayContaining(['title', 'figure', 'end']));
  });

  it.each([
    ['bicycle-post.docx', 'The bicycle post is faster than the van'],
    ['two-columns.pdf', 'Street lamps go out at eleven, and the stars come back'],
  ])('condenses %s', async (name, title) => {
    const j = await plan(path.join(documents, name), '--target', '12');
    expect(j.source).toEqual({ kind: 'article', title });
    expect(j.durationMs).toBeLessThan(14_000);
    for (const scene of j.scenes) expect(scene.from?.length).toBeGreaterThan(10);
  });

  it('shows a folder of photos in the order in which they were taken, without the doubles and the blurred', async () => {
    const photos = path.join(folder, 'one evening');
    await writeShots(photos, 700);
    const j = await plan(photos, '--target', '8');
    expect(j.source).toEqual({ kind: 'photos', title: 'one evening' });
    expect(j.scenes).toHaveLength(8);
    expect(j.scenes[0]).toMatchObject({ shown: 'one evening', from: 'IMG_0408.jpg', spoken: '' });
    expect(j.durationMs).toBe(8000);
    expect(j.said).toMatch(/IMG_0411\.jpg is left out/);
  });

  it('reads Markdown, and an address that is allowed', async () => {
    const server = createServer((_, response) =>
      response.writeHead(200, { 'content-type': 'text/html' }).end(PRODUCT_PAGES[7]?.bytes),
    );
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    const host = `127.0.0.1:${(server.address() as { port: number }).port}`;
    const address = `http://${host}/clock`;
    const allowed = CONFIG.readAllow as string[];
    try {
      await expect(plan(address)).rejects.toThrow(/private network/);
      allowed.push(host);
      const j = await plan(address, '--target', '10');
      expect(j.source).toEqual({ kind: 'product', title: 'The talking clock' });
      expect(j.said).toMatch(/blanks that only you can fill: .*reason/);
    } finally {
      allowed.pop();
      server.close();
    }
    const md = await plan(file('m.md', '# A rope\n\nIt is *long*. [a rope]\n\nIt holds.'));
    expect(md.scenes.map((scene) => scene.shown)).toEqual(['A rope', 'It is long.', 'It holds.']);
  });

  it('reads Windows text', async () => {
    const bytes = [...'Caf'].map((c) => c.charCodeAt(0)).concat(0xe9, 0x20, 0x93);
    bytes.push(...[...'open'].map((c) => c.charCodeAt(0)), 0x94, 0x2e);
    const j = await plan(file('w.txt', Uint8Array.from(bytes)));
    expect(j.scenes[0]?.shown).toBe('Café “open”.');
  });
});
