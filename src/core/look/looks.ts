import { admissionTicket } from './looks/admission-ticket.ts';
import { carbonCopy } from './looks/carbon-copy.ts';
import { enamelSign } from './looks/enamel-sign.ts';
import { feltPen } from './looks/felt-pen.ts';
import { finePrint } from './looks/fine-print.ts';
import { indexCard } from './looks/index-card.ts';
import { lanternLight } from './looks/lantern-light.ts';
import { linoCut } from './looks/lino-cut.ts';
import { loudPoster } from './looks/loud-poster.ts';
import { measuredDrawing } from './looks/measured-drawing.ts';
import { paperCut } from './looks/paper-cut.ts';
import { paperTape } from './looks/paper-tape.ts';
import { plainSpoken } from './looks/plain-spoken.ts';
import { postageStamp } from './looks/postage-stamp.ts';
import { priceTag } from './looks/price-tag.ts';
import { quietNews } from './looks/quiet-news.ts';
import { tillReceipt } from './looks/till-receipt.ts';
import { wallLabel } from './looks/wall-label.ts';
import { wideScreen } from './looks/wide-screen.ts';
import type { Look } from './types.ts';

/** Every look that a piece can have, in the order in which they are offered. */
const LOOKS = {
  'paper-tape': paperTape,
  'plain-spoken': plainSpoken,
  'quiet-news': quietNews,
  'fine-print': finePrint,
  'loud-poster': loudPoster,
  'enamel-sign': enamelSign,
  'index-card': indexCard,
  'wall-label': wallLabel,
  'felt-pen': feltPen,
  'lantern-light': lanternLight,
  'carbon-copy': carbonCopy,
  'lino-cut': linoCut,
  'measured-drawing': measuredDrawing,
  'postage-stamp': postageStamp,
  'admission-ticket': admissionTicket,
  'till-receipt': tillReceipt,
  'price-tag': priceTag,
  'wide-screen': wideScreen,
  'paper-cut': paperCut,
} satisfies Record<string, Look>;

export type LookName = keyof typeof LOOKS;
export const LOOK_NAMES = Object.keys(LOOKS) as LookName[];

export const lookOf = (name: LookName): Look => LOOKS[name];
