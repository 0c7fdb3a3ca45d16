import { book } from './readers/book.ts';
import { html } from './readers/html.ts';
import { markdown } from './readers/markdown.ts';
import { oldOffice } from './readers/old-office.ts';
import { openDocument } from './readers/open-document.ts';
import { pdf } from './readers/pdf.ts';
import { subtitles } from './readers/subtitles.ts';
import { text } from './readers/text.ts';
import type { Reader } from './readers/types.ts';
import { word } from './readers/word.ts';

/** Every kind of document that is known, in the order in which they are asked. */
export const READERS: readonly Reader[] = [
  pdf,
  word,
  openDocument,
  book,
  oldOffice,
  html,
  markdown,
  subtitles,
  text,
];

/** What can be brought, as it is named to people. */
export const readableKinds = (): string[] => READERS.flatMap((r) => r.label ?? []);

/** Endings of files that can be brought, with the point. */
export const readableEndings = (): string[] => READERS.flatMap((r) => r.endings);
