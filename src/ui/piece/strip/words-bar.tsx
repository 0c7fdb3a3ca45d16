'use client';

import { REVEALS } from '../../../core/look/reveals.ts';
import { LIMITS } from '../../../core/piece/limits.ts';
import { styleScenes } from '../../../core/piece/style.ts';
import { type Frames, framesToMs } from '../../../core/time.ts';
import type { TimelineScene, WordsBlock } from '../../../core/timeline/types.ts';
import { usePiece } from '../context.ts';
import { useDrag } from './use-drag.ts';

type End = 'comes' | 'rest' | 'gone';

/** Frames of the scene: when its words would come without a delay, when they come, and their small part, when they go, and where words are said. */
function timesOf({ pages, reveal, standing }: WordsBlock) {
  const said = pages.flatMap((p) => p.lines.flatMap((l) => l.words.map((w) => w.start)));
  const withVoice = REVEALS[reveal.kind].withVoice && !standing;
  const first = withVoice ? Math.min(...said) : 0;
  const comes = first + reveal.delay;
  const hasRest = pages.some((p) => p.lines.some((l) => l.part === 'rest'));
  return {
    first,
    comes,
    rest: hasRest ? comes + reveal.restDelay : null,
    gone: pages.at(-1)?.end ?? 0,
    said,
  };
}

/**
 * From when to when the words of a scene are seen; both ends and the beginning of their small part can be drawn, and twice clicked they are as the look has it. Who
 * has no pointer, and who wants a figure, has both in the Look pass. width: of the strip, pixels.
 */
export function WordsBar({
  sceneId,
  placed,
  words,
  total,
  width,
}: {
  sceneId: string;
  placed: Pick<TimelineScene, 'start' | 'end'>;
  words: WordsBlock;
  total: Frames;
  width: number;
}) {
  const { apply, store } = usePiece();
  const drag = useDrag(total / width);
  const { first, comes, rest, gone, said } = timesOf(words);
  const length = placed.end - placed.start;
  const share = (frames: Frames) => `${((placed.start + frames) / total) * 100}%`;
  const set = (end: End, frame: Frames | null) => {
    const ms = (frames: Frames) => Math.min(LIMITS.revealMs, Math.round(framesToMs(frames)));
    const after = (from: Frames) => (frame === null ? null : ms(Math.max(0, frame - from)));
    const change =
      end === 'comes'
        ? { delayMs: after(first) }
        : end === 'rest'
          ? { restDelayMs: after(comes) }
          : { goneMs: frame === null || frame >= length ? null : ms(length - frame) };
    // The strip is a moment behind: the other end may just have been set.
    const now = store.state.doc.scenes.filter((s) => s.id === sceneId);
    apply(styleScenes(now, change, frame === null ? null : `drag-${end}`));
  };
  const handle = (end: End, at: Frames, title: string) => (
    <span
      className={`strip__words-end strip__words-end--${end}`}
      aria-hidden
      title={title}
      {...drag(
        at,
        [...said, length],
        (frame) => set(end, Math.min(length, Math.max(0, frame))),
        () => set(end, null),
      )}
    />
  );
  return (
    <span
      className="strip__words-bar"
      aria-hidden
      style={{ left: share(Math.min(comes, gone)), width: `${(Math.max(1, gone - comes) / total) * 100}%` }}
    >
      {handle('comes', comes, 'Drag to where the words come; double-click for the look’s own time')}
      {rest !== null && (
        <span
          className="strip__words-part"
          style={{ left: `${((rest - comes) / Math.max(1, gone - comes)) * 100}%` }}
        >
          {handle(
            'rest',
            rest,
            'Drag to where the small part comes; double-click to have it come with the rest',
          )}
        </span>
      )}
      {handle('gone', gone, 'Drag to where the words go; double-click to keep them to the end')}
    </span>
  );
}
