import { readFile } from 'node:fs/promises';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { faceSvg, photoOf } from '../../../studio/fixtures/faces.ts';
import { readCascade } from '../../core/picture/faces.ts';
import { coverCrop } from '../../core/timeline/framing.ts';
import { CONFIG } from '../config.ts';
import { analysePicture, facesIn } from './analyse.ts';
import { importPicture } from './assets.ts';

const BALL = '<circle cx="130" cy="430" r="95" fill="#e0202a"/>';

describe('faces', () => {
  it('are found where they are, whatever their size, largest first', async () => {
    for (const [x, y, height] of [
      [450, 300, 320],
      [200, 260, 220],
      [700, 300, 160],
    ] as const) {
      const [face, ...more] = await facesIn(await photoOf(faceSvg(x, y, height)));
      expect(more).toEqual([]);
      if (!face) throw new Error(`no face at ${x}`);
      expect(Math.abs((face[0] + face[2] / 2) * 900 - x)).toBeLessThan(height * 0.15);
      expect(Math.abs((face[1] + face[3] / 2) * 600 - y)).toBeLessThan(height * 0.2);
    }
    const two = await facesIn(await photoOf(faceSvg(220, 300, 160) + faceSvg(640, 300, 240)));
    expect(two).toHaveLength(2);
    expect(two[0]?.[0]).toBeGreaterThan(0.5);
  });

  it('are not seen in what is none', async () => {
    expect(await facesIn(await photoOf(BALL))).toEqual([]);
    for (const id of ['forest-path', 'hourglass', 'street', 'fruit-bowl', 'parcel', 'house-key'])
      expect(await facesIn(await readFile(path.join(CONFIG.shelf, `${id}-wide.webp`))), id).toEqual([]);
  });

  it('stay whole in a tall frame, also beside something brighter, and two of them both', async () => {
    const seen = async (svg: string) => {
      const { focal } = await analysePicture(await photoOf(svg));
      return { focal, crop: coverCrop(900, 600, 9 / 16, focal) };
    };
    const ball = await seen(BALL);
    const face = await seen(BALL + faceSvg(640, 260, 200));
    expect(ball.crop.x + ball.crop.width).toBeLessThan(480);
    expect(face.crop.x).toBeLessThanOrEqual(570);
    expect(face.crop.x + face.crop.width).toBeGreaterThanOrEqual(710);
    const { focal } = await seen(faceSvg(250, 300, 170) + faceSvg(600, 300, 190));
    expect(focal[0] * 900).toBeLessThan(200);
    expect((focal[0] + focal[2]) * 900).toBeGreaterThan(660);
  });

  it('are counted when a photo is taken in', async () => {
    const record = await importPicture(await photoOf(faceSvg(300, 300, 240) + faceSvg(640, 300, 240)), {
      title: 'Two',
      licence: 'own',
      origin: null,
    });
    expect(record.faces).toBe(2);
  });

  it('need a cascade that is whole', () => {
    expect(() => readCascade([20, 20, 0.8, 2, 0, 1, 3])).toThrow(/ends too early/);
    expect(() => readCascade([20, 20, 0.8, 1, 1, 1, 0, 0, 2, 2, 1, 0, 0, 0])).toThrow(/tilted/);
  });
});
