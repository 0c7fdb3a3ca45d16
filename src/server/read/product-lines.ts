import type { FactSheet, Price, ReviewQuote } from '../../core/source/types.ts';
import { addQuote, addTo, availability, availabilityText, fill, wholeNumber } from './fact-sheet.ts';
import type { PageLine } from './lines.ts';
import { day } from './meta.ts';
import { findPrice, findPrices } from './price.ts';

// What a page says of a product in words and by how it stands there, without any markup.

const MAKER_LABEL =
  /^(?:brand|maker|made by|manufacturer|manufactured by|produced by|producer|marke|hersteller|marque|fabricant|fabriqué par|marca|fabricante|produttore|prodotto da|producent|tillverkare|fabrikant|produsent|valmistaja)\s*[:\s]\s*(.{2,60}?)[.;]?$/iu;
const NAME = String.raw`(?:(?:la|le|les|los|las|il|die|der) \p{Ll}+ )?[\p{Lu}][\p{L}’'.-]*(?:(?: (?:&|and|of|de|del|du|y|e|und|von))? [\p{Lu}&][\p{L}’'.-]*| & [\p{Lu}][\p{L}’'-]*)*`;
const VERBS =
  'made|handmade|built|woven|knitted|crafted|manufactured|produced|forged|thrown|sewn|baked|brewed|carved|printed|fabriqué|fabriquée|fabricado|prodotto|hergestellt|gefertigt'
    .split('|')
    .map((v) => `[${v[0]?.toUpperCase()}${v[0]}]${v.slice(1)}`)
    .join('|');
const MADE_BY = new RegExp(
  String.raw`(?<!\p{L})(?:${VERBS}) (?:by hand )?(?:by|par|por|da|von) (?:(?:the|a) \p{Ll}+ (?:of|at|from) )?(${NAME})`,
  'u',
);
const BY_LINE = new RegExp(`^(?:by|von|par|di) (${NAME}(?: of ${NAME})?)[.]?$`, 'iu');
const FROM_LINE = new RegExp(
  String.raw`^(?:from|aus der \p{L}+|von der \p{L}+|de la maison) (${NAME})[.]?$`,
  'iu',
);

/** Labels of what has a place of its own on the sheet, or none. */
export const OTHER_FACT =
  /^(?:brand|maker|manufacturer|hersteller|marque|marca|producent|produttore|tillverkare|price|preis|prix|precio|cena|prezzo|pris|availability|dostępność|verfügbarkeit|disponibilité|offer ends|offer until|colou?rs?|sizes?|farben?|größen?|couleurs?|tailles?|category|sku|item|qty|quantity)\s*:/i;
const VARIANTS =
  /^(?:colou?rs?|sizes?|farben?|größen?|couleurs?|tailles?|colores|tallas|lengths?|widths?)\s*:\s*(.+)$/i;
const WAS =
  /\b(?:was|before|instead of|formerly|regular(?:ly)?|rrp|list price|antes|statt|vorher|au lieu de|prima|invece di|przedtem|zamiast|tidigare)\b/i;
