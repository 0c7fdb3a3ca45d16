/** Over what time photos were taken: one morning, afternoon, evening, day, a few days, or longer. */
export type PhotoSpan = 'morning' | 'afternoon' | 'evening' | 'day' | 'few-days' | 'longer';

const FEW_DAYS_MS = 4 * 86_400_000;
/** An evening goes on past midnight. */
const NIGHT_ENDS_HOUR = 4;

/** times: as cameras write them, local, "2026-11-19T18:02:11"; null when a photo does not say. null: none says. */
export function photoSpan(times: readonly (string | null)[]): PhotoSpan | null {
  const known = times
    .flatMap((t) => (t ? [Date.parse(`${t.slice(0, 19)}Z`)] : []))
    .filter((t) => !Number.isNaN(t));
  if (!known.length || known.length * 2 < times.length) return null;
  const [first, last] = [Math.min(...known), Math.max(...known)];
  // A day ends when the night does.
  const shifted = (t: number) => new Date(t - NIGHT_ENDS_HOUR * 3_600_000);
  const day = (t: number) => shifted(t).toISOString().slice(0, 10);
  if (day(first) !== day(last)) return last - first < FEW_DAYS_MS ? 'few-days' : 'longer';
  const hour = (t: number) => shifted(t).getUTCHours() + NIGHT_ENDS_HOUR;
  const [from, to] = [hour(first), hour(last)];
  if (from >= 16) return 'evening';
  if (to < 12) return 'morning';
  if (from >= 12 && to < 18) return 'afternoon';
  return 'day';
}
