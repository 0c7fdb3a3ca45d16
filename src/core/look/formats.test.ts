import { describe, expect, it } from 'vitest';
import { seeded } from '../hash.ts';
import { byFormat, FORMATS, type Format, formatFrom, isFormat, ratioOf, stageOf } from './formats.ts';
import { LAYOUT_NAMES, LAYOUTS, type WordLayout } from './layouts.ts';
import { SAFE, SAFE_LEFT, scales } from './looks/make.ts';
import { LOOK_NAMES, lookOf } from './looks.ts';

const OWN = ['1:3', '2:3', '3:4', '5:6', '4:3', '3:2', '2:1', '7:3', '3:1'] as const;

describe('proportions that somebody writes', () => {
  it.each([
    ['9:16', '9:16'],
    [' 18 : 32 ', '9:16'],
    ['1200x628', '300:157'],
    ['1080 × 1350', '4:5'],
    ['2.35:1', '47:20'],
    ['2,35 to 1', '47:20'],
    ['21/9', '7:3'],
    ['3 by 2', '3:2'],
    ['3:1', '3:1'],
  ])('%s is %s', (text, format) => {
    expect(formatFrom(text)).toBe(format);
  });

  it.each([
    '',
    'tall',
    '3',
    '3:',
    ':2',
    '0:1',
    '0x0',
    '3.1:1',
    '1:4',
    '16:9:1',
    '-3:2',
    '99999:99998',
    '1e3:5',
  ])('%j is none', (text) => {
    expect(formatFrom(text)).toBeNull();
  });

  it('are stored in one way', () => {
    for (const format of [...FORMATS, ...OWN]) expect(isFormat(format)).toBe(true);
    for (const text of ['18:32', '3 : 2', '1.5:1', '3x2', '4:1']) expect(isFormat(text)).toBe(false);
    const random = seeded('formats');
    for (let i = 0; i < 300; i++) {
      const [w, h] = [1 + Math.floor(random() * 2000), 1 + Math.floor(random() * 2000)];
      const format = formatFrom(`${w}x${h}`);
      if (!format) expect(Math.max(w / h, h / w)).toBeGreaterThan(3);
      else {
        expect(formatFrom(format)).toBe(format);
        const stage = stageOf(format);
        expect(Math.min(stage.width, stage.height)).toBe(1080);
        expect(stage.width % 2 || stage.height % 2).toBe(0);
        expect(Math.abs(ratioOf(stage) / (w / h) - 1)).toBeLessThan(0.002);
      }
    }
  });
});

describe('what a look says of a format', () => {
  it('of an own one lies between those of its neighbours', () => {
    const between = (n: number, a: number, b: number) =>
      n >= Math.min(a, b) - 1e-3 && n <= Math.max(a, b) + 1e-3;
    const share = (f: Format) => SAFE(f).bottom / stageOf(f).height;
    expect(between(share('2:3'), share('9:16'), share('4:5'))).toBe(true);
    expect(between(share('3:2'), share('1:1'), share('16:9'))).toBe(true);
    const size = (f: Format) => scales(100, 50, 6, 40)(f).largest;
    expect(size('2:3')).toBeLessThan(size('9:16'));
    expect(size('2:3')).toBeGreaterThan(size('4:5'));
    // Taller and wider ones than the offered are as the last of those, in shares.
    expect(SAFE('1:3').bottom / 3240).toBeCloseTo(share('9:16'), 3);
    expect(SAFE('3:1').width / 3240).toBeCloseTo(SAFE('16:9').width / 1920, 3);
  });

  it('of proportions next to an offered one is nearly what is said of that', () => {
    for (const [own, offered] of [
      ['99:100', '1:1'],
      ['100:177', '9:16'],
      ['177:100', '16:9'],
    ] as const) {
      for (const zone of [SAFE, SAFE_LEFT]) {
        expect(Math.abs(zone(own).x - zone(offered).x)).toBeLessThan(14);
        expect(Math.abs(zone(own).width - zone(offered).width)).toBeLessThan(24);
        expect(Math.abs(zone(own).bottom - zone(offered).bottom)).toBeLessThan(24);
      }
    }
  });

  it.each(LOOK_NAMES)('%s has room for words and pictures in any', (name) => {
    const look = lookOf(name);
    for (const format of [...FORMATS, ...OWN]) {
      const stage = stageOf(format);
      for (const layout of LAYOUT_NAMES.filter((l): l is WordLayout => LAYOUTS[l].words !== null)) {
        const { zones, scale, picture } = look.layouts[layout];
        const zone = (zones ?? look.zones)(format);
        const { largest, lines, ...of } = scale(format);
        const smallest = Math.min(largest, of.smallest, 90);
        expect(zone.x).toBeGreaterThanOrEqual(0);
        expect(zone.x + zone.width).toBeLessThanOrEqual(stage.width);
        expect(zone.top).toBeGreaterThanOrEqual(0);
        expect(zone.bottom).toBeLessThanOrEqual(stage.height);
        // At least two lines of the smallest size, and a line of some words.
        expect(zone.bottom - zone.top).toBeGreaterThan(smallest * 2);
        expect(zone.width).toBeGreaterThan(smallest * 4.5);
        expect(Number.isInteger(lines) && lines > 0).toBe(true);
        const area = picture?.area(stage, format);
        if (!area) continue;
        expect(area.x >= 0 && area.y >= 0).toBe(true);
        expect(area.x + area.width).toBeLessThanOrEqual(stage.width);
        expect(area.y + area.height).toBeLessThanOrEqual(stage.height);
        expect(Math.min(area.width, area.height)).toBeGreaterThan(250);
      }
    }
  });
});

it('is worked out once for each format, and forgets when there are too many', () => {
  const asked: Format[] = [];
  const of = byFormat((format) => {
    asked.push(format);
    return format;
  });
  expect([of('3:2'), of('3:2'), of('4:5')]).toEqual(['3:2', '3:2', '4:5']);
  expect(asked).toEqual(['3:2', '4:5']);
  for (let i = 0; i < 200; i++) of(`${1000 + i}:1001`);
  expect(of('3:2')).toBe('3:2');
  expect(asked.filter((f) => f === '3:2')).toHaveLength(2);
});
