import { emptyFacts, type FactOrigin, type FactSheet, type Price } from '../../core/source/types.ts';
import { absolute, attr, type Doc, textOf } from './dom.ts';
import { addQuote, addTo, availability, availabilityText, fill, ownPart, wholeNumber } from './fact-sheet.ts';
import { linesOf } from './lines.ts';
import { markedThings } from './mark-up.ts';
import { day, isType, jsonLd, said } from './meta.ts';
import { bestImage } from './passages.ts';
import { amountOf, findPrice, findPrices, priceText } from './price.ts';
import { fromLines, speaksOfProduct } from './product-lines.ts';
import { fromText } from './product-text.ts';

type Thing = Record<string, unknown>;

const PRODUCT =
  /(^|[/#:])(Product|ProductGroup|IndividualProduct|ProductModel|Car|Book|SoftwareApplication|SomeProducts)$/;

/** Products that a page declares, by how it does so. */
function declared(doc: Doc): { thing: Thing; origin: FactOrigin }[] {
  const of = (things: Thing[], origin: FactOrigin) =>
    things.filter((t) => isType(t, PRODUCT)).map((thing) => ({ thing, origin }));
  return [
    ...of(jsonLd(doc), 'json-ld'),
    ...of(markedThings(doc, 'microdata'), 'microdata'),
    ...of(markedThings(doc, 'rdfa'), 'rdfa'),
  ];
}

/** Whether a page offers one thing: it says so, or it has a price beside a button to buy. */
export function isProductPage(doc: Doc): boolean {
  if (declared(doc).length > 0) return true;
  if (/product/i.test(attr(doc.querySelector('meta[property="og:type"]'), 'content'))) return true;
  if (jsonLd(doc).some((t) => isType(t, /Article$|BlogPosting/))) return false;
  const buy = [...doc.querySelectorAll('button, a, input[type="submit"]')].some((b) =>
    /\b(add to (cart|basket|bag)|buy now|order now|in den warenkorb|ajouter au panier|añadir al carrito|do koszyka|put in the basket)\b/i.test(
      textOf(b) || attr(b, 'value'),
    ),
  );
  const priced = [
    ...doc.querySelectorAll('[class*="price" i], [class*="prix" i], [class*="preis" i], [class*="precio" i]'),
  ].some((e) => findPrice(textOf(e)));
  if (buy || (priced && doc.querySelectorAll('h1').length === 1)) return true;
  return speaksOfProduct(linesOf(ownPart(doc), doc));
}

const list = (v: unknown): unknown[] => (v === undefined || v === null ? [] : [v].flat());
const asThing = (v: unknown): Thing => (v && typeof v === 'object' && !Array.isArray(v) ? (v as Thing) : {});

/**
 * The fact sheet of a product page: what it declares (JSON-LD, microdata, RDFa, in this order), then Open Graph, then
 * what can be told from its text. A fact is taken from the first place that has it.
 */
export function productFacts(doc: Doc, language: string): FactSheet {
  const facts = emptyFacts();
  for (const { thing, origin } of declared(doc)) fromThing(facts, thing, origin, language);
  fromOpenGraph(facts, doc, language);
  fromText(facts, doc);
  fromLines(facts, linesOf(ownPart(doc), doc), textOf(doc.querySelector('title')));
  if (facts.price) facts.price.value.text = shownPrice(doc, facts.price.value) ?? facts.price.value.text;
  if (facts.was) facts.was.value.text = shownPrice(doc, facts.was.value) ?? facts.was.value.text;
  if (facts.was && facts.price && facts.was.value.amount <= facts.price.value.amount) facts.was = null;
  return facts;
}

function fromThing(facts: FactSheet, thing: Thing, origin: FactOrigin, language: string): void {
  fill(facts, 'name', said(thing.name), origin);
  fill(facts, 'maker', said(thing.brand) || said(thing.manufacturer), origin);
  fill(facts, 'description', plainText(said(thing.description)), origin);
  const variants = list(thing.hasVariant).map(asThing);
  const offers = [...list(thing.offers), ...variants.flatMap((v) => list(v.offers))].map(asThing);
  const priced = offers
    .map((o) => ({ o, price: offerPrice(o, language) }))
    .filter((x): x is { o: Thing; price: Price } => x.price !== null)
    .sort((a, b) => a.price.amount - b.price.amount);
  const best = priced[0];
  if (best) {
    fill(facts, 'price', best.price, origin);
    const struck = list(best.o.priceSpecification)
      .map(asThing)
      .find((s) => /strike|list|regular|msrp|srp/i.test(said(s.priceType)));
    const was = struck ? offerPrice(struck, language) : null;
    if (was) fill(facts, 'was', was, origin);
    const until = said(best.o.priceValidUntil);
    if (until) fill(facts, 'until', day(until), origin);
  }
  const stock = offers.map((o) => said(o.availability) || String(o.availability ?? '')).filter(Boolean);
  const inStock = stock.find((s) => availability(s) === true) ?? stock[0];
  if (inStock) fill(facts, 'availability', availabilityText(inStock), origin);
  const rating = asThing(list(thing.aggregateRating)[0]);
  const value = Number(said(rating.ratingValue).replace(',', '.'));
  if (value > 0) {
    const count = wholeNumber(said(rating.reviewCount) || said(rating.ratingCount));
    fill(facts, 'rating', { value, best: Number(said(rating.bestRating)) || 5, count }, origin);
  }
  for (const r of list(thing.review).map(asThing)) {
    const text = said(r.reviewBody) || said(r.description);
    const score = Number(said(asThing(r.reviewRating).ratingValue));
    if (text) addQuote(facts, { text, by: said(r.author), rating: score || null }, origin);
  }
  for (const p of list(thing.additionalProperty).map(asThing)) {
    const [name, v] = [said(p.name), said(p.value)];
    if (name && v) addTo(facts.features, `${name}: ${v}`, origin);
  }
  for (const v of variants) {
    const name = said(v.size) || said(v.color) || said(v.name);
    if (name) addTo(facts.variants, name, origin);
  }
  for (const c of [...list(thing.color), ...list(thing.size)])
    if (list(thing.color).length + list(thing.size).length > 1) addTo(facts.variants, said(c), origin);
}

function offerPrice(offer: Thing, language: string): Price | null {
  const spec = list(offer.priceSpecification).map(asThing);
  const raw = [offer.price, offer.lowPrice, ...spec.map((s) => s.price)].map((v) => said(v)).find(Boolean);
  if (!raw) return null;
  const currency = (
    said(offer.priceCurrency) ||
    spec.map((s) => said(s.priceCurrency)).find(Boolean) ||
    ''
  ).toUpperCase();
  const amount = amountOf(raw) ?? findPrice(raw)?.amount ?? null;
  if (amount === null || amount <= 0) return null;
  return {
    amount,
    currency: currency || (findPrice(raw)?.currency ?? ''),
    text: priceText(amount, currency, language),
  };
}

function fromOpenGraph(facts: FactSheet, doc: Doc, language: string): void {
  const og = (...names: string[]) =>
    names
      .map((n) => attr(doc.querySelector(`meta[property="${n}"], meta[name="${n}"]`), 'content'))
      .find(Boolean) ?? '';
  fill(facts, 'name', og('og:title'), 'open graph');
  fill(facts, 'maker', og('product:brand', 'og:brand'), 'open graph');
  fill(facts, 'description', og('og:description', 'description'), 'open graph');
  const amount = amountOf(og('product:price:amount', 'og:price:amount', 'product:sale_price:amount'));
  if (amount) {
    const currency = og('product:price:currency', 'og:price:currency').toUpperCase();
    fill(facts, 'price', { amount, currency, text: priceText(amount, currency, language) }, 'open graph');
  }
  const stock = og('product:availability', 'og:availability');
  if (stock) fill(facts, 'availability', availabilityText(stock), 'open graph');
}

/** The price as the page writes it, where its text has the same amount. */
function shownPrice(doc: Doc, price: Price): string | null {
  const match = findPrices(textOf(ownPart(doc))).find(
    (p) => p.amount === price.amount && (!p.currency || !price.currency || p.currency === price.currency),
  );
  return match?.text ?? null;
}

const plainText = (t: string): string =>
  t
    .replace(/<[^>]+>/g, ' ')
    .replace(/&nbsp;/g, ' ')
    .replace(/&amp;/g, '&')
    .replace(/\s+/g, ' ')
    .trim();

/** Pictures of the product: declared ones first, then those of its part of the page. */
export function productPictures(doc: Doc, base: string | null): { address: string; alt: string }[] {
  const out = new Map<string, string>();
  const put = (href: string, alt: string) => {
    const address = absolute(href, base);
    if (address && !out.has(address) && !/(logo|icon|sprite|pixel|badge|avatar)[^/]*$/i.test(address))
      out.set(address, alt);
  };
  for (const { thing, origin } of declared(doc)) {
    if (origin === 'json-ld' || origin === 'rdfa' || origin === 'microdata')
      for (const v of [
        ...list(thing.image),
        ...list(thing.hasVariant).flatMap((x) => list(asThing(x).image)),
      ])
        put(typeof v === 'string' ? v : said(asThing(v).url) || said(asThing(v).contentUrl), '');
  }
  if (!out.size) {
    put(attr(doc.querySelector('meta[property="og:image"]'), 'content'), '');
    for (const img of ownPart(doc).querySelectorAll('img')) {
      const width = Number(attr(img, 'width') || 999);
      if (width >= 120) put(bestImage(img), attr(img, 'alt'));
    }
  }
  return [...out].slice(0, 20).map(([address, alt]) => ({ address, alt }));
}
