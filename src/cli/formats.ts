import { FORMATS, type Format, formatFrom, MOST_STRETCHED } from '../core/look/formats.ts';
import { UsageError } from './usage.ts';

/** The formats of a list like "9:16,3:2", each once. Throws UsageError for what is none. */
export const formatsIn = (list: string): Format[] => [
  ...new Set(
    list.split(',').map((text) => {
      const format = formatFrom(text);
      if (format) return format;
      throw new UsageError(
        `A format is ${FORMATS.join(', ')} or two other numbers like 3:2, neither more than ${MOST_STRETCHED} times the other; got “${text.trim()}”.`,
      );
    }),
  ),
];
