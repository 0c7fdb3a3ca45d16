import { spokenOf } from '../../piece/types.ts';
import { type Check, type Finding, rowsOf } from '../types.ts';

export interface LeftoverFinding extends Finding {
  text: string;
}

/** What stands in texts until somebody writes the real thing. */
const LEFTOVERS = [
  /\blorem ipsum\b/iu,
  /\b(?:TODO|TBD|TBA|FIXME|TK)\b/u,
  /\bX{2,}\b/u,
  /\?{3,}/u,
  // “[The mayor] promised it” is how a quotation is made clear, and stays.
  /\[(?:\p{Lu}[\p{Lu}\d\s_-]*|[Xx]+|\.{3}|…|_+)\]/u,
  /\[(?:your |the |insert |add )?(?:name|date|day|place|price|time|link|city|town|title|company|product|phone|number|address|text|picture|photo|logo|quote)s?(?: here)?\]/iu,
  /<\p{L}[^<>\n]{0,40}>/u,
  /\{\{?[^{}\n]{1,40}\}?\}/u,
  /\b(?:insert|add|enter) (?:your |the )?(?:text|name|title|link|date|address|price) here\b/iu,
  /\byour (?:name|company|business|brand|text|link|title) here\b/iu,
];

/** Something that was meant to be replaced is still there. */
export const leftover: Check<LeftoverFinding> = {
  weight: 'stop',
  pass: 'words',
  find: (input) =>
    rowsOf(input).flatMap(({ scene }) => {
      const texts = scene.spoken === null ? [scene.shown] : [scene.shown, spokenOf(scene)];
      const found = texts.flatMap((t) => LEFTOVERS.flatMap((rule) => rule.exec(t)?.[0] ?? []));
      return [...new Set(found)].map((text) => ({ sceneId: scene.id, text, repair: null }));
    }),
};
