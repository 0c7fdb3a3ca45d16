import { because } from '../source/reasons.ts';
import type { Source } from '../source/types.ts';
import { blank } from '../text/blanks.ts';
import { sentences } from '../text/sentences.ts';
import type { Angle } from './angles.ts';
import { shorten } from './condense/shorten.ts';
import { closingMs, lineMs, ONCE_MS } from './length.ts';
import { CRITICAL, type Part, ProductParts, sentenceOf } from './product-parts.ts';
import { type OutlineChoices, type OutlineLine, outlineLine } from './types.ts';

/** A reason or step with its number. */
const NUMBERED = /^\d{1,2}\. \S/;

/**
 * The script of a product in an angle. Every claim is a fact of the sheet in its own words; what the angle needs and
 * the sheet does not have becomes a blank. Sheets in other languages than English get no sentences of ours.
 */
export function productLines(source: Source, choices: OutlineChoices, pace: number): OutlineLine[] {
  const facts = source.facts;
  if (!facts) return [];
  const script = ANGLE_SCRIPTS[choices.angle](new ProductParts(facts, source));
  const parts = script
    .filter((p) => p !== null)
    .map((p) => ({
      ...outlineLine({
        ref: `${choices.angle}:${p.ref}`,
        layout: p.layout ?? (NUMBERED.test(p.shown) ? 'number' : 'caption'),
        shown: p.shown,
        spoken: p.spoken ?? null,
        from: p.from ?? '',
        durationMs: p.spoken === '' ? closingMs(p.shown) : null,
        reasons: p.reasons ?? [],
      }),
      weight: p.weight,
    }));
  const fixed = (ref: string) => choices.keep.includes(ref) || ref in choices.edits;
  const kept = parts.filter((p) => !choices.drop.includes(p.ref));
  const length = () => kept.reduce((s, l) => s + lineMs(l, pace), ONCE_MS);
  while (choices.targetMs !== null && length() > choices.targetMs * 1.04) {
    const going = kept.filter((p) => p.weight < 9 && !fixed(p.ref)).sort((a, b) => a.weight - b.weight)[0];
    if (!going) break;
    kept.splice(kept.indexOf(going), 1);
  }
  return kept.map(({ weight: _, ...line }) => line);
}

type Script = (Part | null)[];

/** Sentences that speak of a trouble that a thing ends. */
const TROUBLE =
  /\b(tired of|no more|no longer|never again|without (having|tools|any)|does not|doesn['’]t|do not|don['’]t|instead of|finally|at last|used to|stop(s)? |forget|annoy\w*|wobbl\w*|slip\w*|leak\w*|break\w*|broke\w*|lost|losing|wast\w*|rattl\w*|problem|trouble|struggl\w*|hard to|always)\b/i;

function problem(p: ProductParts): Script {
  const pool = [
    ...p.facts.quotes.map((q, i) => ({
      text: q.value.text,
      ref: `quote:${i}`,
      good: p.mood(i) >= 0.7,
    })),
    ...(p.facts.description
      ? sentences(p.facts.description.value).map((text) => ({ text, ref: 'trouble', good: true }))
      : []),
    ...p.facts.features.map((f, i) => ({ text: f.value, ref: `feature:${i}`, good: true })),
  ];
  const proof = pool.find((x) => x.good && TROUBLE.test(x.text));
  // What names the trouble is said once, wherever it stands on the sheet.
  const of = p.besidesDescription.filter((f) => f.text !== proof?.text);
  const description = p.description(5);
  const quote = p.quotes('good').find((i) => `quote:${i}` !== proof?.ref);
  return [
    {
      ref: 'hook',
      layout: 'title',
      shown: blank('the problem that your customer knows'),
      weight: 9,
      reasons: [because('yours-to-name')],
    },
    {
      ref: 'answer',
      shown: p.say(`Here is an answer: ${p.the}.`, p.name),
      from: p.name,
      weight: 9,
      reasons: [because('name')],
    },
    proof
      ? proof.ref.startsWith('quote:')
        ? p.quote(Number(proof.ref.slice(6)), 8, 'review-of-trouble', TROUBLE)
        : {
            ref: proof.ref,
            shown: shorten(sentenceOf(proof.text)).text,
            from: proof.text,
            weight: 8,
            reasons: [because('names-trouble')],
          }
      : null,
    description?.from === proof?.text ? null : description,
    p.feature(0, 7, { of }),
    of.length > 1 ? p.feature(1, 6, { of }) : null,
    p.quote(quote, 4, 'good-review'),
    p.price(),
    p.end(),
  ];
}

