import type { DeliveryKindName } from '../../core/deliver/kinds.ts';
import { cover } from './makers/cover.ts';
import { mp4 } from './makers/mp4.ts';
import { preview } from './makers/preview.ts';
import { sound } from './makers/sound.ts';
import { webm } from './makers/webm.ts';
import type { Maker } from './types.ts';

/** Who makes what; each kind is a file of its own. */
export const MAKERS: Record<DeliveryKindName, Maker> = { mp4, webm, cover, preview, sound };
