import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { type PaintAsk, paintSchema } from '../../api/shelf.ts';
import { lightOf } from '../../core/match/order.ts';
import { planWords } from '../../wording/painting.ts';
import { assetFile } from '../assets/record.ts';
import { ownShelf } from './own.ts';
import { paintToOrder, planPainting } from './painter.ts';
import { shelfToOurselves } from './testing.ts';

shelfToOurselves();

const ask = (more: Partial<PaintAsk>): PaintAsk =>
  paintSchema.validate({ words: 'x', format: '9:16', seed: 'one', ...more }).value;

describe('painting to order', () => {
  it('says what it will paint: the thing that the words mean, in the light that they ask for', async () => {
    const plan = await planPainting(
      ask({ words: 'The sand of the hourglass runs out tonight, at midnight.' }),
    );
    expect(plan.order).toMatchObject({ what: 'still-life/hourglass', light: 'night' });
    expect(planWords(plan)).toMatch(/hourglass.*at night/);
    expect(plan.sure).toBe(true);
    expect(plan.choices[0]?.what).toBe('still-life/hourglass');
    expect(plan.choices.length).toBeGreaterThan(60);
  });

  it('is honest about what it cannot paint, and paints what the writer chooses then', async () => {
    expect((await planPainting(ask({ words: 'Grzegorz Brzeczyszczykiewicz' }))).sure).toBe(false);
    const chosen = await planPainting(
      ask({ words: 'Grzegorz Brzeczyszczykiewicz', what: 'place/lake', light: 'dusk' }),
    );
    expect(chosen).toMatchObject({ sure: true, thing: false, order: { what: 'place/lake', light: 'dusk' } });
    await expect(planPainting(ask({ what: 'place/../../etc' }))).rejects.toMatchObject({
      failure: { code: 'cannot-paint' },
    });
  });

  it('paints the same order to the same picture, another seed to another, in the format’s own view, marked as machine-made', async () => {
    const order = ask({
      words: 'a candle for those who are gone',
      what: 'still-life/candle',
      stage: 'table',
      light: 'lamplit',
    });
    const first = await paintToOrder(order);
    expect(first).toMatchObject({ machineMade: true, licence: 'free', own: true });
    expect(first.views.tall).toMatchObject({ width: 1080, height: 1920 });
    expect((await paintToOrder(order)).id).toBe(first.id);
    const other = await paintToOrder({ ...order, seed: 'two', stage: 'hill', format: '16:9' });
    expect(other.id).not.toBe(first.id);
    expect(other.views.wide?.width).toBe(1920);
    expect((await ownShelf()).pictures.get(first.id)?.tags).toContain('machine-made');
    const { channels } = await sharp((await assetFile(first.id)) ?? '').stats();
    expect(channels[0]?.stdev).toBeGreaterThan(15);
  });

  it.each([
    ['It rained all day.', 'rain'],
    ['a rainy street', 'rain'],
    ['early in the morning', 'dawn'],
    ['by candle', 'lamplit'],
    ['the knight rode on', null],
  ])('reads the light from “%s”', (words, light) => {
    expect(lightOf(words)).toBe(light);
  });
});
