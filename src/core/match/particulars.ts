import type { Figure } from './types.ts';

// Announcements end with where, when and how: words by which no picture is found, though everybody knows what they are.

const NAME = String.raw`\p{Lu}[\p{L}'’.-]*`;
const ROAD =
  'Street|St|Road|Rd|Lane|Ln|Avenue|Ave|Square|Way|Drive|Quay|Row|Place|Close|Terrace|Boulevard|Blvd|Alley|Court|Hill|Gardens|Crescent|Walk|Yard|Wharf';
const NUMBER = String.raw`\d{1,4}[a-z]?`;
const ADDRESSES = [
  // "12 Harbour Street", "Kiln Lane 4", "Mühlenweg 3", "rue du Moulin 7".
  new RegExp(String.raw`(?<!\p{L})${NUMBER},? (?:${NAME} ){1,3}(?:${ROAD})(?!\p{L})\.?`, 'u'),
  new RegExp(String.raw`(?<!\p{L})(?:${NAME} ){1,3}(?:${ROAD})\.?,? ${NUMBER}(?!\p{L})`, 'u'),
  new RegExp(
    String.raw`(?<!\p{L})\p{Lu}\p{L}*(?:straße|strasse|gasse|weg|platz|allee|ufer|gatan|straat|plein) ${NUMBER}(?!\p{L})`,
    'u',
  ),
  new RegExp(
    String.raw`(?<!\p{L})(?:rue|avenue|place|calle|plaza|via|piazza|rua|ulica|ul\.) (?:\p{Ll}{1,3} )*${NAME},? ${NUMBER}(?!\p{L})`,
    'iu',
  ),
];
const DAY =
  '(?:mon|tues|wednes|thurs|fri|satur|sun)days?|january|february|march|april|may|june|july|august|september|october|november|december|weekdays?|weekends?';
const CLOCK = String.raw`\d{1,2}(?:[:.]\d{2})?\s?(?:am|pm|a\.m\.?|p\.m\.?|o['’]clock)|\d{1,2}[:.]\d{2}|noon|midnight`;
const TIME_WORD = new RegExp(
  String.raw`^(?:${CLOCK}|${DAY}|\d{1,4}(?:st|nd|rd|th)?|am|pm|a\.m|p\.m|o['’]clock|from|to|until|till|at|on|and|every|each|the|of|doors|open)$`,
  'iu',
);
const HAS_DAY = new RegExp(String.raw`(?<!\p{L})(?:${DAY})(?!\p{L})`, 'iu');
const HAS_CLOCK = new RegExp(String.raw`(?<!\p{L})(?:${CLOCK})(?!\p{L})`, 'iu');
const MAIL = /[^\s@]+@[^\s@]+\.\p{L}{2,}/u;
const SITE =
  /(?:https?:\/\/|www\.)\S+|(?<![\p{L}@.])[\p{L}\d-]+\.(?:com|org|net|eu|uk|de|fr|es|it|nl|at|ch|pl|io|app|shop|example)(?:\/\S*)?(?![\p{L}\d])/u;
const PHONE = /(?<![\d.,])(?:\+\d|0\d|\(0)[\d ()/-]{5,}\d/;

/** In longer lines they are said by the way; a word of any length would keep the patterns busy. */
const MOST_WORDS = 9;
export const MOST_LETTERS = 160;

/** Whether a line says nothing but when. */
const saysWhen = (text: string): boolean =>
  text
    .split(/[\s,;!–—-]+/)
    .map((w) => w.replace(/[.:]+$/, ''))
    .every((w) => w === '' || TIME_WORD.test(w)) &&
  (HAS_DAY.test(text) || HAS_CLOCK.test(text));

/** The particulars of a short line, as they are written and what they are. */
export function particularsOf(text: string): Figure[] {
  if (text.length > MOST_LETTERS || text.split(/\s+/).length > MOST_WORDS) return [];
  const found = (pattern: RegExp, meant: string): Figure[] => {
    const [said] = pattern.exec(text) ?? [];
    return said ? [{ said: said.trim(), meant }] : [];
  };
  if (saysWhen(text))
    return [
      { said: text.trim(), meant: HAS_DAY.test(text) ? 'the date on the calendar' : 'the time on the clock' },
    ];
  return [
    ...ADDRESSES.flatMap((a) => found(a, 'where to find us on the map')).slice(0, 1),
    ...found(MAIL, 'write us a mail'),
    ...(MAIL.test(text) ? [] : found(SITE, 'visit our website online')),
    ...found(PHONE, 'call us on the phone'),
  ];
}
