import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { Failed } from '../../core/failure.ts';
import { failureWords } from '../../wording/failures.ts';
import { importPicture } from './assets.ts';
import { safeDrawing } from './drawing.ts';
import { tagsFrom, titleFromName } from './keywords.ts';
import { blurredFile } from './lookup.ts';
import { assetFile } from './record.ts';

const about = { title: 'x', licence: 'own' as const, origin: null };
const svg = (inner: string, more = '') =>
  Buffer.from(
    `<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" viewBox="0 0 300 200"${more}>${inner}</svg>`,
  );
const pixel = async (id: string, x: number, y: number) => {
  const { data, info } = await sharp((await assetFile(id)) ?? '')
    .raw()
    .toBuffer({ resolveWithObject: true });
  const at = (Math.floor(y * info.height) * info.width + Math.floor(x * info.width)) * info.channels;
  return [...data.subarray(at, at + 3)];
};

describe('drawings', () => {
  it('lose what could run or be fetched, and keep what is drawn', () => {
    const safe = safeDrawing(
      svg(
        `<script>alert(1)</script><foreignObject><p>x</p></foreignObject>
        <image href="file:///etc/passwd"/><image xlink:href="http://example.invalid/a.png"/>
        <style>@import url(http://example.invalid/x.css);</style>
        <rect id="r" width="10" height="10" onclick="alert(2)" fill="url(http://example.invalid/#g)"/>
        <circle r="5" fill="url(#g)"/><use href="#r"/><a href="javascript:alert(3)"><path d="M0 0"/></a>`,
        ' onload="alert(4)"',
      ),
    ).toString();
    expect(safe).not.toMatch(/script|alert|foreignObject|passwd|example\.invalid|onload|onclick|@import/i);
    expect(safe).toMatch(/<circle[^>]*url\(#g\)/);
    expect(safe).toMatch(/<use[^>]*#r/);
  });

  it('do not grow by their own entities', () => {
    const bomb = Buffer.from(
      `<?xml version="1.0"?><!DOCTYPE svg [<!ENTITY a "ha"><!ENTITY b "&a;&a;"><!ENTITY x SYSTEM "file:///etc/passwd">]>${svg('<text>&x;&b;</text>')}`,
    );
    expect(safeDrawing(bomb).toString()).not.toMatch(/ENTITY|SYSTEM|root:/);
  });

  it('that use their parts without end are refused before they are drawn, an honest one is not', () => {
    const nested = (depth: number, times: number) =>
      svg(
        `<defs><g id="g0"><circle r="9"/></g>${Array.from(
          { length: depth },
          (_, i) => `<g id="g${i + 1}">${`<use href="#g${i}"/>`.repeat(times)}</g>`,
        ).join('')}</defs><use href="#g${depth}"/>`,
      );
    const refusal = (bytes: Buffer) => {
      try {
        safeDrawing(bytes);
        return null;
      } catch (e) {
        return (e as Failed).failure.code;
      }
    };
    expect(refusal(nested(3, 10))).toBeNull();
    expect(refusal(nested(9, 10))).toBe('drawing-repeats');
    expect(refusal(svg('<g id="a"><use href="#b"/></g><g id="b"><use xlink:href="#a"/></g>'))).toBe(
      'drawing-repeats',
    );
    expect(refusal(Buffer.from(`<svg>${'<!DOCTYPE svg ['.repeat(60_000)}</svg>`))).not.toBe(
      'drawing-repeats',
    );
    expect(
      safeDrawing(
        Buffer.from('<!-- <svg> is below --><svg viewBox="0 0 9 9"><rect width="9"/></svg>'),
      ).toString(),
    ).toMatch(/^<svg[^>]*><rect/);
  });

  it('get a ground on which they can be seen: white, or ink under a light one', async () => {
    const dark = await importPicture(
      svg('<rect x="100" y="50" width="100" height="100" fill="#203050"/>'),
      about,
    );
    expect(dark.cutOut).toBe(true);
    expect(await pixel(dark.id, 0.05, 0.05)).toEqual([255, 255, 255]);
    const light = await importPicture(
      svg('<rect x="100" y="50" width="100" height="100" fill="#fff8e0"/>'),
      about,
    );
    expect((await pixel(light.id, 0.05, 0.05)).every((v) => v < 60)).toBe(true);
    expect(Math.max(dark.width, dark.height)).toBe(1600);
  });

  it('that are empty or damaged are refused in words', async () => {
    for (const [bytes, says] of [
      [svg('<image href="http://example.invalid/only.png" width="300" height="200"/>'), /nothing to be seen/],
      [Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"'), /damaged|nothing/],
    ] as const) {
      const e = await importPicture(bytes, about).catch((x) => x);
      expect(e).toBeInstanceOf(Failed);
      expect(failureWords((e as Failed).failure)).toMatch(says);
    }
  });
});

describe('what a file says of itself', () => {
  it('becomes title and keywords (IPTC and XMP), read before they are dropped', async () => {
    const xmp = `<?xpacket begin="" id="W5M0MpCehiHzreSzNTczkc9d"?><x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><rdf:Description xmlns:dc="http://purl.org/dc/elements/1.1/"><dc:title><rdf:Alt><rdf:li xml:lang="x-default">Lock gates</rdf:li></rdf:Alt></dc:title><dc:description><rdf:Alt><rdf:li xml:lang="x-default">The upper gates, open.</rdf:li></rdf:Alt></dc:description><dc:subject><rdf:Bag><rdf:li>Canal</rdf:li><rdf:li>lock</rdf:li></rdf:Bag></dc:subject></rdf:Description></rdf:RDF></x:xmpmeta><?xpacket end="w"?>`;
    const bytes = await sharp({ create: { width: 400, height: 300, channels: 3, background: '#446' } })
      .withXmp(xmp)
      .jpeg()
      .toBuffer();
    expect(await importPicture(bytes, about)).toMatchObject({
      title: 'Lock gates',
      description: 'The upper gates, open.',
      keywords: ['canal', 'lock'],
    });
  });

  it('comes from its name and its folders too, where they are words', () => {
    expect(titleFromName('spring_Market-2.jpg')).toBe('Spring Market 2');
    expect(titleFromName('DSC_0042.JPG')).toBe('');
    expect(tagsFrom('IMG_2231.HEIC', 'Garden club/2026 harvest', ['Apples'.toLowerCase()])).toEqual([
      'apples',
      'garden',
      'club',
      'harvest',
    ]);
    expect(tagsFrom('final copy of ropeMaker.png', '', [])).toEqual(['rope', 'maker']);
  });
});

it('a soft copy for the surround is made once, small and without a photo’s detail', async () => {
  const noise = await sharp({
    create: {
      width: 600,
      height: 400,
      channels: 3,
      background: '#808080',
      noise: { type: 'gaussian', mean: 128, sigma: 60 },
    },
  })
    .png()
    .toBuffer();
  const { id } = await importPicture(noise, about);
  const file = (await blurredFile(id, 'wide')) ?? '';
  const { width } = await sharp(file).metadata();
  expect(width).toBe(48);
  const { channels } = await sharp(file).stats();
  expect(channels[0]?.stdev).toBeLessThan(6);
  expect(await blurredFile('nothing-here', 'wide')).toBeNull();
});
