import type { FactSheet } from '../../core/source/types.ts';
import { attr, type Doc, type El, labelOf, textOf } from './dom.ts';
import { addQuote, addTo, availability, availabilityText, fill, ownPart, wholeNumber } from './fact-sheet.ts';
import { day } from './meta.ts';
import { findPrice, findPrices } from './price.ts';
import { COUNT, OTHER_FACT, ratingOf, UNTIL } from './product-lines.ts';

const FEATURES =
  /feature|highlight|what it does|details|specification|specs|properties|benefit|eigenschaft|merkmale|vorteile|caract|características|cechy|why you|at a glance/i;
const MAKER =
  /\b(?:brand|maker|made by|manufacturer|marke|hersteller|marque|fabricant|marca|producent)\s*:\s*([^\n.;|]{2,60})/i;
const MAKER_PAIR =
  /^(?:brand|maker|manufacturer|hersteller|marque|marca|producent|produttore|tillverkare)\s*:\s*(.{2,60})$/i;

/** What can be told from the words of a page that declares nothing. */
export function fromText(facts: FactSheet, doc: Doc): void {
  const own = ownPart(doc);
  const text = textOf(own);
  fill(facts, 'name', textOf(own.querySelector('h1')), 'page');
  const blocks = [...own.querySelectorAll('p, li, dd, div, span, td, a, tr')]
    .map((e) => textOf(e))
    .filter((t) => t.length < 90);
  const maker = blocks.map((b) => MAKER.exec(b)?.[1]?.trim()).find(Boolean);
  fill(facts, 'maker', maker ?? '', 'page');
  const struck = [
    ...own.querySelectorAll(
      's, del, strike, [class*="was" i], [class*="old" i][class*="price" i], [class*="strike" i], [class*="regular" i][class*="price" i]',
    ),
  ]
    .map((e) => findPrice(textOf(e)))
    .find((p) => p !== null);
  const places = [
    ...own.querySelectorAll(
      '[class*="price" i], [class*="prix" i], [class*="preis" i], [class*="precio" i], [class*="cena" i], [itemprop="price"]',
    ),
  ];
  const shown = places
    .map((e) => textOf(e))
    .flatMap(findPrices)
    .filter((p) => p.amount !== struck?.amount);
  const price = shown[0];
  if (price) fill(facts, 'price', price, 'page');
  if (struck && facts.price && struck.amount > facts.price.value.amount) fill(facts, 'was', struck, 'page');
  const until = UNTIL.exec(text)?.[1];
  if (until && (facts.was || /offer|sale|angebot|offre|oferta|promo/i.test(text)))
    fill(facts, 'until', day(until.replace(/\s+(?=\d)/g, ' ').replace(/\. /g, '.')), 'page');
  const rated = ratingIn(own);
  if (rated) fill(facts, 'rating', rated, 'page');
  const stock = [...own.querySelectorAll('p, span, div, strong')]
    .map((e) => textOf(e))
    .find((t) => t.length < 40 && availability(t) !== null);
  if (stock) fill(facts, 'availability', availabilityText(stock), 'page');
  if (!facts.description) {
    const first = [...own.querySelectorAll('p')]
      .map((p) => textOf(p))
      .find((t) => t.length > 30 && !findPrice(t) && !MAKER.test(t));
    fill(facts, 'description', first ?? '', 'page');
  }
  featuresFrom(facts, own);
  variantsFrom(facts, own);
  quotesFrom(facts, own);
}

/** The rating of the product: in its text or in the labels of its stars, not in those of single reviews. */
function ratingIn(own: El): { value: number; best: number; count: number | null } | null {
  const single =
    '.review, [class*="review-body" i], [class*="commentlist" i], [id*="customerReviews" i], blockquote';
  const texts = [
    ...own.querySelectorAll(
      '[class*="rating" i], [class*="stars" i], [id*="review" i], [itemprop="aggregateRating"]',
    ),
    ...own.querySelectorAll('[title], [aria-label]'),
  ]
    .filter((e) => !e.closest(single) || e.closest('.summary, header'))
    .flatMap((e) => [attr(e, 'title'), attr(e, 'aria-label'), textOf(e).slice(0, 200)]);
  const found = texts.map((t) => ratingOf(t, true)).find((r) => r !== null);
  if (!found) return null;
  const count = texts.map((t) => COUNT.exec(t)).find((m) => m !== null);
  return { ...found, count: found.count ?? (count ? wholeNumber(count[1] ?? '') : null) };
}

