import { stemmer } from 'stemmer';

/** A word of a text with its place: text.slice(start, end) is the word without punctuation round it. */
export interface Token {
  text: string;
  start: number;
  end: number;
}

/** Words: letters, digits, with inner apostrophes, hyphens, points and commas of numbers. */
export function tokens(text: string): Token[] {
  return [...text.matchAll(/[\p{L}\p{N}]+(?:['’.,-][\p{L}\p{N}]+)*/gu)].map((m) => ({
    text: m[0],
    start: m.index,
    end: m.index + m[0].length,
  }));
}

const STOP = new Set(
  `a about above after again against all almost also although always am an and any anybody anyone anything are aren as at away
  back be because been before being below between both but by can cannot come could did do does doesn doing don done down
  during each either else even ever every everybody everyone everything few for from further get gets getting give go goes
  going gone got had has hasn have haven having he her here hers herself him himself his how however i if in instead into is
  isn it its itself just keep kind let like ll long look lot made make makes many may me might mine more most much must my
  myself near need never next no nobody nor not nothing now of off often on once one only or other our ours ourselves out
  over own perhaps put quite rather re really s same say says see seem seems shall she should since so some somebody someone
  something soon still such sure t take taken takes taking than that the their theirs them themselves then there these they thing things
  this those though through till to together too took under until up upon us use used using ve very want was wasn way we well
  were weren what when where whether which while who whole whom whose why will with within without won would yes yet you
  your yours yourself yourselves two three four five six seven eight nine ten eleven twelve twenty thirty forty fifty sixty hundred
  hundreds thousand thousands half dozen first second third last new good bring comes came wanted wants wanting needed needs
  saying tells putting puts`.split(/\s+/),
);

/** Words that carry some meaning, but seldom the one by which a picture is found. */
const WEAK = new Set(
  `able add anyone appear arrive ask back become begin best better big bit call carry case change clear close day days
  different early easy end enough fact far fast feel felt few final find fine follow forget free full goes great group hand
  happen happened happening happens hard hear help high hold hour hours house important inside join kind knew know knows known large late later leave
  left less let lets lie lies line little live lives looked looking looks lot low matter mean meet middle mind minute moment month months move
  nice note number old open opens outside part people person place plain point poor power quick real ready rest right run
  running self set short show side simple single small sort stand stands start started stay stayed stays step stood stop story
  strong talk tell thought told top true try turn turning turned useful usual wait week weeks whole wide wish word words work
  world wrong year years young actually allow anyway avoid badly besides certain completely continue directly else entire
  especially ever exact exactly extra finally further immediately instead keep keeps kept last lasts lasted least likely longer
  main manage meanwhile mention miss nearly often once past possible probably proper properly reach really recent recently remain
  replace require similar simply special suddenly suppose usually whatever worth straight front man men woman women guy guys lady ladies`.split(
    /\s+/,
  ),
);

/** Words that say when, and nothing of what is seen then. */
const WHEN = new Set(
  `ago annual annually century centuries daily date dates day days decade decades hour hourly hours later minute minutes moment
  moments month monthly months recently second seconds time times today tomorrow tonight week weekday weekly weeks year yearly years
  yesterday monday mondays tuesday tuesdays wednesday wednesdays thursday thursdays friday fridays saturday saturdays sunday
  sundays january february march april may june july august september october november december`.split(/\s+/),
);

/** Ends of a verb that is bent; what ends in “-ing” is often a noun, which is seen: “the meeting”. */
const INFLECTED = [/s$/, /e?s$/, /d$/, /e?d$/];

/** Words that say where something stands to another, or that it came: nothing that is seen. */
const WHERE = new Set(
  `behind across along among amid beside beneath beyond despite except onto per plus unlike towards toward unless versus via
  whenever wherever whoever came coming gone`.split(/\s+/),
);

/** How much a word says about what a picture should show, 0 to 1. */
export const weightOf = (word: string): number => {
  const small = word.toLowerCase();
  if (WHEN.has(small)) return 0.1;
  if (WHERE.has(small)) return 0.05;
  const weak = WEAK.has(small) || INFLECTED.some((end) => WEAK.has(small.replace(end, '')));
  return weak ? 0.55 : 1;
};

/** A small word, also with what is drawn together with it ("it’s", "don’t", "we’ll"), or one that begins with a figure. */
export const isSmallWord = (word: string): boolean =>
  STOP.has(word.toLowerCase().replace(/['’].*$/, '')) || /^\d/.test(word);

/** Stem of a word in lower case, without accents and possessive s (Porter 1980). */
export function stem(word: string): string {
  const known = stems.get(word);
  if (known !== undefined) return known;
  const found = stemOf(word);
  if (stems.size > STEMS_KEPT) stems.clear();
  stems.set(word, found);
  return found;
}

/** Stems are asked for again and again, for every picture of a shelf. */
const stems = new Map<string, string>();
const STEMS_KEPT = 50_000;

function stemOf(word: string): string {
  const plain = word
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/['’]s$/, '')
    .replace(/['’]/g, '');
  return stemmer(IRREGULAR.get(plain) ?? plain);
}

/** Forms that the stemmer cannot lead back, with their base form; "leaves" of a tree are meant more often than "leave". */
const IRREGULAR = new Map(
  `ate eat, began begin, bought buy, brought bring, broke break, broken break, built build, caught catch, chose choose,
  chosen choose, drank drink, drawn draw, drew draw, driven drive, drove drive, eaten eat, fallen fall, fed feed, fell fall,
  felt feel, flew fly, flown fly, fought fight, found find, froze freeze, frozen freeze, gave give, grew grow, grown grow,
  held hold, hid hide, hidden hide, kept keep, knew know, known know, left leave, lost lose, meant mean, met meet, paid pay,
  ran run, ridden ride, risen rise, rode ride, rose rise, sang sing, sat sit, seen see, sent send, shaken shake, shook shake,
  shot shoot, slept sleep, sold sell, spent spend, spoke speak, spoken speak, stole steal, stolen steal, stood stand,
  stuck stick, sung sing, swam swim, swum swim, taught teach, thought think, threw throw, thrown throw, torn tear, tore tear,
  understood understand, woke wake, woken wake, won win, wore wear, worn wear, written write, wrote write,
  calves calf, children child, feet foot, geese goose, halves half, knives knife, leaves leaf, loaves loaf, men man,
  mice mouse, shelves shelf, teeth tooth, thieves thief, wives wife, wolves wolf, women woman`
    .split(/,\s+/)
    .map((pair) => pair.split(' ') as [string, string]),
);

/** The words of a text that carry its meaning, with place and stem. */
export function contentWords(text: string): (Token & { stem: string })[] {
  return tokens(text)
    .filter((t) => !isSmallWord(t.text) && t.text.length > 1)
    .map((t) => ({ ...t, stem: stem(t.text) }));
}

/** Where hashtags stand in a text: the sign with the letters and digits that follow it, [start, end). */
export const hashtags = (text: string): [start: number, end: number][] =>
  [...text.matchAll(/(?<![\p{L}\p{N}&#])#[\p{L}\p{N}_]*\p{L}[\p{L}\p{N}_]*/gu)].map((m) => [
    m.index,
    m.index + m[0].length,
  ]);
