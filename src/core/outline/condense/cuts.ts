import { saysSomething, type Term } from './grammar.ts';

/** What a part of a sentence is that may go. */
export type CutKind =
  | 'brackets'
  | 'aside'
  | 'afterthought'
  | 'connective'
  | 'filler'
  | 'attribution'
  | 'side-clause'
  | 'second-statement'
  | 'place'
  | 'circumstance'
  | 'details'
  /** What comes before the statement. */
  | 'opening'
  | 'time';

/** Parts that are clauses of their own, judged by how they begin; the others are phrases, judged by their words. */
const CLAUSES = new Set<CutKind>([
  'brackets',
  'aside',
  'side-clause',
  'second-statement',
  'opening',
  'attribution',
]);

/** A part of a sentence that may go, and what going costs. [start, end) of the sentence. */
export interface Cut {
  start: number;
  end: number;
  /** What stands in its place; nothing by default. */
  put?: string;
  why: CutKind;
  cost: number;
}

/** Words that turn or bind what is said: a phrase that holds one of them is never dropped. */
export const BINDING =
  /\b(not|no|never|none|nobody|nothing|nowhere|neither|nor|without|hardly|barely|scarcely|rarely|cannot|only|unless|until|if|except|but|instead|rather|should|than|against|compared)\b|n['’]t\b/i;
/** A whole clause may hold a negation of its own; one that begins like this binds the rest and stays. */
const CONDITION =
  /^[,;:–—\s]*(and |or )?(unless|until|if|except|only|without|but|or|than|against|compared|provided|as long as)\b/i;
/** The second half of a comparison: as many … as. */
const AS_AS = /\bas (many|much|often|long|large|big|small|high|far|few|little|fast|old|good|well) (?!as\b)/i;

const SAYING =
  'said|says|say|told|tells|added|adds|explained|explains|recalled|recalls|noted|notes|wrote|writes|argued|argues|claimed|claims|reported|reports|announced|insisted|insists|admitted|admits|believes|thinks|laughed|replied|joked|warned|warns|remembers|remembered';
const CONNECTIVE =
  /^(However|Meanwhile|Moreover|Furthermore|In addition|Indeed|Of course|Then again|Still|Then|Also|And|So|In fact|As a result|For example|For instance|At the same time|After all|By now|Nevertheless|Similarly|Likewise|In other words|To be fair|In short|Naturally|Perhaps surprisingly),?\s+/;
const SUBORDINATE =
  'while|although|though|because|since|as|when|after|before|whereas|even though|even as|so that|so|where|which|who|whose|whom|with|including|especially|particularly|such as|thanks to|along with|together with|as well as|for example|for instance|like|much as|just as';
/** A clause that hangs on without a comma, with the adverb that belongs to it: "mainly because", "then because". */
const HANGING =
  /(?:,?\s(?:then|mainly|mostly|partly|largely|simply|only|just|perhaps|probably|especially|even|not least))?\s(?:because|while|although|though|whereas|so that|as well as|which|who)\s/g;
/** What is announced and what answers it; the one does not stand without the other. */
const PAIRS: readonly (readonly [RegExp, RegExp])[] = [
  [/\b(?:at )?first\b/i, /^[,;\s]*(?:and |but )?(?:then|later|now)\b/i],
  [/\bpartly\b/i, /\bpartly\b/i],
  [/\bon (?:the )?one hand\b/i, /\bon the other\b/i],
];
const FILLER =
  /\b(very|really|quite|actually|simply|basically|literally|certainly|in order(?= to)|of course|in fact|as it were|so to speak|by the way|to be honest)\s+/gi;

/**
 * What may go from a sentence, cheapest first, at most `most` parts. Cut by the grammar of English; of other languages
 * brackets and dashes only.
 */
export function cutsOf(text: string, words: readonly Term[], most: number): Cut[] {
  return [...anyLanguage(text), ...(words.length ? englishCuts(text, words) : [])]
    .filter((c) => c.end > c.start && mayGo(text, c, words))
    .map((c) => ({ ...c, cost: c.cost + lossOf(text, words, c) }))
    .sort((a, b) => a.cost - b.cost || a.start - b.start)
    .slice(0, most);
}

/** A noun that a clause behind it tells apart from all others. */
const SINGLED_OUT =
  /\b(?:only|first|last|best|worst|same|[a-z]+est|those|one|all|every|any)(?: [\w-]+){0,3}$/i;

/** Whether a part is the end of a list that began before it: "cable, radio" and then "and telephone". */
function endsList(before: string, part: string, words: readonly Term[]): boolean {
  if (!/^,?\s(?:and|or)\s/.test(part)) return false;
  // A statement of its own, about something that it names: "and the council said", not "and telephone lines".
  const own = words.filter((w) => w.start >= before.length && w.end <= before.length + part.length);
  const named = own[1]?.pronoun || own[1]?.determiner || own[1]?.name;
  if (part.startsWith(',') && named && saysSomething(own.slice(1))) return false;
  const comma = before.lastIndexOf(', ');
  if (comma < 0 || words.some((w) => w.finite && w.start >= comma && w.end <= before.length)) return false;
  const item = before.slice(comma + 2);
  return (
    !/^(?:in|on|at|by|from|during|with|after|before|as|which|who|where|when|while|though|to|for|of|including|like)\b/i.test(
      item,
    ) && !/\w+(?:ing|ed)\b/.test(item.split(' ')[0] ?? '')
  );
}

const dashesIn = (text: string): number => (text.match(/—|(?<=\s)–(?=\s)/g) ?? []).length;

/** Whether a part may go at all: phrases by their words, whole clauses by how they begin. */
function mayGo(text: string, cut: Cut, words: readonly Term[]): boolean {
  const part = text.slice(cut.start, cut.end);
  // One of a pair of dashes does not go without the other.
  const kept = text.slice(0, cut.start) + text.slice(cut.end);
  if (endsList(text.slice(0, cut.start), part, words)) return false;
  if (cut.why !== 'aside' && dashesIn(part) % 2 === 1 && dashesIn(kept) > 0) return false;
  if (PAIRS.some(([one, other]) => one.test(text.slice(0, cut.start)) && other.test(part))) return false;
  if (AS_AS.test(text) && /\bas\b/.test(part) && !AS_AS.test(part)) return false;
  if (!CLAUSES.has(cut.why)) return !BINDING.test(part.replace(/^[,;:–—\s]+/, ''));
  if (CONDITION.test(part)) return false;
  // "The only town which …": the clause says of which it is the only one.
  if (/^[\s]*(which|who|that|where|whose)\b/.test(part) && SINGLED_OUT.test(text.slice(0, cut.start)))
    return false;
  // "not … because": the clause belongs to the negation.
  return !(
    /^[,\s]*(because|so that|as|since)\b/.test(part) && /\b(not|never|no|nobody)\b|n['’]t\b/i.test(kept)
  );
}

/** Brackets and pairs of dashes. */
function anyLanguage(text: string): Cut[] {
  const out: Cut[] = [];
  for (const m of text.matchAll(/(?:^|\s+)(?:\([^()]*\)|\[[^[\]]*\])(?![\p{L}\p{N}])/gu))
    out.push({ start: m.index, end: m.index + m[0].length, why: 'brackets', cost: 0.6 });
  for (const m of text.matchAll(/\s+[–—]\s+[^–—]+?\s+[–—](?=\s)|—[^–—]+?—/g)) {
    // Between a clause that opens the sentence and the main one, dashes stand for a comma too.
    const opens =
      /^(?:While|Although|Though|Because|Since|As|When|After|Before|If|Whereas|Even)\b[^,]*$/.test(
        text.slice(0, m.index),
      );
    const put = opens ? ',' : m[0].startsWith('—') ? ' ' : undefined;
    const end = m.index + m[0].length;
    out.push({ start: m.index, end, ...(put === undefined ? {} : { put }), why: 'aside', cost: 0.8 });
  }
  const last = /\s*(?:\s[–—]\s|—)[^–—]+?(?=[.!?…]["”’)]*$)/.exec(text);
  if (last && (text.match(/\s[–—]\s|—/g) ?? []).length === 1)
    out.push({ start: last.index, end: last.index + last[0].length, why: 'afterthought', cost: 1.6 });
  return out;
}

/** What may go from an English sentence, by its commas, its verbs and how its parts begin. */
function englishCuts(text: string, words: readonly Term[]): Cut[] {
  const out: Cut[] = [];
  // A part that begins inside a quotation ends with it, and what is left out of somebody's words is marked.
  const add = (start: number, end: number, why: CutKind, cost: number) => {
    const close = start === 0 ? text.length : quotationEnd(text, start);
    if (close < text.length && start < close)
      out.push({ start, end: Math.min(end, close), put: ' …', why, cost });
    else out.push({ start, end, why, cost });
  };
  const stop = /[.!?…]+["”’)]*$/.exec(text)?.index ?? text.length;

  const lead = CONNECTIVE.exec(text);
  if (lead) add(0, lead[0].length, 'connective', -0.3);
  for (const m of text.matchAll(FILLER)) add(m.index, m.index + m[0].length, 'filler', 0.4);

  // Who said it: at the end, at the start, in the middle of a quotation.
  const who = `(?:he|she|they|it|we|I|[Tt]he [^,.“”"]{2,50}?|(?:[a-z-]+ ){0,3}[A-Z][^,.“”"]{1,45}?)`;
  const rest = `[^.!?“”"]{0,110}`;
  for (const p of [
    new RegExp(`,?["”]?,\\s(?:${who} (?:${SAYING})|(?:${SAYING}) ${who})(?:[ ,]${rest})?[.!?]?$`),
    new RegExp(`(?<=[,!?…]["”])\\s(?:${who} (?:${SAYING})|(?:${SAYING}) ${who})(?:[ ,]${rest})?[.!?]?$`),
  ]) {
    const m = p.exec(text);
    if (m) add(m.index + (/^,?["”]/.exec(m[0])?.[0].length ?? 0), text.length, 'attribution', -0.4);
  }
  const middle = new RegExp(
    `["”]\\s(?:${who} (?:${SAYING})|(?:${SAYING}) ${who})(?:, [^,“”"]{0,60})?,\\s["“]`,
  ).exec(text);
  if (middle) {
    const at = text[middle.index - 1] === ',' ? middle.index - 1 : middle.index;
    out.push({ start: at, end: middle.index + middle[0].length, put: ' ', why: 'attribution', cost: -0.4 });
  }
  const first = new RegExp(`^${who} (?:${SAYING})(?: (?:us|me|reporters|visitors))? that\\s`).exec(text);
  if (first) add(0, first[0].length, 'attribution', -0.2);
  const accordingFirst = /^According to [^,]+,\s/.exec(text);
  if (accordingFirst) add(0, accordingFirst[0].length, 'attribution', 0.6);
  const accordingLast = /,? according to [^,.;]+(?=[.!?]?$)/.exec(text);
  if (accordingLast)
    add(accordingLast.index, accordingLast.index + accordingLast[0].length, 'attribution', 0.6);

  const accordingMiddle = /, according to [^,]+,(?=\s)/.exec(text);
  if (accordingMiddle)
    out.push({
      start: accordingMiddle.index,
      end: accordingMiddle.index + accordingMiddle[0].length,
      why: 'attribution',
      cost: -0.2,
    });

  // Clauses between commas, and those that hang on at the end.
  const commas = [...text.matchAll(/[,;]\s/g)].map((m) => m.index);
  const verbAt = (at: number) => {
    const i = words.findIndex((w) => w.start >= at);
    const first = words[i];
    return words.slice(i, i + 2).some((w) => w.finite) || (first?.verb === true && !/ing$/i.test(first.text));
  };
  const finiteAt = (at: number) => words.find((w) => w.start >= at)?.finite ?? false;
  commas.forEach((c, k) => {
    const after = text.slice(c + 2);
    const relative = /^(which|who|whose|whom|where|when)\b/.test(after);
    const apposition =
      /^(a|an|the|one of|now|then|once|his|her|its|their|our|also|too|at least|aged|formerly|including|such as|especially|from|in|at|on|near|by|with|for|after|before|as|like|of|one|two|three|four|five|six|seven|eight|nine|ten|half|twice|until recently|as well as|along with|together with|\d|[A-Z])/.test(
        after,
      );
    for (const end of commas.slice(k + 1, k + 4)) {
      const inner = text.slice(c + 2, end);
      if (!(relative || apposition) || !verbAt(end + 1)) continue;
      if (/^(and|or|but)\b/.test(text.slice(end + 2))) continue;
      if (/^(?:in|at|on|near|from)\b/.test(inner) && breaksList(text, c, end)) continue;
      const innerWords = words.filter((w) => w.start >= c + 2 && w.end <= end);
      if (!relative && innerWords.some((w) => w.finite) && !/^(as|after|before)\b/.test(inner)) continue;
      add(c, end + 1, relative ? 'side-clause' : 'aside', relative ? 1 : 1.1);
      break;
    }
    if (text[c] === ';') {
      add(c, stop, 'second-statement', 1.8);
      return;
    }
    const hanging = new RegExp(`^(${SUBORDINATE})\\b`).test(after);
    const participle = /^(?:\w+ly )?\w+(?:ing|ed)\b/.test(after) && !/^(during|according)/.test(after);
    if (hanging) add(c, stop, 'side-clause', 1.3);
    else if (participle && !finiteAt(c + 1)) add(c, stop, 'side-clause', 1.4);
    else if (
      apposition &&
      k === commas.length - 1 &&
      !words.some((w) => w.start > c && w.finite) &&
      !/\b(and|or)\b/.test(after)
    )
      add(c, stop, 'aside', 1.3);
    const second = /^(and|so|yet) /.exec(after);
    if (second) {
      const clause = words.filter((w) => w.start >= c + 2 + second[0].length);
      if (
        saysSomething(clause) ||
        /^(that|this|it|they|he|she|we|you|I)\b/.test(after.slice(second[0].length))
      )
        add(c, stop, 'second-statement', 1.9);
    }
  });
  // A clause that hangs on without a comma.
  for (const m of text.matchAll(HANGING)) if (m.index > 25) add(m.index, stop, 'side-clause', 1.9);
  for (const m of text.matchAll(/\s(and|after|before|since) /g)) {
    const clause = words.filter((w) => w.start >= m.index + m[0].length);
    // What stays has to say something by itself, behind its last comma too: "Although opposed, the town and its friends agreed".
    const comma = Math.max(0, text.lastIndexOf(', ', m.index - 1));
    if (!saysSomething(words.filter((w) => w.start >= comma && w.end <= m.index)) && comma > 0) continue;
    if (m.index > 30 && saysSomething(clause)) add(m.index, stop, 'second-statement', 2.2);
  }
  // Both halves of a pair: ", first to save money, then because nobody wanted them back".
  for (const [one, other] of PAIRS) {
    const c = commas.find((c) => one.test(text.slice(c + 2, c + 22)));
    if (c !== undefined && commas.some((d) => d > c && other.test(text.slice(d + 2))))
      add(c, stop, 'side-clause', 1.5);
  }
  // Where it is, between the subject and its verb.
  for (const m of text.matchAll(
    / (?:in|at|near|from) (?:the )?\p{Lu}[\p{L}'’-]+(?: \p{Lu}[\p{L}'’-]+)?(?= )/gu,
  )) {
    if (m.index > 8 && finiteAt(m.index + m[0].length)) add(m.index, m.index + m[0].length, 'place', 1.2);
  }
  // "a market that has stood here since 1887 changes …": the clause that only describes it.
  for (const m of text.matchAll(/(?<=\b[Aa]n? (?:\w+ )?\w+) (?:that|which|who) /g)) {
    if (/,/.test(text.slice(0, m.index)) || m.index > 50) continue;
    // "A boat that is painted wet …; a boat that is painted dry …": the clause tells which one is meant.
    const head = /\b[Aa]n? (?:\w+ )?\w+$/.exec(text.slice(0, m.index))?.[0] ?? '';
    if (text.slice(m.index).toLowerCase().includes(`${head.toLowerCase()} ${m[0].trim()} `)) continue;
    const from = words.findIndex((w) => w.start >= m.index + m[0].length - 1);
    if (
      words
        .slice(0, Math.max(0, from - 1))
        .some((w) => w.finite && !/^(do|does|did|is|are|was|were|can|will)$/i.test(w.text))
    )
      continue;
    const own = words.findIndex((w, i) => i >= from && w.finite);
    let next = own;
    while (words[next + 1]?.verb) next++;
    const main = words.findIndex(
      (w, i) => i > next && w.finite && !/^(and|or|to)$/i.test(words[i - 1]?.text ?? ''),
    );
    const end = words[main]?.start;
    if (own >= from && end !== undefined && !/[,;:]/.test(text.slice(m.index, end)))
      add(m.index, end - 1, 'side-clause', 1.4);
  }
  // Circumstances, at the end of the sentence or before a comma.
  for (const m of text.matchAll(
    /\s(with|in|on|at|by|from|during|behind|near|under|over|between|through|into) (?!least|most|all\b|order to|first|that\b|which\b)/g,
  )) {
    if (m.index < 42) continue;
    // What stands before it has to be whole by itself.
    const clause = Math.max(
      0,
      ...[...text.slice(0, m.index).matchAll(/[;:]\s|, (?:and|but|so) /g)].map((x) => x.index),
    );
    if (!saysSomething(words.filter((w) => w.start >= clause && w.end <= m.index))) continue;
    if (!TIME.test(text.slice(m.index)) && wantsMore(text.slice(clause, m.index), words, m.index)) continue;
    const comma = /,\s/.exec(text.slice(m.index));
    for (const end of comma ? [m.index + comma.index, stop] : [stop])
      if (
        !words.some((w) => w.start >= m.index && w.end <= end && w.finite) &&
        !breaksList(text, m.index, end)
      )
        add(m.index, end, 'circumstance', 1.5);
  }
  const colon = /:\s/.exec(text);
  if (colon && colon.index > 20) add(colon.index, stop, 'details', 2);

  // A clause or phrase before the main one: what follows has to be a statement of its own, about something it names.
  const opening = (length: number) => {
    const comma = text.indexOf(', ', length);
    const next = words.filter((w) => w.start >= length && (comma < 0 || w.end <= comma));
    if (
      saysSomething(next) &&
      !/^(its?|he|she|they|his|her|their|this|that|these|those|both)\b/i.test(text.slice(length))
    )
      add(0, length, 'opening', 1.5);
  };
  const before =
    /^(While|Although|Though|Because|Since|As|When|After|Before|Whereas|Even though|In|On|At|From|For|By|With|During|Over|Through|Every|Last|Earlier|Later|Today|Once|Thanks to|Like|Unlike|Despite|Besides)\b[^,]*,\s/.exec(
      text,
    );
  if (before) opening(before[0].length);
  const when =
    /^(?:Since|In|On|By|During|Until|Every) (?:last |next |the |early |late )?(?:January|February|March|April|May|June|July|August|September|October|November|December|Mondays?|Tuesdays?|Wednesdays?|Thursdays?|Fridays?|Saturdays?|Sundays?|spring|summer|autumn|winter|\d{4})(?: \d{4})? (?=[a-zA-Z])/.exec(
      text,
    );
  if (when && !/^(and|or|to)\b/.test(text.slice(when[0].length))) add(0, when[0].length, 'time', 1.2);
  const participleFirst = /^\w+(?:ing|ed)\b[^,]*,\s/.exec(text);
  const reports =
    /^(?:Declaring|Saying|Citing|Noting|Arguing|Claiming|Warning|Calling|Adding|Insisting|Stating|Believing|Fearing|Hoping|Knowing)\b/.test(
      text,
    );
  if (participleFirst && (reports || !words.some((w) => w.finite && w.end < participleFirst[0].length)))
    opening(participleFirst[0].length);
  return out;
}

/** Verbs whose place belongs to them, and words that wait for one. */
const PLACED =
  /\b(?:keep|keeps|kept|put|puts|set|sets|lay|lays|laid|leave|leaves|left|turn|turns|turned|throw|throws|threw|stick|hang|hung|bring|brings|brought|move|moved) (?:[\w’'-]+ ){0,4}[\w’'-]+$|\b(?:interested|involved|based|different|engaged|rooted|steeped|located|situated|housed|stuck|trapped|responsible|similar|close|next|out|up|back|away)$/i;

/** A time may go from any verb. */
const TIME =
  /^\s(?:in|on|at|by|from|during) (?:the |early |late |mid-?|last |next |this )*(?:\d{4}\b|\d{1,2}(?::\d\d)? ?[ap]\.?m|January|February|March|April|May\b|June|July|August|September|October|November|December|Mondays?|Tuesdays?|Wednesdays?|Thursdays?|Fridays?|Saturdays?|Sundays?|spring|summer|autumn|winter|morning|afternoon|evening|night|week|month|year|decade|century)/;

/** Whether what stands before a place needs what follows: a verb, "an organization established", "to keep standards". */
function wantsMore(before: string, words: readonly Term[], at: number): boolean {
  const last = words.findLast((w) => w.end <= at);
  return (last?.verb === true && last.end >= at - 1) || /ing$/i.test(last?.text ?? '') || PLACED.test(before);
}

/** Whether a list, a date or a place would be torn: ", 3G, and 4G", ", 1935", ", Reedmere,". */
function breaksList(text: string, start: number, end: number): boolean {
  const [part, after] = [text.slice(start, end), text.slice(end)];
  if (/, (?:and|or) /.test(part) && /,/.test(text.slice(0, start))) return true;
  return /^, (?:\d{4}\b|[^,]{1,40}, (?:and|or) |(?:and|or) [^,]{1,40}[.!?]["”’)]*$|\p{Lu}[\p{L}'’-]*(?: \p{Lu}[\p{L}'’-]*)?[,.])/u.test(
    after,
  );
}

/** Where the quotation ends in which a place lies, before a comma that belongs to it; the end of the text outside of one. */
function quotationEnd(text: string, at: number): number {
  const before = text.slice(0, at);
  const curly = before.lastIndexOf('“') > before.lastIndexOf('”');
  const straight = (before.match(/"/g) ?? []).length % 2 === 1;
  if (!curly && !straight) return text.length;
  const close = text.indexOf(curly ? '”' : '"', at);
  if (close < 0) return text.length;
  return text[close - 1] === ',' ? close - 1 : close;
}

/** What a cut loses: by length, figures and names. */
function lossOf(text: string, words: readonly Term[], cut: Cut): number {
  const part = text.slice(cut.start, cut.end);
  const said = cut.why === 'attribution';
  const figures = (part.match(/\d[\d.,]*/g) ?? []).length;
  const names = words.filter((w) => w.name && w.start >= cut.start && w.end <= cut.end).length;
  return part.length * (said ? 0.002 : 0.008) + figures * (said ? 0.1 : 0.7) + (said ? 0 : names * 0.25);
}
