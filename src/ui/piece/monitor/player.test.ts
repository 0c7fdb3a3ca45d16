import { beforeEach, describe, expect, it } from 'vitest';
import { Typesetter } from '../../../core/look/typeset/typesetter.ts';
import { namedSources, recorder } from '../../../core/paint/testing.ts';
import { picture, piece, scene } from '../../../core/piece/testing.ts';
import { FPS } from '../../../core/time.ts';
import { compile } from '../../../core/timeline/compile.ts';
import type { AssetFact, Timeline } from '../../../core/timeline/types.ts';
import { settle } from '../../sync/testing.ts';
import type { BrowserSources } from './pictures.ts';
import { type Audio, Player } from './player.ts';
import type { Sound } from './sound.ts';

const fact: AssetFact = {
  ...{ id: 'p', kind: 'still', durationMs: 0, sound: false, loopFrames: 0 },
  views: { wide: { width: 1000, height: 1000, focal: [0.4, 0.4, 0.2, 0.2] } },
};
const timelineOf = (...seconds: number[]): Timeline =>
  compile(
    piece(seconds.map((s, i) => scene(`s${i}`, '', { durationMs: s * 1000, pictures: [picture('p')] }))),
    { takes: {}, tracks: {}, ownTracks: {}, assets: { p: fact } },
    new Typesetter((t) => t.length * 20),
  );

/** A browser in which time passes only when it is told to. */
function stage() {
  const audio = {
    currentTime: 100,
    outputLatency: 0,
    destination: {},
    resume: async () => undefined,
    close: async () => undefined,
    createBufferSource: () => {
      const source = {
        buffer: null,
        onended: null,
        connect() {},
        disconnect() {},
        start: source0,
        stop: () => stops++,
      };
      return source;
    },
  };
  let stops = 0;
  const starts: { when: number; from: number }[] = [];
  const source0 = (when: number, from: number) => void starts.push({ when, from });
  let due: (() => void) | null = null;
  let mixes: (() => Promise<unknown>) | null = null;
  const { ctx, calls } = recorder();
  const made = recorder();
  const pictures = {
    onLoaded: () => undefined,
    fetch: () => undefined,
    follow: () => undefined,
    ready: async () => undefined,
    dispose: () => undefined,
    ...namedSources,
  };
  const player = new Player({
    pictures: pictures as unknown as BrowserSources,
    sound: {
      mixOf: () => (mixes ? mixes() : Promise.resolve({})),
      dispose: () => undefined,
    } as unknown as Sound,
    openAudio: () => audio as unknown as Audio,
    newSurface: (size) => ({ surface: { ctx: made.ctx, ...size }, image: {} }),
    nextFrame(call) {
      due = call;
      return () => {
        due = null;
      };
    },
  });
  player.attach({ width: 540, height: 960, getContext: () => ctx } as unknown as HTMLCanvasElement);
  return {
    player,
    pictures,
    calls,
    made: made.calls,
    starts,
    stops: () => stops,
    latency: (s: number) => {
      audio.outputLatency = s;
    },
    mixWith: (work: () => Promise<unknown>) => {
      mixes = work;
    },
    /** Lets so many seconds of sound pass, and the screen draw. */
    pass(seconds: number) {
      audio.currentTime += seconds;
      const call = due;
      due = null;
      call?.();
    },
    waits: () => due !== null,
  };
}

let s: ReturnType<typeof stage>;
beforeEach(() => {
  s = stage();
  s.player.setTimeline(timelineOf(2, 3));
});
const START_DELAY = 0.04;

