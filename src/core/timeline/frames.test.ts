import { describe, expect, it } from 'vitest';
import { stageOf } from '../look/formats.ts';
import { LOOK_NAMES, lookOf } from '../look/looks.ts';
import { picture, piece, scene } from '../piece/testing.ts';
import type { Scene } from '../piece/types.ts';
import { coloursOf, frameFor } from './frames.ts';

const stage = stageOf('9:16');
const of = (look: (typeof LOOK_NAMES)[number], more: Partial<Scene> = {}) => {
  const p = piece([scene('a', 'One line.', { pictures: [picture('p')], ...more })], { look });
  return frameFor(p, p.scenes[0] as Scene, '9:16', stage);
};

describe('the frame of a picture', () => {
  it('is what the look has for the layout; null where pictures fill the stage', () => {
    expect(of('loud-poster', { layout: 'caption' })).toBeNull();
    const stamp = of('postage-stamp', { layout: 'caption' });
    expect(stamp?.area?.width).toBeLessThan(stage.width);
    expect(stamp?.ornaments.length).toBeGreaterThan(0);
    // Words alone stand on the ground of the look: there is no place for a picture, and nothing is drawn round it.
    const alone = of('postage-stamp', { layout: 'words' });
    expect([alone?.area, alone?.ornaments]).toEqual([null, []]);
    // A picture alone has what the look has for it.
    const style = lookOf('postage-stamp').bare;
    expect(of('postage-stamp', { layout: 'plain' })?.area ?? null).toEqual(
      style?.area(stage, '9:16') ?? null,
    );
  });

  it('is placed once for a format, and is a scene’s own where its look is', () => {
    expect(of('index-card', { layout: 'caption' })).toBe(of('index-card', { layout: 'caption' }));
    const p = piece([scene('a', 'One.')], { look: 'index-card' });
    const [a] = p.scenes as [Scene];
    expect(frameFor(p, a, '1:1', stageOf('1:1'))).not.toEqual(frameFor(p, a, '9:16', stage));
    for (const look of LOOK_NAMES)
      expect(of(look, { layout: 'split' })?.area?.width, look).toBeLessThanOrEqual(stage.width);
  });

  it('stands in the colours of the look, and a logo in its own ground', () => {
    const p = piece([scene('a', 'One.')], { look: 'index-card' });
    const { ink, paper, ground } = lookOf('index-card').colours;
    expect(coloursOf(p, p.scenes[0] as Scene)).toEqual({ ink, paper, ground });
  });
});
