/** Signs for what a post is about, by stems of its words. One is enough; none is better than a wrong one. */
const SIGNS: readonly (readonly [sign: string, words: string])[] = [
  ['🛠️', 'mend repair fix tool workshop drill hammer workbench'],
  ['☕', 'coffee tea cafe'],
  ['🍞', 'bread baker bakeri loaf dough'],
  ['📚', 'book librari read reader novel'],
  ['🎵', 'music song choir band concert sing'],
  ['🚋', 'tram rail train station driver'],
  ['⛵', 'boat barg canal ferri harbour river sail'],
  ['🏮', 'lantern lamp candl'],
  ['🌱', 'garden plant seed grow tree orchard'],
  ['🐝', 'bee hive honey'],
  ['🎨', 'paint painter draw art color colour galleri'],
  ['📷', 'photo photograph camera pictur'],
  ['🎓', 'school student teacher class lesson'],
  ['🚲', 'bike bicycl cycl ride'],
  ['🎉', 'celebr parti birthday anniversari festiv'],
  ['❄️', 'snow winter ice frost cold'],
  ['🌙', 'night moon midnight even'],
  ['☀️', 'sun summer morn sunris'],
  ['🌧️', 'rain storm flood weather'],
  ['💶', 'price cost euro cheap save money'],
  ['🏅', 'win winner won prize medal record'],
  ['🐾', 'dog cat anim pet'],
  ['🍲', 'soup cook recip kitchen meal dinner'],
  ['🧶', 'wool knit sew thread yarn'],
  ['🤝', 'neighbour neighbor help together volunt communiti'],
  ['📣', 'new open launch announc'],
];
const BY_STEM = new Map(SIGNS.flatMap(([sign, words]) => words.split(' ').map((w) => [w, sign] as const)));

/** The sign that most of some stems have, of several the one that comes first; empty when none has one. */
export function signFor(stems: readonly string[]): string {
  const votes = new Map<string, number>();
  for (const s of stems) {
    const sign = BY_STEM.get(s);
    if (sign) votes.set(sign, (votes.get(sign) ?? 0) + 1);
  }
  return [...votes].reduce((best, v) => (v[1] > best[1] ? v : best), ['', 0] as [string, number])[0];
}
