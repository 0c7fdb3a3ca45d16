import { type Spell, withoutSymbols } from './spell.ts';

const CURRENCY: Record<string, [one: string, many: string]> = {
  $: ['dollar', 'dollars'],
  '£': ['pound', 'pounds'],
  '€': ['euro', 'euros'],
  '¥': ['yen', 'yen'],
  '₹': ['rupee', 'rupees'],
};

const SCALES: Record<string, string> = {
  k: 'thousand',
  m: 'million',
  bn: 'billion',
  b: 'billion',
};

/** Units after a number; one and many. */
const UNITS: Record<string, [one: string, many: string]> = {
  km: ['kilometre', 'kilometres'],
  m: ['metre', 'metres'],
  cm: ['centimetre', 'centimetres'],
  mm: ['millimetre', 'millimetres'],
  kg: ['kilogram', 'kilograms'],
  g: ['gram', 'grams'],
  mg: ['milligram', 'milligrams'],
  l: ['litre', 'litres'],
  ml: ['millilitre', 'millilitres'],
  ft: ['foot', 'feet'],
  lb: ['pound', 'pounds'],
  lbs: ['pound', 'pounds'],
  oz: ['ounce', 'ounces'],
  mi: ['mile', 'miles'],
  mph: ['mile per hour', 'miles per hour'],
  'km/h': ['kilometre per hour', 'kilometres per hour'],
  kwh: ['kilowatt hour', 'kilowatt hours'],
  kw: ['kilowatt', 'kilowatts'],
  w: ['watt', 'watts'],
  gb: ['gigabyte', 'gigabytes'],
  mb: ['megabyte', 'megabytes'],
  kb: ['kilobyte', 'kilobytes'],
  hz: ['hertz', 'hertz'],
  min: ['minute', 'minutes'],
  mins: ['minute', 'minutes'],
  hr: ['hour', 'hours'],
  hrs: ['hour', 'hours'],
  sec: ['second', 'seconds'],
  'm²': ['square metre', 'square metres'],
  'km²': ['square kilometre', 'square kilometres'],
  'm³': ['cubic metre', 'cubic metres'],
};

const SHORT: Record<string, string> = {
  'e.g.': 'for example',
  'i.e.': 'that is',
  'etc.': 'et cetera',
  'vs.': 'versus',
  vs: 'versus',
  'approx.': 'approximately',
  'w/': 'with',
  'w/o': 'without',
  'no.': 'number',
  'nr.': 'number',
  'dept.': 'department',
  'govt.': 'government',
  'min.': 'minimum',
  'max.': 'maximum',
};

const MONTHS = 'January February March April May June July August September October November December'.split(
  ' ',
);

