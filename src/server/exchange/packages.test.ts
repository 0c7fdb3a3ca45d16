import JSZip from 'jszip';
import mammoth from 'mammoth';
import sharp from 'sharp';
import { afterAll, describe, expect, it } from 'vitest';
import { applyEdit, sceneEdit } from '../../core/piece/edit.ts';
import { picture, piece, scene } from '../../core/piece/testing.ts';
import { newBed, type Piece, placed } from '../../core/piece/types.ts';
import { wavFile } from '../../core/sound/wav.ts';
import { SAMPLE_RATE } from '../../core/time.ts';
import { closeApart } from '../apart/apart.ts';
import { importPicture } from '../assets/assets.ts';
import { assetRecord } from '../assets/record.ts';
import { finishJob, renderFile, requestRender } from '../jobs/renders.ts';
import { prepare } from '../material.ts';
import { changeTrack, heardTrack, keepTrack, listTracks } from '../music/own-tracks.ts';
import { appendEntries, createPiece, loadPiece, openPiece } from '../pieces/pieces.ts';
import { run } from '../program.ts';
import { ownWordsOf, shelve } from '../shelf/own.ts';
import { shelf } from '../shelf/shelf.ts';
import { shelfToOurselves } from '../shelf/testing.ts';
import { keepRecording, samplesOf } from '../speech/recordings.ts';
import { writeWhole } from '../store/files.ts';
import { bundleOf, openBundle } from './bundle.ts';
import { everythingOf } from './everything.ts';
import { PIECE_FILES } from './files.ts';
import { type ZipPart, zipped } from './zip.ts';

shelfToOurselves('queue');
afterAll(closeApart);

const bytesOf = async (parts: readonly ZipPart[]): Promise<Buffer> => {
  const chunks: Uint8Array[] = [];
  for await (const chunk of zipped(parts)) chunks.push(chunk);
  return Buffer.concat(chunks);
};

/** A tone that comes and goes twice a second. */
const tone = (hz: number, seconds: number): Buffer =>
  Buffer.from(
    wavFile(
      [
        Float32Array.from({ length: seconds * SAMPLE_RATE }, (_, i) => {
          const t = i / SAMPLE_RATE;
          return 0.4 * Math.sin(2 * Math.PI * hz * t) * Math.exp(-6 * (t % 0.5));
        }),
      ],
      SAMPLE_RATE,
    ),
  );

/** A piece with a picture, a recording and a track of its own, and an edit in its history. */
async function own(): Promise<{ id: string; p: Piece }> {
  const photo = await sharp({ create: { width: 800, height: 600, channels: 3, background: '#3a7' } })
    .composite([
      {
        input: Buffer.from(
          '<svg width="800" height="600"><circle cx="300" cy="300" r="120" fill="#fd4"/></svg>',
        ),
      },
    ])
    .jpeg()
    .toBuffer();
  const record = await importPicture(photo, { title: 'The green gate', licence: 'own', origin: null });
  await shelve(record, {
    name: 'gate.jpg',
    folder: '',
    licence: 'credit',
    credit: 'I. Brandt',
    tags: ['gate'],
  });
  const { id: takeId } = await keepRecording(tone(180, 2));
  const track = await keepTrack(tone(90, 12), 'Gate song.wav');
  await changeTrack(track.id, { licence: 'credit', credit: 'The Lock Keepers' });
  const [first] = (await shelf()).entries.keys();
  const p = piece(
    [
      scene('a', 'The gate opens.', { pictures: [placed(record.id)] }),
      scene('b', 'Trams roll out.', {
        pictures: [picture(first ?? '')],
        recorded: [takeId],
        narration: { kind: 'take', takeId, startMs: 0, endMs: null, clean: false },
      }),
    ],
    { title: 'The gate', beds: [newBed('m', { kind: 'brought', trackId: track.id, startMs: 500 })] },
  );
  const id = await createPiece(p);
  const edit = sceneEdit('type', 'a', { shown: 'The gate opens at noon.' });
  await appendEntries(id, 0, [{ id: 'entry-1', kind: 'do', ref: null, edit }]);
  return { id, p };
}

