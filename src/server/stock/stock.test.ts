import { copyFile, mkdir, mkdtemp, symlink, writeFile } from 'node:fs/promises';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import sharp, { type Sharp } from 'sharp';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { failureOf } from '../../core/failure.ts';
import { emptyScene, placed } from '../../core/piece/types.ts';
import { startShop } from '../../stand-in/shop.ts';
import { closeApart } from '../apart/apart.ts';
import { CONFIG } from '../config.ts';
import { ownShelf, shelveAgain } from '../shelf/own.ts';
import { shelfToOurselves } from '../shelf/testing.ts';
import { inFolder } from './in-folder.ts';
import { librariesOf } from './libraries.ts';
import type { StockLibrary } from './library.ts';
import { overHttp } from './over-http.ts';
import { costOf, searchStock, stockPreview, takeStock } from './stock.ts';

shelfToOurselves();

const open = inFolder('open', 'Open', path.join(CONFIG.root, 'library/open'));
let server: Server;
let address: string;
let shop: StockLibrary;
const faults = (query = '') => fetch(`${address}/faults?${query}`, { method: 'POST' });
const code = (work: Promise<unknown>) =>
  work.then(
    () => 'no failure',
    (e) => failureOf(e),
  );

beforeAll(async () => {
  server = await startShop(0);
  address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  shop = overHttp('shop', 'The shop', address);
});
afterAll(() => {
  server.close();
  closeApart();
});
beforeEach(() => faults());

describe('libraries from outside', () => {
  it('are searched together: one ranking, with terms, price and where each picture comes from', async () => {
    const { offers, libraries } = await searchStock('tea at the window in the rain', [shop, open]);
    expect(libraries.map((l) => l.state)).toEqual(['answered', 'answered']);
    expect(offers[0]).toMatchObject({
      library: 'open',
      licence: 'credit',
      credit: 'Ilse Vantorp',
      priceCents: 0,
    });
    const { offers: law } = await searchStock('the judge reads the verdict', [shop, open]);
    expect(law[0]).toMatchObject({
      library: 'shop',
      title: 'Before the verdict',
      priceCents: 900,
      assetId: null,
    });
    expect((await searchStock('quantum chromodynamics', [shop, open])).offers).toEqual([]);
  });

  it('do not hold each other: slow, failing, garbled and tired ones are said, the others answer', async () => {
    for (const [fault, state] of [
      ['slowMs=3000', { state: 'slow' }],
      ['failing=true', { state: 'failed' }],
      ['garbled=true', { state: 'failed' }],
      ['limitS=7', { state: 'limited', waitS: 7 }],
    ] as const) {
      await faults(fault);
      const { offers, libraries } = await searchStock('a wall of bricks', [shop, open], 700);
      expect(libraries).toEqual([
        { id: 'shop', name: 'The shop', ...state },
        { id: 'open', name: 'Open', state: 'answered' },
      ]);
      expect(offers[0]?.title).toBe('A wall at dawn');
    }
    const gone = overHttp('gone', 'Gone', 'http://127.0.0.1:1');
    expect((await searchStock('wall', [gone, open])).libraries[0]?.state).toBe('failed');
  });

  it('show previews with the mark of the shop, made anew', async () => {
    const bytes = await stockPreview('shop', 'medal-dawn.webp', [shop]);
    const { format, width } = await sharp(bytes).metadata();
    expect([format, width]).toEqual(['webp', 480]);
    const grey = (of: Sharp) => of.resize(480, 320).removeAlpha().greyscale().raw().toBuffer();
    const plain = await grey(sharp(path.join(CONFIG.root, 'library/sold/medal-dawn.webp')));
    const seen = await grey(sharp(bytes));
    const apart = plain.map((v, i) => Math.abs(v - (seen[i] ?? 0)));
    // The mark lies over a part of it, plain to see; compression alone changes nothing so much.
    const changed = apart.filter((d) => d > 24).length / apart.length;
    expect(changed).toBeGreaterThan(0.02);
    expect(changed).toBeLessThan(0.6);
    expect(await code(stockPreview('shop', 'nothing.webp', [shop]))).toMatchObject({ code: 'library-away' });
    expect(await code(stockPreview('nobody', 'x', [shop]))).toEqual({ code: 'no-library' });
  });

  it('deliver once: a picture is paid when it is taken, and is on the shelf for every piece', async () => {
    const { offers } = await searchStock('a gold medal', [shop]);
    const offer = offers[0];
    expect(offer).toMatchObject({ id: 'medal-dawn.webp', priceCents: 350 });
    const ask = { library: 'shop', id: 'medal-dawn.webp', shownCents: 350 };
    expect(await code(takeStock({ ...ask, shownCents: 100 }, [shop]))).toEqual({
      ...{ code: 'price-changed', fromCents: 100, toCents: 350 },
    });
    const [one, two] = await Promise.all([takeStock(ask, [shop]), takeStock(ask, [shop])]);
    expect(one).toBe(two);
    const own = (await ownShelf()).pictures.get(one);
    expect(own).toMatchObject({ title: 'First place', licence: 'bought' });
    expect(own?.tags).toContain('winner');
    // It was taken off the shelf: taken again it is back, and not paid again. The shop is closed.
    await shelveAgain(one, false);
    expect((await ownShelf()).pictures.has(one)).toBe(false);
    await faults('failing=true');
    expect(await takeStock(ask, [shop])).toBe(one);
    expect((await ownShelf()).pictures.get(one)?.licence).toBe('bought');
    const scene = (assetId: string) => ({ ...emptyScene('s'), pictures: [placed(assetId)] });
    const cost = await costOf({ scenes: [scene(one), scene(one), scene('hourglass')] });
    expect(cost).toEqual({
      pictures: [{ assetId: one, title: 'First place', priceCents: 350 }],
      totalCents: 350,
    });
    await faults();
    expect((await searchStock('a gold medal', [shop])).offers[0]?.assetId).toBe(one);
  });

  it('say why nothing was taken: an offer that is gone, a shop that fails while it delivers', async () => {
    expect(await code(takeStock({ library: 'shop', id: 'never-seen', shownCents: 0 }, [shop]))).toEqual({
      code: 'offer-gone',
    });
    await searchStock('an ambulance', [shop]);
    await faults('failing=true');
    const asked = takeStock({ library: 'shop', id: 'ambulance-rain.webp', shownCents: 800 }, [shop]);
    expect(await code(asked)).toMatchObject({ code: 'library-away', library: 'The shop', state: 'failed' });
    expect(await costOf({ scenes: [] })).toEqual({ pictures: [], totalCents: 0 });
  });
});

