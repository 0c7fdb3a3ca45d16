import { emptySource, type Source, type SourceForm } from '../../core/source/types.ts';
import { languageOf } from '../../core/text/language.ts';
import { parsePage, textOf } from './dom.ts';
import { PassageCollector } from './passages.ts';

/** Passages of clean mark-up, as documents and pasted text have it: nothing in it is a menu. */
export function fromMarkup(html: string, form: SourceForm): Source {
  const doc = parsePage(html);
  for (const e of doc.querySelectorAll(
    'script, style, template, noscript, iframe, object, meta, link, title',
  ))
    e.remove();
  const language = languageOf(textOf(doc.body));
  const collector = new PassageCollector(null, language);
  collector.walk(doc.body as unknown as Element);
  return {
    ...emptySource('article', form),
    passages: collector.passages,
    pictures: collector.pictures,
    language,
  };
}
