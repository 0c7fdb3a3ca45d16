import { blank } from './checks/blank.ts';
import { clipped } from './checks/clipped.ts';
import { comment } from './checks/comment.ts';
import { credit } from './checks/credit.ts';
import { doubleWord } from './checks/double-word.ts';
import { emptyScene } from './checks/empty-scene.ts';
import { flashing } from './checks/flashing.ts';
import { leftover } from './checks/leftover.ts';
import { legible } from './checks/legible.ts';
import { machineMade } from './checks/machine-made.ts';
import { musicLoud } from './checks/music-loud.ts';
import { noAlternative } from './checks/no-alternative.ts';
import { noPicture } from './checks/no-picture.ts';
import { noVoice } from './checks/no-voice.ts';
import { offTarget } from './checks/off-target.ts';
import { onHead } from './checks/on-head.ts';
import { otherLanguage } from './checks/other-language.ts';
import { outsideSafe } from './checks/outside-safe.ts';
import { overDestination } from './checks/over-destination.ts';
import { readingSpeed } from './checks/reading-speed.ts';
import { repeatedLine } from './checks/repeated-line.ts';
import { repeatedPicture } from './checks/repeated-picture.ts';
import { shortForVoice } from './checks/short-for-voice.ts';
import { silence } from './checks/silence.ts';
import { slowOpening } from './checks/slow-opening.ts';
import { smallPicture } from './checks/small-picture.ts';
import { spelling } from './checks/spelling.ts';
import { subjectCut } from './checks/subject-cut.ts';
import { untranslated } from './checks/untranslated.ts';
import { voiceDiffers } from './checks/voice-differs.ts';
import { weakPicture } from './checks/weak-picture.ts';
import type { Check, ProofFacts, ProofInput, Weight } from './types.ts';
import { waiverOf } from './waive.ts';

/** Everything that is looked for, in the order in which it is shown. */
const CHECKS = {
  comment,
  blank,
  leftover,
  spelling,
  'double-word': doubleWord,
  'repeated-line': repeatedLine,
  'empty-scene': emptyScene,
  'no-picture': noPicture,
  'weak-picture': weakPicture,
  'reading-speed': readingSpeed,
  legible,
  'on-head': onHead,
  'outside-safe': outsideSafe,
  'repeated-picture': repeatedPicture,
  'small-picture': smallPicture,
  'subject-cut': subjectCut,
  'slow-opening': slowOpening,
  'off-target': offTarget,
  'over-destination': overDestination,
  flashing,
  'short-for-voice': shortForVoice,
  'voice-differs': voiceDiffers,
  silence,
  'music-loud': musicLoud,
  clipped,
  untranslated,
  credit,
  'no-alternative': noAlternative,
  'machine-made': machineMade,
  'no-voice': noVoice,
  'other-language': otherLanguage,
} satisfies Record<string, Check<never> | Check>;

export type CheckName = keyof typeof CHECKS;

type FindingOf<C> = C extends Check<infer F> ? F : never;

/** One thing that is wrong or doubtful: its kind, its figures, its place, and its repair as an edit where there is one. */
export type Mark = {
  [N in CheckName]: FindingOf<(typeof CHECKS)[N]> & {
    check: N;
    weight: Weight;
    pass: string;
    /** Why the writer leaves it as it is, which may be empty; null while it is open. */
    waived: string | null;
  };
}[CheckName];

/** Everything that is wrong or doubtful with a piece. Pure: the same input gives the same marks. */
export function check(
  piece: ProofInput['piece'],
  timeline: ProofInput['timeline'],
  facts: ProofFacts,
): Mark[] {
  return (Object.keys(CHECKS) as CheckName[]).flatMap((name) => {
    const { weight, pass, find } = CHECKS[name] as Check;
    return find({ piece, timeline, facts }).map((f) => {
      const waived = waiverOf(piece, { check: name, sceneId: f.sceneId });
      return { ...f, check: name, weight, pass, waived } as Mark;
    });
  });
}
