import type { Price } from '../../core/source/types.ts';

const SIGNS: Record<string, string> = {
  '€': 'EUR',
  '£': 'GBP',
  $: 'USD',
  '¥': 'JPY',
  '₹': 'INR',
  '₺': 'TRY',
  '₽': 'RUB',
  '₴': 'UAH',
  '₩': 'KRW',
  zł: 'PLN',
  kč: 'CZK',
  ft: 'HUF',
  kr: 'SEK',
  fr: 'CHF',
  r$: 'BRL',
  a$: 'AUD',
  c$: 'CAD',
  us$: 'USD',
};
const CODES =
  'EUR|USD|GBP|CHF|PLN|SEK|NOK|DKK|CZK|HUF|JPY|CNY|INR|AUD|CAD|NZD|BRL|MXN|TRY|RUB|UAH|KRW|ZAR|RON|BGN|ISK';
const NUMBER = String.raw`\d{1,3}(?:[.,'’\s\u00a0\u202f]\d{3})+(?:[.,]\d{1,2})?|\d+(?:[.,]\d{1,2})?`;
const SIGN = String.raw`(?<!\p{L})(?:US|A|C|R)\$|[€£$¥₹₺₽₴₩]|zł|Kč|Ft\b|kr\b|Fr\b\.?`;
const BEFORE = new RegExp(`(?:(${SIGN})|\\b(${CODES})\\b)\\s?(${NUMBER})(?:[.,][–—-]+)?`, 'iu');
const AFTER = new RegExp(`(${NUMBER})(?:[.,][–—-]+)?[\\s\u00a0]?(?:(${SIGN})|\\b(${CODES})\\b)`, 'iu');

/**
 * An amount in any notation: the last of two different separators is the decimal one; a single one is decimal when one
 * or two digits follow.
 */
export function amountOf(text: string): number | null {
  const t = text.replace(/[\s\u00a0\u202f'’]/g, '');
  if (!/^\d[\d.,]*$/.test(t)) return null;
  const comma = t.lastIndexOf(',');
  const point = t.lastIndexOf('.');
  let decimal = '';
  if (comma >= 0 && point >= 0) decimal = comma > point ? ',' : '.';
  else if (comma >= 0) decimal = t.length - comma <= 3 && t.indexOf(',') === comma ? ',' : '';
  else if (point >= 0) decimal = t.length - point <= 3 && t.indexOf('.') === point ? '.' : '';
  const plain = [...t].filter((c) => /\d/.test(c) || c === decimal).join('');
  const value = Number(plain.replace(decimal || '.', '.'));
  return Number.isFinite(value) ? value : null;
}

/** The first price in a text. */
export function findPrice(text: string): Price | null {
  const a = BEFORE.exec(text);
  const b = AFTER.exec(text);
  const m = a && (!b || a.index <= b.index) ? a : b;
  if (!m) return null;
  const [number, sign, code] = m === a ? [m[3], m[1], m[2]] : [m[1], m[2], m[3]];
  const amount = amountOf((number ?? '').trim());
  if (amount === null) return null;
  const currency = (code ?? SIGNS[(sign ?? '').toLowerCase().replace('.', '')] ?? '').toUpperCase();
  return { amount, currency, text: m[0].replace(/\s+/g, ' ').trim() };
}

/** All prices in a text, in order. */
export function findPrices(text: string): Price[] {
  const out: Price[] = [];
  for (let rest = text; out.length < 12; ) {
    const p = findPrice(rest);
    if (!p) return out;
    out.push(p);
    rest = rest.slice(rest.indexOf(p.text) + p.text.length);
  }
  return out;
}

/** A price as a text of the page's language writes it. */
export function priceText(amount: number, currency: string, language: string): string {
  if (!currency) return amount.toFixed(2);
  try {
    return new Intl.NumberFormat(language, {
      style: 'currency',
      currency,
      minimumFractionDigits: Number.isInteger(amount) ? 0 : 2,
    })
      .format(amount)
      .replace(/\s/g, ' ');
  } catch {
    return `${currency} ${amount.toFixed(2)}`;
  }
}
