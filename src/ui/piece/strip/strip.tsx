'use client';

import { ColumnHeightOutlined } from '@ant-design/icons';
import { useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { clock, FPS, framesToMs, framesToSeconds } from '../../../core/time.ts';
import { IconButton } from '../../shared/icon-button.tsx';
import { aspect, croppedStyle, thumbFor, wholeStyle } from '../../shared/media.ts';
import { useAfterPaint } from '../../shared/use-after-paint.ts';
import { useOwnTracks } from '../../shared/use-own-tracks.ts';
import { useShelf } from '../../shared/use-shelf.ts';
import { useMaterialState, usePiece, usePieceState, useTimelineNow, useViewState } from '../context.ts';
import { SceneMenu } from '../keys/scene-menu.tsx';
import { drawSound } from './draw-sound.ts';
import { SceneEdge } from './edge.tsx';
import { WordsBar } from './words-bar.tsx';
import './strip.css';

/** Scenes narrower than this, in pixels, have no room for the ends of their words. */
const WIDE_ENOUGH = 40;

/** Scenes, words and music in proportion. A click goes there; arrow keys step. onFold: to a line and back. */
export function Strip({ onFold }: { onFold: (() => void) | null }) {
  const { player, view } = usePiece();
  const timeline = useTimelineNow();
  const piece = useAfterPaint(usePieceState((s) => s.doc));
  const takes = useMaterialState((s) => s.takes);
  const selected = useViewState((s) => s.selected);
  const { byId } = useShelf();
  const { byId: ownTracks } = useOwnTracks();
  const total = Math.max(1, timeline.frames);
  const part = (frames: number) => `${(frames / total) * 100}%`;
  const canvas = useRef<HTMLCanvasElement>(null);
  const body = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(1000);
  useEffect(() => {
    const box = body.current;
    if (!box) return;
    const watch = new ResizeObserver(() => setWidth(Math.max(100, Math.round(box.clientWidth))));
    watch.observe(box);
    return () => watch.disconnect();
  }, []);
  const waves = useSyncExternalStore(player.sound.subscribe, player.sound.getWaves, player.sound.getWaves);
  useEffect(() => player.sound.fetchAhead(timeline), [player, timeline]);
  useEffect(() => {
    const ctx = canvas.current?.getContext('2d');
    if (!ctx) return;
    drawSound(ctx, timeline, { takes, ownTracks, wave: (key) => player.sound.wave(key) }, width, total);
  }, [timeline, takes, ownTracks, width, total, waves, player]);
  const sceneAtX = (clientX: number): string | null => {
    const box = body.current?.getBoundingClientRect();
    if (!box) return null;
    const frame = Math.round(((clientX - box.left) / box.width) * total);
    return timeline.scenes.find((s) => frame >= s.start && frame < s.end)?.sceneId ?? null;
  };
  const go = (clientX: number) => {
    const box = body.current?.getBoundingClientRect();
    if (!box) return;
    const frame = Math.round(((clientX - box.left) / box.width) * total);
    player.seek(frame);
    const scene = timeline.scenes.find((s) => frame >= s.start && frame < s.end);
    if (scene) view.select([scene.sceneId]);
  };
  return (
    <section className="strip" aria-label="Strip">
      <div className="strip__names">
        {onFold && (
          <IconButton
            label="Fold the strip to a line, or open it"
            icon={<ColumnHeightOutlined aria-hidden />}
            onClick={onFold}
          />
        )}
        <span aria-hidden>Scenes</span>
        <span aria-hidden>Words</span>
        <span aria-hidden>Music</span>
      </div>
      <div
        className="strip__body"
        ref={body}
        onPointerDown={(e) => e.button === 0 && go(e.clientX)}
        onPointerMove={(e) => e.buttons === 1 && go(e.clientX)}
      >
        <SceneMenu sceneAt={(e) => sceneAtX(e.clientX)}>
          <div className="strip__scenes">
            {timeline.scenes.map((s, i) => {
              const scene = piece.scenes[i];
              const shot = s.shots[0];
              const entry = shot && byId.get(shot.assetId);
              const wide = ((s.end - s.start) / total) * width;
              const thumb = entry && wide > 22 && thumbFor(entry, piece.format);
              return (
                <div
                  key={s.sceneId}
                  className={`strip__scene${selected.includes(s.sceneId) ? ' strip__scene--on' : ''}`}
                  style={{ left: part(s.start), width: part(s.end - s.start) }}
                  title={`${i + 1}. ${scene?.shown ?? ''} (${framesToSeconds(s.end - s.start).toFixed(1)} s)`}
                >
                  {thumb && (
                    <span className="strip__picture">
                      <span style={{ aspectRatio: aspect(piece.format) }}>
                        <img
                          src={thumb.src}
                          alt=""
                          draggable={false}
                          style={
                            shot.fit === 'whole'
                              ? wholeStyle(shot.surround)
                              : croppedStyle(shot.size, shot.to)
                          }
                        />
                      </span>
                    </span>
                  )}
                  {wide > 36 && <span className="strip__words">{scene?.shown}</span>}
                </div>
              );
            })}
            {timeline.scenes.map((s) => {
              const wide = ((s.end - s.start) / total) * width;
              return s.words && wide > WIDE_ENOUGH && selected.includes(s.sceneId) ? (
                <WordsBar
                  key={`${s.sceneId} words`}
                  {...{ sceneId: s.sceneId, placed: s, words: s.words, total, width }}
                />
              ) : null;
            })}
            {timeline.scenes.map((s) =>
              selected.includes(s.sceneId) ? (
                <SceneEdge key={s.sceneId} scene={s} sound={timeline.sound} total={total} width={width} />
              ) : null,
            )}
          </div>
        </SceneMenu>
        <canvas ref={canvas} width={width} height={40} />
        <Playhead total={total} />
      </div>
    </section>
  );
}

function Playhead({ total }: { total: number }) {
  const { player } = usePiece();
  const { frame } = useSyncExternalStore(player.subscribe, player.getView, player.getView);
  return (
    <div
      className="strip__head"
      role="slider"
      tabIndex={0}
      aria-label="Place in the piece"
      aria-valuemin={0}
      aria-valuemax={total}
      aria-valuenow={frame}
      aria-valuetext={clock(framesToMs(frame))}
      style={{ left: `${(frame / total) * 100}%` }}
      onKeyDown={(e) => {
        const by = { ArrowLeft: -1, ArrowRight: 1, PageUp: -FPS, PageDown: FPS }[e.key];
        if (!by) return;
        e.preventDefault();
        e.stopPropagation();
        player.seek(frame + by * (e.shiftKey ? FPS : 1));
      }}
    />
  );
}