/** What its title promises, something good and something bad, goes last of all. */
function review(p: ProductParts): Script {
  const good = p.quotes('good');
  const bad = p.quotes('bad');
  const of = p.besidesDescription;
  return [
    {
      ref: 'hook',
      layout: 'title',
      shown: p.say(`${p.The}: good and bad`, p.name),
      from: p.name,
      weight: 9,
      reasons: [because('review-question')],
    },
    p.description(6),
    p.rating(7),
    p.quote(good[0], 9, 'best-review') ?? p.feature(0, 9, { before: p.say('Good: ', '+ '), of }),
    p.feature(good.length ? 0 : 1, 5, { before: p.say('Good: ', '+ '), of }),
    p.quote(bad[0], 9, 'critical-review', CRITICAL) ?? {
      ref: 'catch',
      shown: `${p.say('Not so good: ', '– ')}${blank('what could be better')}`,
      weight: 9,
      reasons: [because('no-critical-word')],
    },
    p.quote(good[1], 3, 'another-good-review'),
    p.price(8.5),
    p.end(),
  ];
}

/** All three stay, however short it is to be: the price goes before one of them. */
function reasons(p: ProductParts): Script {
  return [
    {
      ref: 'hook',
      layout: 'title',
      shown: p.say(`Three reasons for ${p.the}`, p.name),
      from: p.name,
      weight: 9,
      reasons: [because('angle')],
    },
    p.feature(0, 9, { before: '1. ', hint: 'first reason' }),
    p.feature(1, 9, { before: '2. ', hint: 'second reason' }),
    p.feature(2, 9, { before: '3. ', hint: 'third reason' }),
    p.quote(p.quotes('good')[0], 5, 'good-review'),
    p.rating(4),
    p.price(8.5),
    p.end(),
  ];
}

function news(p: ProductParts): Script {
  return [
    {
      ref: 'hook',
      layout: 'title',
      shown: p.say(`Meet ${p.the}`, p.name),
      from: p.name,
      weight: 9,
      reasons: [because('angle')],
    },
    p.maker
      ? {
          ref: 'maker',
          shown: p.say(`It comes from ${p.maker}.`, p.maker),
          from: p.maker,
          weight: 7,
          reasons: [because('maker')],
        }
      : {
          ref: 'maker',
          shown: p.say(`It comes from ${blank('who makes it')}.`, blank('who makes it')),
          weight: 7,
          reasons: [because('no-maker')],
        },
    p.description(8) ?? {
      ref: 'description',
      shown: blank('what it is, in one sentence'),
      // A price that is known is worth more than a blank.
      weight: 7,
      reasons: [because('no-description')],
    },
    p.feature(0, 6, { of: p.besidesDescription }),
    p.feature(1, 5, { of: p.besidesDescription }),
    p.variants(4),
    p.availability(3),
    p.price(7.5),
    p.end(),
  ];
}

function offer(p: ProductParts): Script {
  const [price, was] = [p.facts.price?.value, p.facts.was?.value];
  const hook: Part =
    price && was
      ? {
          ref: 'hook',
          layout: 'title',
          shown: p.say(`${price.text} instead of ${was.text}`, `${was.text} → ${price.text}`),
          from: `${price.text}, before ${was.text}`,
          weight: 9,
          reasons: [because('both-prices')],
        }
      : {
          ref: 'hook',
          layout: 'title',
          shown: blank('what the offer is'),
          weight: 9,
          reasons: [because('no-lower-price')],
        };
  return [
    hook,
    {
      ref: 'what',
      shown: p.say(p.maker ? `${p.The}, from ${p.maker}.` : `${p.The}.`, p.name),
      from: [p.name, p.maker].filter(Boolean).join(', '),
      weight: 8.8,
      reasons: [because('name-and-maker')],
    },
    p.feature(0, 7),
    p.feature(1, 5),
    p.rating(6),
    p.availability(4),
    p.until(8.5, true),
    p.price(),
    p.end(),
  ];
}

const ANGLE_SCRIPTS: Record<Angle, (p: ProductParts) => Script> = {
  'problem and answer': problem,
  'honest review': review,
  'three reasons': reasons,
  news,
  offer,
};
