import type { PaintPlan } from '../api/shelf.ts';
import type { Light, Stage } from '../core/match/order.ts';

export const LIGHT_LABELS: Record<Light, string> = {
  dawn: 'in the morning',
  noon: 'by day',
  dusk: 'in the evening',
  night: 'at night',
  rain: 'in the rain',
  autumn: 'in autumn',
  lamplit: 'by lamplight',
  kitchen: 'in bright rooms',
};

export const STAGE_LABELS: Record<Stage, string> = {
  table: 'on a table',
  sill: 'at a window',
  sheets: 'on coloured paper',
  hill: 'on a hill',
  above: 'seen from above',
};

/** What will be painted: "An hourglass, at a window, in the evening". */
export const planWords = ({ title, thing, order }: Pick<PaintPlan, 'title' | 'thing' | 'order'>): string =>
  [title, thing ? STAGE_LABELS[order.stage] : '', LIGHT_LABELS[order.light]].filter(Boolean).join(', ');
