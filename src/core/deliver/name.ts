import { filledPattern } from '../text/pattern.ts';
import { type DeliveryKindName, deliveryKind } from './kinds.ts';

/** What can stand in the name of a delivery. */
export const NAME_PARTS = ['title', 'format', 'lines', 'language', 'date'] as const;

/** What a delivery is called when nobody has said. */
const AS_EVER = '{title} {format} {lines} {language}';

/** Letters of a title that every file system takes. */
export const plainName = (text: string): string =>
  text
    .replace(/[^\p{L}\p{N} _-]+/gu, '')
    .replace(/\s+/g, ' ')
    .trim()
    .slice(0, 80) || 'video';

/** The name of a delivery's file, from its pattern. date: of the render, as year-month-day. */
export function deliveryName(
  pattern: string,
  of: {
    title: string;
    format: string;
    height: number;
    language: string | null;
    kind: DeliveryKindName;
    date: string;
  },
): string {
  const { seen, sized, ending } = deliveryKind(of.kind);
  const values = {
    title: plainName(of.title),
    format: seen ? of.format.replace(':', 'x') : '',
    lines: sized ? `${of.height}p` : '',
    language: seen ? (of.language ?? '') : '',
    date: of.date,
  };
  // What a kind does not have is left out of its name, and with it nothing else.
  const has = NAME_PARTS.filter((part) => values[part]);
  const kept = (pattern.trim() || AS_EVER).replace(/\{([^{}]*)\}/g, (whole, name: string) =>
    has.some((part) => part === name.trim().toLowerCase()) ? whole : '',
  );
  const name = plainName(filledPattern(kept, values).text);
  return `${name}.${ending}`;
}
