import { because } from '../source/reasons.ts';
import type { Source } from '../source/types.ts';
import { chosenChapters } from './chapters.ts';
import { chooseSentences } from './condense/choose.ts';
import { LINE } from './condense/shorten.ts';
import { CLOSING_MS, ONCE_MS, SCENE_MS } from './length.ts';
import { type OutlineChoices, type OutlineLine, outlineLine } from './types.ts';

/** An article condensed to the wished length, its opening first, and a card that names it. */
export function articleLines(whole: Source, choices: OutlineChoices, pace: number): OutlineLine[] {
  const source = chosenChapters(whole, choices);
  const closing = choices.closing ? CLOSING_MS : 0;
  const ids = chooseSentences(source, {
    targetMs: choices.targetMs ?? Number.MAX_SAFE_INTEGER,
    speak: choices.speak,
    pace,
    keep: [...choices.keep, ...Object.keys(choices.edits)],
    drop: choices.drop,
    perSceneMs: SCENE_MS,
    onceMs: ONCE_MS + closing,
  });
  const kinds = new Map(
    source.passages.flatMap((p) => p.sentences.map((s) => [s.id, { kind: p.kind, text: s.text }])),
  );
  const lines = ids.map((ref, i) => {
    const note = source.sentences[ref];
    const place = kinds.get(ref);
    const quoted = /^[“"][^“”"]+[”"]$/.test(note?.line ?? '') || place?.kind === 'quote';
    return outlineLine({
      ref,
      layout: i === 0 ? 'title' : quoted ? 'quote' : 'caption',
      shown: note?.line ?? '',
      spoken: choices.speak === 'sentence' && note && note.spoken !== note.line ? note.spoken : null,
      from: place?.text ?? '',
      reasons: note?.reasons ?? [],
      fixed: choices.keep.includes(ref),
    });
  });
  if (choices.closing && source.title && lines.length) lines.push(closingLine(source));
  return lines;
}

function closingLine(source: Source): OutlineLine {
  const where = source.site || source.author;
  return outlineLine({
    ref: 'closing',
    layout: 'end',
    shown: [
      source.title.length > LINE.longest
        ? `${source.title.slice(0, LINE.longest - 2).replace(/\s+\S*$/, '')} …`
        : source.title,
      where,
    ]
      .filter(Boolean)
      .join('\n'),
    spoken: '',
    from: [source.title, where].filter(Boolean).join(' · '),
    durationMs: CLOSING_MS,
    reasons: [because('names-source')],
  });
}
