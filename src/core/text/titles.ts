const NUMBERED =
  /^\s*(?:(?:chapter|section|appendix|part|lesson|unit|step)\s+(?:\d+(?:\.\d+)*|[A-Z]|[IVXLC]+)\s*(?:[.:)–—-]+\s*|$)|(?:\d+|[A-Z])(?:\.\d+)+[.:)]?\s+(?!(?:million|billion|trillion|thousand|per cent|percent|%))(?=\S)|(?:\d{1,3}|[A-Z]|[IVX]{1,5})[.)]\s+(?=[\p{Lu}“"]))/u;

/** A title without its number in a book ("9.10. Backup", "Chapter 4. Pipes") and without signs that link to it. */
export function plainTitle(title: string): string {
  const bare = title.replace(/\s*[¶§#🔗]\s*$/u, '').trim();
  const out = bare.replace(new RegExp(NUMBERED.source, 'iu'), '').trim();
  return /\p{L}{2}/u.test(out) ? out : bare;
}
