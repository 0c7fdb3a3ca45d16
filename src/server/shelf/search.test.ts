import sharp from 'sharp';
import { beforeAll, describe, expect, it } from 'vitest';
import { type Search, searchSchema } from '../../api/shelf.ts';
import { Failed } from '../../core/failure.ts';
import type { ShelfItem } from '../../core/match/types.ts';
import { piece, scene } from '../../core/piece/testing.ts';
import { emptySource } from '../../core/source/types.ts';
import { importPicture } from '../assets/assets.ts';
import type { AssetRecord } from '../assets/record.ts';
import { createSource } from '../sources/sources.ts';
import { describeOwn, ownShelf, setFavourite, shelve, shelveAgain } from './own.ts';
import { nabFrom, search } from './search.ts';
import { nabPiece, shelf } from './shelf.ts';
import { shelfToOurselves } from './testing.ts';

shelfToOurselves();

const ask = (more: Partial<Search>) =>
  search({ ...(searchSchema.validate({}).value as Search), limit: 200, ...more });
const ids = async (more: Partial<Search>): Promise<string[]> => {
  const { found, total } = await ask(more);
  const here = found.map((f) => f.entry.id);
  const { offset = 0 } = more;
  // The whole, page by page, unless a page was asked for.
  return more.limit || offset + here.length >= total || !here.length
    ? here
    : [...here, ...(await ids({ ...more, offset: offset + here.length }))];
};

/** A made-up photo of one colour; its words decide what it shows. */
async function photo(
  name: string,
  colour: string,
  size: [number, number] = [600, 400],
): Promise<AssetRecord> {
  const bytes = await sharp({ create: { width: size[0], height: size[1], channels: 3, background: colour } })
    .composite([
      {
        input: Buffer.from(
          `<svg width="200" height="200"><text y="90" font-size="40">${name.length}${name}</text></svg>`,
        ),
      },
    ])
    .jpeg()
    .toBuffer();
  return importPicture(bytes, { title: name.replace(/\.jpg$/, ''), licence: 'own', origin: null });
}

let kayak: AssetRecord;
let tall: AssetRecord;
let nameless: AssetRecord;
let borrowed: AssetRecord;

beforeAll(async () => {
  kayak = await photo('Kayak race.jpg', '#1c5fb0');
  tall = await photo('Violin lesson.jpg', '#b03020', [400, 1000]);
  nameless = await importPicture(
    await sharp({ create: { width: 500, height: 500, channels: 3, background: '#777' } })
      .png()
      .toBuffer(),
    { title: 'Photo', licence: 'own', origin: null },
  );
  borrowed = await photo('Submarine in a bathtub.jpg', '#20a040');
  await shelve(kayak, { name: 'kayak race.jpg', folder: 'regatta' });
  await shelve(tall, { name: 'violin lesson.jpg', folder: '' });
  await shelve(nameless, { name: 'IMG_1.png', folder: '' });
  await shelve(borrowed, { name: '', folder: '', licence: 'unknown', credit: 'A page' });
});

describe('the whole shelf', () => {
  it('is searched as one: shipped pictures and own ones, by name, folder and meaning', async () => {
    expect((await ids({ q: 'somebody mends a radio' })).slice(0, 3)).toContain('radio-mender');
    expect((await ids({ q: 'kayak' }))[0]).toBe(kayak.id);
    expect((await ids({ q: 'the regatta' }))[0]).toBe(kayak.id);
    expect((await ids({ q: 'her first lesson on the violin' })).slice(0, 3)).toContain(tall.id);
    expect(await ids({ q: '🙂' })).toHaveLength((await ask({})).total);
  });

  it('is shown without words, own ones first, page by page without a gap or a double', async () => {
    const all = await ids({});
    expect(all.slice(0, 4).sort()).toEqual([kayak, tall, nameless, borrowed].map((r) => r.id).sort());
    expect(all).toHaveLength((await shelf()).entries.size + 4);
    for (const q of ['', 'the sea at night']) {
      const whole = await ids({ q });
      const pages = await Promise.all(
        Array.from({ length: Math.ceil(whole.length / 30) }, (_, k) => ids({ q, offset: k * 30, limit: 30 })),
      );
      expect(pages.flat()).toEqual(whole);
      expect(new Set(whole).size).toBe(whole.length);
    }
  });

  it('is filtered by all that is known of a picture', async () => {
    expect(await ids({ own: true })).toHaveLength(4);
    expect(await ids({ own: true, colour: 'red' })).toEqual([tall.id]);
    expect(await ids({ own: true, colour: 'blue' })).toEqual([kayak.id]);
    expect(await ids({ licence: 'unknown' })).toEqual([borrowed.id]);
    expect(await ids({ own: true, format: '9:16' })).toEqual([tall.id]);
    expect(await ids({ own: true, without: [kayak.id] })).not.toContain(kayak.id);
    const { entries } = await shelf();
    for (const id of await ids({ kind: 'moving' })) expect(entries.get(id)?.kind).toBe('loop');
    for (const id of await ids({ people: 'none', q: 'people talking' }))
      expect(entries.get(id)?.people).toBe(0);
    expect((await ids({ people: 'several' })).every((id) => (entries.get(id)?.people ?? 0) > 1)).toBe(true);
    expect((await ask({ own: true, favourite: true })).total).toBe(0);
  });

  it('keeps favourites, once, until they are let go', async () => {
    await setFavourite('canal-boat', true);
    await setFavourite('canal-boat', true);
    expect(await ids({ favourite: true })).toEqual(['canal-boat']);
    expect((await ask({ q: 'canal boat' })).found.find((f) => f.favourite)?.entry.id).toBe('canal-boat');
    await setFavourite('canal-boat', false);
    expect(await ids({ favourite: true })).toEqual([]);
  });

  it('finds more like one of its pictures, that one left out', async () => {
    const like = await ids({ like: 'canal-boat', limit: 6 });
    expect(like).not.toContain('canal-boat');
    const { entries } = await shelf();
    expect(like.some((id) => entries.get(id)?.tags.some((t) => /boat|canal|water/.test(t)))).toBe(true);
    expect(await ids({ like: 'nothing-here' })).toEqual([]);
  });
});

