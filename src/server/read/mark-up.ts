import { attr, type Doc, type El, textOf } from './dom.ts';

type Thing = Record<string, unknown>;

/** Values of elements that carry them in an attribute (HTML, microdata 5.2.4). */
function contentOf(e: El): string {
  const tag = e.tagName.toUpperCase();
  if (e.hasAttribute('content')) return attr(e, 'content');
  if (tag === 'META') return '';
  if (/^(IMG|AUDIO|VIDEO|EMBED|IFRAME|SOURCE)$/.test(tag)) return attr(e, 'src') || attr(e, 'data-src');
  if (/^(A|AREA|LINK)$/.test(tag)) return attr(e, 'href') || textOf(e);
  if (tag === 'TIME') return attr(e, 'datetime') || textOf(e);
  if (tag === 'DATA' || tag === 'METER') return attr(e, 'value') || textOf(e);
  return [...e.children].some((c) => /^(P|DIV|LI)$/.test(c.tagName.toUpperCase()))
    ? [...e.children].map((c) => textOf(c)).join(' ')
    : textOf(e);
}

function add(thing: Thing, name: string, value: unknown): void {
  const old = thing[name];
  thing[name] = old === undefined ? value : [...[old].flat(), value];
}

/** Reads the items of microdata (itemscope, itemprop) or RDFa Lite (typeof, property) into the shape of JSON-LD. */
export function markedThings(doc: Doc, kind: 'microdata' | 'rdfa'): Thing[] {
  const [scope, prop, type] =
    kind === 'microdata' ? ['itemscope', 'itemprop', 'itemtype'] : ['typeof', 'property', 'typeof'];
  const read = (root: El): Thing => {
    const thing: Thing = { '@type': attr(root, type).replace(/^.*[/#:]/, '') };
    const visit = (e: El): void => {
      for (const child of [...e.children]) {
        const names = attr(child, prop).split(/\s+/).filter(Boolean);
        const nested = child.hasAttribute(scope);
        if (names.length) {
          const value = nested ? read(child) : contentOf(child);
          for (const n of names) add(thing, n.replace(/^.*[/#:]/, ''), value);
        }
        if (!nested) visit(child);
      }
    };
    visit(root);
    return thing;
  };
  return [...doc.querySelectorAll(`[${scope}]`)]
    .filter((e) => kind === 'rdfa' || e.hasAttribute('itemtype'))
    .filter((e) => !e.hasAttribute(prop))
    .map((e) => read(e));
}