describe('playing', () => {
  it('shows the frame that is heard: the clock is that of the sound', async () => {
    await s.player.play();
    expect(s.player.view.phase).toBe('playing');
    expect(s.starts).toEqual([{ when: 100 + START_DELAY, from: 0 }]);
    s.pass(START_DELAY + 1.001);
    expect(s.player.view.frame).toBe(FPS);
    s.pass(1);
    expect(s.player.view.frame).toBe(2 * FPS);
  });

  it('takes off what the sound needs to the loudspeaker', async () => {
    s.latency(0.2);
    await s.player.play();
    s.pass(START_DELAY + 1.201);
    expect(s.player.view.frame).toBe(FPS);
  });

  it('stops at the end, and begins anew from there', async () => {
    await s.player.play(4 * FPS);
    expect(s.starts[0]?.from).toBe(4);
    s.pass(START_DELAY + 1.1);
    expect(s.player.view).toMatchObject({ phase: 'paused', frame: 5 * FPS - 1 });
    expect(s.stops()).toBe(1);
    expect(s.waits()).toBe(false);
    await s.player.play();
    expect(s.starts[1]?.from).toBe(0);
  });

  it('pauses where it is and goes on from there', async () => {
    await s.player.play();
    s.pass(START_DELAY + 1.5);
    s.player.toggle();
    expect(s.player.view).toEqual({ phase: 'paused', frame: 45, error: null });
    s.player.toggle();
    await settle();
    expect(s.starts[1]?.from).toBe(1.5);
  });

  it('goes on from another place while it plays', async () => {
    await s.player.play();
    s.pass(START_DELAY + 0.5);
    s.player.seek(90.4);
    await settle();
    expect(s.player.view).toMatchObject({ phase: 'playing', frame: 90 });
    expect(s.starts.map((x) => x.from)).toEqual([0, 3]);
    expect(s.stops()).toBe(1);
  });

  it('is not started any more by a mix that comes after it was paused', async () => {
    let ready: (b: unknown) => void = () => undefined;
    s.mixWith(
      () =>
        new Promise((r) => {
          ready = r;
        }),
    );
    const playing = s.player.play();
    await settle();
    expect(s.player.view.phase).toBe('preparing');
    s.player.pause();
    ready({});
    await playing;
    expect(s.player.view.phase).toBe('paused');
    expect(s.starts).toEqual([]);
  });

  it('says why there is no sound, and forgets it at the next try', async () => {
    s.mixWith(() => Promise.reject(new Error('The sound cannot be read.')));
    await s.player.play();
    expect(s.player.view).toMatchObject({ phase: 'paused', error: 'The sound cannot be read.' });
    s.mixWith(() => Promise.resolve({}));
    await s.player.play();
    expect(s.player.view).toMatchObject({ phase: 'playing', error: null });
  });
});

describe('standing', () => {
  it('shows a scene with all its words, and plays it from its start', async () => {
    s.player.showScene('s1');
    expect(s.player.view.frame).toBe(5 * FPS - 6);
    await s.player.play();
    expect(s.starts[0]?.from).toBe(2);
  });

  it('keeps the shown scene when the piece changes before it', () => {
    s.player.showScene('s1');
    s.player.setTimeline(timelineOf(4, 3));
    expect(s.player.view.frame).toBe(7 * FPS - 6);
  });

  it('stays inside a piece that became shorter', () => {
    s.player.seek(4 * FPS);
    s.player.setTimeline(timelineOf(1, 1));
    expect(s.player.view.frame).toBe(2 * FPS - 1);
    s.player.seek(10_000);
    expect(s.player.view.frame).toBe(2 * FPS - 1);
    s.player.seek(-5);
    expect(s.player.view.frame).toBe(0);
  });

  it('draws again when a picture has come, and not for nothing', () => {
    const before = s.calls.length;
    s.player.hold(null);
    expect(s.calls.length).toBe(before);
    s.pictures.onLoaded();
    expect(s.calls.length).toBeGreaterThan(before);
  });

  it('holds a picture in the frame that is being set', () => {
    const crop = { x: 11, y: 22, width: 333, height: 592 };
    s.player.hold({ sceneId: 's0', slot: 0, crop });
    const last = s.made.findLast((c) => c.name === 'drawImage');
    expect(last?.args.slice(1, 5)).toEqual([11, 22, 333, 592]);
  });

  it('tells nobody what did not change', () => {
    let told = 0;
    s.player.subscribe(() => told++);
    s.player.seek(30);
    s.player.seek(30);
    expect(told).toBe(1);
  });
});