const NUMBER = /^\d[\d,]*(?:\.\d+)?$/;
const bare = (word: string): string => word.replace(/[.,;:!?)]+$/, '').replace(/^[(]/, '');

/** A word as an English voice reads it, in plain ASCII. */
export const inEnglish: Spell = (word, before, after) => {
  const short = shortForm(word, after) ?? unitAfter(word, before);
  if (short !== null) return short;
  let w = withoutSymbols(word)
    .replace(/[‘’ʼ]/g, "'")
    .replace(/[“”„«»]/g, '')
    .replace(/…/g, '.')
    .replace(/(\d)[–—-](?=\d)/g, (m, digit: string, at: number, whole: string) =>
      isSpan(whole, at) ? `${digit} to ` : m,
    )
    .replace(/[—–]+/g, ', ');
  w = dateOrTime(w);
  w = w.replace(/^https?:\/\/(www\.)?([^/?#]+).*$/i, (_, __, host: string) => host.replaceAll('.', ' dot '));
  w = w.replace(
    /^www\.([^/?#]+)[/?#]?.*$/i,
    (_, host: string) => `w w w dot ${host.replaceAll('.', ' dot ')}`,
  );
  w = money(w);
  w = w
    .replace(/(\d),(?=\d{3}\b)/g, '$1')
    .replace(/(\d)\s?%/g, '$1 percent')
    .replace(/(\d)\s?°[CF]?/g, '$1 degrees')
    .replace(/^~(?=\d)/, 'about ')
    .replace(/(\d)\+$/, '$1 plus')
    .replace(/^(\d+)[x×]([.,;:!?]*)$/, '$1 times$2')
    .replace(/^(\d+)x(?=\d)/, '$1 by ')
    .replace(
      /^(\d+(?:\.\d+)?)(k|bn)(?=[.,;:!?]*$)/i,
      (_, n: string, s: string) => `${n} ${SCALES[s.toLowerCase()]}`,
    )
    .replace(/^(\d+(?:\.\d+)?)([a-zµ²³/]{1,4})(?=[.,;:!?]*$)/i, (m, n: string, unit: string) => {
      const names = UNITS[unit.toLowerCase()];
      return names ? `${n} ${n === '1' ? names[0] : names[1]}` : m;
    });
  w = w
    .replace(/&/g, ' and ')
    .replace(/\+/g, ' plus ')
    .replace(/#(\p{L}[\p{L}\p{N}_]*)/gu, (_, tag: string) => tag.replace(/(\p{Ll})(?=\p{Lu})/gu, '$1 '))
    .replace(/#(?=\d)/g, 'number ')
    .replace(/@(?=\w)/g, ' at ')
    .replace(/^24\/7/, '24 7')
    .replace(/×/g, ' times ')
    .replace(/½/g, ' a half ')
    .replace(/¼/g, ' a quarter ')
    .replace(/¾/g, ' three quarters ');
  return ascii(w);
};

/** Whether a dash between digits leads from one number to another, as in "5-10"; not in a telephone number or a date. */
const isSpan = (word: string, at: number): boolean =>
  (word.match(/[–—-]/g) ?? []).length === 1 && /^\W*[$£€]?\d{1,4}$/.test(word.slice(0, at + 1));

function shortForm(word: string, after: string): string | null {
  const w = word.toLowerCase().replace(/^\(/, '');
  const stop = /[,;:!?]+$/.exec(w)?.[0] ?? '';
  const short = SHORT[stop ? w.slice(0, -stop.length) : w];
  if (short === undefined) return null;
  // "No." is a word of its own unless a number follows; so are these at the end of a sentence.
  if (/^(no|nr|min|max)\.$/.test(w)) return /^\d/.test(after) ? short : null;
  return `${short}${stop || (w === 'etc.' && /^(\p{Lu}|$)/u.test(after) ? '.' : '')}`;
}

function unitAfter(word: string, before: string): string | null {
  if (!NUMBER.test(before)) return null;
  const unit = bare(word);
  const names = UNITS[unit.toLowerCase()];
  // One capital letter is a name rather than a unit, but for litres and watts.
  if (!names || (/^[A-Z]$/.test(unit) && !/[LW]/.test(unit))) return null;
  return `${before === '1' ? names[0] : names[1]}${word.slice(unit.length)}`;
}

function dateOrTime(word: string): string {
  return word
    .replace(
      /^(\d{4})-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])(?=\D*$)/,
      (_, y: string, m: string, d: string) => `${MONTHS[Number(m) - 1]} ${Number(d)} ${y}`,
    )
    .replace(/^([01]?\d|2[0-3]):([0-5]\d)(?=\D*$)/, (_, h: string, m: string) => {
      const hour = Number(h);
      const twelve = hour % 12 || 12;
      const minutes = m === '00' ? '' : Number(m) < 10 ? ` oh ${Number(m)}` : ` ${m}`;
      if (hour > 12 || h === '00') return `${twelve}${minutes} ${hour >= 12 ? 'p m' : 'a m'}`;
      return minutes ? `${twelve}${minutes}` : `${twelve} o'clock`;
    });
}

function money(word: string): string {
  return word.replace(
    /([$£€¥₹])\s?(\d[\d,]*)(\.\d+)?(k|m|bn|b)?(?![\p{L}\d])/giu,
    (_, sign: string, whole: string, part: string | undefined, scale: string | undefined) => {
      const [one, many] = CURRENCY[sign] as [string, string];
      const n = whole.replaceAll(',', '');
      if (scale) return `${n}${part ?? ''} ${SCALES[scale.toLowerCase()]} ${many}`;
      const cents = part ? part.slice(1, 3).padEnd(2, '0') : '00';
      const name = n === '1' && cents === '00' ? one : many;
      return `${n} ${name}${cents === '00' ? '' : ` ${Number(cents)}`}`;
    },
  );
}

function ascii(word: string): string {
  return word
    .replace(/ß/g, 'ss')
    .replace(/[æÆ]/g, 'ae')
    .replace(/[øØ]/g, 'o')
    .replace(/[œŒ]/g, 'oe')
    .replace(/[łŁ]/g, 'l')
    .replace(/[đĐðÐ]/g, 'd')
    .replace(/[þÞ]/g, 'th')
    .normalize('NFD')
    .replace(/[^\x20-\x7e]/g, '')
    .replace(/["()[\]{}<>*_~|\\^=`/]/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
}
