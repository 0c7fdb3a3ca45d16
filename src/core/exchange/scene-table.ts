import { type Piece, spokenOf, voiceIn } from '../piece/types.ts';
import { framesToMs } from '../time.ts';
import type { Timeline } from '../timeline/types.ts';

/** A scene as a row of a table; times in seconds. */
export interface SceneRow {
  scene: number;
  start: number;
  length: number;
  layout: string;
  shown: string;
  spoken: string;
  speaker: string;
  voice: string;
  pictures: string;
  credits: string;
}

const seconds = (ms: number): number => Math.round(ms) / 1000;

/** The scenes of a piece with their times, words, voices and pictures. */
export function sceneTable(
  piece: Piece,
  timeline: Timeline,
  titleOf: (assetId: string) => { title: string; credit: string } | undefined,
): SceneRow[] {
  return piece.scenes.map((scene, i): SceneRow => {
    const at = timeline.scenes[i];
    const pictures = scene.pictures.flatMap((p) => titleOf(p.assetId) ?? []);
    return {
      scene: i + 1,
      start: seconds(framesToMs(at?.start ?? 0)),
      length: seconds(framesToMs((at?.end ?? 0) - (at?.start ?? 0))),
      layout: scene.layout,
      shown: scene.shown,
      spoken: spokenOf(scene),
      speaker: scene.speaker ?? '',
      voice: scene.narration.kind === 'take' ? 'recorded' : voiceIn(piece, scene).name,
      pictures: pictures.map((p) => p.title).join('; '),
      credits: pictures.flatMap((p) => p.credit || []).join('; '),
    };
  });
}
