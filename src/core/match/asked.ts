import { contentWords } from '../text/tokens.ts';

/** How a picture is to be taken says nothing of what is in it: "Close-up of", "slow-motion shot of", "cut to". */
const CAMERA =
  /\b(?:(?:extreme|quick|fast|slow)[ -])?(?:close[ -]?ups?|wide[ -]?(?:shots?|angle)|medium shots?|mid[ -]shots?|long shots?|tracking shots?|aerial(?: shots?)?|drone shots?|overhead(?: shots?)?|top[ -]down(?: shots?)?|point of view|p\.?o\.?v\.?|slow[ -]?mo(?:tion)?|time[ -]?lapse|hyperlapse|b-?roll|split[ -]screen|jump cuts?|montage|stock (?:footage|video|photo)|establishing shot|(?:video|footage|clips?|shots?|images?|photos?|pictures?) of|(?:camera )?(?:zoom(?:s|ing)?|fad(?:es?|ing)|cuts?) (?:in|out|to)(?: (?:on|to|from))?|(?:camera )?pan(?:s|ning)? (?:across|over|up|down|left|right))(?: shots?)?(?: of)?\b[:,]?\s*/giu;

/** A brief without how the picture is to be taken; as it is when nothing else is in it. */
export function withoutCamera(brief: string): string {
  const rest = brief
    .replace(CAMERA, ' ')
    .replace(/\s+/g, ' ')
    .replace(/^[\s,.:;–-]+/, '')
    .trim();
  return contentWords(rest).length ? rest : brief;
}

/** From so many words that are said and not shown, what is said counts as well. */
const SAID_BESIDE = 3;

/** What a scene speaks of: what it shows, and what is said where that is something else than how the same words are read. */
export function spokenOfToo(shown: string, spoken: string | null | undefined): string {
  if (!spoken) return shown;
  const seen = new Set(contentWords(shown).map((w) => w.stem));
  const more = contentWords(spoken).filter((w) => !seen.has(w.stem));
  return more.length >= SAID_BESIDE ? `${shown.replace(/[\s.]+$/, '')}. ${spoken}` : shown;
}
