import { expect, it } from 'vitest';
import { judgeOthers } from './judged.ts';

it('says of pages by others what stands by itself, by the judgement of another tagger', async () => {
  const { pages, lines, shares, faults } = await judgeOthers();
  expect(pages).toBeGreaterThanOrEqual(40);
  expect(lines).toBeGreaterThan(500);
  const found = JSON.stringify(faults, null, 1);
  expect(shares.hangs, found).toBeLessThanOrEqual(0.005);
  expect(shares['empty-start'], found).toBeLessThanOrEqual(0.005);
  expect(shares['no-verb'], found).toBeLessThanOrEqual(0.02);
  expect(shares.numbered, found).toBe(0);
  expect(shares.twice, found).toBeLessThanOrEqual(0.005);
  expect(shares.code, found).toBeLessThanOrEqual(0.005);
});
