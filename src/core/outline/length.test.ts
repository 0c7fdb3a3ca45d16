import { expect, it } from 'vitest';
import { estimateSpeech } from '../text/reading.ts';
import { PACING } from '../timeline/pacing.ts';
import { lineMs, ONCE_MS, outlineMs, SCENE_MS } from './length.ts';
import type { OutlineLine } from './types.ts';

const line = (more: Partial<OutlineLine>): OutlineLine => ({
  ...{ ref: 'x', layout: 'caption', shown: 'The barge holds.', spoken: null, from: '', picture: null },
  ...{ assetId: null, durationMs: null, reasons: [], fixed: false },
  ...more,
});

it('a line takes what its voice needs and the pauses round it, or what was set, or the time of a silent scene', () => {
  const said = estimateSpeech('The barge holds.');
  expect(lineMs(line({}))).toBe(said + SCENE_MS);
  expect(lineMs(line({}), 2)).toBe(Math.round(said / 2) + SCENE_MS);
  expect(lineMs(line({ spoken: 'Rope.' }))).toBe(estimateSpeech('Rope.') + SCENE_MS);
  expect(lineMs(line({ spoken: '' }))).toBe(PACING.silentSceneMs);
  expect(lineMs(line({ spoken: '  ' }))).toBe(PACING.silentSceneMs);
  expect(lineMs(line({ durationMs: 1234 }))).toBe(1234);
  expect(lineMs(line({ durationMs: 0 }))).toBe(0);
});

it('an outline takes its lines and, once, the beginning and the end', () => {
  expect(outlineMs([])).toBe(0);
  expect(outlineMs([line({}), line({ durationMs: 1000 })], 1)).toBe(ONCE_MS + lineMs(line({})) + 1000);
  expect(outlineMs([line({})], 2)).toBe(ONCE_MS + lineMs(line({}), 2));
  expect(SCENE_MS).toBe(PACING.leadMs + PACING.tailMs.short);
  // A piece of one caption: the first lead, its voice, the longer tail of the last and its hold.
  expect(ONCE_MS + SCENE_MS).toBe(PACING.firstLeadMs + PACING.tailMs.long + PACING.endHoldMs);
});
