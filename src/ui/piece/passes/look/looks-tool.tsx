'use client';

import { useEffect, useMemo, useState } from 'react';
import { type LookReason, SUITED, suitedLooks } from '../../../../core/look/choose.ts';
import { loadedFor } from '../../../../core/look/fonts.ts';
import { LOOK_NAMES, type LookName, lookOf } from '../../../../core/look/looks.ts';
import { neededFonts } from '../../../../core/look/needed.ts';
import type { Typesetter } from '../../../../core/look/typeset/typesetter.ts';
import { AS_THE_PIECE } from '../../../../core/piece/appearance.ts';
import { setLook, styleScenes } from '../../../../core/piece/style.ts';
import type { Piece, Scene } from '../../../../core/piece/types.ts';
import { compile } from '../../../../core/timeline/compile.ts';
import type { Facts } from '../../../../core/timeline/types.ts';
import { lookReasonWords } from '../../../../wording/style.ts';
import { aspect } from '../../../shared/media.ts';
import { usePiece } from '../../context.ts';
import { newTypesetter, useFacts } from '../../material/use-material.ts';
import { PaintedFrame, wholeMoment } from '../../painted/painted-frame.tsx';
import { rowsOf, useScoped } from './scope.ts';

/** Every look on the writer's own words and picture; pointing at one shows it on the monitor. */
export function LooksTool() {
  const { store, view, player, apply } = usePiece();
  const { scope, piece, scene } = useScoped();
  const facts = useFacts(piece);
  const sample = sampleOf(piece, scene);
  const setter = useSetterForAll(piece);
  const now = scope === 'rows' ? (scene?.look?.look ?? piece.look) : piece.look;
  const withLook = (name: LookName): Piece => {
    if (scope === 'piece') return { ...piece, look: name };
    const ids = view.state.selected;
    const scenes = piece.scenes.map((s) =>
      ids.includes(s.id) ? { ...s, look: { ...(s.look ?? AS_THE_PIECE), look: name } } : s,
    );
    return { ...piece, scenes };
  };
  useEffect(() => () => player.tryOut(null), [player]);
  const choose = (name: LookName) => {
    player.tryOut(null);
    const own = name === store.state.doc.look ? null : name;
    apply(
      scope === 'piece'
        ? setLook(name)
        : styleScenes(rowsOf(store.state.doc, view.state.selected), { look: own }),
    );
  };
  const order = useMemo(() => suitedLooks(piece), [piece]);
  const why = lookReasonWords(order.find((l) => l.look === now)?.reasons ?? []);
  const others = piece.scenes.filter((s) => s.look?.look).length;
  return (
    <>
      <p className="tools__note">
        {lookOf(now).describe}.{why && ` It suits the piece: ${why}.`}
        {scope === 'piece' &&
          others > 0 &&
          ` ${others} row${others > 1 ? 's keep looks' : ' keeps a look'} of their own.`}
      </p>
      <ul className="looks" aria-label="Looks">
        {order.map(({ look: name, reasons }, i) => (
          <li key={name}>
            <button
              type="button"
              className={name === now ? 'looks__look looks__look--on' : 'looks__look'}
              aria-pressed={name === now}
              title={titleOf(name, i < SUITED ? reasons : [])}
              onMouseEnter={() => setter && player.tryOut(compile(withLook(name), facts, setter))}
              onMouseLeave={() => player.tryOut(null)}
              onFocus={() => setter && player.tryOut(compile(withLook(name), facts, setter))}
              onBlur={() => player.tryOut(null)}
              onClick={() => choose(name)}
            >
              <span className="looks__frame" style={{ aspectRatio: aspect(piece.format) }}>
                {i < SUITED && scope === 'piece' && <span className="looks__suits">suits</span>}
                {setter && <Sample name={name} piece={piece} scene={sample} facts={facts} setter={setter} />}
              </span>
              {lookOf(name).label}
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}

const titleOf = (name: LookName, reasons: readonly LookReason[]): string => {
  const why = lookReasonWords(reasons);
  return `${lookOf(name).describe}${why ? `. It suits the piece: ${why}` : ''}`;
};

/** The scene on which looks are shown: the selected one, or the first with words. */
function sampleOf(piece: Piece, scene: Scene | null): Scene | null {
  return scene?.shown.trim() ? scene : (piece.scenes.find((s) => s.shown.trim()) ?? scene);
}

function Sample({
  name,
  piece,
  scene,
  facts,
  setter,
}: {
  name: LookName;
  piece: Piece;
  scene: Scene | null;
  facts: Facts;
  setter: Typesetter;
}) {
  const timeline = useMemo(() => {
    const one = scene ? [{ ...scene, look: scene.look && { ...scene.look, look: null } }] : [];
    return compile({ ...piece, look: name, scenes: one }, facts, setter);
  }, [piece, name, scene, facts, setter]);
  return <PaintedFrame timeline={timeline} moment={wholeMoment(timeline.scenes[0], 0)} />;
}

/** A typesetter that has the fonts of all looks; null until they are there. */
function useSetterForAll(piece: Piece): Typesetter | null {
  const [setter, setSetter] = useState<Typesetter | null>(null);
  const { look: _, style, scenes } = piece;
  const fonts = useMemo(() => {
    const all = new Map<string, string>();
    for (const look of LOOK_NAMES)
      for (const [css, text] of neededFonts({ look, style, scenes }))
        all.set(css, (all.get(css) ?? '') + text);
    return JSON.stringify([...all]);
  }, [style, scenes]);
  useEffect(() => {
    let alive = true;
    const wanted = JSON.parse(fonts) as [string, string][];
    void Promise.allSettled(
      wanted.map(([css, text]) => document.fonts.load(loadedFor(css, text), text)),
    ).then(() => {
      if (alive) setSetter(newTypesetter());
    });
    return () => {
      alive = false;
    };
  }, [fonts]);
  return setter;
}
