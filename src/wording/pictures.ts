import { assertNever } from '../core/assert-never.ts';
import type { Licence } from '../core/exchange/credits.ts';
import type { PictureReason } from '../core/piece/reasons.ts';

/** What is said of a licence before a picture is chosen. */
export const LICENCE_LABELS: Record<Licence, string> = {
  free: 'free to use',
  credit: 'free, credit needed',
  bought: 'bought',
  own: 'your own',
  unknown: 'licence not known',
};

/** Why a picture was chosen, in words. */
export const reasonWords = (reasons: readonly PictureReason[]): string => reasons.map(oneReason).join(' · ');

const percent = (share: number): string => `${Math.round(share * 100)} %`;

function oneReason(r: PictureReason): string {
  switch (r.code) {
    case 'word':
      return `“${r.word}” is in it`;
    case 'near-word':
      return `“${r.word}” is close to “${r.tag}”`;
    case 'meaning':
      return `meaning ${percent(r.close)}`;
    case 'in-source':
      return r.caption ? `from the source: ${r.caption}` : 'from the source';
    case 'photo':
      return 'one of your photos';
    case 'brought':
      return 'you laid it beside the script';
    case 'was-here':
      return 'used here before';
    case 'like':
      return `${percent(r.close)} like it`;
    case 'topic':
      return `no picture fits the line: one of what the piece is about (${percent(r.close)})`;
    case 'comes-back':
      return 'the picture of the title comes back';
    case 'again':
      return 'seen before in the piece: what else there is fits less';
    case 'goes-on':
      return 'the picture before goes on: what else there is fits less';
    case 'calm':
      return 'no picture fits well: a calm ground';
    case 'figure':
      return `“${r.said}” taken as “${r.meant}”`;
    case 'gloss':
      return `read in English as “${r.text}”`;
    case 'told':
      return r.text;
    default:
      return assertNever(r);
  }
}
