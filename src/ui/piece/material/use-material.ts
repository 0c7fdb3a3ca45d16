'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { useStore } from 'zustand';
import { askTake, askTrack } from '../../../api/material.ts';
import { failureOf } from '../../../core/failure.ts';
import { cssFont, loadedFor } from '../../../core/look/fonts.ts';
import { neededFonts } from '../../../core/look/needed.ts';
import type { Measure } from '../../../core/look/typeset/arrange.ts';
import { Typesetter } from '../../../core/look/typeset/typesetter.ts';
import type { Piece } from '../../../core/piece/types.ts';
import { compile } from '../../../core/timeline/compile.ts';
import { wantedTakes } from '../../../core/timeline/keys.ts';
import type { AssetFact, Facts, SoundBed, Timeline } from '../../../core/timeline/types.ts';
import { ApiError, call } from '../../shared/api.ts';
import { useAfterPaint } from '../../shared/use-after-paint.ts';
import { useOwnTracks } from '../../shared/use-own-tracks.ts';
import { useShelf } from '../../shared/use-shelf.ts';
import { browserClock } from '../../sync/clock.ts';
import type { PieceStore } from '../context.ts';
import { useMaterialState, usePiece } from '../context.ts';
import { type Makers, Making } from './making.ts';
import type { Material } from './material.ts';

/** Width of a letter of no font, in font sizes; only where a browser gives no canvas. */
const NO_FONT = 0.5;

/**
 * The typesetter, once the fonts of the piece are there; another one when a look or a letter needs more of them. Until they are
 * there the one before goes on.
 */
export function useTypesetter(store: PieceStore): Typesetter | null {
  const piece = useAfterPaint(useStore(store.store, (s) => s.doc));
  const [setter, setSetter] = useState<Typesetter | null>(null);
  const there = useRef(new Set<string>());
  useEffect(() => {
    let alive = true;
    const wanted = [...neededFonts(piece)].filter(([css, text]) => !there.current.has(`${css} ${text}`));
    const missing = wanted.filter(([css, text]) => !document.fonts.check(loadedFor(css, text), text));
    const done = () => {
      for (const [css, text] of wanted) there.current.add(`${css} ${text}`);
    };
    if (missing.length === 0) {
      done();
      setSetter((now) => now ?? newTypesetter());
      return;
    }
    // What cannot be loaded is shown by a font that stands in.
    void Promise.allSettled(
      missing.map(([css, text]) => document.fonts.load(loadedFor(css, text), text)),
    ).then(() => {
      if (!alive) return;
      done();
      setSetter(newTypesetter());
    });
    return () => {
      alive = false;
    };
  }, [piece]);
  return setter;
}

/** Measures with the fonts that are there now. */
export function newTypesetter(): Typesetter {
  const ctx = document.createElement('canvas').getContext('2d');
  const measure: Measure = (text, font) => {
    if (!ctx) return text.length * font.size * NO_FONT;
    ctx.font = cssFont(font);
    return ctx.measureText(text).width;
  };
  return new Typesetter(measure);
}

/** What the shelf knows of the pictures of a piece. */
function assetsOf(
  piece: Pick<Piece, 'scenes'>,
  byId: ReadonlyMap<string, AssetFact>,
): Record<string, AssetFact> {
  const found = piece.scenes.flatMap((s) => s.pictures.flatMap((p) => byId.get(p.assetId) ?? []));
  return Object.fromEntries(found.map((e) => [e.id, e]));
}

/** What is known of the material of the piece. */
export function useFacts(piece: Piece): Facts {
  const takes = useMaterialState((s) => s.takes);
  const tracks = useMaterialState((s) => s.tracks);
  const { byId } = useShelf();
  const { byId: ownTracks } = useOwnTracks();
  return useMemo(() => {
    return { takes, tracks, ownTracks, assets: assetsOf(piece, byId) };
  }, [piece, takes, tracks, ownTracks, byId]);
}

/** The timeline of the piece; while somebody types it may be a moment behind the words. */
export function useTimeline(
  store: PieceStore,
  material: Material,
  setter: Typesetter | null,
): Timeline | null {
  const piece = useAfterPaint(useStore(store.store, (s) => s.doc));
  const takes = useStore(material.store, (s) => s.takes);
  const tracks = useStore(material.store, (s) => s.tracks);
  const { byId } = useShelf();
  const { byId: ownTracks } = useOwnTracks();
  return useMemo(() => {
    if (!setter || byId.size === 0) return null;
    const assets = assetsOf(piece, byId);
    return compile(piece, { takes, assets, tracks, ownTracks }, setter);
  }, [piece, takes, tracks, ownTracks, byId, setter]);
}

/** Has voices and music made as the piece asks for them, and tells how far that is. */
export function useMakeMaterial(timeline: Timeline): void {
  const { store, material } = usePiece();
  const [making] = useState(() => new Making(material, MAKERS, browserClock));
  const piece = useAfterPaint(useStore(store.store, (s) => s.doc));
  const takes = useStore(material.store, (s) => s.takes);
  const refused = useStore(material.store, (s) => s.refused);
  const { scenes, voice, speakers, says } = piece;
  const wanted = useMemo(
    () => wantedTakes({ scenes, voice, speakers, says }),
    [scenes, voice, speakers, says],
  );
  const ready = wanted.filter(({ key }) => takes[key] || refused[key]).length;
  const total = wanted.length;
  useEffect(() => making.wantTakes(wanted), [making, wanted]);
  useEffect(() => material.setVoices(ready, total), [material, ready, total]);

  const { frames, sound } = timeline;
  const settled = ready === total && frames > 0;
  const none = sound.beds.length === 0;
  const missing = JSON.stringify(sound.beds.filter((b) => !b.track).map((b) => b.wanted));
  // The same wish in a new timeline is the same wish.
  useEffect(
    () => making.wantTracks(JSON.parse(missing) as SoundBed['wanted'][], { none, settled }),
    [making, missing, none, settled],
  );
  useEffect(() => () => making.end(), [making]);
}

const MAKERS: Makers = {
  take: ({ key: _, ...body }) => call(askTake, { body }),
  track: ({ key: _, ...body }) => call(askTrack, { body }),
  failure: (e) => (e instanceof ApiError ? e.failure : failureOf(e)),
};
