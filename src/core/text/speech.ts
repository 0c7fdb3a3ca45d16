/** A word as the voice gets it, and where it stands in the text: text.slice(start, end). */
export interface SpeechForm {
  form: string;
  start: number;
  end: number;
}

const CURRENCY: Record<string, [string, string]> = {
  '£': ['pound', 'pounds'],
  '€': ['euro', 'euros'],
  '¥': ['yen', 'yen'],
  '₹': ['rupee', 'rupees'],
};

/** The longest word that is spoken whole; an engine must not be handed more. */
export const LONGEST_WORD = 40;

/**
 * A text as plain ASCII words for an English voice, each with its place: accents and emoji taken off, currencies,
 * symbols and hashtags written out, curly quotes made straight. A word that has no sound gives none.
 */
export function speechForms(text: string): SpeechForm[] {
  return [...text.matchAll(/\S+/g)].flatMap((m): SpeechForm[] => {
    const start = m.index;
    const end = start + m[0].length;
    return spell(m[0])
      .split(' ')
      .filter((f) => /[A-Za-z0-9]/.test(f))
      .map((form) => ({ form, start, end }));
  });
}

function spell(word: string): string {
  let w = word
    .replace(/[‘’ʼ]/g, "'")
    .replace(/[“”„«»]/g, '')
    .replace(/…/g, '.')
    .replace(/[—–]+/g, ', ');
  w = w.replace(/^https?:\/\/(www\.)?([^/?#]+).*$/i, (_, __, host: string) => host.replaceAll('.', ' dot '));
  w = w.replace(/([£€¥₹])\s?(\d[\d,]*)(?:\.(\d\d))?/g, (_, sign: string, whole: string, cents?: string) => {
    const [one, many] = CURRENCY[sign] as [string, string];
    return `${whole.replaceAll(',', '')} ${whole === '1' && !cents ? one : many}${cents && cents !== '00' ? ` ${cents}` : ''}`;
  });
  w = w
    .replace(/(\d),(?=\d{3}\b)/g, '$1')
    .replace(/(\d)\s?%/g, '$1 percent')
    .replace(/(\d)\s?°C?\b/g, '$1 degrees');
  w = w
    .replace(/&/g, ' and ')
    .replace(/\+/g, ' plus ')
    .replace(/#(?=\p{L})/gu, '')
    .replace(/@(?=\w)/g, ' at ');
  w = w
    .replace(/×/g, ' times ')
    .replace(/½/g, ' a half ')
    .replace(/¼/g, ' a quarter ')
    .replace(/¾/g, ' three quarters ');
  w = w
    .replace(/ß/g, 'ss')
    .replace(/[æÆ]/g, 'ae')
    .replace(/[øØ]/g, 'o')
    .replace(/[œŒ]/g, 'oe')
    .replace(/[łŁ]/g, 'l')
    .replace(/[đĐðÐ]/g, 'd')
    .replace(/[þÞ]/g, 'th');
  w = w
    .normalize('NFD')
    .replace(/[^\x20-\x7e]/g, '')
    .replace(/["()[\]{}<>*_~|\\^=`/]/g, ' ');
  return w
    .split(' ')
    .map((f) => f.slice(0, LONGEST_WORD))
    .join(' ')
    .trim();
}

/** Forms in runs that an engine takes at once: sentences together up to so many letters. */
export function speechRuns(forms: readonly SpeechForm[], longest = 360): SpeechForm[][] {
  const out: SpeechForm[][] = [];
  let run: SpeechForm[] = [];
  let length = 0;
  let lastStop = -1;
  for (const f of forms) {
    run.push(f);
    length += f.form.length + 1;
    if (/[.!?]$/.test(f.form)) lastStop = run.length;
    if (length > longest) {
      const at = lastStop > 0 ? lastStop : run.length;
      out.push(run.slice(0, at));
      run = run.slice(at);
      length = run.reduce((n, r) => n + r.form.length + 1, 0);
      lastStop = -1;
    }
  }
  if (run.length) out.push(run);
  return out;
}
