import { because, type LineReason } from '../source/reasons.ts';
import type { FactSheet, Source } from '../source/types.ts';
import { blank } from '../text/blanks.ts';
import { sentences } from '../text/sentences.ts';
import { contentWords } from '../text/tokens.ts';
import { LINE, shorten } from './condense/shorten.ts';
import type { OutlineLine } from './types.ts';

/** Reference of the card with the price, behind the angle. */
export const PRICE_CARD = 'price';

/** Why a review was taken. */
type ReviewReason =
  | 'review-of-trouble'
  | 'good-review'
  | 'best-review'
  | 'critical-review'
  | 'another-good-review';

/** A line of a product's script. */
export interface Part {
  ref: string;
  shown: string;
  spoken?: string | null;
  layout?: OutlineLine['layout'];
  /** The fact it stands on, as the sheet has it. */
  from?: string;
  /** What goes first when there is no time: the smallest. 9 never goes. */
  weight: number;
  reasons?: LineReason[];
}

/** What can be said of a product, part by part: each stands on one fact of the sheet, or is a blank. */
export class ProductParts {
  readonly facts: FactSheet;
  private readonly english: boolean;
  readonly name: string;
  /** Features, those with a figure first, then the ones that say something in few words; mere measures last. */
  readonly features: readonly Feature[];
  /** The same for a script that has the description: what that says already comes last. */
  readonly besidesDescription: readonly Feature[];
  private readonly site: string;

  constructor(facts: FactSheet, source: Source) {
    this.facts = facts;
    this.english = source.language.startsWith('en');
    this.name = facts.name ? calledName(facts.name.value) : blank('name of the product');
    this.site = source.site;
    const [first = '', ...more] = sentences(facts.description?.value ?? '');
    const all = [
      ...facts.features.map((f, i) => ({ text: f.value.trim(), ref: `feature:${i}` })),
      ...more.filter((text) => text.length <= LINE.longest).map((text, i) => ({ text, ref: `told:${i}` })),
    ].filter((f) => f.text);
    // Where the description does not stand by itself, its first sentence is one of the reasons, if it gives one.
    const opening =
      BENEFIT.test(first) && first.length <= LINE.longest ? [{ text: first, ref: 'told:first' }] : [];
    this.features = ranked([...all, ...opening], '');
    this.besidesDescription = ranked(all, first);
  }

  /** Words of ours, for English sheets only. */
  say(english: string, other: string): string {
    return this.english ? english : other;
  }

  get the(): string {
    return this.english && !/^(the|a|an|my|our|le|la|les|das|der|die)\s/i.test(this.name)
      ? `the ${this.name}`
      : this.name;
  }

  get The(): string {
    return this.the[0]?.toUpperCase() + this.the.slice(1);
  }

  get maker(): string | null {
    return this.facts.maker?.value ?? null;
  }

  /** The k-th feature, or a blank for it. of: the features to choose from. */
  feature(
    k: number,
    weight: number,
    { before = '', hint = 'one thing that it does well', of = this.features } = {},
  ): Part {
    const f = of[k];
    const said = f ? sentenceOf(f.text) : '';
    if (!f)
      return {
        ref: `feature-blank:${k}`,
        shown: `${before}${blank(hint)}`,
        weight,
        reasons: [because('not-said')],
      };
    return {
      ref: f.ref,
      shown: `${before}${shorten(before.endsWith(': ') ? inSentence(said) : said).text}`,
      from: f.text,
      weight,
      reasons: [because('feature')],
    };
  }

  /** Share of the best that a review gave; without a figure the words decide. */
  mood(k: number): number {
    const q = this.facts.quotes[k]?.value;
    if (!q) return 0;
    const best = (this.facts.rating?.value.best ?? 5) >= 10 && (q.rating ?? 0) > 5 ? 10 : 5;
    if (q.rating !== null) return q.rating / best;
    return CRITICAL.test(q.text) ? 0.5 : 0.85;
  }

  quotes(kind: 'good' | 'bad'): number[] {
    const all = this.facts.quotes.map((_, i) => i);
    return kind === 'good'
      ? all.filter((i) => this.mood(i) >= 0.7).sort((a, b) => this.mood(b) - this.mood(a))
      : all.filter((i) => this.mood(i) < 0.7).sort((a, b) => this.mood(a) - this.mood(b));
  }

