import type { FitStep, FitWay } from '../core/timeline/fit-length.ts';

const WAYS: Record<FitWay, string> = {
  'own-lengths': 'Lengths that were set by hand follow the voice',
  pauses: 'Other pauses',
  pace: 'Another pace',
  'leave-out': 'Leave out what is needed least',
  hold: 'Hold the rows a little',
};
export const fitWayWords = (way: FitWay): string => WAYS[way];

const times = (n: number) => n.toFixed(2).replace(/0$/, '');

/** What a step towards another length does. */
export function fitStepWords(step: FitStep): string {
  switch (step.way) {
    case 'own-lengths':
      return step.scenes === 1 ? 'In one row.' : `In ${step.scenes} rows.`;
    case 'pauses':
      return `Pauses of the voice times ${times(step.to)} instead of ${times(step.from)}.`;
    case 'pace':
      return `The voice at ${times(step.to)} instead of ${times(step.from)}.`;
    case 'leave-out': {
      const words = step.shown.length > 60 ? `${step.shown.slice(0, 57).trimEnd()} …` : step.shown;
      return step.shared === 0
        ? `“${words}” None of its words comes back elsewhere.`
        : `“${words}” Only ${step.shared} of its ${step.of} words come back elsewhere.`;
    }
    case 'hold':
      return `${step.scenes === 1 ? 'One row stands' : `${step.scenes} rows stand`} ${(step.eachMs / 1000).toFixed(1)} s longer than their voice.`;
    default:
      return step satisfies never;
  }
}
