'use client';

import { Button, InputNumber, Progress, Radio, Select, Slider, Switch } from 'antd';
import type { ShelfEntryView } from '../../../../api/shelf.ts';
import { setClip } from '../../../../core/piece/placements.ts';
import { type ClipPart, type Placement, type Scene, WHOLE_CLIP } from '../../../../core/piece/types.ts';
import { FPS, type Frames, framesToSeconds } from '../../../../core/time.ts';
import { clipOf } from '../../../../core/timeline/shots.ts';
import { usePiece, useTimelineNow } from '../../context.ts';

const SPEEDS = [0.25, 0.5, 0.75, 1, 1.25, 1.5, 2, 3, 4];

/** Part, speed and end of a clip, on its film strip. */
export function ClipTool({
  scene,
  slot,
  entry,
  placement,
}: {
  scene: Scene;
  slot: number;
  entry: ShelfEntryView;
  placement: Placement;
}) {
  const { apply } = usePiece();
  const timeline = useTimelineNow();
  const part = placement.clip ?? WHOLE_CLIP;
  const set = (change: Partial<ClipPart>) => {
    const next = { ...part, ...change };
    apply(setClip(scene, slot, JSON.stringify(next) === JSON.stringify(WHOLE_CLIP) ? null : next));
  };
  const outMs = part.outMs ?? entry.durationMs;
  const shot = timeline.scenes.find((s) => s.sceneId === scene.id)?.shots[slot];
  const have = clipOf(part, entry).frames;
  const wanted = shot?.run ?? 0;
  const seconds = (frames: Frames) => framesToSeconds(frames).toFixed(1);
  const least = Math.round(1000 / FPS);
  return (
    <div className="clip-tool">
      {entry.clip && entry.clip.done < 1 && (
        <div role="status" className="clip-tool__making">
          {entry.clip.failed ??
            `A light copy for playing is being made; until then ${entry.clip.direct ? 'the file itself is played, and going to a moment takes longer' : 'a still stands in the monitor'}.`}
          {!entry.clip.failed && (
            <Progress
              percent={Math.round(entry.clip.done * 100)}
              size="small"
              aria-label="Copy for playing"
            />
          )}
        </div>
      )}
      <div className="film-strip">
        <div className="film-strip__pictures" aria-hidden>
          {stripCells(entry).map((at) => (
            <span
              key={at}
              style={{
                backgroundImage: `url(${entry.clip?.strip ?? ''})`,
                backgroundSize: `${STRIP_PICTURES * 100}% 100%`,
                backgroundPosition: `${(at / (STRIP_PICTURES - 1)) * 100}% 0`,
              }}
            />
          ))}
        </div>
        <Slider
          range
          min={0}
          max={entry.durationMs}
          step={least}
          value={[part.inMs, outMs]}
          ariaLabelForHandle={['First moment of the part', 'Last moment of the part']}
          tooltip={{ formatter: (v) => clock(v ?? 0) }}
          onChange={([from = 0, to = entry.durationMs]) => {
            const inMs = Math.min(from, entry.durationMs - least);
            set({ inMs, outMs: to >= entry.durationMs ? null : Math.max(inMs + least, to) });
          }}
        />
      </div>
      <div className="tools__line">
        <span className="clip-tool__time">
          From
          <InputNumber
            aria-label="From, seconds"
            size="small"
            min={0}
            max={entry.durationMs / 1000}
            step={0.1}
            precision={2}
            suffix="s"
            value={part.inMs / 1000}
            onChange={(v) =>
              v !== null && set({ inMs: Math.min(Math.round(v * 1000), Math.max(0, outMs - least)) })
            }
          />
        </span>
        <span className="clip-tool__time">
          To
          <InputNumber
            aria-label="To, seconds"
            size="small"
            min={0}
            max={entry.durationMs / 1000}
            step={0.1}
            precision={2}
            suffix="s"
            value={outMs / 1000}
            onChange={(v) => v !== null && set({ outMs: Math.max(part.inMs + least, Math.round(v * 1000)) })}
          />
        </span>
        <span className="clip-tool__time">
          Speed
          <Select
            aria-label="Speed"
            size="small"
            value={part.speed}
            onChange={(speed) => set({ speed })}
            options={SPEEDS.map((v) => ({ value: v, label: `${v} ×` }))}
          />
        </span>
      </div>
      {wanted > have ? (
        <>
          <p className="tools__note" role="status">
            The scene lasts {seconds(wanted)} s, this part {seconds(have)} s:{' '}
            {part.end === 'loop' ? 'it begins again.' : 'its last picture stands.'}
          </p>
          <Radio.Group
            aria-label="When the part is over"
            value={part.end}
            onChange={(e) => set({ end: e.target.value })}
            options={[
              { value: 'loop', label: 'Begin again' },
              { value: 'hold', label: 'Last picture stands' },
            ]}
          />
        </>
      ) : (
        <p className="tools__note">
          {seconds(wanted)} s of this part&rsquo;s {seconds(have)} s are seen.
        </p>
      )}
      {entry.sound && (
        <div className="tools__line">
          <span className="clip-tool__time">
            <Switch
              aria-label="Its own sound"
              size="small"
              checked={part.gainDb !== null}
              onChange={(on) => set({ gainDb: on ? -12 : null })}
            />
            Its own sound
          </span>
          {part.gainDb !== null && (
            <Slider
              className="frame-tool__zoom"
              ariaLabelForHandle="Level of its own sound"
              min={-40}
              max={12}
              value={part.gainDb}
              tooltip={{ formatter: (v) => `${v} dB` }}
              onChange={(gainDb) => set({ gainDb })}
            />
          )}
        </div>
      )}
      <Button size="small" disabled={!placement.clip} onClick={() => apply(setClip(scene, slot, null))}>
        The whole clip
      </Button>
    </div>
  );
}

/** Pictures in a strip as the server makes it, and its size on the screen. */
const STRIP_PICTURES = 40;
const STRIP_WIDTH = 370;
const STRIP_HEIGHT = 64;

/** The pictures of the strip that have room side by side, evenly over the clip. */
function stripCells(entry: ShelfEntryView): number[] {
  const view = Object.values(entry.views)[0];
  const ratio = view ? view.width / view.height : 1;
  const count = Math.max(3, Math.min(STRIP_PICTURES, Math.round(STRIP_WIDTH / (STRIP_HEIGHT * ratio))));
  return Array.from({ length: count }, (_, i) => Math.round(((i + 0.5) / count) * STRIP_PICTURES - 0.5));
}

function clock(ms: number): string {
  const s = ms / 1000;
  return `${Math.floor(s / 60)}:${(s % 60).toFixed(1).padStart(4, '0')}`;
}
