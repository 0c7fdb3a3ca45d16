import type { Fact, FactOrigin, FactSheet, ReviewQuote } from '../../core/source/types.ts';
import { sentences } from '../../core/text/sentences.ts';
import { type Doc, type El, labelOf } from './dom.ts';

/** Fills an entry of the sheet that is still empty: the first place that has a fact wins. */
export function fill<K extends keyof FactSheet>(
  facts: FactSheet,
  key: K,
  value: FactSheet[K] extends Fact<infer T> | null ? T | null : never,
  origin: FactOrigin,
) {
  if (facts[key] === null && value !== null && value !== '')
    (facts as unknown as Record<string, unknown>)[key] = { value, origin };
}

/** true: can be had now or ordered; false: cannot; null: the word is unknown. */
export function availability(word: string): boolean | null {
  if (
    /out ?of ?stock|sold ?out|discontinued|nicht lieferbar|ausverkauft|épuisé|agotado|wyprzedan/i.test(word)
  )
    return false;
  if (
    /in ?stock|pre-?order|available|limited|back ?order|lieferbar|auf lager|en stock|disponible|dostępn/i.test(
      word,
    )
  )
    return true;
  return null;
}

/** What a viewer is told about it, in words. */
export function availabilityText(word: string): string {
  const last = word
    .replace(/^.*[/#]/, '')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase();
  const known = availability(word);
  if (/pre ?order/.test(last)) return 'can be ordered in advance';
  return known === null ? last : known ? 'in stock' : 'out of stock';
}

/** Adds a line to a list of the sheet unless it says what one there already says. */
export function addTo(facts: Fact<string>[], value: string, origin: FactOrigin): void {
  const same = (a: string, b: string) =>
    a.toLowerCase().replace(/\W+/g, '') === b.toLowerCase().replace(/\W+/g, '');
  if (value && !facts.some((f) => same(f.value, value))) facts.push({ value, origin });
}

/** Characters that are kept of a review, in whole sentences. */
const QUOTE_LENGTH = 300;

/** Adds the first sentences of a review, up to twelve reviews. */
export function addQuote(facts: FactSheet, quote: ReviewQuote, origin: FactOrigin): void {
  const [first = '', ...rest] = sentences(quote.text);
  let text = first;
  for (const next of rest) {
    if (`${text} ${next}`.length > QUOTE_LENGTH) break;
    text = `${text} ${next}`;
  }
  if (facts.quotes.length < 12 && !facts.quotes.some((q) => q.value.text === text))
    facts.quotes.push({ value: { ...quote, text }, origin });
}

export const wholeNumber = (text: string): number | null => Number(text.replace(/[.,'\s]/g, '')) || null;

/** The part of the page about this product: others that are offered beside it are cut off. */
export function ownPart(doc: Doc): El {
  const copy = doc.body.cloneNode(true) as unknown as El;
  for (const e of [
    ...copy.querySelectorAll('nav, header, footer, script, style, noscript, template, aside, [hidden]'),
  ])
    e.remove();
  for (const e of [...copy.querySelectorAll('*')])
    if (
      e.parentNode &&
      /related|recommend|also|upsell|cross-?sell|similar|cookie|consent|breadcrumb|newsletter|recently/i.test(
        labelOf(e),
      ) &&
      !e.querySelector('h1')
    )
      e.remove();
  return copy;
}
