import { FORMATS, type Format, type OfferedFormat } from '../../core/look/formats.ts';

const LABELS: Record<OfferedFormat, string> = {
  '9:16': 'Tall 9:16',
  '4:5': 'Portrait 4:5',
  '1:1': 'Square 1:1',
  '16:9': 'Wide 16:9',
};

interface FormatOption {
  value: Format;
  label: string;
}

/** Formats to choose from. */
export const FORMAT_OPTIONS: FormatOption[] = FORMATS.map((value) => ({ value, label: LABELS[value] }));

const offeredLabel = (format: Format): string | undefined =>
  FORMAT_OPTIONS.find((o) => o.value === format)?.label;

/** The same by their proportions alone, where there is little room. */
export const SHORT_FORMATS = FORMATS.map((value) => ({ value, label: value }));

/** What a format is called. */
export const formatLabel = (format: Format): string => offeredLabel(format) ?? format;

/** Whether the application offers it itself. */
export const isOwnFormat = (format: Format): boolean => offeredLabel(format) === undefined;
