'use client';

import PQueue from 'p-queue';
import { useEffect, useMemo, useState } from 'react';
import { useStore } from 'zustand';
import { askTake, askTrack } from '../../../api/material.ts';
import { cssFont, FONT_FILES } from '../../../core/look/fonts.ts';
import type { Measure } from '../../../core/look/typeset/arrange.ts';
import { Typesetter } from '../../../core/look/typeset/typesetter.ts';
import { cannotSpeak } from '../../../core/sound/speech.ts';
import { compile } from '../../../core/timeline/compile.ts';
import { wantedTakes } from '../../../core/timeline/keys.ts';
import type { AssetFact, Timeline } from '../../../core/timeline/types.ts';
import { ApiError, call } from '../../shared/api.ts';
import { useAfterPaint } from '../../shared/use-after-paint.ts';
import { useShelf } from '../../shared/use-shelf.ts';
import { usePiece } from '../context.ts';
import type { PieceStore } from '../document/store.ts';
import type { Material } from './material.ts';

/** Words, and the length of the piece, have to rest so long before a voice or a track is asked for. */
const RESTS_MS = { text: 800, length: 900 } as const;

/** Width of a letter of no font, in font sizes; only where a browser gives no canvas. */
const NO_FONT = 0.5;

/** The typesetter, once the fonts of the video are there. */
export function useTypesetter(): Typesetter | null {
  const [setter, setSetter] = useState<Typesetter | null>(null);
  useEffect(() => {
    let alive = true;
    const needed = FONT_FILES.flatMap(({ name, sample }) => (sample ? [{ name, sample }] : []));
    void Promise.all(needed.map((f) => document.fonts.load(`700 40px "${f.name}"`, f.sample))).then(() => {
      if (!alive) return;
      const ctx = document.createElement('canvas').getContext('2d');
      const measure: Measure = (text, font) => {
        if (!ctx) return text.length * font.size * NO_FONT;
        ctx.font = cssFont(font);
        return ctx.measureText(text).width;
      };
      setSetter(new Typesetter(measure));
    });
    return () => {
      alive = false;
    };
  }, []);
  return setter;
}

/** The timeline of the piece; while somebody types it may be a moment behind the words. */
export function useTimeline(
  store: PieceStore,
  material: Material,
  setter: Typesetter | null,
): Timeline | null {
  const piece = useAfterPaint(useStore(store.store, (s) => s.piece));
  const takes = useStore(material.store, (s) => s.takes);
  const tracks = useStore(material.store, (s) => s.tracks);
  const { byId } = useShelf();
  return useMemo(() => {
    if (!setter || byId.size === 0) return null;
    const assets: Record<string, AssetFact> = {};
    for (const { assetId } of piece.scenes.flatMap((s) => s.pictures)) {
      const e = byId.get(assetId);
      if (e) assets[e.id] = e;
    }
    return compile(piece, { takes, assets, tracks }, setter);
  }, [piece, takes, tracks, byId, setter]);
}

/** Has voices and music made as the piece asks for them, and tells how far that is. */
export function useMakeMaterial(timeline: Timeline): void {
  const settled = useMakeVoices();
  useMakeMusic(timeline, settled);
}

/** Asks for the voices that are not there; whether all are settled. */
function useMakeVoices(): boolean {
  const { store, material } = usePiece();
  const piece = useAfterPaint(useStore(store.store, (s) => s.piece));
  const takes = useStore(material.store, (s) => s.takes);
  const refused = useStore(material.store, (s) => s.refused);
  const [queue] = useState(() => new PQueue({ concurrency: 2 }));
  const { scenes, voice } = piece;
  const wanted = useMemo(() => wantedTakes({ scenes, voice }), [scenes, voice]);
  const ready = wanted.filter(({ key }) => takes[key] || refused[key]).length;
  useEffect(() => {
    const timer = setTimeout(() => {
      queue.clear();
      for (const { key, text } of wanted) {
        const there = () => material.state.takes[key] ?? material.state.refused[key];
        if (there()) continue;
        void queue.add(async () => {
          if (there()) return;
          try {
            material.addTake(await call(askTake, { body: { text, voice } }));
          } catch (e) {
            if (e instanceof ApiError && cannotSpeak(e.failure)) material.refuseTake(key, e.failure);
          }
        });
      }
    }, RESTS_MS.text);
    return () => clearTimeout(timer);
  }, [wanted, voice, material, queue]);
  const total = wanted.length;
  useEffect(() => material.setVoices(ready, total), [material, ready, total]);
  return ready === total;
}

/** Asks for the tracks that are not there, when the length of the piece is known. */
function useMakeMusic({ frames, sound }: Timeline, settled: boolean): void {
  const { material } = usePiece();
  const missing = sound.beds.filter((b) => !b.track).map((b) => b.wanted);
  const asked = JSON.stringify(missing);
  const none = sound.beds.length === 0;
  useEffect(() => {
    const tracks = JSON.parse(asked) as typeof missing;
    material.setMusic(none ? 'none' : tracks.length ? 'waiting' : 'ready');
    if (!tracks.length || !settled || frames === 0) return;
    let alive = true;
    const timer = setTimeout(() => {
      material.setMusic('making');
      Promise.all(
        tracks.map(({ mood, seed, lengthMs }) => call(askTrack, { body: { mood, seed, lengthMs } })),
      ).then(
        (made) => {
          if (alive) for (const t of made) material.addTrack(t);
        },
        () => alive && material.setMusic('failed'),
      );
    }, RESTS_MS.length);
    return () => {
      alive = false;
      clearTimeout(timer);
    };
  }, [asked, none, settled, frames, material]);
}
