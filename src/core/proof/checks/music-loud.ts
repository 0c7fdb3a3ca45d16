import { changeBed } from '../../piece/music.ts';
import { levelsOf, MIX } from '../../sound/mix.ts';
import { SAMPLES_PER_FRAME } from '../../time.ts';
import type { Check, Finding } from '../types.ts';

export interface MusicLoudFinding extends Finding {
  /** How far the music lies under the voice, LU. */
  underLu: number;
}

/** How far music has to lie under a voice at least, LU. */
const LEAST = 10;

/** Music covers the voice. Mended by the level that the mixer finds right. */
export const musicLoud: Check<MusicLoudFinding> = {
  weight: 'look',
  pass: 'music',
  find({ piece, timeline }) {
    return timeline.sound.beds.flatMap((bed) => {
      const { under, carved } = levelsOf(bed);
      const track = MIX.trackLufs + MIX.carveLu * (1 - carved);
      const underLu = Math.round((MIX.takeLufs - track - under) * 10) / 10;
      const end = bed.start + bed.length;
      const spoken = timeline.sound.speech.some(([from, to]) => from < end && to > bed.start);
      if (!spoken || underLu >= LEAST) return [];
      const at =
        timeline.scenes.findLast((s) => s.start * SAMPLES_PER_FRAME <= bed.start) ?? timeline.scenes[0];
      if (!at) return [];
      const repair = changeBed(piece, bed.bedId, { gainDb: 0, duckDb: null }, 'music-level');
      return [{ sceneId: at.sceneId, underLu, repair }];
    });
  },
};
