import { because, has } from '../source/reasons.ts';
import type { Source } from '../source/types.ts';
import { OPENING_MS } from '../text/pace.ts';
import { estimateSpeech } from '../text/reading.ts';
import { chosenChapters } from './chapters.ts';
import { chooseSentences } from './condense/choose.ts';
import { LINE } from './condense/shorten.ts';
import { closingMs, lineMs, ONCE_MS, SCENE_MS } from './length.ts';
import { type OutlineChoices, type OutlineLine, outlineLine } from './types.ts';

/** An article condensed to the wished length, its opening first, and a card that names it. */
export function articleLines(whole: Source, choices: OutlineChoices, pace: number): OutlineLine[] {
  const source = chosenChapters(whole, choices);
  const card = choices.closing && source.title ? closingLine(source) : null;
  const ids = chooseSentences(source, {
    targetMs: choices.targetMs ?? Number.MAX_SAFE_INTEGER,
    speak: choices.speak,
    pace,
    keep: [...choices.keep, ...Object.keys(choices.edits)],
    drop: choices.drop,
    perSceneMs: SCENE_MS,
    onceMs: ONCE_MS + (card ? lineMs(card, pace) : 0),
  });
  const kinds = new Map(
    source.passages.flatMap((p) => p.sentences.map((s) => [s.id, { kind: p.kind, text: s.text }])),
  );
  const lines = ids.map((ref, i) => {
    const note = source.sentences[ref];
    const place = kinds.get(ref);
    const spoken = choices.speak === 'sentence' && note && note.spoken !== note.line ? note.spoken : null;
    // An opening that takes long says its line alone, where that is whole.
    const quick = i === 0 && spoken !== null && estimateSpeech(spoken, pace) > OPENING_MS;
    const quoted = /^[“"][^“”"]+[”"]$/.test(note?.line ?? '') || place?.kind === 'quote';
    return outlineLine({
      ref,
      layout: i === 0 ? 'title' : quoted ? 'quote' : 'caption',
      shown: note?.line ?? '',
      spoken: quick && !has(note?.reasons, 'too-long') ? null : spoken,
      from: place?.text ?? '',
      reasons: note?.reasons ?? [],
      fixed: choices.keep.includes(ref),
    });
  });
  if (card && lines.length) lines.push(card);
  return lines;
}

/** Names what the words came from. */
function closingLine(source: Source): OutlineLine {
  const where = source.site || source.author;
  const title =
    source.title.length > LINE.longest
      ? `${source.title.slice(0, LINE.longest - 2).replace(/\s+\S*$/, '')} …`
      : source.title;
  const shown = [title, where].filter(Boolean).join('\n');
  return outlineLine({
    ...{ ref: 'closing', layout: 'end', shown, spoken: '' },
    from: [source.title, where].filter(Boolean).join(' · '),
    durationMs: closingMs(shown),
    reasons: [because('names-source')],
  });
}