  /** about: what the sentence of it that is taken should speak of. */
  quote(i: number | undefined, weight: number, why: ReviewReason, about?: RegExp): Part | null {
    const q = i === undefined ? undefined : this.facts.quotes[i]?.value;
    if (!q) return null;
    const text = shorten(telling(q.text, about)).text.replace(/^[“"]|[”"]$/g, '');
    return {
      ref: `quote:${i}`,
      layout: 'quote',
      shown: q.by ? `“${text}”\n${q.by}` : `“${text}”`,
      spoken: text,
      from: q.by ? `${q.text} (${q.by})` : q.text,
      weight,
      reasons: [because(why)],
    };
  }

  rating(weight: number): Part | null {
    const r = this.facts.rating?.value;
    if (!r) return null;
    const value = `${r.value} / ${r.best}`;
    const count = r.count ? this.say(`from ${r.count} reviews`, String(r.count)) : '';
    return {
      ref: 'rating',
      layout: 'figure',
      shown: [value, count].filter(Boolean).join('\n'),
      spoken: this.say(
        `${r.count ? `${r.count} reviews give it` : 'Rated'} ${r.value} out of ${r.best}.`,
        '',
      ),
      from: `${r.value} of ${r.best}${r.count ? `, ${r.count} reviews` : ''}`,
      weight,
      reasons: [because('rating')],
    };
  }

  description(weight: number): Part | null {
    const d = this.facts.description?.value;
    const first = d ? sentences(d)[0] : undefined;
    if (!d || !first) return null;
    const line = shorten(first);
    return {
      ref: 'description',
      shown: line.text,
      spoken: line.text === first ? null : shorten(first, 170).text,
      from: first,
      weight,
      reasons: [because('description')],
    };
  }

  /** The price card. weight: 9 where it is what the script is about. */
  price(weight = 9): Part {
    const p = this.facts.price?.value;
    const was = this.facts.was?.value;
    if (!p)
      return {
        ref: PRICE_CARD,
        layout: 'figure',
        shown: `${blank('price')}\n${this.name}`,
        spoken: '',
        weight,
        reasons: [because('no-price')],
      };
    const below = was ? this.say(`instead of ${was.text}`, was.text) : this.name;
    return {
      ref: PRICE_CARD,
      layout: 'figure',
      shown: `${p.text}\n${below}`,
      spoken: this.say(
        was ? `${this.The}: ${p.text} instead of ${was.text}.` : `${this.The}: ${p.text}.`,
        '',
      ),
      from: was ? `${p.text}, before ${was.text}` : p.text,
      weight,
      reasons: [because('price')],
    };
  }

  /** The end card. */
  end(): Part {
    const where = this.maker ?? this.site;
    return {
      ref: 'end',
      layout: 'end',
      shown: `${this.name}\n${where || blank('where to get it')}`,
      spoken: '',
      from: [this.name, where].filter(Boolean).join(', '),
      weight: 9,
      reasons: [because('closing-card')],
    };
  }

  variants(weight: number): Part | null {
    const all = this.facts.variants.map((v) => v.value.trim()).filter(Boolean);
    if (all.length < 2) return null;
    const named = `${all.slice(0, -1).join(', ')} ${this.say('and', '/')} ${all.at(-1)}`;
    const text = this.say(`It comes in ${all.length} versions: ${named}.`, named);
    return {
      ref: 'variants',
      shown: shorten(text).text,
      from: all.join(', '),
      weight,
      reasons: [because('variants')],
    };
  }

  availability(weight: number): Part | null {
    const a = this.facts.availability?.value;
    if (!a || !this.english) return null;
    return {
      ref: 'availability',
      shown: `${a[0]?.toUpperCase()}${a.slice(1)}.`,
      from: a,
      weight,
      reasons: [because('availability')],
    };
  }

  until(weight: number, needed: boolean): Part | null {
    const u = this.facts.until?.value;
    if (!u)
      return needed
        ? {
            ref: 'until',
            shown: this.say(`Until ${blank('last day of the offer')}.`, blank('last day of the offer')),
            weight,
            reasons: [because('no-last-day')],
          }
        : null;
    const day = longDay(u);
    return {
      ref: 'until',
      shown: this.say(`Until ${day}.`, day),
      from: u,
      weight,
      reasons: [because('last-day')],
    };
  }
}

