import type { Format } from '../../core/look/formats.ts';

const LABELS: Record<Format, string> = {
  '9:16': 'Tall 9:16',
  '4:5': 'Portrait 4:5',
  '1:1': 'Square 1:1',
  '16:9': 'Wide 16:9',
};

/** Formats to choose from. */
export const FORMAT_OPTIONS = (Object.keys(LABELS) as Format[]).map((value) => ({
  value,
  label: LABELS[value],
}));
