import { spawn } from 'node:child_process';
import { mkdtemp, readdir, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { seeded } from '../../core/hash.ts';
import { type Area, type Draw, IDENTITY } from '../../core/paint/list.ts';
import { placed, wholeOf } from '../../core/paint/pictures.ts';
import type { Texture } from '../../core/paint/textures.ts';
import { CONFIG, dataPath } from '../config.ts';
import { run } from '../program.ts';
import {
  againMessage,
  dropMessage,
  FORMS,
  type Form,
  frameMessage,
  rgba,
  startMessage,
  textureMessage,
} from './protocol.ts';

const SIZE = { width: 96, height: 64 };
const FRAME = (SIZE.width * SIZE.height * 3) / 2;

/** What a compositor does with an input: its frames, its exit code and what it says. */
async function fed(program: string, input: Uint8Array) {
  const child = spawn(program, [], {
    stdio: 'pipe',
    env: { ...process.env, ASAN_OPTIONS: 'detect_leaks=0' },
  });
  const out: Buffer[] = [];
  let said = '';
  child.stdout.on('data', (d: Buffer) => out.push(d));
  child.stderr.on('data', (d: Buffer) => {
    said += d.toString();
  });
  child.stdin.on('error', () => undefined);
  child.stdin.end(input);
  const code = await new Promise((r) => child.on('close', r));
  return { frames: Buffer.concat(out), code, said };
}

const joined = (...messages: (Uint8Array | Uint8Array[])[]): Buffer => Buffer.concat(messages.flat());
const words = (...list: number[]): Uint8Array => new Uint8Array(new Uint32Array(list).buffer);
const start = startMessage(SIZE);
const plain = { width: 8, height: 8 };
const grey = textureMessage(1, 'opaque', plain, new Uint8Array(8 * 8 * 4).fill(128));
const texture: Texture = { kind: 'plate', colour: '#808080', tint: null, ...plain };
const draw: Draw = placed(texture, wholeOf(plain), wholeOf(SIZE));
const frame = (...draws: Draw[]): Uint8Array => frameMessage(draws, () => 1);

/** A frame of one draw with one of its words changed. */
function bent(word: number, value: number | 'nan'): Uint8Array {
  const bytes = frame(draw);
  const at = 8 + word * 4;
  if (value === 'nan') new DataView(bytes.buffer).setFloat32(at, Number.NaN, true);
  else new DataView(bytes.buffer).setUint32(at, value, true);
  return bytes;
}

describe('the compositor', () => {
  const program = dataPath('bin', 'compositor');

  it('writes a frame for each list, and the same again where nothing changed', async () => {
    const { frames, code, said } = await fed(program, joined(start, grey, frame(draw), againMessage()));
    expect([code, said]).toEqual([0, '']);
    expect(frames.length).toBe(2 * FRAME);
    expect(frames.subarray(FRAME)).toEqual(frames.subarray(0, FRAME));
    // 128 of full range is 126 of limited range; no colour.
    expect([frames[0], frames[FRAME - 1]]).toEqual([126, 128]);
  });

  it('leaves out what later draws cover, which changes nothing: a frame is what its draws one by one come to', async () => {
    const random = seeded('covered');
    const within = (from: number, to: number) => from + random() * (to - from);
    const area = (): Area => ({
      ...{ x: within(-20, 80), y: within(-20, 50), width: within(2, 90), height: within(2, 60) },
      radius: random() < 0.3 ? within(1, 12) : 0,
      transform: random() < 0.2 ? [0.98, 0.17, -0.17, 0.98, within(-9, 9), within(-9, 9)] : IDENTITY,
    });
    const onPixels = (of: Area): Area => ({
      ...of,
      ...{
        x: Math.round(of.x),
        y: Math.round(of.y),
        width: Math.round(of.width),
        height: Math.round(of.height),
      },
    });
    const any = (): Draw => {
      const of = random() < 0.5 ? area() : onPixels(area());
      const common = { alpha: random() < 0.6 ? 1 : random(), clip: random() < 0.15 ? area() : null };
      const { radius: _, transform, ...to } = of;
      if (random() < 0.3)
        return { kind: 'texture', texture, from: wholeOf(plain), to, transform, blend: 'over', ...common };
      const colour = `rgba(${[0, 0, 0].map(() => Math.floor(within(0, 256))).join(', ')}, ${random() < 0.7 ? 1 : 0.4})`;
      return { kind: 'shape', area: of, colour, ...common };
    };
    const lists = Array.from({ length: 120 }, () => Array.from({ length: 9 }, any));
    const whole = await fed(program, joined(start, grey, ...lists.map((l) => frame(...l))));
    const single = await fed(program, joined(start, grey, ...lists.flatMap((l) => l.map((d) => frame(d)))));
    expect([whole.said, single.said]).toEqual(['', '']);
    lists.forEach((list, i) => {
      const last = (i + 1) * list.length - 1;
      const of = (frames: Buffer, n: number) => frames.subarray(n * FRAME, (n + 1) * FRAME);
      expect(of(whole.frames, i).equals(of(single.frames, last)), `list ${i}`).toBe(true);
    });
  });

  it.each([
    ['a frame before the start', joined(frame()), /before the start/],
    ['two starts', joined(start, start), /comes once/],
    ['an odd size', joined(startMessage({ width: 97, height: 64 })), /97 x 64/],
    ['a size beyond all measure', joined(startMessage({ width: 100_000, height: 64 })), /100000 x 64/],
    ['a texture that is not there', joined(start, frame(draw)), /texture 1 is not there/],
    [
      'a texture that was dropped',
      joined(start, grey, dropMessage(1), frame(draw)),
      /texture 1 is not there/,
    ],
    ['a drop of nothing', joined(start, dropMessage(7)), /texture 7 is not there/],
    ['a texture without its pixels', joined(start, words(2, 16, 1, 1, 8, 8)), /0 bytes of pixels/],
    ['a texture of an unknown form', joined(start, words(2, 20, 1, 9, 8, 8, 0)), /no form 9/],
    ['an id out of range', joined(start, words(2, 20, 70_000, 1, 8, 8, 0)), /ids go up to/],
    ['a part beyond the texture', joined(start, grey, bent(6, 0x44800000)), /does not have the part/],
    ['no number', joined(start, grey, bent(8, 'nan')), /not one of pixels/],
    ['an opacity of 2', joined(start, grey, bent(3, 0x40000000)), /opacity/],
    ['a draw of an unknown kind', joined(start, grey, bent(0, 5)), /unknown kind/],
    ['an unknown blend mode', joined(start, grey, bent(2, 9)), /unknown kind/],
    ['a texture that cannot be blended', joined(start, grey, bent(2, 1)), /wrong form/],
    ['half a message', joined(start, grey, frame(draw)).subarray(0, -5), /midst of a message/],
    ['half a head', joined(start, new Uint8Array(3)), /midst of a message/],
    ['a message of unknown kind', joined(start, words(99, 0)), /kind 99/],
    ['a message of 3 GB', joined(start, words(2, 3_000_000_000)), /3000000000 bytes/],
    ['a frame of half a draw', joined(start, words(4, 12, 1, 2, 3)), /12 bytes/],
    ['a frame again that never was', joined(start, againMessage()), /no frame before/],
  ])('ends with a message and without a frame for %s', async (_, input, message) => {
    const { frames, code, said } = await fed(program, input);
    expect(said).toMatch(message);
    expect([code, frames.length]).toEqual([2, 0]);
  });

  it('says so when nobody reads its frames any more', async () => {
    const child = spawn(program, [], { stdio: 'pipe' });
    child.stdin.on('error', () => undefined);
    child.stdout.destroy();
    let said = '';
    child.stderr.on('data', (d: Buffer) => {
      said += d.toString();
    });
    child.stdin.end(joined(start, frame()));
    expect(await new Promise((r) => child.on('close', r))).toBe(2);
    expect(said).toMatch(/cannot be written/);
  });
});

/** Lists of everything that may be drawn, in places and sizes where something could go wrong. */
function randomInput(seed: string, mistakes: boolean): Buffer {
  const random = seeded(seed);
  const among = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const coordinate = () =>
    among([0, 1, -1, 0.5, 2, SIZE.width, SIZE.height, 1e4, -1e4, 3e5, random() * 200 - 60, random() * 1e-5]);
  const extent = () => among([1, 2, 0.01, 8, SIZE.width, SIZE.height, 1e5, random() * 200, 0, -3]);
  const turn = () =>
    among([
      IDENTITY,
      [1, 0, 0, 1, coordinate(), coordinate()],
      Array.from({ length: 6 }, () => random() * 4 - 2),
    ]) as Area['transform'];
  const area = (): Area => ({
    ...{ x: coordinate(), y: coordinate(), width: extent(), height: extent() },
    ...{ radius: among([0, 3, 500]), transform: turn() },
  });
  const forms = Object.keys(FORMS) as Form[];
  const textures = Array.from({ length: 6 }, () => ({
    form: among(forms),
    width: 2 * (1 + Math.floor(random() * 30)),
    height: 2 * (1 + Math.floor(random() * 30)),
  }));
  const pixels = (bytes: number) => Uint8Array.from({ length: bytes }, () => Math.floor(random() * 256));
  const sent = textures.map((t, i) =>
    textureMessage(i, t.form, t, pixels(t.width * t.height * (t.form === 'opaqueI420' ? 1.5 : 4))),
  );
  const ids = new Map<Texture, number>();
  const frames = Array.from({ length: 6 }, () =>
    Array.from({ length: 8 }, (): Draw => {
      const common = { alpha: among([0, 1, 0.5, random()]), clip: random() < 0.4 ? area() : null };
      if (random() < 0.4)
        return { kind: 'shape', area: area(), colour: among(['#ffd23f', 'rgba(1, 2, 3, 0.5)']), ...common };
      const i = Math.floor(random() * textures.length);
      const t = textures[i] as (typeof textures)[number];
      const of: Texture = { kind: 'plate', colour: '#000000', tint: null, width: t.width, height: t.height };
      ids.set(of, i);
      const blended = t.form === 'forBlending';
      const whole = random() < 0.5;
      const from = whole
        ? wholeOf(t)
        : {
            x: random() * t.width * 0.5,
            y: random() * t.height * 0.5,
            width: t.width * 0.49,
            height: t.height * 0.5,
          };
      const to = { x: coordinate(), y: coordinate(), width: extent(), height: extent() };
      const exact = {
        ...wholeOf(t),
        x: 2 * Math.floor(random() * 60 - 30),
        y: 2 * Math.floor(random() * 60 - 30),
      };
      return {
        ...placed(of, from, whole && random() < 0.5 ? exact : to),
        ...common,
        transform: blended ? IDENTITY : turn(),
        blend: blended ? among(['screen', 'soft-light', 'multiply']) : 'over',
      };
    }),
  );
  const input = joined(
    start,
    ...sent,
    ...frames.map((draws) => frameMessage(draws, (d) => ids.get(d.texture) ?? 0)),
    dropMessage(0),
    againMessage(),
  );
  if (mistakes)
    for (let k = 0; k < 8; k++) input[Math.floor(random() * input.length)] = Math.floor(random() * 256);
  return input;
}

describe('with its memory and its arithmetic watched', () => {
  let folder = '';
  beforeAll(async () => {
    folder = await mkdtemp(path.join(tmpdir(), 'nabbet-watched-'));
    const sources = path.join(CONFIG.root, 'src/server/frames/compositor');
    const files = (await readdir(sources)).filter((f) => f.endsWith('.c')).map((f) => path.join(sources, f));
    const watched = ['-fsanitize=address,undefined', '-fno-sanitize-recover=all', '-g', '-O1'];
    await run('gcc', ['-std=gnu11', ...watched, ...files, '-o', path.join(folder, 'watched'), '-lm']);
  });
  afterAll(() => rm(folder, { recursive: true, force: true }));

  it('draws any list', async () => {
    for (let i = 0; i < 60; i++) {
      const { code, said, frames } = await fed(path.join(folder, 'watched'), randomInput(`list ${i}`, false));
      expect([code, said], `list ${i}`).toEqual([0, '']);
      expect(frames.length).toBe(7 * FRAME);
    }
  });

  it('draws or refuses any list with mistakes in it', async () => {
    const codes: unknown[] = [];
    for (let i = 0; i < 120; i++) {
      const { code, said } = await fed(path.join(folder, 'watched'), randomInput(`wrong ${i}`, true));
      expect(said, `list ${i}`).toMatch(/^(compositor: [^\n]*\n)?$/);
      codes.push(code);
    }
    expect(new Set(codes)).toEqual(new Set([0, 2]));
  });
});

describe('colours', () => {
  it.each([
    ['#ffd23f', 0xffd23fff],
    ['#000000', 0xff],
    ['rgba(20, 14, 30, 0.16)', 0x140e1e29],
  ])('%s', (colour, value) => expect(rgba(colour)).toBe(value));

  it.each(['red', '#fff', 'rgba(300, 0, 0, 1)', ''])('“%s” is none of a list', (colour) => {
    expect(() => rgba(colour)).toThrow(/neither/);
  });
});
