'use client';

import { useCallback, useEffect, useMemo } from 'react';
import type { ShelfEntryView } from '../../../../api/shelf.ts';
import { type Box, ratioOf, stageOf } from '../../../../core/look/formats.ts';
import type { Rect } from '../../../../core/look/types.ts';
import { setFraming } from '../../../../core/piece/placements.ts';
import {
  type Aim,
  AUTO_FRAMING,
  type Framing,
  type Scene,
  type ViewName,
} from '../../../../core/piece/types.ts';
import { frameFor } from '../../../../core/timeline/frames.ts';
import { aimCrop, aimOf, bestView, coverCrop } from '../../../../core/timeline/framing.ts';
import type { Crop } from '../../../../core/timeline/types.ts';
import { useShelf } from '../../../shared/use-shelf.ts';
import { usePiece, usePieceState, useViewState } from '../../context.ts';
import { useSelectedScene } from '../../view/use-selected.ts';

export const MOST_ZOOM = 5;

/** The frame of one picture, as it can be set. */
export interface FrameEditor {
  scene: Scene;
  slot: number;
  entry: ShelfEntryView;
  view: { name: ViewName; width: number; height: number; focal: Box };
  framing: Framing;
  /** The picture's part of the stage; null for all of it. */
  area: Rect | null;
  /** Of that part, width to height. */
  ratio: number;
  /** One or two crops: where the frame stands, or the start and the end of its move. */
  crops: Crop[];
  /** The one that is being set. */
  aim: 0 | 1;
  crop: Crop;
  /** Moves the frame by shares of its own size. */
  pan(dx: number, dy: number, from?: Crop): void;
  /** Sets how close the frame is, 1 to MOST_ZOOM; its middle stays where it can. */
  zoom(zoom: number): void;
  /** Puts the middle of the frame at a place of the picture, in fractions. */
  centre(x: number, y: number): void;
  set(change: Partial<Framing>): void;
  /** Two frames instead of one, or one again. */
  setTwo(two: boolean): void;
  swap(): void;
  /** As the picture is framed by itself. */
  reset(): void;
}

/** The editor for the picture that the tools are open for; null without one. */
export function useFrameEditor(): FrameEditor | null {
  const { store, view: looking, apply } = usePiece();
  const chosen = useSelectedScene();
  const slot = useViewState((s) => s.slot);
  const format = usePieceState((s) => s.doc.format);
  const aim = useViewState((s) => s.aim);
  const { byId } = useShelf();
  const scene = chosen?.scene;
  const placement = scene?.pictures[slot];
  const entry = placement ? byId.get(placement.assetId) : undefined;
  const piece = usePieceState((s) => s.doc);
  const frame = scene ? frameFor(piece, scene, format, stageOf(format)) : null;
  const area = frame?.area ?? null;
  const ratio = ratioOf(area ?? stageOf(format));
  const save = useCallback(
    (framing: Framing | null) => {
      // The scene as it is now: several changes may come before the next drawing.
      const now = store.state.doc.scenes.find((s) => s.id === scene?.id);
      if (now) apply(setFraming(now, slot, framing));
    },
    [store, apply, scene?.id, slot],
  );
  return useMemo(() => {
    const name = entry && bestView(entry, ratio);
    const size = name && entry.views[name];
    if (!scene || !entry || !name || !size) return null;
    const framing = placement?.framing ?? AUTO_FRAMING;
    const base = coverCrop(size.width, size.height, ratio, size.focal);
    const aims = framing.aims[name] ?? [];
    const crops = aims.length ? aims.map((a) => aimCrop(size.width, size.height, ratio, a)) : [base];
    const at = crops.length > 1 ? aim : 0;
    const crop = crops[at] ?? base;
    const setAims = (next: Aim[]) => save({ ...framing, aims: { ...framing.aims, [name]: next } });
    const asAims = () => crops.map((c) => aimOf(size.width, size.height, ratio, c));
    const setCrop = (c: Crop) =>
      setAims(asAims().with(at, aimOf(size.width, size.height, ratio, inside(c, size))));
    return {
      scene,
      slot,
      entry,
      view: { name, ...size },
      framing,
      area,
      ratio,
      crops,
      aim: at,
      crop,
      pan: (dx, dy, from = crop) =>
        setCrop({ ...from, x: from.x + dx * from.width, y: from.y + dy * from.height }),
      zoom: (zoom) => {
        const now = aimOf(size.width, size.height, ratio, crop);
        setAims(asAims().with(at, { ...now, zoom: Math.max(1, Math.min(MOST_ZOOM, zoom)) }));
      },
      centre: (x, y) => {
        const now = aimOf(size.width, size.height, ratio, crop);
        setCrop(aimCrop(size.width, size.height, ratio, { ...now, x, y }));
      },
      set: (change) => save({ ...framing, ...change }),
      setTwo: (two) => {
        const [first = aimOf(size.width, size.height, ratio, base), second] = asAims();
        if (!two) setAims([second ?? first]);
        else {
          setAims([first, { ...first, zoom: Math.min(MOST_ZOOM, first.zoom * 1.25) }]);
          looking.setAim(1);
        }
      },
      swap: () => setAims(asAims().reverse()),
      reset: () => save(null),
    };
  }, [scene, placement, entry, area, ratio, aim, slot, save, looking]);
}

/** A crop moved back over the picture's edges. */
function inside(c: Crop, size: { width: number; height: number }): Crop {
  return {
    ...c,
    x: Math.max(0, Math.min(size.width - c.width, c.x)),
    y: Math.max(0, Math.min(size.height - c.height, c.y)),
  };
}

/** Lets the monitor show the frame that is being set, standing still. */
export function useHeldFrame(editor: FrameEditor | null): void {
  const { player } = usePiece();
  const { scene, slot, crop, framing } = editor ?? {};
  const sceneId = scene?.id;
  useEffect(() => {
    if (sceneId && slot !== undefined) player.showPicture(sceneId, slot);
  }, [sceneId, slot, player]);
  useEffect(() => {
    if (!sceneId || slot === undefined || !crop || framing?.fit === 'whole') return;
    player.hold({ sceneId, slot, crop });
    return () => player.hold(null);
  }, [sceneId, slot, crop, framing?.fit, player]);
}
