import { describe, expect, it } from 'vitest';
import { picture, scene } from '../piece/testing.ts';
import type { Placement, Scene } from '../piece/types.ts';
import { comesBack, withTitlePicture } from './comes-back.ts';

const title = (shown: string, more: Partial<Scene> = {}) => scene('t', shown, { layout: 'title', ...more });
const end = (shown: string, more: Partial<Scene> = {}) => scene('e', shown, { layout: 'end', ...more });
const nabbed = (assetId: string, confidence = 0.8): Placement =>
  picture(assetId, { by: 'nab', confidence, reasons: [{ code: 'word', word: assetId }] });

describe('the picture of the title comes back', () => {
  it.each([
    ['the same name with the site', 'Three reasons for the Evening Tea', 'Evening Tea\nFennick', true],
    ['another form of the word', 'The last ferries', 'The last ferry\nHarbour Post', true],
    ['a call', 'The last ferry', 'Come by on Saturday', false],
    ['more than the title says', 'The last ferry', 'The last ferry and the bridge', false],
    ['nothing that can be seen', 'The last ferry', '2024\nHarbour Post', false],
  ])('closing card with %s', (_, opening, closing, back) => {
    expect(comesBack([title(opening), scene('b', 'She waits.'), end(closing)]).has('e')).toBe(back);
  });

  it('not for captions that say the title, nor where a brief asks for something, nor without a title', () => {
    const ferry = 'The last ferry';
    expect([...comesBack([title(ferry), scene('b', ferry)])]).toEqual([]);
    expect([...comesBack([title(ferry), end(ferry, { brief: 'an anchor' })])]).toEqual([]);
    expect([...comesBack([scene('a', ferry), end(ferry)])]).toEqual([]);
    expect([...comesBack([])]).toEqual([]);
  });

  it('for the card with the price, but no other figure', () => {
    const card = (ref: string) =>
      scene('p', '€ 64,90\ninstead of € 79,00', { layout: 'figure', from: { ref, text: '€ 64,90' } });
    expect([...comesBack([title('Meet the stool'), card('news:price')])]).toEqual(['p']);
    expect([...comesBack([title('Meet the stool'), card('news:rating')])]).toEqual([]);
  });

  it('with what was found for the card itself at hand, and only where it is no guess', () => {
    const scenes = [title('Evening tea'), scene('b', 'It steeps.'), end('Evening tea\nFennick')];
    const found = { t: nabbed('teapot'), b: nabbed('cup'), e: nabbed('crate') };
    const out = withTitlePicture(scenes, found);
    expect(out.e).toMatchObject({ assetId: 'teapot', by: 'nab', reasons: [{ code: 'comes-back' }] });
    expect(out.e?.alternatives[0]).toEqual({ assetId: 'crate', reasons: found.e.reasons });
    expect([out.t, out.b]).toEqual([found.t, found.b]);
    const weak = { ...found, t: nabbed('teapot', 0.4) };
    expect(withTitlePicture(scenes, weak)).toEqual(weak);
    // The writer's own picture of the title comes back too, and nabbing may change it again.
    const own = [title('Evening tea', { pictures: [picture('mine', { by: 'writer', confidence: 1 })] })];
    const rest = { b: found.b, e: found.e };
    const kept = withTitlePicture([...own, ...scenes.slice(1)], rest);
    expect(kept.e).toMatchObject({ assetId: 'mine', by: 'nab' });
  });
});
