import { describe, expect, it } from 'vitest';
import type { ShelfEntryView } from '../../api/shelf.ts';
import { AUTO_FRAMING } from '../../core/piece/types.ts';
import { aspect, croppedStyle, framedStyle, mediaUrl, thumbFor, viewNameFor } from './media.ts';

const view = (name: string, width: number, height: number) => ({
  ...{ src: `/${name}`, thumb: `/${name}-thumb`, width, height },
  focal: [0.7, 0.1, 0.2, 0.2] as [number, number, number, number],
});
const entry = (more: object = {}): ShelfEntryView =>
  ({
    ...{ id: 'p', kind: 'still', title: 'P', own: false, colours: ['#112233'] },
    views: { wide: view('wide', 1600, 900), tall: view('tall', 900, 1600) },
    ...more,
  }) as unknown as ShelfEntryView;

describe('a small picture', () => {
  it('is of the view that the format shows, cut where its subject is', () => {
    expect([viewNameFor(entry(), '16:9'), viewNameFor(entry(), '9:16')]).toEqual(['wide', 'tall']);
    expect(thumbFor(entry(), '9:16')).toEqual({ src: '/tall-thumb', position: '50% 50%' });
    const wide = entry({ views: { wide: view('wide', 1600, 900) } });
    // The subject stands at 0.8 of the width: the cut reaches for it as far as the picture goes.
    expect(thumbFor(wide, '9:16').position).toMatch(/^9\d(\.\d+)?% 50%$/);
    expect(thumbFor(entry({ views: {} }), '9:16')).toEqual({ src: '', position: '50% 50%' });
  });

  it('shows the frame that the writer set, where the move comes to rest', () => {
    expect(framedStyle(entry(), '9:16', null)).toBeNull();
    expect(framedStyle(entry(), '9:16', AUTO_FRAMING)).toBeNull();
    const aims = {
      tall: [
        { x: 0.5, y: 0.5, zoom: 1 },
        { x: 0.5, y: 0.5, zoom: 2 },
      ],
    };
    expect(framedStyle(entry(), '9:16', { ...AUTO_FRAMING, aims })).toMatchObject({
      ...{ position: 'absolute', width: '200%', height: '200%', left: '-50%', top: '-50%' },
    });
    // An aim for the other view does not count here.
    expect(framedStyle(entry(), '16:9', { ...AUTO_FRAMING, aims })).toBeNull();
    expect(framedStyle(entry(), '9:16', { ...AUTO_FRAMING, fit: 'whole', surround: '#445566' })).toEqual({
      ...{ objectFit: 'contain', background: '#445566' },
    });
  });

  it('of a logo stands whole on its own colour until it is framed', () => {
    const logo = entry({ cutOut: true });
    expect(framedStyle(logo, '9:16', null)).toEqual({ objectFit: 'contain', background: '#112233' });
    expect(framedStyle(logo, '9:16', AUTO_FRAMING)).toBeNull();
  });

  it('shows a crop when it is laid out so', () => {
    const style = croppedStyle({ width: 1000, height: 500 }, { x: 250, y: 100, width: 500, height: 250 });
    expect(style).toMatchObject({ width: '200%', height: '200%', left: '-50%', top: '-40%' });
  });
});

describe('what is played', () => {
  it('is the loop of the format’s view, or the light copy of a clip once it is there', () => {
    expect(mediaUrl(entry({ kind: 'loop' }), '16:9')).toBe('/wide');
    expect(mediaUrl(entry({ kind: 'clip', clip: { done: 0.5, proxy: '/copy' } }), '16:9')).toBe('');
    expect(mediaUrl(entry({ kind: 'clip', clip: { done: 1, proxy: '/copy' } }), '16:9')).toBe('/copy');
    expect(aspect('9:16')).toBe('1080 / 1920');
  });
});
