import { spawn } from 'node:child_process';
import { chmodSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';

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

  const bad: [string, () => string[], RegExp][] = [
    ['no file named', () => [], /Which text/],
    ['a file that is not there', () => [path.join(folder, 'none.txt')], /There is no file/],
    ['an empty file', () => [file('empty.txt', '  \n')], /is empty/],
    ['a binary file', () => [file('b.txt', new Uint8Array([1, 2, 0, 255, 7]))], /not a text file/],
    [
      'a picture with a text name',
      () => [
        file(
          'p.txt',
          Uint8Array.from({ length: 5000 }, (_, i) => (i * 37 + 129) % 255 || 1),
        ),
      ],
      /not a text file/,
    ],
    ['a text of 2 MB', () => [file('big.txt', 'word '.repeat(400_000))], /2\.0 MB/],
    ['a folder', () => [folder], /is a folder/],
    ['only remarks', () => [file('r.txt', '[a picture]')], /no words/],
    ['an unknown format', () => [file('x.txt', 'Hello there.'), '--format', '4:3'], /--format is one of/],
    ['an unknown option', () => [file('x.txt', 'Hello there.'), '--speed', '3'], /speed/],
    ['an output that is a folder', () => [file('x.txt', 'Hello there.'), '-o', folder], /is a folder/],
  ];
  it.each(bad)('answers %s with one line and code 2', async (_, args, message) => {
    const r = await nabbet(...args());
    expect(r.code).toBe(2);
    expect(r.err.trim().split('\n')).toHaveLength(1);
    expect(r.err).toMatch(message);
    expect(r.out).toBe('');
  });

  it('reads Windows text', async () => {
    chmodSync(folder, 0o755);
    const r = await nabbet(
      file(
        'w.txt',
        Uint8Array.from(
          [...'Caf']
            .map((c) => c.charCodeAt(0))
            .concat(
              [0xe9, 0x20, 0x93],
              [...'open'].map((c) => c.charCodeAt(0)),
              [0x94, 0x2e],
            ),
        ),
      ),
      '-o',
      path.join(folder, 'w.mp4'),
      '--height',
      '480',
      '--music',
      'none',
      '--json',
    );
    expect(JSON.parse(r.out).scenes[0].shown).toBe('Café “open”.');
  });
});
