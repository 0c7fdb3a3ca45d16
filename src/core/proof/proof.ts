import { blank } from './checks/blank.ts';
import { credit } from './checks/credit.ts';
import { legible } from './checks/legible.ts';
import { noPicture } from './checks/no-picture.ts';
import { noVoice } from './checks/no-voice.ts';
import { onHead } from './checks/on-head.ts';
import { readingSpeed } from './checks/reading-speed.ts';
import { shortForVoice } from './checks/short-for-voice.ts';
import { weakPicture } from './checks/weak-picture.ts';
import type { Check, ProofFacts, ProofInput, Weight } from './types.ts';

/** Everything that is looked for, in the order in which it is shown. */
const CHECKS = {
  blank,
  'no-picture': noPicture,
  'weak-picture': weakPicture,
  'reading-speed': readingSpeed,
  legible,
  'on-head': onHead,
  'short-for-voice': shortForVoice,
  credit,
  'no-voice': noVoice,
} satisfies Record<string, Check<never> | Check>;

export type CheckName = keyof typeof CHECKS;

type FindingOf<C> = C extends Check<infer F> ? F : never;

/** One thing that is wrong or doubtful: its kind, its figures, its place, and its repair as an edit where there is one. */
export type Mark = {
  [N in CheckName]: FindingOf<(typeof CHECKS)[N]> & { check: N; weight: Weight; pass: string };
}[CheckName];

/** Everything that is wrong or doubtful with a piece. Pure: the same input gives the same marks. */
export function check(
  piece: ProofInput['piece'],
  timeline: ProofInput['timeline'],
  facts: ProofFacts,
): Mark[] {
  return (Object.keys(CHECKS) as CheckName[]).flatMap((name) => {
    const { weight, pass, find } = CHECKS[name] as Check;
    return find({ piece, timeline, facts }).map((f) => ({ ...f, check: name, weight, pass }) as Mark);
  });
}
