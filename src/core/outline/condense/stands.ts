import { looksLikeCode, namesCode } from '../../text/code.ts';
import { terms } from './grammar.ts';

/** What keeps a sentence from being said without what stands round it. */
export type Standing =
  /** By itself. */
  | 'alone'
  /** Only after the sentence before it. */
  | 'after'
  /** Not at all: no sentence, something to be typed, or a pointer to what cannot be seen. */
  | 'never';

/** Words between a sentence and the one before it, which say nothing by themselves. */
const CONNECTIVE =
  /^(?:(?:moreover|furthermore|additionally|in addition|besides|also|thus|therefore|hence|consequently|as a (?:result|consequence)|accordingly|nevertheless|nonetheless|however|then|finally|lastly|in (?:fact|short|particular|general|other words)|of course|for (?:example|instance)|again|actually|basically|well|now|first of all|first(?:ly)?|second(?:ly)?|third(?:ly)?|next|on the other hand|by the way|that said|to begin with|last but not least|in conclusion|overall|still),\s+|(?:indeed|thus|therefore|hence|consequently),?\s+|(?:please )?note(?: also)?(?: that|:|,)\s+|[Nn]ow\s+(?=(?:we|you|let)\b)|however\s+(?=(?:for|in|on|at|the|a|an|with|if|when)\b)|(?:and|but|so|yet|or)\s+(?:also\s+)?|also\s+(?=(?:the|a|an|its?|there|every|most|many|some)\b))/i;