export const UNTIL =
  /\b(?:until|ends?(?: on)?:?|valid (?:until|till|through)|bis(?: zum)?|jusqu['’]au|hasta(?: el)?|fino al|do)\s+(\d{1,2}\.\s?\d{1,2}\.\s?\d{4}|\d{4}-\d{2}-\d{2}|\d{1,2}(?:st|nd|rd|th|\.)?\s+\p{L}+\s+\d{4}|\p{L}+\s+\d{1,2},\s+\d{4})/iu;
const OUT_OF =
  /(\d(?:[.,]\d+)?)\s*(?:\/|out of|of|von|sur|su|z|de|av|af)\s*(5|10|100)(?![\d.,]*\s*(?:reviews|g\b|kg\b|cm\b))/i;
export const COUNT =
  /([\d.,]+)\s*(?:customer |global |verified )?(?:reviews?|ratings?|customers?|votes?|buyers?|bewertungen|kund(?:en|innen)|avis|clients?|opinii|opiniones|clientes|recensioni|omdömen)\b/i;
/** "★★★★☆ 4.3 (212 reviews)", "4,3 ★ 212 Bewertungen": of five. */
const BY_STARS = /(?:[★☆⭐]\s*(?<after>[0-5][.,]\d)|(?<before>[0-5][.,]\d)\s*[★⭐])(?!\d)/u;
const STOCK =
  /^(?:yes, |only \d+ (?:left )?)?(?:in stock|i lager|auf lager|en stock|disponible|disponibile|dostępn\w+|sofort lieferbar|lieferbar|available|sold out|out of stock|ausverkauft|épuisé|agotado|esaurito|(?:ready to )?ships? (?:in|within|today|tomorrow)|usually ships|only \d+ left)/i;
const BULLET = /^(?:[•·▪◦●○‣▸►➤➜✓✔✅☑*–—-]|\p{Extended_Pictographic}\uFE0F?)\s*/u;
const STARS = /[★☆⭐]{3,}/u;
const QUOTED = /^[“"«„](.{10,260}?)[.,]?[”"»]\s*(?:[–—-]{1,2}|,|\s)\s*(\p{Lu}[\p{L}’'. -]{1,40})$/u;
const SIGNED = /^[–—-]{1,2}\s*(\p{Lu}[\p{L}’'. -]{1,40})$/u;

const plain = (text: string): string => text.replace(BULLET, '').trim();

/** Fills what is still empty on the sheet from the lines of the page. title: of the window. */
export function fromLines(facts: FactSheet, lines: readonly PageLine[], title: string): void {
  const own = lines.filter((l) => l.text.length < 1200);
  fill(facts, 'name', nameOf(own, title), 'page');
  const name = facts.name?.value ?? '';
  const used = new Set<PageLine>(own.filter((l) => name !== '' && l.text.endsWith(name)));
  fill(facts, 'maker', makerOf(own), 'page');
  prices(facts, own);
  rating(facts, own);
  const stock = own.map((l) => plain(l.text)).find((t) => t.length < 60 && stockOf(t) !== null);
  if (stock) fill(facts, 'availability', stockOf(stock) ?? '', 'page');
  const until = own.map((l) => UNTIL.exec(l.text)?.[1]).find(Boolean);
  if (until && (facts.was || own.some((l) => /offer|sale|\boff\b|angebot|offre|oferta|promo/i.test(l.text))))
    fill(facts, 'until', day(until.replace(/\s+(?=\d)/g, ' ').replace(/\. /g, '.')), 'page');
  for (const q of quotesOf(own, used))
    if (!facts.quotes.some((x) => x.value.text.startsWith(q.text.slice(0, 20)))) addQuote(facts, q, 'page');
  const told = own.find((l) => isTelling(l) && !used.has(l));
  if (told) fill(facts, 'description', told.text, 'page');
  variants(facts, own);
  features(facts, own, used, told);
}

/** The largest line; among lines of one size the first bold one; else what the title of the window says. */
function nameOf(lines: readonly PageLine[], title: string): string {
  const short = lines.filter((l) => l.text.length <= 90 && !findPrice(l.text) && !stockOf(l.text));
  const largest = Math.max(...short.map((l) => l.size), 0);
  const parts = title
    .replace(/^(?:buy|shop|order)\s+/i, '')
    .replace(/\s+(?:online|now)(?=\s*(?:[|–—-]|$))/i, '')
    .split(/\s+[|–—-]\s+/);
  const found =
    (largest >= 1.2 && short.find((l) => l.size === largest)?.text) ||
    short.find((l) => l.bold && parts.some((p) => p.toLowerCase() === l.text.toLowerCase()))?.text ||
    short.slice(0, 3).find((l) => l.bold)?.text ||
    parts[0] ||
    '';
  return found.replace(/^(?:for sale|zu verkaufen|à vendre|se vende|vendesi)\s*:\s*/i, '');
}

function makerOf(lines: readonly PageLine[]): string {
  for (const { text } of lines) {
    const t = plain(text);
    const label = MAKER_LABEL.exec(t)?.[1];
    if (label && !/^by\b/i.test(label)) return label.trim();
    const line = BY_LINE.exec(t)?.[1] ?? FROM_LINE.exec(t)?.[1];
    if (line) return line.trim().replace(/\.$/, '');
  }
  for (const { text } of lines) {
    const made = MADE_BY.exec(plain(text))?.[1];
    if (made) return made.replace(/[.’']$/, '').trim();
  }
  return '';
}

function prices(facts: FactSheet, lines: readonly PageLine[]): void {
  let was: Price | null = null;
  let now: Price | null = null;
  for (const { text, struck } of lines) {
    for (const clause of text.split(/(?<=[.;])\s+|\s+(?=(?:now|ahora|jetzt|maintenant|ora)\b)/i)) {
      const found = findPrices(clause).find((p) => p.amount > 0);
      if (!found) continue;
      if (struck || (WAS.test(clause) && !/^\D*(?:now|ahora|jetzt)/i.test(clause))) was ??= found;
      else now ??= found;
    }
  }
  if (now) fill(facts, 'price', now, 'page');
  if (was && facts.price && was.amount > facts.price.value.amount) fill(facts, 'was', was, 'page');
}

function rating(facts: FactSheet, lines: readonly PageLine[]): void {
  for (const { text, quoted } of lines) {
    if (quoted || text.length > 140) continue;
    const found = ratingOf(text);
    if (!found) continue;
    fill(facts, 'rating', found, 'page');
    return;
  }
}

/**
 * The rating that a text gives, of five stars or of what it says; null when a figure in it is something else. marked: the page
 * says that it is one.
 */
export function ratingOf(
  text: string,
  marked = false,
): { value: number; best: number; count: number | null } | null {
  const stars = BY_STARS.exec(text);
  const value = stars ?? OUT_OF.exec(text);
  if (!value) return null;
  const rest = text.slice(value.index + value[0].length);
  const count = COUNT.exec(rest) ?? (stars && /^\s*\(([\d.,]+)\)/.exec(rest));
  const says =
    marked ||
    count ||
    STARS.test(text) ||
    /\b(?:rat|not[eé]|bewert|valor|valut|ocen|stern|stars?)/i.test(text);
  if (!says && !stars) return null;
  const figure = stars ? (stars.groups?.after ?? stars.groups?.before ?? '') : (value[1] ?? '');
  return {
    value: Number(figure.replace(',', '.')),
    best: stars ? 5 : Number(value[2]),
    count: count ? wholeNumber(count[1] ?? '') : null,
  };
}

/** What a line says of whether it can be had; null when it is about something else. */
function stockOf(text: string): string | null {
  const t = plain(text).replace(
    /^(?:is it in stock\?|availability:|verfügbarkeit:|disponibilité\s?:|disponibilidad:)\s*/i,
    '',
  );
  if (!STOCK.test(t)) return null;
  if (/ships?\b|^i lager|disponibile|^only \d/i.test(t)) return 'in stock';
  if (/esaurito/i.test(t)) return 'out of stock';
  return availability(t) === null ? null : availabilityText(t);
}

/** A sentence that tells what it is. */
const isTelling = ({ text, quoted, italic }: PageLine): boolean =>
  text.length > 30 &&
  /[.!?]["”’)]*$/.test(text) &&
  !quoted &&
  !italic &&
  !findPrice(text) &&
  !MAKER_LABEL.test(text) &&
  !OUT_OF.test(text) &&
  !QUOTED.test(text) &&
  stockOf(text) === null;

function variants(facts: FactSheet, lines: readonly PageLine[]): void {
  for (const { text } of lines) {
    const list = VARIANTS.exec(plain(text))?.[1];
    if (!list) continue;
    for (const v of list.split(/\s*[,;/]\s*/))
      if (v && v.length < 40) addTo(facts.variants, v.trim(), 'page');
  }
}

/** Lines after signs; "name: value"; and where the page has neither, short lines that are no sentence. */
function features(
  facts: FactSheet,
  lines: readonly PageLine[],
  used: ReadonlySet<PageLine>,
  told: PageLine | undefined,
): void {
  if (facts.features.length) return;
  const open = lines.filter((l) => !used.has(l) && l !== told && !l.struck && isFree(l.text));
  const put = (list: readonly PageLine[]) => {
    for (const l of list) addTo(facts.features, plain(l.text), 'page');
  };
  put(open.filter((l) => BULLET.test(l.text) && !SIGNED.test(l.text)));
  if (facts.features.length < 2) put(open.filter((l) => /^[\p{Lu}][\p{L} ]{2,24}: \S/u.test(l.text)));
  if (facts.features.length < 2)
    put(
      open.filter(
        (l) => !l.bold && l.size < 1.2 && !/[.!?:/]$/.test(l.text) && l.text.split(' ').length >= 2,
      ),
    );
  facts.features = facts.features.slice(0, 24);
}

const isFree = (text: string): boolean =>
  text.length <= 70 &&
  !findPrice(text) &&
  !OTHER_FACT.test(plain(text)) &&
  !MAKER_LABEL.test(plain(text)) &&
  !BY_LINE.test(plain(text)) &&
  !FROM_LINE.test(plain(text)) &&
  !OUT_OF.test(text) &&
  !BY_STARS.test(text) &&
  !STARS.test(text) &&
  !QUOTED.test(text) &&
  !/%|\boffer\b|\s\/\s/i.test(text) &&
  stockOf(text) === null &&
  !MADE_BY.test(plain(text));

/** Sentences in marks or in italics with a name after them, with a name on the next line, or below a name with stars. */
function quotesOf(lines: readonly PageLine[], used: Set<PageLine>): ReviewQuote[] {
  const out: ReviewQuote[] = [];
  lines.forEach((line, i) => {
    const { text, quoted, italic } = line;
    const next = lines[i + 1];
    const marked = QUOTED.exec(text);
    const signed = next ? SIGNED.exec(next.text) : null;
    if (marked) {
      used.add(line);
      out.push({ text: ended(marked[1] ?? '', text), by: (marked[2] ?? '').trim(), rating: null });
    } else if ((quoted || italic || /^[“"«„]/.test(text)) && signed && text.length > 12) {
      used.add(line).add(next as PageLine);
      out.push({ text: text.replace(/^[“"«„]|[”"»]$/g, ''), by: signed[1] ?? '', rating: null });
    } else if (STARS.test(text) && next && next.text.length > 12 && !OUT_OF.test(text)) {
      const by = text
        .replace(STARS, '')
        .replace(/[\s,·–—-]+$/, '')
        .trim();
      if (!/^\p{Lu}[\p{L}’'. -]{1,40}$/u.test(by)) return;
      used.add(line).add(next);
      out.push({ text: next.text, by, rating: (text.match(/[★⭐]/gu) ?? []).length || null });
    }
  });
  return out;
}

/** The full stop that stood before the closing mark stays. */
const ended = (quote: string, line: string): string => {
  const mark = line[line.indexOf(quote) + quote.length];
  return mark === '.' ? `${quote}.` : quote;
};

/** Whether lines speak of one thing that is sold: a price, and two more signs of it, on a page that is not long. */
export function speaksOfProduct(lines: readonly PageLine[]): boolean {
  const words = lines.reduce((n, l) => n + l.text.split(' ').length, 0);
  if (words > 500 || !lines.some((l) => findPrice(l.text))) return false;
  const signs = [
    makerOf(lines) !== '',
    lines.some((l) => ratingOf(l.text)?.count),
    lines.some((l) => stockOf(l.text) !== null),
    lines.some((l) => l.struck && findPrice(l.text)),
    lines.some((l) => /^(?:price|preis|prix|precio|cena|prezzo|pris)\b/i.test(plain(l.text))),
    lines.some((l) => l.text.length <= 30 && findPrice(l.text)),
    lines.filter((l) => BULLET.test(l.text)).length > 1,
  ];
  return signs.filter(Boolean).length >= 2;
}