function featuresFrom(facts: FactSheet, own: El): void {
  const lists = [...own.querySelectorAll('ul, ol')].filter(
    (l) => !l.querySelector('a[href]') && !l.closest('[class*="review" i], [id*="review" i]'),
  );
  const named = lists.filter(
    (l) =>
      FEATURES.test(labelOf(l)) ||
      FEATURES.test(headingBefore(l)) ||
      FEATURES.test(l.parentElement ? labelOf(l.parentElement) : ''),
  );
  for (const l of named.length ? named : lists.slice(0, 1))
    for (const li of l.querySelectorAll('li')) {
      const t = textOf(li);
      if (t.length > 3 && t.length < 200) addTo(facts.features, t, 'page');
    }
  const pair = (cells: readonly string[]) => {
    const said = cells.map((c) => c.replace(/:$/, '')).join(': ');
    if (cells.length !== 2 || !cells.every((c) => c && c.length < 60)) return;
    if (OTHER_FACT.test(said)) fill(facts, 'maker', MAKER_PAIR.exec(said)?.[1] ?? '', 'page');
    else addTo(facts.features, said, 'page');
  };
  for (const tr of own.querySelectorAll('table tr'))
    pair([...tr.querySelectorAll('th, td')].map((c) => textOf(c)));
  for (const dt of own.querySelectorAll('dl dt')) pair([textOf(dt), textOf(dt.nextElementSibling)]);
  if (!facts.maker) {
    const named = facts.features.map((f) => MAKER.exec(f.value)?.[1]?.trim()).find(Boolean);
    fill(facts, 'maker', named ?? '', 'page');
  }
  facts.features = facts.features.slice(0, 24);
}

function headingBefore(e: El): string {
  for (let at: El | null = e.previousElementSibling; at; at = at.previousElementSibling) {
    if (/^H[1-6]$/.test(at.tagName.toUpperCase())) return textOf(at);
    if (textOf(at).length > 60) return '';
  }
  return '';
}

function variantsFrom(facts: FactSheet, own: El): void {
  if (facts.variants.length) return;
  for (const t of radiosIn(own)) addTo(facts.variants, t, 'page');
  if (facts.variants.length) return;
  for (const s of own.querySelectorAll('select')) {
    if (/quantity|qty|menge|sort|country|lang|quantit/i.test(`${attr(s, 'name')} ${attr(s, 'id')}`)) continue;
    for (const o of s.querySelectorAll('option')) {
      const t = textOf(o);
      if (t && !/^(choose|select|please|bitte|choisir|wybierz|elige|-)/i.test(t))
        addTo(facts.variants, t, 'page');
    }
  }
}

/** Sizes and colours that are chosen by buttons of which one holds. */
function radiosIn(own: El): string[] {
  return [...own.querySelectorAll('fieldset, [role="radiogroup"]')]
    .filter(
      (f) =>
        !/quantity|payment|shipping|delivery|menge|livraison/i.test(
          textOf(f.querySelector('legend')) || attr(f, 'aria-label'),
        ),
    )
    .flatMap((f) =>
      [...f.querySelectorAll('input[type="radio"]')].map(
        (r) => textOf(f.querySelector(`label[for="${attr(r, 'id')}"]`)) || attr(r, 'value'),
      ),
    )
    .filter((t) => t.length > 0 && t.length < 60);
}

function quotesFrom(facts: FactSheet, own: El): void {
  if (facts.quotes.length) return;
  const boxes = [...own.querySelectorAll('[class*="review" i], blockquote, [class*="testimonial" i]')].filter(
    (b) => !b.querySelector('[class="review"], [class~="review"], blockquote') && textOf(b).length > 15,
  );
  for (const b of boxes) {
    // What stands above its author by a mere break is told from the lines.
    if (b.querySelector('br') && !b.querySelector('p, cite, footer')) continue;
    const author = b.querySelector('cite, [class*="author" i], [class*="name" i], footer');
    const body =
      [
        ...b.querySelectorAll(
          'p, [class*="text" i], [class*="body" i], [class*="content" i], [class*="description" i]',
        ),
      ]
        .filter(
          (x) =>
            !(author && (x.contains(author) || author.contains(x))) &&
            !/meta|date|rating|star/i.test(attr(x, 'class')),
        )
        .sort((x, y) => textOf(y).length - textOf(x).length)[0] ?? b;
    if (boxes.some((x) => x !== b && x.contains(b))) continue;
    const by = textOf(author) || boldName(b, body);
    const stars = /(\d(?:[.,]\d)?)\s*(?:of|\/|out of|von)\s*5/i.exec(
      `${textOf(b)} ${[...b.querySelectorAll('[title], [aria-label]')].map((x) => `${attr(x, 'title')} ${attr(x, 'aria-label')}`).join(' ')}`,
    )?.[1];
    const text = textOf(body).replace(/^[“"«„]|[”"»]$/g, '');
    const full = textOf(b).match(/[★⭐]/gu)?.length;
    if (text.length > 12 && !findPrice(text))
      addQuote(
        facts,
        { text, by: by.replace(/^[–—-]\s*/, ''), rating: stars ? Number(stars) : (full ?? null) },
        'page',
      );
  }
}

/** Who wrote a review: a name in bold above its words. */
function boldName(box: El, body: El): string {
  const names = [...box.querySelectorAll('b, strong, h3, h4, h5')].filter((e) => !body.contains(e));
  return names.map(textOf).find((t) => /^\p{Lu}[\p{L}’'. -]{1,30}$/u.test(t)) ?? '';
}
