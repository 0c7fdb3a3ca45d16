import { describe, expect, it } from 'vitest';
import { MIX } from '../sound/mix.ts';
import { gainFor, LOUDNESS_VALUES } from './loudness.ts';
import { deliveryName, plainName } from './name.ts';

const of = {
  title: 'The “Gate”: a/b',
  format: '1:1',
  height: 720,
  kind: 'mp4' as const,
  language: null,
  date: '2026-03-04',
};

describe('the name of a delivery', () => {
  it('is its title, format and lines, or as its pattern says', () => {
    expect(deliveryName('', of)).toBe('The Gate ab 1x1 720p.mp4');
    expect(deliveryName('{date} {Title} final', of)).toBe('2026-03-04 The Gate ab final.mp4');
    expect(deliveryName('', { ...of, language: 'de' })).toBe('The Gate ab 1x1 720p de.mp4');
    expect(deliveryName('{title}_{language}', { ...of, language: 'de' })).toBe('The Gate ab_de.mp4');
    expect(deliveryName('{lines}-{format}', { ...of, kind: 'cover' })).toBe('720p-1x1.jpg');
  });

  it('leaves out what its kind does not have, and never becomes a path or nothing', () => {
    expect(deliveryName('', { ...of, kind: 'sound', language: 'de' })).toBe('The Gate ab.m4a');
    expect(deliveryName('{lines}', { ...of, kind: 'sound' })).toBe('video.m4a');
    expect(deliveryName('../{title}/../x {nothing}', of)).toBe('The Gate abx.mp4');
    expect(deliveryName('{title}', { ...of, title: '\u{1F6A2}' })).toBe('video.mp4');
    expect(plainName(' .. ')).toBe('video');
  });
});

describe('the loudness of a delivery', () => {
  it('only ever takes away from the mix', () => {
    expect(LOUDNESS_VALUES.map(gainFor)).toEqual([0, -2, -5, -9]);
    expect(Math.max(...LOUDNESS_VALUES)).toBe(MIX.targetLufs);
  });
});
