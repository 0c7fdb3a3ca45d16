'use client';

import {
  CameraOutlined,
  CaretRightOutlined,
  FullscreenOutlined,
  LoadingOutlined,
  PauseOutlined,
  StepBackwardOutlined,
} from '@ant-design/icons';
import { App, Button, Tooltip } from 'antd';
import { useEffect, useRef, useSyncExternalStore } from 'react';
import { clock, framesToMs } from '../../../core/time.ts';
import { sceneAt } from '../../../core/timeline/compile.ts';
import { usePiece, usePieceState, useTimelineNow, useViewState } from '../context.ts';
import { passOf } from '../passes.ts';
import { FrameOverlay } from './frame-overlay.tsx';
import { useFit } from './use-fit.ts';
import { toggleWholeScreen } from './whole-screen.ts';
import { WordsOverlay } from './words-overlay.tsx';
import './monitor.css';

/** Pixels of the monitor's long side: sharp at its size on the screen, light enough to play. */
const LONG_SIDE = 800;

/** Plays the true result. */
export function Monitor() {
  const { player, view: looking } = usePiece();
  const timeline = useTimelineNow();
  const { message } = App.useApp();
  const view = useSyncExternalStore(player.subscribe, player.getView, player.getView);
  const canvas = useRef<HTMLCanvasElement>(null);
  const title = usePieceState((s) => s.doc.title);
  const framing = useViewState((s) => !s.delivering && passOf(s.pass).framing(s));
  const placing = useViewState((s) => !s.delivering && passOf(s.pass).placing);
  const room = useRef<HTMLDivElement>(null);
  const fit = useFit(room, timeline);
  const k = LONG_SIDE / Math.max(timeline.width, timeline.height);
  const width = Math.round(timeline.width * k);
  const height = Math.round(timeline.height * k);
  useEffect(() => {
    player.attach(canvas.current);
    return () => player.attach(null);
  }, [player, width, height]);
  useEffect(() => {
    if (view.error) message.error(`The piece cannot be played: ${view.error}`, 6);
  }, [view.error, message]);
  const keepFrame = async () => {
    try {
      const url = URL.createObjectURL(await player.exactFrame(view.frame, timeline.width, timeline.height));
      const link = document.createElement('a');
      link.href = url;
      link.download = `${title || 'frame'} ${view.frame}.png`;
      link.click();
      setTimeout(() => URL.revokeObjectURL(url), 10_000);
    } catch (e) {
      message.error((e as Error).message);
    }
  };
  const playHere = () => {
    const here = timeline.scenes.find((s) => s.sceneId === looking.state.selected[0]);
    void player.play(here?.start ?? view.frame);
  };
  const selectHere = () => {
    const id = timeline.scenes[sceneAt(timeline, player.view.frame)]?.sceneId;
    if (id) looking.select([id]);
  };
  return (
    <section className="monitor" aria-label="Monitor">
      <div className="monitor__room" ref={room}>
        <div className="monitor__stage">
          <button
            type="button"
            className="monitor__screen"
            aria-label={view.phase === 'paused' ? 'Play' : 'Pause'}
            onClick={() => player.toggle()}
          >
            <canvas ref={canvas} width={width} height={height} style={fit} />
          </button>
          {view.phase === 'paused' && framing && <FrameOverlay />}
          {view.phase === 'paused' && placing && <WordsOverlay frame={view.frame} />}
        </div>
      </div>
      <div className="monitor__keys">
        <Tooltip title="To the start (Home)">
          <Button
            size="small"
            icon={<StepBackwardOutlined aria-hidden />}
            aria-label="To the start"
            onClick={() => player.seek(0)}
          />
        </Tooltip>
        <Button
          size="small"
          icon={
            view.phase === 'preparing' ? (
              <LoadingOutlined aria-hidden />
            ) : view.phase === 'playing' ? (
              <PauseOutlined aria-hidden />
            ) : (
              <CaretRightOutlined aria-hidden />
            )
          }
          onClick={() => {
            player.toggle();
            selectHere();
          }}
        >
          {view.phase === 'preparing' ? 'Mixing' : view.phase === 'playing' ? 'Pause' : 'Play'}
        </Button>
        <Tooltip title="Play from the beginning of the selected scene (Alt Enter)">
          <Button size="small" onClick={playHere}>
            From here
          </Button>
        </Tooltip>
        <span className="monitor__clock" data-frame={view.frame}>
          {clock(framesToMs(view.frame))} / {clock(framesToMs(timeline.frames))}
        </span>
        <Tooltip title="Save this frame as a picture">
          <Button
            size="small"
            icon={<CameraOutlined aria-hidden />}
            aria-label="Save this frame as a picture"
            onClick={keepFrame}
          />
        </Tooltip>
        <Tooltip title="Whole screen (F)">
          <Button
            size="small"
            icon={<FullscreenOutlined aria-hidden />}
            aria-label="Whole screen"
            onClick={() => toggleWholeScreen(room.current)}
          />
        </Tooltip>
      </div>
    </section>
  );
}