/** Where a report was sent from, with a state or an agency: "REEDMERE, Marsh. --", "Reedmere (RNN) –". */
const SENT_FROM =
  /^\p{Lu}\p{L}+(?: \p{Lu}\p{L}+)?(?:, [\p{L}. ]{2,14})? \(\p{Lu}[\p{L} /]{1,20}\)\s*(?:--|—|–|-)\s+(?=[\p{Lu}“"])/u;

/** A sentence without the words that tie it to the one before, and without brackets all round it. */
export function withoutConnective(text: string): string {
  // A sign before an item of a list, and where a report was sent from.
  let out = text
    .replace(/^[•▪◦●■–*-]+\s+/u, '')
    .replace(/^\p{Lu}[\p{Lu} .,/-]{3,40}(?:\([^)]{2,20}\) ?)?\s*(?:--|—|–)\s+(?=[\p{Lu}“"])/u, '')
    .replace(
      /^\p{Lu}[\p{Lu} .'’-]{2,30}, \p{Lu}[\p{L}.]{1,12}(?: \([^)]{2,20}\))?\s*(?:--|—|–)\s+(?=[\p{Lu}“"])/u,
      '',
    );
  out = out.replace(SENT_FROM, '');
  const inside = /^\(([^()]*)\)([.!?]?)$/.exec(out);
  if (inside) out = `${inside[1]}${/[.!?]$/.test(inside[1] ?? '') ? '' : inside[2]}`;
  // A bracket round several sentences.
  else if (/^\([^)]*(?:\([^)]*\)[^)]*)*$/.test(out)) out = out.slice(1);
  else if (/^[^(]*\)[.!?]?$/.test(out))
    out = out.replace(/([.!?]?)\)([.!?]?)$/, (_, x: string, y: string) => x || y);
  for (let round = 0; round < 3; round++) {
    const next = out.replace(CONNECTIVE, '');
    // "But for the lamp, ...", "So far", "Or so": these words belong to what follows.
    const bound =
      /^(?:and|but|so|yet|or)\b/i.test(out) &&
      /^(?:far|much|many|long|on|be|for|that|as|to|if)\b/i.test(next);
    if (next === out || bound) break;
    out = next;
  }
  if (out === text || (hasFiniteVerb(text) && !hasFiniteVerb(out))) return text;
  return out.replace(/^(["“‘(]?)(\p{Ll})/u, (_, q: string, c: string) => q + c.toUpperCase());
}

/** It points back: to somebody, to something, to one of several that were named. */
const POINTS_BACK =
  /^["“‘(]*(?:(?:he|she|they|him|her|his|hers|them|their|theirs|its|it|itself|both|neither|either|another|others|these|those|such|this|that|so|instead|otherwise|likewise|similarly|conversely|again|hence|thereby|thereafter|afterwards|meanwhile)\b|(?:one|some|many|most|all|each|none|few|several|half|two|three|four|the (?:first|second|last)) of (?:them|these|those|which|whom)\b|the (?:second|third|fourth|fifth|latter|former|same|other|others|rest|above|below|following|previous|preceding|next|aforementioned)\b|the (?:first|last) one\b|here(?:['’]s| is| are)\b|there (?:he|she|it|they)\b|(?:in|for|at|by|with|from|on|of|like|to|after|before|because of|due to|despite|besides|unlike|during|instead of|under|through|without) (?:this|that|these|those|such|it|them|him|her|his|their|its|both)\b|(?:doing|to do|if|even) (?:so|this|that)\b|(?:as|like) (?:such|before|above|mentioned|described|noted|explained|said|shown|you (?:can )?see|we (?:have |’ve )?(?:seen|said)|i said)\b|if not\b|the (?:\w+ )?(?:above|below)\b)/i;
/** Though it begins like one that does. */
const POINTS_NOWHERE =
  /^["“‘(]*(?:it(?:['’]s| is| was| will be| can be| may be| might be| has been| had been| would be| takes?| took| pays?| helps?| seems?| seemed| turns? out) (?!(?:the|a|an|one|only|part|made|used|called|based)\b)(?:[\w’'-]+ ){1,4}(?:to|that|if|whether|how|who)\b|it (?:rained|rains|snowed|snows|is (?:raining|snowing|dark|cold|late))\b|(?:this|that|these|those) (?:year|week|month|morning|afternoon|evening|night|spring|summer|autumn|fall|winter|season|day|days|january|february|march|april|may|june|july|august|september|october|november|december|monday|tuesday|wednesday|thursday|friday|saturday|sunday)\b|in (?:this|that) (?:year|week|month|day|morning|evening|season)\b|those (?:who|that|of)\b|both (?!of them|are|were|have)\w+ (?:\w+ ){0,3}and\b|either \w+ or\b|neither \w+ nor\b|such (?:a|an|is|was)\b|another (?:\d|one hundred)\b|so (?:far|many|much|that|long)\b)/i;
/** It speaks of a place in the text, a figure or what is shown. */
const POINTS_ELSEWHERE =
  /\b(?:(?:see|refer to|described in|explained in|discussed in|covered in|shown in|listed in|as in|proceed to|read) (?:the )?(?:(?:next|previous|following|above|section|chapter|appendix|figure|table|page|below)\b|§)|(?:section|chapter|appendix|figure|fig\.|table|footnote|step) [A-Z]?\d[\d.]*|(?:shown|described|listed|given|mentioned|explained|discussed|as|seen|noted) (?:above|below)|(?:example|list|table|figure|picture|image|screenshot|dialog|command|code|section)s? (?:above|below)|(?:above|below)[- ]mentioned|the (?:above|following) \w+|as follows|(?:in|at) the following|this (?:section|chapter|document|manual|page|article|guide|example|tutorial|appendix|post|website|command|option|figure|table|dialog|screenshot))\b/i;
/** The end of something that is to be listed. */
const ENDS_OPEN = /[:;]["”’)]*$|\b(?:like this|these|as follows|e\.g|i\.e)[.:]?$/i;

/** A participle makes no sentence: "Backups on tape having been deemed too slow." */
export function hasFiniteVerb(text: string): boolean {
  const words = terms(text);
  return words.some((w, i) => {
    if (!w.finite) return false;
    const before = words[i - 1]?.text ?? '';
    if (/^(?:been|being|having)$/i.test(w.text)) return false;
    return !/^(?:having|being|been)$/i.test(before);
  });
}

/** Whether a sentence points to what was said before it. */
export const pointsBack = (text: string): boolean => {
  const bare = text.replace(/^(?:and|but|so|or|yet)\s+/i, '');
  return POINTS_BACK.test(bare) && !POINTS_NOWHERE.test(bare);
};

/** Whether a sentence can be said by itself. english: the rules for words hold for English only. */
export function standingOf(text: string, english: boolean): Standing {
  // What begins small is the rest of a sentence; a note is made beside one.
  if (/^(?:[a-z]{2,}[\s,]|Note\b)/.test(text)) return 'never';
  if (looksLikeCode(text) || namesCode(text) || ENDS_OPEN.test(text)) return 'never';
  if (!english) return 'alone';
  if (POINTS_ELSEWHERE.test(text) || !hasFiniteVerb(text)) return 'never';
  return pointsBack(text) ? 'after' : 'alone';
}
