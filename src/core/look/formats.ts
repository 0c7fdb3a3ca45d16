/** Formats of a video by name, as pixels of the stage on which it is laid out; a render scales the stage. */
export const STAGE = {
  '9:16': { width: 1080, height: 1920 },
  '4:5': { width: 1080, height: 1350 },
  '1:1': { width: 1080, height: 1080 },
  '16:9': { width: 1920, height: 1080 },
} as const;

export type Format = keyof typeof STAGE;
export const FORMATS = Object.keys(STAGE) as Format[];

/** Pixels. */
export interface Size {
  width: number;
  height: number;
}

/** Width to height. */
export const ratioOf = ({ width, height }: Size): number => width / height;

/** Box as fractions of a picture or stage: x, y, width, height. */
export type Box = readonly [number, number, number, number];
