import { type NodeList, stringifySync } from 'subtitle';
import type { Cue } from '../../core/exchange/cues.ts';
import type { Milliseconds } from '../../core/time.ts';

/** Open forms of subtitles: SubRip, WebVTT, and WebVTT with the time of each word. */
export const SUBTITLE_FORMS = ['srt', 'vtt', 'words'] as const;
export type SubtitleForm = (typeof SUBTITLE_FORMS)[number];

/** Text in a cue of WebVTT: what would be taken for marks is written out (W3C WebVTT, 4.2). */
const plain = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');

const two = (n: number) => String(Math.floor(n)).padStart(2, '0');
const stamp = (ms: Milliseconds): string =>
  `${two(ms / 3_600_000)}:${two((ms / 60_000) % 60)}:${two((ms / 1000) % 60)}.${String(Math.round(ms % 1000)).padStart(3, '0')}`;

function textOf(cue: Cue, form: SubtitleForm): string {
  if (form === 'srt') return cue.lines.join('\n');
  const voice = cue.speaker ? `<v ${plain(cue.speaker).replace(/\s+/g, ' ')}>` : '';
  if (form === 'vtt') return voice + cue.lines.map(plain).join('\n');
  let word = 0;
  const lines = cue.lines.map((line) => {
    const out: string[] = [];
    // Lines are the words of the cue one after the other, with or without spaces.
    for (let at = 0; at < line.length; word++) {
      const said = cue.words[word];
      if (!said) break;
      const space = line.startsWith(' ', at) ? ' ' : '';
      const inside = said.startMs > cue.startMs && said.startMs < cue.endMs;
      out.push(`${space}${inside ? `<${stamp(said.startMs)}>` : ''}<c>${plain(said.text)}</c>`);
      at += space.length + said.text.length;
    }
    return out.join('');
  });
  return voice + lines.join('\n');
}

/** Cues as a file. */
export function subtitleFile(cues: readonly Cue[], form: SubtitleForm): string {
  const nodes: NodeList = cues.map((cue) => ({
    type: 'cue',
    data: { start: cue.startMs, end: cue.endMs, text: textOf(cue, form) },
  }));
  return stringifySync(nodes, { format: form === 'srt' ? 'SRT' : 'WebVTT' });
}
