import { layoutRule } from '../look/layouts.ts';
import { type Piece, spokenOf } from '../piece/types.ts';

/**
 * A piece as a script in Markdown that becomes the same scenes again: titles as headings, who speaks before a colon, what the
 * picture should show in [brackets]; where other words are spoken than shown, both.
 */
export function scriptText(piece: Piece): string {
  const blocks = piece.scenes.flatMap((scene): string[] => {
    const shown = scene.shown.replace(/\s+/g, ' ').trim();
    const spoken = spokenOf(scene).replace(/\s+/g, ' ').trim();
    const brief = scene.brief ? ` [${scene.brief}]` : '';
    if (!shown && !spoken) return brief ? [brief.trim()] : [];
    if (scene.layout === 'title' && shown)
      return [`# ${shown}${brief}`, ...(apart(shown, spoken) ? [spoken] : [])];
    const speaker = scene.speaker ? `${scene.speaker}: ` : '';
    const said = `${speaker}${spoken || shown}${brief}`;
    return apart(shown, spoken) && shown && spoken && layoutRule(scene.layout).words
      ? [`> ${shown}`, said]
      : [said];
  });
  return `${blocks.join('\n\n')}\n`;
}

const apart = (shown: string, spoken: string): boolean => spoken !== '' && shown !== spoken;
