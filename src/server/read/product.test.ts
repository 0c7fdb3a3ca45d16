import { describe, expect, it } from 'vitest';
import { plainProducts } from '../../../studio/fixtures/pages/plain-products.ts';
import { PRODUCT_PAGES } from '../../../studio/fixtures/pages/products.ts';
import { decodeHtml } from './decode.ts';
import { parsePage } from './dom.ts';
import { amountOf, findPrice } from './price.ts';
import { isProductPage, productFacts, productPictures } from './product.ts';
import { ratingOf } from './product-lines.ts';

describe('product pages', () => {
  it.each(PRODUCT_PAGES)(
    '$structure: all facts, and none that the page does not have',
    ({ bytes, type, truth }) => {
      const doc = parsePage(decodeHtml(bytes, type));
      expect(isProductPage(doc)).toBe(true);
      const facts = productFacts(doc, doc.documentElement.getAttribute('lang') ?? 'fr');
      const got = {
        name: facts.name?.value ?? null,
        maker: facts.maker?.value ?? null,
        price: facts.price ? [facts.price.value.amount, facts.price.value.currency] : null,
        was: facts.was?.value.amount ?? null,
        until: facts.until?.value ?? null,
        rating: facts.rating
          ? [facts.rating.value.value, facts.rating.value.best, facts.rating.value.count]
          : null,
        available: facts.availability ? facts.availability.value !== 'out of stock' : null,
        features: facts.features.map((f) => f.value),
        quotes: facts.quotes.map((q) => ({ text: q.value.text, by: q.value.by })),
        variants: facts.variants.map((v) => v.value),
        pictures: productPictures(doc, 'https://shop.example/p/1').length,
      };
      expect(got).toEqual(truth);
    },
  );

  it.each([
    ['★★★★☆ 4.3 (212 reviews)', [4.3, 5, 212]],
    ['4,3 ★ 212 Bewertungen', [4.3, 5, 212]],
    ['4.8 ⭐ (1,204)', [4.8, 5, 1204]],
    ['Rated 8.5 out of 10', [8.5, 10, null]],
    ['★★★★★', null],
    ['Version 4.3', null],
    ['Fits 4 of 5 bottles', null],
  ] as const)('“%s” is a rating of %s', (text, rating) => {
    const r = ratingOf(text);
    expect(r && [r.value, r.best, r.count]).toEqual(rating);
  });

  it('keeps who wrote a review and its stars, and what it says', () => {
    const box = (by: string, stars: string, text: string) =>
      `<div class="review"><b>${by}</b> ${stars} <p>${text}</p></div>`;
    const html = `<h1>Hollin stool</h1><p class="price"><del>€ 79,00</del> <ins>€ 64,90</ins></p>
      <p>★★★★☆ 4.3 (212 reviews)</p><p>Ready to ship in 2–3 days.</p>
      ${box('Ilse M.', '★★★★★', 'I am 71 and change my bulbs again. It does not wobble.')}
      ${box('T. Orrin', '★★☆☆☆', 'Beautiful, but heavier than I thought.')}
      <button>Add to basket</button>`;
    const facts = productFacts(parsePage(html), 'en');
    expect(facts.rating?.value).toEqual({ value: 4.3, best: 5, count: 212 });
    expect(facts.availability?.value).toBe('in stock');
    expect(facts.quotes.map((q) => q.value)).toEqual([
      { text: 'I am 71 and change my bulbs again. It does not wobble.', by: 'Ilse M.', rating: 5 },
      { text: 'Beautiful, but heavier than I thought.', by: 'T. Orrin', rating: 2 },
    ]);
  });

  it('shows the price in the page’s own notation', () => {
    const texts = PRODUCT_PAGES.map(
      (p) => productFacts(parsePage(decodeHtml(p.bytes, p.type)), 'en').price?.value.text ?? null,
    );
    expect(texts).toEqual([
      '€34.00',
      '£58.50',
      '1.249,90 €',
      '$29.95',
      '39,50 €',
      'CHF 9.–',
      'PLN 64.90',
      null,
      '£18.00',
      '120,00 €',
      '$129.00',
    ]);
  });

  it.each([
    ['1.249,90', 1249.9],
    ['1,299.00', 1299],
    ['1 299,00', 1299],
    ["1'299.50", 1299.5],
    ['64,90', 64.9],
    ['1.299', 1299],
    ['12.5', 12.5],
    ['9', 9],
  ])('reads the amount %s', (text, amount) => expect(amountOf(text)).toBe(amount));

  it.each([
    ['only £1,299 today', 1299, 'GBP'],
    ['1 299,00 zł', 1299, 'PLN'],
    ['ab 12,- €', 12, 'EUR'],
    ['USD 30', 30, 'USD'],
  ])('finds the price in “%s”', (text, amount, currency) =>
    expect(findPrice(text)).toMatchObject({ amount, currency }),
  );
});

describe('product pages without markup', () => {
  /** Every fact of a page as one text, so that they can be compared one by one. */
  const factsOf = (of: Record<string, unknown>): string[] =>
    Object.entries(of).flatMap(([key, value]) => {
      if (key === 'pictures' || value === null || value === '') return [];
      if (['features', 'quotes', 'variants'].includes(key))
        return (value as unknown[]).map((v) => `${key} ${JSON.stringify(v)}`);
      return [`${key} ${JSON.stringify(value)}`];
    });

  it('give their facts, by size and place and words, in twenty-five manners, and hardly one that is not there', () => {
    const pages = plainProducts();
    expect(pages.length).toBeGreaterThanOrEqual(25);
    let all = 0;
    let seen = 0;
    const missed: string[] = [];
    const wrong: string[] = [];
    for (const { structure, bytes, type, truth } of pages) {
      const doc = parsePage(decodeHtml(bytes, type));
      const f = productFacts(doc, doc.documentElement.getAttribute('lang') ?? 'en');
      const got = factsOf({
        name: f.name?.value ?? null,
        maker: f.maker?.value ?? null,
        price: f.price ? [f.price.value.amount, f.price.value.currency] : null,
        was: f.was?.value.amount ?? null,
        until: f.until?.value ?? null,
        rating: f.rating ? [f.rating.value.value, f.rating.value.best, f.rating.value.count] : null,
        available: f.availability ? f.availability.value !== 'out of stock' : null,
        features: f.features.map((x) => x.value),
        quotes: f.quotes.map((q) => ({ text: q.value.text, by: q.value.by })),
        variants: f.variants.map((v) => v.value),
      });
      const right = factsOf({ ...truth });
      all += right.length;
      missed.push(...right.filter((r) => !got.includes(r)).map((r) => `${structure}: ${r}`));
      wrong.push(...got.filter((g) => !right.includes(g)).map((g) => `${structure}: ${g}`));
      if (isProductPage(doc)) seen++;
    }
    expect((all - missed.length) / all, missed.join('\n')).toBeGreaterThan(0.95);
    expect(wrong.length / all, wrong.join('\n')).toBeLessThan(0.03);
    expect(seen / pages.length).toBeGreaterThan(0.9);
  });
});
