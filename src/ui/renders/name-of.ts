import type { RenderView } from '../../api/renders.ts';
import { deliveryKind } from '../../core/deliver/kinds.ts';
import { languageWords } from '../../wording/voices.ts';

/** What it is: "Video, MP4, 9:16, 1080 lines". */
export function nameOf({ kind, format, height, version, language }: RenderView): string {
  if (version !== null) return `For reviewers, version ${version}`;
  const { label, seen, sized } = deliveryKind(kind);
  return [
    label,
    ...(seen ? [format] : []),
    ...(sized ? [`${height} lines`] : []),
    ...(language ? [languageWords(language)] : []),
  ].join(', ');
}
