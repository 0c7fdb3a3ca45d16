/** Parts of a track: how thinly or fully the band plays. */
export type PartName = 'intro' | 'verse' | 'lift' | 'ending';

/** A part, in whole bars from the start of the track. */
export interface FormPart {
  name: PartName;
  start: number;
  bars: number;
}

/** Tracks of fewer bars are one verse; bars of intro and ending; about how long a verse with its lift is. */
const FORM = {
  least: 7,
  intro: 2,
  longIntro: 4,
  longFrom: 24,
  ending: 2,
  shortEnding: 1,
  round: 16,
} as const;

/**
 * The form for so many bars before the closing chord: an intro, verses that each lead to a lift, an ending. The last lift
 * leads to the ending; a short track has one round, a very short one is a verse alone.
 */
export function formOf(bars: number): FormPart[] {
  if (bars < FORM.least) return bars > 0 ? [{ name: 'verse', start: 0, bars }] : [];
  const intro = bars >= FORM.longFrom ? FORM.longIntro : FORM.intro;
  const ending = bars >= FORM.least + 2 ? FORM.ending : FORM.shortEnding;
  const parts: [PartName, number][] = [['intro', intro]];
  const middle = bars - intro - ending;
  const rounds = Math.max(1, Math.round(middle / FORM.round));
  for (let r = 0; r < rounds; r++) {
    // Rounds begin with whole phrases as far as they can.
    const from = phrase((middle * r) / rounds, middle);
    const to = r === rounds - 1 ? middle : phrase((middle * (r + 1)) / rounds, middle);
    const lift = liftOf(to - from);
    parts.push(['verse', to - from - lift], ['lift', lift]);
  }
  parts.push(['ending', ending]);
  let start = 0;
  return parts
    .filter(([, n]) => n > 0)
    .map(([name, n]) => {
      const part = { name, start, bars: n };
      start += n;
      return part;
    });
}

/** Bars of the lift of a round: about half, after whole phrases of verse where there is room for them. */
const liftOf = (round: number): number =>
  round < 12 ? Math.min(round - 1, 2 * Math.max(1, Math.floor(round / 4))) : round - phrase(round / 2, round);

/** The nearest multiple of four bars, within what there is. */
const phrase = (bar: number, most: number): number => Math.min(most, Math.round(bar / 4) * 4);

/** The part in which a bar lies. */
export const partAt = (form: readonly FormPart[], bar: number): FormPart | null =>
  form.findLast((p) => p.start <= bar) ?? null;
