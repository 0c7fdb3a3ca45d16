/** One kind of file that a piece can be delivered as. */
export interface DeliveryKind {
  label: string;
  describe: string;
  ending: string;
  type: string;
  /** Whether it has pictures, and so a format. */
  seen: boolean;
  /** Whether its lines can be chosen. */
  sized: boolean;
  /** Plays, and so has a length. */
  plays: boolean;
}

/** Every kind, in the order in which they are offered. */
export const DELIVERY_KINDS = {
  mp4: {
    label: 'Video, MP4',
    describe: 'H.264 and AAC: plays everywhere',
    ...{ ending: 'mp4', type: 'video/mp4', seen: true, sized: true, plays: true },
  },
  webm: {
    label: 'Video, WebM',
    describe: 'VP9 and Opus: open, and smaller',
    ...{ ending: 'webm', type: 'video/webm', seen: true, sized: true, plays: true },
  },
  cover: {
    label: 'Cover picture',
    describe: 'one frame as a JPEG',
    ...{ ending: 'jpg', type: 'image/jpeg', seen: true, sized: true, plays: false },
  },
  preview: {
    label: 'Moving preview',
    describe: 'the first seconds as a WebP, small and silent',
    ...{ ending: 'webp', type: 'image/webp', seen: true, sized: false, plays: false },
  },
  sound: {
    label: 'Sound alone',
    describe: 'AAC in an M4A, as mixed',
    ...{ ending: 'm4a', type: 'audio/mp4', seen: false, sized: false, plays: true },
  },
} as const satisfies Record<string, DeliveryKind>;

export type DeliveryKindName = keyof typeof DELIVERY_KINDS;
export const DELIVERY_KIND_NAMES = Object.keys(DELIVERY_KINDS) as DeliveryKindName[];
export const deliveryKind = (name: DeliveryKindName): DeliveryKind => DELIVERY_KINDS[name];
