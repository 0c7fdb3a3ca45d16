import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { parse } from 'csv-parse/sync';
import { parseSync } from 'subtitle';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Cue } from '../../core/exchange/cues.ts';
import { PIECE_FILE_NAMES } from '../../core/exchange/types.ts';
import { piece, scene } from '../../core/piece/testing.ts';
import { compile } from '../../core/timeline/compile.ts';
import { NO_FACTS } from '../../core/timeline/types.ts';
import { closeApart } from '../apart/apart.ts';
import { typesetter } from '../material.ts';
import { run } from '../program.ts';
import { scriptFrom } from '../sources/sources.ts';
import { PIECE_FILES } from './files.ts';
import { SUBTITLE_FORMS, subtitleFile } from './subtitles.ts';

const cue = (startMs: number, endMs: number, lines: string[], speaker: string | null = null): Cue => {
  const words = lines.join(' ').split(' ');
  const step = (endMs - startMs) / words.length;
  return {
    ...{ startMs, endMs, lines, speaker },
    words: words.map((text, i) => ({
      ...{ text, joined: false },
      startMs: Math.round(startMs + i * step),
      endMs: Math.round(startMs + (i + 1) * step),
    })),
  };
};
const CUES = [
  cue(407, 2063, ['The library that lends drills']),
  cue(2873, 6084, ['Tea & <biscuits>', 'for 3 --> 5 people'], 'Mira <3'),
  cue(3_723_500, 3_725_001, ['Über eine Stunde später']),
];

let folder: string;
beforeAll(async () => {
  folder = await mkdtemp(path.join(tmpdir(), 'nabbet-subtitles-'));
});
afterAll(async () => {
  closeApart();
  await rm(folder, { recursive: true, force: true });
});

describe('subtitle files', () => {
  it('in SubRip come back as they were', () => {
    const back = parseSync(subtitleFile(CUES, 'srt'));
    expect(back.map((n) => n.data)).toMatchObject(
      CUES.map((c) => ({ start: c.startMs, end: c.endMs, text: c.lines.join('\n') })),
    );
  });

  it('in WebVTT name who speaks, and write out what would be taken for marks', () => {
    const text = subtitleFile(CUES, 'vtt');
    expect(text.startsWith('WEBVTT')).toBe(true);
    expect(text).toContain('<v Mira &lt;3>Tea &amp; &lt;biscuits&gt;\nfor 3 --&gt; 5 people');
    expect(text).toContain('01:02:03.500 --> 01:02:05.001');
  });

  it('with words have the moment of each, in order, within its cue', () => {
    const text = subtitleFile(CUES, 'words');
    const [, second] = text.split('\n\n').filter((b) => b.includes('-->'));
    const stamps = [...(second ?? '').matchAll(/<(\d\d):(\d\d):(\d\d)\.(\d\d\d)>/g)].map(
      ([, h, m, s, ms]) => ((Number(h) * 60 + Number(m)) * 60 + Number(s)) * 1000 + Number(ms),
    );
    expect(stamps).toEqual(stamps.toSorted((a, b) => a - b));
    expect(stamps.length).toBe((CUES[1] as Cue).words.length - 1);
    for (const s of stamps) expect(s > 2873 && s < 6084).toBe(true);
  });

  it.each(SUBTITLE_FORMS)('are read by ffprobe: %s', async (form) => {
    const file = path.join(folder, form === 'srt' ? 'a.srt' : `${form}.vtt`);
    await writeFile(file, subtitleFile(CUES, form));
    const { stdout } = await run('ffprobe', [
      ...['-v', 'error', '-show_streams', '-show_packets', '-of', 'json', file],
    ]);
    const { streams, packets } = JSON.parse(stdout.toString()) as {
      streams: { codec_name: string }[];
      packets: { pts_time: string }[];
    };
    expect(streams[0]?.codec_name).toBe(form === 'srt' ? 'subrip' : 'webvtt');
    expect(packets.map((p) => Number(p.pts_time))).toEqual(CUES.map((c) => c.startMs / 1000));
  });
});

describe('files that go with a piece', () => {
  it.each(PIECE_FILE_NAMES)('%s can be made of any piece, also of an empty one', async (name) => {
    const full = piece([scene('a', 'One, “two”; three.'), scene('b', '=SUM(A1)')]);
    for (const p of [full, piece([])]) {
      const timeline = compile(p, NO_FACTS, typesetter());
      const made = await PIECE_FILES[name].make({ piece: p, timeline, facts: NO_FACTS, words: null });
      expect(typeof made === 'string' || made instanceof Uint8Array).toBe(true);
    }
  });

  it('the table is read by a reader of CSV, and no cell is a formula', async () => {
    const p = piece([scene('a', 'One, “two”;\nthree.'), scene('b', '=SUM(A1)')]);
    const timeline = compile(p, NO_FACTS, typesetter());
    const csv = await PIECE_FILES.scenes.make({ piece: p, timeline, facts: NO_FACTS, words: null });
    const rows: Record<string, string>[] = parse(csv, { columns: true, bom: true });
    expect(rows.map((r) => r.shown)).toEqual(['One, “two”;\nthree.', "'=SUM(A1)"]);
  });
});

describe('subtitles that are brought', () => {
  const read = (text: string, name: string) =>
    scriptFrom(Buffer.from(text), name).then((t) => t.trim().split('\n\n'));

  it.each(['srt', 'vtt'] as const)('are the words of their cues again: %s', async (form) => {
    const cues = [
      cue(400, 2000, ['Nobody was sure', 'that it would come back.']),
      cue(2080, 4000, ['It did & it shone.']),
      cue(8000, 9500, ['Then the lamps were lit.']),
    ];
    expect(await read(subtitleFile(cues, form), `a.${form}`)).toEqual([
      'Nobody was sure that it would come back. It did & it shone.',
      'Then the lamps were lit.',
    ]);
  });

  it('name who speaks', async () => {
    const cues = [
      cue(0, 900, ['Come in, it is open.'], 'Mira'),
      cue(950, 1800, ['I am in already.'], 'Jon'),
      cue(1850, 2500, ['So you are, so you are.'], 'Mira'),
    ];
    expect((await read(subtitleFile(cues, 'words'), 'a.vtt')).map((p) => p.split(':')[0])).toEqual([
      ...['Mira', 'Jon', 'Mira'],
    ]);
  });

  it.each(['', 'WEBVTT\n\n', 'not a subtitle at all', '1\n00:00:01,000 -> nonsense\nx'])(
    'without cues are refused: %j',
    async (text) => {
      await expect(read(text, 'a.srt')).rejects.toMatchObject({ failure: { code: 'empty' } });
    },
  );
});