describe('own pictures', () => {
  it('are found by new words as soon as they are said, and give licence and credit before they are chosen', async () => {
    await describeOwn(nameless.id, {
      title: 'A heron',
      tags: ['heron', 'wading bird'],
      licence: 'credit',
      credit: 'B. Reed',
      people: 0,
    });
    expect((await ids({ q: 'heron' }))[0]).toBe(nameless.id);
    const entry = (await ask({ q: 'heron' })).found[0]?.entry;
    expect(entry).toMatchObject({ title: 'A heron', licence: 'credit', credit: 'B. Reed', people: 0 });
    const e = await describeOwn('a00000000000000000000', { title: 'x' }).catch((x) => x);
    expect(e).toBeInstanceOf(Failed);
  });

  it('are taken off the shelf and put back, also by bringing them again', async () => {
    await shelveAgain(kayak.id, false);
    expect(await ids({ own: true })).not.toContain(kayak.id);
    await shelve(kayak, { name: 'other.jpg', folder: '' });
    expect(await ids({ own: true })).toContain(kayak.id);
    expect((await ownShelf()).pictures.get(kayak.id)?.tags).toContain('regatta');
  });

  it('are nabbed where their words fit; one that nobody may use is not, nor one that says nothing', async () => {
    const nabbed = async (line: string) => {
      const p = piece([scene('a', line)]);
      return (await nabPiece(p, await nabFrom(p))).a;
    };
    expect((await nabbed('The kayak race begins at ten.'))?.assetId).toBe(kayak.id);
    const wet = await nabbed('A submarine in a bathtub.');
    expect(wet?.assetId).not.toBe(borrowed.id);
    expect(wet?.alternatives.map((a) => a.assetId)).not.toContain(borrowed.id);
  });

  it('of the source go before the shelf where their captions fit, and stay out where they do not', async () => {
    const bathtub = {
      ...{ id: 'i1', address: null, assetId: borrowed.id, alt: '', after: null, problem: null },
      caption: 'A yellow submarine in the bathtub of a hotel',
    };
    const id = await createSource({
      ...emptySource('article', { kind: 'pasted' }),
      pictures: [bathtub],
    });
    const p = {
      ...piece([scene('a', 'They found a submarine in the bathtub.'), scene('b', 'Nobody opened a window.')]),
      source: { id, kind: 'article' as const, title: '' },
    };
    const nabbed = await nabPiece(p, await nabFrom(p));
    expect(nabbed.a?.assetId).toBe(borrowed.id);
    expect(nabbed.a?.reasons.map((r) => r.code)).toContain('in-source');
    expect(nabbed.b?.assetId).not.toBe(borrowed.id);
  });
});

describe('photos of one occasion', () => {
  it('finds photos of one evening by a name that was typed for one of them, and nobody else by it', async () => {
    const taken = async (name: string, at: string, colour: string) => {
      const bytes = await sharp({ create: { width: 700, height: 500, channels: 3, background: colour } })
        .withExif({ IFD2: { DateTimeOriginal: at } })
        .jpeg()
        .toBuffer();
      return importPicture(bytes, { title: name, licence: 'own', origin: null });
    };
    const named = await taken('Aunt Runhild', '2026:06:12 19:00:00', '#123456');
    const beside = await taken('Photo', '2026:06:12 19:40:00', '#563412');
    const other = await taken('Photo', '2026:06:14 19:40:00', '#345612');
    for (const r of [named, beside, other])
      await shelve(r, { name: r.title === 'Photo' ? 'dsc_1.jpg' : 'Aunt Runhild.jpg', folder: '' });
    const found = await ids({ q: 'Runhild', own: true });
    expect(found.slice(0, 2)).toEqual([named.id, beside.id]);
    const scenes = ['Runhild told us everything.', 'Runhild laughed.'].map((shown, k) =>
      scene(`r${k}`, shown),
    );
    const asked = { ...piece(scenes), title: '' };
    const { allow, index } = await nabFrom(asked);
    expect(
      [named, beside, other].map((r) => allow?.(index.items.find((it) => it.id === r.id) as ShelfItem)),
    ).toEqual([true, true, false]);
    const got = await nabPiece(asked, await nabFrom(asked));
    expect(new Set(Object.values(got).map((p) => p.assetId))).toEqual(new Set([named.id, beside.id]));
  });
});
