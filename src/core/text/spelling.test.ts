import { describe, expect, it } from 'vitest';
import { isKnownWord, spelledWords, swaps } from './spelling.ts';

describe('words that English makes of two', () => {
  const listed = (w: string) => ['clock', 'rain', 'maker', 'Keeper', 'tea'].includes(w);
  it('are known by their first part', () => {
    expect(isKnownWord('clock', listed)).toBe(true);
    expect(isKnownWord('clockmaker', listed)).toBe(true);
    expect(isKnownWord('clockmakers', listed)).toBe(true);
    expect(isKnownWord('rainPROOF', listed)).toBe(true);
    expect(isKnownWord('clokmaker', listed)).toBe(false);
    expect(isKnownWord('clockmakerly', listed)).toBe(false);
    expect(isKnownWord('aclockmaker', listed)).toBe(false);
    expect(isKnownWord('xxmaker', () => true)).toBe(true);
    expect(isKnownWord('xxmaker', (w) => w === 'xx')).toBe(false);
  });
});

describe('two letters changed round', () => {
  it('are all neighbours once, and a capital stays in front', () => {
    expect(swaps('baot')).toEqual(['abot', 'boat', 'bato']);
    expect(swaps('Obat')).toEqual(['Boat', 'Oabt', 'Obta']);
    expect(swaps('oBat')[0]).toBe('Boat');
    expect(swaps('ab')).toEqual(['ba']);
    expect(swaps('a')).toEqual([]);
    expect(swaps('')).toEqual([]);
  });
});

describe('what is looked up at all', () => {
  const found = (text: string) => spelledWords(text).map((w) => w.word);
  it('leaves names, numbers, tags, addresses and blanks alone', () => {
    expect(found('the qat')).toEqual(['the', 'qat']);
    expect(found('She met Osei in Lower Marsh')).toEqual(['She', 'met', 'in']);
    expect(found('met at 5pm with 3x ABCs and iPhones')).toEqual(['met', 'at', 'with', 'and']);
    expect(found('see #qat and @qat or /qat now')).toEqual(['see', 'and', 'or', 'now']);
    expect(found('take ‹their name› then')).toEqual(['take', 'then']);
    expect(found('It ended. Then “Come in”: Yes')).toEqual(['It', 'ended', 'Then', 'in', 'Yes']);
    expect(found('a b qat')).toEqual(['qat']);
    expect(found('Ida’s well-kept x-qat')).toEqual(['Ida', 'well', 'kept', 'qat']);
    expect(spelledWords('a well-kept boat').map((w) => [w.start, w.end])).toEqual([
      [2, 6],
      [7, 11],
      [12, 16],
    ]);
  });
});
