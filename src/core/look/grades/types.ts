/** One sheet of colour laid over the picture with a blend mode of the Compositing standard (W3C, Level 1). */
export interface Wash {
  mode: 'saturation' | 'soft-light' | 'multiply' | 'screen';
  colour: string;
  /** At full strength. */
  alpha: number;
}

/** A change of colour made of washes: cheap, and the same in the browser and on the server. */
export interface Grade {
  label: string;
  washes: readonly Wash[];
}
