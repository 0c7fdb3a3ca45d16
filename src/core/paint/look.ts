/** Colours and movement of the one look there is so far: paper tape under ink, and a highlighter. */
export const LOOK = {
  paper: '#fffaf0',
  ink: '#1d1b22',
  highlighter: '#ffd23f',
  tapeShadow: 'rgba(20, 14, 30, 0.16)',
  /** Ground of a scene without picture, from top to bottom. */
  ground: ['#34405a', '#1d2233'],
  /** Frames that a tape needs to reach the next word, a title line to be laid, and words to go. */
  tapeFrames: 5,
  wordFrames: 3,
  titleFrames: 11,
  titleDelay: 4,
  leaveFrames: 4,
  /** Frames between the lines of a quotation, a figure or an end card. */
  lineDelay: 3,
  /** How much of the picture the ground of an end card covers. */
  endGroundAlpha: 0.82,
  titleTilt: -0.02,
} as const;
