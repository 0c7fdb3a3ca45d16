import { type Interval, textGrid } from '../../core/exchange/textgrid.ts';
import { type Piece, spokenOf, voiceIn } from '../../core/piece/types.ts';
import { framesToMs, samplesToMs } from '../../core/time.ts';
import type { Facts, Timeline } from '../../core/timeline/types.ts';
import { soundsOf } from '../speech/reference.ts';

/** What is said when: scenes, words, and the sounds of words in IPA, as a TextGrid of the whole piece. */
export async function soundsGrid(
  piece: Piece,
  timeline: Timeline,
  facts: Pick<Facts, 'takes'>,
): Promise<string> {
  const scenes: Interval[] = [];
  const words: Interval[] = [];
  const sounds: Interval[] = [];
  for (const [i, { start, end, voice }] of timeline.scenes.entries()) {
    const scene = piece.scenes[i];
    if (!scene) continue;
    scenes.push({ startMs: framesToMs(start), endMs: framesToMs(end), text: scene.shown });
    const take = voice && facts.takes[voice.key];
    if (!voice || !take) continue;
    const text = spokenOf(scene).replace(/\s+/g, ' ').trim();
    const at = samplesToMs(voice.start);
    const moved = (startMs: number, endMs: number, said: string): Interval => ({
      startMs: Math.round(at + startMs),
      endMs: Math.round(at + endMs),
      text: said,
    });
    for (const w of take.words) words.push(moved(w.startMs, w.endMs, text.slice(w.start, w.end)));
    for (const s of await soundsOf(take.words, text, voiceIn(piece, scene), piece.says))
      sounds.push(moved(s.startMs, s.endMs, s.sound));
  }
  return textGrid(
    [
      { name: 'scenes', intervals: scenes },
      { name: 'words', intervals: words },
      { name: 'sounds', intervals: sounds },
    ],
    framesToMs(timeline.frames),
  );
}
