import { describe, expect, it } from 'vitest';
import { photoSpan } from './photo-span.ts';

const at = (...times: string[]) => times.map((t) => (t.includes('T') ? t : `2026-11-19T${t}`));

describe('over what time photos were taken', () => {
  it.each([
    ['evening', at('17:10:00', '23:40:00', '2026-11-20T01:30:00')],
    ['morning', at('06:10:00', '11:40:00')],
    ['afternoon', at('12:10:00', '17:40:00')],
    ['day', at('09:10:00', '21:40:00')],
    ['few-days', at('09:10:00', '2026-11-21T08:00:00')],
    ['longer', at('09:10:00', '2026-12-21T08:00:00')],
  ] as const)('%s', (span, times) => {
    expect(photoSpan(times)).toBe(span);
  });

  it('is not said when most photos do not say, or what they say is no time', () => {
    expect(photoSpan([null, null, ...at('18:00:00')])).toBeNull();
    expect(photoSpan([])).toBeNull();
    expect(photoSpan(['yesterday'])).toBeNull();
    expect(photoSpan([null, ...at('18:00:00', '19:00:00')])).toBe('evening');
  });
});
