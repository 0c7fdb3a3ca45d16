import type { CheckName, Mark } from '../core/proof/proof.ts';
import { failureWords } from './failures.ts';

type Of<N extends CheckName> = Extract<Mark, { check: N }>;

const seconds = (ms: number): string => `${(ms / 1000).toFixed(1)} s`;

/** What each mark says. */
const WORDS: { [N in CheckName]: (m: Of<N>) => string } = {
  blank: ({ hint }) => `A blank is left: ${hint}.`,
  'no-picture': () => 'No picture yet.',
  'weak-picture': ({ confidence }) => `The picture is a weak match (${Math.round(confidence * 100)} of 100).`,
  'reading-speed': ({ speed, most }) =>
    `Too fast to read: ${speed.toFixed(0)} characters a second; above ${most} most viewers do not finish.`,
  'short-for-voice': ({ wantedMs, isMs }) =>
    `You wanted ${seconds(wantedMs)}, but the voice needs longer, so it takes ${seconds(isMs)}.`,
  credit: ({ title, wants }) =>
    wants === 'unknown'
      ? `“${title}”: nobody knows yet whether it may be used.`
      : `“${title}”: wants a name that is not given yet.`,
  'no-voice': ({ why }) => `It stays silent. ${failureWords(why)}`,
};

export const markWords = (m: Mark): string => (WORDS[m.check] as (m: Mark) => string)(m);

/** What the repair of a mark does; null where there is none. */
export const repairWords = (m: Mark): string | null => (m.repair ? (REPAIRS[m.check] ?? 'Mend it') : null);

const REPAIRS: Partial<Record<CheckName, string>> = {
  'reading-speed': 'Let it stand longer',
  'short-for-voice': 'Follow the voice',
  'no-voice': 'Make it silent',
};