describe('a piece as a bundle', () => {
  it('is opened elsewhere with its words, its history and everything of its own', async () => {
    const { id, p } = await own();
    const { title, parts } = await bundleOf(id);
    expect(title).toBe('The gate');
    const there = await openBundle(await bytesOf(parts));
    expect(there).not.toBe(id);
    const { piece: now, history, assets } = await openPiece(there);
    expect(now.scenes.map((s) => s.shown)).toEqual(['The gate opens at noon.', 'Trams roll out.']);
    expect(now.scenes[1]?.pictures).toEqual(p.scenes[1]?.pictures);
    const back = applyEdit(now, history[0]?.inverse as never);
    expect(back.ok && back.piece.scenes[0]?.shown).toBe('The gate opens.');

    const assetId = now.scenes[0]?.pictures[0]?.assetId ?? '';
    expect(assets.map((a) => a.id)).toContain(assetId);
    expect(await assetRecord(assetId)).toMatchObject({ title: 'The green gate', width: 800, height: 600 });
    expect((await ownWordsOf([assetId])).get(assetId)).toMatchObject({
      tags: ['gate'],
      licence: 'credit',
      credit: 'I. Brandt',
    });
    const { narration, recorded } = now.scenes[1] ?? p.scenes[0] ?? scene('x');
    if (narration.kind !== 'take') throw new Error('The recording is gone.');
    expect(recorded).toEqual([narration.takeId]);
    expect((await samplesOf(narration)).length).toBe(2 * SAMPLE_RATE);
    const [bed] = now.beds;
    if (bed?.source.kind !== 'brought') throw new Error('The music is gone.');
    const { trackId, startMs } = bed.source;
    expect(startMs).toBe(500);
    expect((await heardTrack(trackId)).endMs).toBeGreaterThan(11_000);
    expect((await listTracks()).find((t) => t.id === trackId)).toMatchObject({
      title: 'Gate song',
      credit: 'The Lock Keepers',
    });
  });

  it('that is no bundle, or one that was tampered with, is refused, and nothing comes of it', async () => {
    const damaged = { failure: { code: 'damaged' } };
    await expect(openBundle(Buffer.from('no zip'))).rejects.toMatchObject(damaged);
    await expect(openBundle(await bytesOf([{ name: 'x.txt', content: 'x' }]))).rejects.toMatchObject(damaged);
    await expect(
      openBundle(await bytesOf([{ name: 'nabbet.json', content: '{"format":' }])),
    ).rejects.toMatchObject(damaged);
    const { id } = await own();
    const { parts } = await bundleOf(id);
    const said = JSON.parse(parts[0]?.content as string);
    const changed = (change: object): ZipPart[] => [
      { name: 'nabbet.json', content: JSON.stringify({ ...said, ...change }) },
      ...parts.slice(1),
    ];
    await expect(openBundle(await bytesOf(changed({ version: 2 })))).rejects.toMatchObject(damaged);
    await expect(
      openBundle(await bytesOf(changed({ pictures: [{ id: '../x', file: '/etc/passwd' }] }))),
    ).rejects.toMatchObject(damaged);
    await expect(
      openBundle(await bytesOf(changed({ piece: { ...said.piece, scenes: 'none' } }))),
    ).rejects.toMatchObject({
      failure: { code: 'damaged-piece' },
    });
    // A picture that is something else is not taken for one.
    const script = parts.map((part) =>
      part.name.startsWith('pictures/') ? { ...part, content: '#!/bin/sh' } : part,
    );
    await expect(openBundle(await bytesOf(script))).rejects.toMatchObject({
      failure: { code: 'picture-kind' },
    });
  });

  it('whose history does not fit is opened without it', async () => {
    const { id } = await own();
    const { parts } = await bundleOf(id);
    const said = JSON.parse(parts[0]?.content as string);
    said.history[0].inverse = { name: 'x', merge: null, ops: [{ op: 'explode' }] };
    const there = await openBundle(
      await bytesOf([{ name: 'nabbet.json', content: JSON.stringify(said) }, ...parts.slice(1)]),
    );
    expect((await openPiece(there)).history).toEqual([]);
    expect((await loadPiece(there)).piece.scenes).toHaveLength(2);
  });
});

describe('everything in one zip', () => {
  it('holds deliveries, files and media under names that can be read, and is a sound zip', async () => {
    const { id, p } = await own();
    for (const kind of ['mp4', 'cover'] as const) {
      const render = await requestRender(id, p, 1, 480, { kind });
      await writeWhole(renderFile(render, kind), `a ${kind}`);
      await finishJob(render, { state: 'done', durationMs: 1000 });
    }
    const { timeline, facts } = await prepare((await loadPiece(id)).piece);
    const bytes = await bytesOf(await everythingOf(id, { piece: p, timeline, facts }));
    const names = Object.values((await JSZip.loadAsync(bytes)).files).flatMap((f) => (f.dir ? [] : f.name));
    for (const name of [
      'The gate.srt',
      'The gate.script.docx',
      'The gate.otio',
      'The gate 9x16 480p.mp4',
      'The gate 9x16 480p.jpg',
    ])
      expect(names).toContain(name);
    expect(names.filter((n) => n.startsWith('media/pictures/'))).toHaveLength(2);
    expect(names.filter((n) => n.startsWith('media/voice/'))).toHaveLength(2);
    expect(names.filter((n) => n.startsWith('media/music/'))).toHaveLength(1);
    const otio = JSON.parse(
      (await (await JSZip.loadAsync(bytes)).file('The gate.otio')?.async('string')) ?? '',
    );
    const urls = [...JSON.stringify(otio).matchAll(/"target_url":"([^"]+)"/g)].map((m) => m[1]);
    expect(urls.length).toBeGreaterThan(4);
    for (const url of urls) expect(names).toContain(url);
    const file = `${renderFile('everything')}.zip`;
    await writeWhole(file, bytes);
    await run('python3', [
      '-c',
      'import sys, zipfile; sys.exit(zipfile.ZipFile(sys.argv[1]).testzip() is not None)',
      file,
    ]);
  });
});

describe('the script as a document', () => {
  it('is read by a reader of such documents: words, spoken words, pictures and credits', async () => {
    const { p } = await own();
    const other = { ...p, scenes: p.scenes.map((s, i) => (i === 0 ? { ...s, spoken: 'It opens.' } : s)) };
    const { timeline, facts } = await prepare(other);
    const made = await PIECE_FILES.document.make({ piece: other, timeline, facts, words: ownWordsOf });
    const { value } = await mammoth.extractRawText({ buffer: Buffer.from(made as Uint8Array) });
    for (const text of ['The gate', 'The gate opens.', 'Spoken: It opens.', 'The green gate', 'I. Brandt'])
      expect(value).toContain(text);
  });
});
