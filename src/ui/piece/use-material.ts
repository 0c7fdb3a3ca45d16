'use client';

import PQueue from 'p-queue';
import { useEffect, useMemo, useState } from 'react';
import { useStore } from 'zustand';
import { spokenOf } from '../../core/piece/types.ts';
import { compile, takeKey, trackKey, trackLength } from '../../core/timeline/compile.ts';
import { usesOf } from '../../core/timeline/shots.ts';
import type { AssetFact, TakeFact, Timeline, TrackFact } from '../../core/timeline/types.ts';
import { cssFont, FAMILIES, type Measure } from '../../core/timeline/typeset.ts';
import { Typesetter } from '../../core/timeline/words.ts';
import { ApiError, api } from '../shared/api.ts';
import { useAfterPaint } from '../shared/use-after-paint.ts';
import { useShelf } from '../shared/use-shelf.ts';
import type { MaterialState, PieceStore } from './store.ts';

/** Words have to rest so long before a voice is asked for. */
const TEXT_RESTS_MS = 800;
const LENGTH_RESTS_MS = 900;

/** The typesetter, once the fonts of the video are there. */
export function useTypesetter(): Typesetter | null {
  const [setter, setSetter] = useState<Typesetter | null>(null);
  useEffect(() => {
    let alive = true;
    const faces = [...new Set([...FAMILIES.display, ...FAMILIES.text])].filter((f) => f !== 'Nab Emoji');
    void Promise.all(
      faces.map((f) => document.fonts.load(`700 40px "${f}"`, f.endsWith('Ext') ? 'Łő' : 'Aa')),
    ).then(() => {
      if (!alive) return;
      const ctx = document.createElement('canvas').getContext('2d');
      const measure: Measure = (text, font) => {
        if (!ctx) return text.length * font.size * 0.5;
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
export function useTimeline(store: PieceStore, setter: Typesetter | null): Timeline | null {
  const piece = useAfterPaint(useStore(store.store, (s) => s.piece));
  const takes = useStore(store.store, (s) => s.takes);
  const track = useStore(store.store, (s) => s.track);
  const { byId } = useShelf();
  return useMemo(() => {
    if (!setter || byId.size === 0) return null;
    const assets: Record<string, AssetFact> = {};
    for (const { assetId } of piece.scenes.flatMap(usesOf)) {
      const e = byId.get(assetId);
      if (e) assets[e.id] = e;
    }
    const bare = compile(piece, { takes, assets, track: null }, setter);
    const { mood, seed } = piece.music;
    const fits =
      track !== null && mood !== 'none' && track.key === trackKey(mood, seed, trackLength(bare.frames));
    return fits ? compile(piece, { takes, assets, track }, setter) : bare;
  }, [piece, takes, track, byId, setter]);
}

/** Has voices and music made as the piece asks for them, and tells how far that is. */
export function useMaterial(store: PieceStore, timeline: Timeline): void {
  const piece = useAfterPaint(useStore(store.store, (s) => s.piece));
  const takes = useStore(store.store, (s) => s.takes);
  const refused = useStore(store.store, (s) => s.refusedTakes);
  const track = useStore(store.store, (s) => s.track);
  const [queue] = useState(() => new PQueue({ concurrency: 2 }));
  const wanted = useMemo(() => {
    const out = new Map<string, string>();
    for (const s of piece.scenes) {
      const text = spokenOf(s).trim();
      if (text) out.set(takeKey(text, piece.voice), text);
    }
    return out;
  }, [piece.scenes, piece.voice]);
  const voice = piece.voice;
  const ready = [...wanted.keys()].filter((k) => takes[k] || refused[k]).length;

  useEffect(() => {
    const timer = setTimeout(() => {
      queue.clear();
      for (const [key, text] of wanted) {
        const { takes: have, refusedTakes } = store.state;
        if (have[key] || refusedTakes[key]) continue;
        void queue.add(async () => {
          if (store.state.takes[key]) return;
          try {
            store.addTake(await api<TakeFact>('/api/takes', { body: { text, voice } }));
          } catch (e) {
            if (e instanceof ApiError && e.status === 422) store.refuseTake(key, e.message);
          }
        });
      }
    }, TEXT_RESTS_MS);
    return () => clearTimeout(timer);
  }, [wanted, voice, store, queue]);

  const [music, setMusic] = useState<MaterialState['music']>('waiting');
  const settled = ready === wanted.size && timeline.frames > 0;
  const lengthMs = trackLength(timeline.frames);
  const { mood, seed } = piece.music;
  const key = mood === 'none' ? null : trackKey(mood, seed, lengthMs);
  useEffect(() => {
    if (mood === 'none') {
      setMusic('none');
      return;
    }
    if (track?.key === key) {
      setMusic('ready');
      return;
    }
    setMusic('waiting');
    if (!settled) return;
    let alive = true;
    const timer = setTimeout(() => {
      setMusic('making');
      api<TrackFact>('/api/tracks', { body: { mood, seed, lengthMs } }).then(
        (t) => alive && store.setTrack(t),
        () => alive && setMusic('failed'),
      );
    }, LENGTH_RESTS_MS);
    return () => {
      alive = false;
      clearTimeout(timer);
    };
  }, [mood, seed, lengthMs, key, settled, track, store]);

  const total = wanted.size;
  useEffect(
    () => store.setMaterial({ voices: { ready, wanted: total }, music }),
    [store, ready, total, music],
  );
}
