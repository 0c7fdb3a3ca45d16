import { describe, expect, it } from 'vitest';
import { View } from './view.ts';

const view = () => new View({ selected: ['a'], pass: 'words' });

describe('what the writer looks at', () => {
  it('stays with the picture of a scene until another scene is selected', () => {
    const v = view();
    v.setSlot(2);
    v.select(['a', 'b']);
    expect(v.state.slot).toBe(2);
    v.select(['b']);
    expect(v.state.slot).toBe(0);
  });

  it('lets go of scenes that are gone, and tells nobody when none is', () => {
    const v = view();
    v.select(['a', 'b', 'c']);
    let told = 0;
    v.store.subscribe(() => told++);
    v.keepOnly(['a', 'b', 'c'], ['a', 'b', 'c', 'd']);
    expect(told).toBe(0);
    v.keepOnly(['a', 'b', 'c'], ['c', 'a']);
    expect(v.state.selected).toEqual(['a', 'c']);
  });

  it('goes to the scene before those that are gone, and to the first where there is none', () => {
    const v = view();
    v.select(['d', 'c']);
    v.keepOnly(['a', 'b', 'c', 'd', 'e'], ['a', 'b', 'e']);
    expect(v.state.selected).toEqual(['b']);
    v.select(['a']);
    v.keepOnly(['a', 'b', 'e'], ['b', 'e']);
    expect(v.state.selected).toEqual(['b']);
    v.keepOnly(['b', 'e'], []);
    expect(v.state.selected).toEqual([]);
  });

  it('keeps the open tool of each pass; a pass takes the place of the renders', () => {
    const v = view();
    v.open('pictures', 'search');
    v.setDelivering(true);
    v.setPass('voice');
    expect(v.state).toMatchObject({ pass: 'voice', delivering: false, open: { pictures: 'search' } });
  });
});
