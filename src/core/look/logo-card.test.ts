import { describe, expect, it } from 'vitest';
import { picture, piece, scene } from '../piece/testing.ts';
import { AUTO_FRAMING, type Scene } from '../piece/types.ts';
import { compile } from '../timeline/compile.ts';
import { setter } from '../timeline/testing.ts';
import { type AssetFact, NO_FACTS } from '../timeline/types.ts';
import { FORMATS } from './formats.ts';
import { luminanceOf, ratioOf } from './legible.ts';
import { logoGround } from './logo-card.ts';
import { LOOK_NAMES } from './looks.ts';

const LOGO: AssetFact = {
  ...{ id: 'logo', kind: 'still', loopFrames: 0, durationMs: 0, sound: false },
  views: { wide: { width: 900, height: 300, focal: [0, 0, 1, 1] } },
};
const card = (surround: string, more: Partial<Scene> = {}): Scene =>
  scene('a', 'Come on Thursday\nThe ferry of Reedmere', {
    layout: 'end',
    pictures: [{ ...picture('logo'), framing: { ...AUTO_FRAMING, fit: 'whole', surround, move: 'still' } }],
    ...more,
  });
const laid = (s: Scene, more: object = {}) =>
  compile(piece([s], more), { ...NO_FACTS, assets: { logo: LOGO } }, setter()).scenes[0];

describe('an end card with a logo', () => {
  it('has the logo above its words, on its ground, readable, in every look and format', () => {
    for (const look of LOOK_NAMES)
      for (const format of FORMATS)
        for (const ground of ['#ffffff', '#101418', '#c8341e']) {
          const at = laid(card(ground), { look, format });
          const area = at?.frame?.area;
          const where = `${look} ${format} ${ground}`;
          expect(at?.colours.ground, where).toEqual([ground, ground]);
          expect(at?.words?.box.y ?? 0, where).toBeGreaterThan((area?.y ?? 0) + (area?.height ?? 0));
          expect(at?.words?.panel, where).toBeNull();
          const colour = at?.words?.pages[0]?.lines[0]?.words[0]?.colour ?? '';
          expect(ratioOf(luminanceOf(colour), luminanceOf(ground)), where).toBeGreaterThan(3);
        }
  });

  it('is one only as an end card, with a picture that is shown whole on a colour', () => {
    expect(logoGround(card('#ffffff'))).toBe('#ffffff');
    expect(logoGround(card('blur'))).toBeNull();
    expect(logoGround(card('#ffffff', { layout: 'title' }))).toBeNull();
    expect(logoGround(card('#ffffff', { pictures: [picture('logo')] }))).toBeNull();
    expect(logoGround(card('#ffffff', { pictures: [] }))).toBeNull();
    expect(laid(card('blur'))?.colours.ground).not.toEqual(['blur', 'blur']);
  });
});