/** What stands in reviews that are not all praise; "does not wobble" is praise. */
export const CRITICAL =
  /\b(?:but|rattles?|too|poor|weak|broke|hot|loud|slow|late|(?<!not |never |n['’]t )(?:heavier|disappoint\w*)|not(?! (?:\w+ )?(?:wobbl|slip|leak|break|rattl|disappoint|regret|only|mark|scratch)))\b/i;

/** A sentence of fewer words that say something is a bare verdict: "Great!", "Love it." */
const VERDICT_WORDS = 2;

/** The sentence of a review that says most in a line: about what is asked for, else the first that is no bare verdict. */
function telling(review: string, about?: RegExp): string {
  const all = sentences(review);
  const says = all.filter((s) => contentWords(s).length >= VERDICT_WORDS);
  return (about && all.find((s) => about.test(s))) ?? says[0] ?? all[0] ?? review;
}

interface Feature {
  text: string;
  ref: string;
}

/** An amount at the end of a name: "80g", "1.5 l", "(2 pieces)". */
const AMOUNT = /,?\s+\(?\d+(?:[.,]\d+)?\s?(?:k?g|[mc]?l|[cm]m|oz|lbs?|pcs|pieces|pack)\)?$/i;

/** A name as people say it, without the version behind it: "Hollin Step Stool" of "Hollin Step Stool – Oak, 3 steps". */
export function calledName(name: string): string {
  const [called = ''] = name.replace(AMOUNT, '').split(/\s+[–—|-]\s+|, | \(/);
  return /\p{L}.*\s.*\p{L}/u.test(called) ? called.trim() : name.trim();
}

/** A mere measure: "Height: 63 cm", "Weighs 640 grams". */
const MEASURE =
  /^(?:[^:]{2,24}: .{1,24}|(?:it )?(?:weighs|measures)(?: (?:only|just|about))? [\d.,]+ ?\p{L}+\.?)$/iu;

/** A claim of so many words is worth more than two that name a thing. */
const FULL_CLAIM = 5;

/** What somebody has of it: "so you forget that you wear it", "keeps your hands free", "without a tool". */
const BENEFIT =
  /\b(?:so (?:that )?(?:you|your|it|they|nothing|nobody|the)|lets? you|you can|keeps?|without|no more|never|even (?:in|with|when|after|on))\b/i;

/** Features in the order of their worth, the page's own among equals. told: a sentence that is said before them. */
function ranked(features: readonly Feature[], told: string): Feature[] {
  const counts = (t: string) =>
    /(?<![\p{L}\d])(?<!\p{L}-)\d|\b(two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|hundred|thousand)\b/iu.test(
      t,
    );
  const saidBefore = new Set(contentWords(told).map((w) => w.stem));
  const repeats = (t: string) => {
    const words = contentWords(t);
    return words.length > 0 && words.filter((w) => saidBefore.has(w.stem)).length >= 0.6 * words.length;
  };
  const worth = (t: string) =>
    (counts(t) ? 1.2 : 0) +
    (t.length > 14 && t.length < 70 ? 1 : 0) +
    (t.split(' ').length >= FULL_CLAIM ? 0.3 : 0) +
    (BENEFIT.test(t) ? 1 : 0) -
    (MEASURE.test(t) ? 2.5 : 0) -
    (repeats(t) ? 2 : 0);
  return features
    .map((f, i) => ({ ...f, worth: worth(f.text) - i * 0.01 }))
    .sort((x, y) => y.worth - x.worth);
}

/** Words that keep their capital wherever they stand. */
const ALWAYS_CAPITAL =
  /^(?:German|French|Italian|Japanese|American|British|English|Danish|Swedish|Swiss|Scottish|Irish|Dutch|Spanish|Norwegian|Finnish|Portuguese|European|Nordic|I)(?!\p{L})/u;

/** A sentence behind other words: "Good: carries 150 kg." Names in capitals stay. */
const inSentence = (text: string): string =>
  /^\p{Lu}\p{Ll}*[ ,]/u.test(text) && !ALWAYS_CAPITAL.test(text)
    ? `${text[0]?.toLowerCase()}${text.slice(1)}`
    : text;

/** A feature as a sentence of its own: capital first, full stop last; "Weight: 900 g" stays as it is. */
export function sentenceOf(text: string): string {
  const t = text.trim();
  const capital = t[0]?.toUpperCase() + t.slice(1);
  return /[.!?…]$/.test(capital) || /^[^:]{2,24}: /.test(capital) ? capital : `${capital}.`;
}

/** "24 December 2026" from an ISO day; other texts as they are. */
function longDay(iso: string): string {
  const m = /^(\d{4})-(\d{2})-(\d{2})$/.exec(iso);
  if (!m) return iso;
  return new Date(Date.UTC(Number(m[1]), Number(m[2]) - 1, Number(m[3]))).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'long',
    year: 'numeric',
    timeZone: 'UTC',
  });
}
