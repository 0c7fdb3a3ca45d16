/** What is typed, printed by a machine, or written for one. */
export function looksLikeCode(text: string): boolean {
  if (/^\s*(?:[$#>%❯]\s|[\w.-]+@[\w.-]+[:~]|\/\/|\/\*|<\?|#!|\(define\b|\\[a-z]+\b)/.test(text)) return true;
  const tokens = text.split(/\s+/).filter(Boolean);
  if (!tokens.length) return false;
  const odd = tokens.filter((t) =>
    /[{}[\]<>|=\\$~^]|^--?[a-z][\w-]*|^[\w.-]*\/[\w./-]+$|^\w+\(\)?$|::|->|=>|^[a-z_]+_[a-z_]+|^\w+;$|^[\w.-]+\.(?:c|h|py|js|sh|conf|cfg|xml|html|deb|gz|so|txt|ly|scm)\b/.test(
      t.replace(/^["“(]+|["”).,]+$/g, ''),
    ),
  ).length;
  return odd >= 2 ? odd / tokens.length > 0.16 : odd === 1 && tokens.length < 7;
}

/** A sentence in which something stands that is typed: an option, a path, a call. */
export const namesCode = (text: string): boolean =>
  /(?:^|[\s"“(])(?:--[a-z]|~?\/[\w.-]+\/[\w.]|~\/\.?\w|\$\w)|\w\(\)|[{}]|<<|>>|=>|[<>]=|\w\.\.\w|\w::\w|;\w+;/.test(
    text,
  );
