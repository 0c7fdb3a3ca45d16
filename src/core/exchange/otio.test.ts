import { describe, expect, it } from 'vitest';
import { picture, piece, scene } from '../piece/testing.ts';
import { newBed } from '../piece/types.ts';
import { msToSamples } from '../time.ts';
import { compile } from '../timeline/compile.ts';
import { takeKey, trackKey } from '../timeline/keys.ts';
import { setter } from '../timeline/testing.ts';
import type { AssetFact, Facts } from '../timeline/types.ts';
import { otioTimeline } from './otio.ts';

const asset = (id: string): AssetFact => ({
  ...{ id, kind: 'still', durationMs: 0, sound: false, loopFrames: 0 },
  views: { tall: { width: 1080, height: 1920, focal: [0.3, 0.4, 0.4, 0.3] } },
});
const p = piece(
  [
    scene('a', 'The gate opens.', { pictures: [picture('p')] }),
    scene('b', 'Trams roll out.', { pictures: [picture('q'), picture('r')], durationMs: 5000 }),
    scene('c', 'Nobody is late.', { durationMs: 2000, spoken: '' }),
  ],
  {
    title: 'Gate',
    beds: [newBed('m', { kind: 'composed', mood: 'easy', seed: 1 })],
    transition: { kind: 'dissolve', lengthMs: 400 },
  },
);
const key = takeKey('The gate opens.', p.voice);
const base: Facts = {
  takes: { [key]: { key, samples: msToSamples(1500), words: [] } },
  assets: Object.fromEntries(['p', 'q', 'r'].map((id) => [id, asset(id)])),
  ...{ tracks: {}, ownTracks: {} },
};
const lengthMs = compile(p, base, setter()).sound.beds[0]?.wanted.lengthMs ?? 0;
const track = trackKey({ kind: 'composed', mood: 'easy', seed: 1 }, lengthMs);
const timeline = compile(
  p,
  { ...base, tracks: { [track]: { key: track, samples: msToSamples(lengthMs), bars: [] } } },
  setter(),
);

interface Node {
  OTIO_SCHEMA: string;
  name: string;
  kind?: string;
  children: Node[];
  markers: Node[];
  source_range: { start_time: { value: number; rate: number }; duration: { value: number; rate: number } };
  media_reference: { OTIO_SCHEMA: string; target_url?: string };
  out_offset: { value: number };
  tracks: Node;
}
const made = otioTimeline(p, timeline, {
  picture: (id) => (id === 'r' ? null : { title: `Picture ${id}`, file: `media/${id}.webp` }),
  take: (k) => `media/${k}.wav`,
  track: (k) => `media/${k}.flac`,
}) as unknown as Node;
const [pictures, voice, music] = made.tracks.children as [Node, Node, Node];
const lasts = (t: Node) =>
  t.children
    .filter((c) => c.OTIO_SCHEMA !== 'Transition.1')
    .reduce((n, c) => n + c.source_range.duration.value, 0);

describe('the time line in an open form', () => {
  it('has every frame once, in pictures without holes', () => {
    expect(made.OTIO_SCHEMA).toBe('Timeline.1');
    expect(lasts(pictures)).toBe(timeline.frames);
    expect(pictures.children.filter((c) => c.OTIO_SCHEMA === 'Clip.1').map((c) => c.name)).toEqual([
      'Picture p',
      'Picture q',
      '',
    ]);
    expect(pictures.children.at(-1)?.OTIO_SCHEMA).toBe('Gap.1');
  });

  it('says where pictures are, and which are missing', () => {
    const clips = pictures.children.filter((c) => c.OTIO_SCHEMA === 'Clip.1');
    expect(clips[0]?.media_reference.target_url).toBe('media/p.webp');
    expect(clips[2]?.media_reference.OTIO_SCHEMA).toBe('MissingReference.1');
  });

  it('has transitions between two items only, as long as they are', () => {
    pictures.children.forEach((c, i) => {
      if (c.OTIO_SCHEMA !== 'Transition.1') return;
      const [before, after] = [pictures.children[i - 1], pictures.children[i + 1]];
      expect(before && before.OTIO_SCHEMA !== 'Transition.1').toBe(true);
      expect(after && c.out_offset.value <= after.source_range.duration.value).toBe(true);
    });
    expect(pictures.children.some((c) => c.OTIO_SCHEMA === 'Transition.1')).toBe(true);
  });

  it('has voice and music where they are heard, to the sample', () => {
    expect(voice.kind).toBe('Audio');
    expect(voice.children.map((c) => c.OTIO_SCHEMA)).toEqual(['Gap.1', 'Clip.1']);
    expect(voice.children[0]?.source_range.duration.value).toBe(timeline.scenes[0]?.voice?.start);
    expect(voice.children[1]?.source_range.duration).toMatchObject({
      value: msToSamples(1500),
      rate: 48_000,
    });
    expect(lasts(music)).toBe(timeline.sound.samples);
  });

  it('has the words as markers', () => {
    expect(made.tracks.markers.map((m) => m.name)).toEqual(p.scenes.map((s) => s.shown));
  });
});