describe('a library in a folder', () => {
  it('is read from JSON or CSV, again after a change, and shows nothing from outside the folder', async () => {
    const folder = await mkdtemp(path.join(tmpdir(), 'nabbet-library-'));
    const from = path.join(CONFIG.root, 'library/open/kite-rain.webp');
    await copyFile(from, path.join(folder, 'kite.webp'));
    await mkdir(path.join(folder, 'outside'));
    await symlink(from, path.join(folder, 'link.webp'));
    const rows = (title: string) => [
      { file: 'kite.webp', title, tags: ['Kite', ' Wind '], licence: 'free' },
      { file: '../kite.webp', title: 'kite', tags: [], licence: 'free' },
      { file: 'link.webp', title: 'kite', tags: [], licence: 'free' },
      { file: 'missing.webp', title: 'kite', licence: 'free' },
      { file: 'kite.webp.txt', title: 'kite' },
      { file: 'kite.webp', title: 'kite', licence: 'stolen' },
      'no row',
    ];
    await writeFile(path.join(folder, 'catalogue.json'), JSON.stringify(rows('A kite')));
    const library = inFolder('own', 'Own', folder);
    const search = () => library.search('kite', 9, AbortSignal.timeout(1000));
    expect(await search()).toMatchObject([
      { library: 'own', id: 'kite.webp', title: 'A kite', tags: ['kite', 'wind'] },
    ]);
    await writeFile(path.join(folder, 'catalogue.json'), JSON.stringify(rows('A better kite')));
    expect((await search())[0]?.title).toBe('A better kite');
    await writeFile(path.join(folder, 'catalogue.json'), '{');
    await expect(search()).rejects.toMatchObject({ state: { state: 'failed' } });
    const empty = inFolder('none', 'None', path.join(folder, 'outside'));
    await expect(empty.search('kite', 9, AbortSignal.timeout(1000))).rejects.toThrow(/no catalogue/);
  });

  it('is named by a setting, and a wrong one says what is wrong', () => {
    expect(
      librariesOf('A Shop=https://shop.example/; Ours=/srv/pictures').map((l) => [l.id, l.name]),
    ).toEqual([
      ['a-shop', 'A Shop'],
      ['ours', 'Ours'],
    ]);
    expect(() => librariesOf('nonsense')).toThrow(/Name=address/);
  });
});
