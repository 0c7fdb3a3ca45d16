import { describe, expect, it } from 'vitest';
import { completeOrder, LIGHTS, lightOf, STAGES } from './order.ts';

describe('a picture that is painted to order', () => {
  it.each([
    ['We met at midnight.', 'night'],
    ['The rain would not stop.', 'rain'],
    ['Sunset over the bay', 'dusk'],
    ['An early breakfast', 'dawn'],
    ['The leaves fall in October.', 'autumn'],
    ['A cosy corner', 'lamplit'],
    ['A sunny day', 'noon'],
    ['A rainy evening', 'rain'],
    ['Nightingale and brain', null],
    ['', null],
  ])('“%s” asks for the light “%s”', (words, light) => expect(lightOf(words)).toBe(light));

  it('is what was asked for, in the light of the words or of the writer', () => {
    const order = completeOrder('still-life/cup', 'table', 'A cup at sunrise', 's1');
    expect(order).toMatchObject({ what: 'still-life/cup', light: 'dawn', seed: 's1' });
    expect(completeOrder('still-life/cup', 'table', 'A cup at sunrise', 's1', { light: 'night' }).light).toBe(
      'night',
    );
    expect(completeOrder('still-life/cup', 'table', '', 's1', { stage: 'hill' }).stage).toBe('hill');
    expect(completeOrder('still-life/cup', 'table', '', 's1')).toEqual(
      completeOrder('still-life/cup', 'table', '', 's1'),
    );
  });

  it('differs from seed to seed, within what makes sense', () => {
    const orders = Array.from({ length: 60 }, (_, i) =>
      completeOrder('still-life/cup', 'table', '', `s${i}`),
    );
    expect(new Set(orders.map((o) => o.stage))).toEqual(new Set(['table', 'sill', 'sheets', 'hill']));
    for (const { stage, light } of orders) {
      const inside = ['kitchen', 'lamplit', 'dawn'];
      expect(stage === 'table' ? inside : ['noon', 'dawn', 'dusk', 'autumn']).toContain(light);
      expect(STAGES).toContain(stage);
      expect(LIGHTS).toContain(light);
    }
    expect(new Set(orders.filter((o) => o.stage === 'table').map((o) => o.light)).size).toBe(3);
    expect(new Set(orders.filter((o) => o.stage !== 'table').map((o) => o.light)).size).toBe(4);
    // What is drawn from above stands on no sill.
    const above = Array.from({ length: 40 }, (_, i) =>
      completeOrder('still-life/dish', 'above', '', `s${i}`),
    );
    expect(new Set(above.map((o) => o.stage))).toEqual(new Set(['above', 'sheets']));
    expect(
      above.filter((o) => o.stage === 'above').every((o) => ['kitchen', 'lamplit', 'dawn'].includes(o.light)),
    ).toBe(true);
    // Another thing with the same seed is another picture.
    const other = Array.from({ length: 60 }, (_, i) => completeOrder('still-life/jug', 'table', '', `s${i}`));
    expect(other.map((o) => `${o.stage} ${o.light}`)).not.toEqual(orders.map((o) => `${o.stage} ${o.light}`));
  });
});
