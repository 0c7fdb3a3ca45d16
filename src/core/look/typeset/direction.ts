const RIGHT_TO_LEFT = /[\p{Script=Arabic}\p{Script=Hebrew}\p{Script=Syriac}\p{Script=Thaana}]/u;
const LETTER = /\p{L}/u;

/** Whether a text runs from right to left: by its first letter (Unicode Bidirectional Algorithm, P2 and P3). */
export function isRightToLeft(text: string): boolean {
  const first = LETTER.exec(text)?.[0];
  return first !== undefined && RIGHT_TO_LEFT.test(first);
}

/**
 * The words of a line in the order in which they stand from left to right (the same, rule L2, with words as what is moved): runs of
 * words of the other direction are turned round. Words without letters go with the ones before them.
 */
export function visualOrder(words: readonly string[]): number[] {
  const base = isRightToLeft(words.join(' '));
  let run = base;
  const sides = words.map((w) => {
    if (LETTER.test(w)) run = isRightToLeft(w);
    // Figures run from left to right, but stand with the words round them.
    return run;
  });
  const order = words.map((_, i) => i);
  const turned = (list: number[], which: boolean): number[] => {
    const out: number[] = [];
    for (let i = 0; i < list.length; ) {
      let j = i;
      while (j < list.length && sides[list[j] as number] === which) j++;
      if (j > i) out.push(...list.slice(i, j).reverse());
      else out.push(list[j++] as number);
      i = j;
    }
    return out;
  };
  return base ? turned(order, false).reverse() : turned(order, true);
}
