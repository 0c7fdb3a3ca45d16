/** What a piece may hold. */
export const LIMITS = {
  scenes: 500,
  textLength: 5000,
  titleLength: 200,
  briefLength: 300,
  minSceneMs: 300,
  maxSceneMs: 600_000,
  /** Pictures in one scene. */
  pictures: 12,
  zoom: 8,
  /** A clip of two hours, and some. */
  clipMs: 4 * 3_600_000,
  /** Stretches of music. */
  beds: 20,
  deliveries: 20,
  /** Into which the words of a piece are translated. */
  languages: 20,
  destinations: 30,
  pieceMs: 3_600_000,
  transitionMs: 5000,
  /** Findings that are left as they are. */
  waived: 1000,
  revealMs: 10_000,
  /** Of a speaker. */
  nameLength: 60,
  speakers: 20,
  /** What a reviewer says at once, letters; and what is said of a piece. */
  commentLength: 2000,
  comments: 3000,
  /** Words that are read in a way of their own, and letters of one. */
  sayings: 200,
  sayingLength: 80,
  /** Takes recorded for one scene. */
  recorded: 30,
  /** Formats in which words of a scene have a place of their own. */
  places: 40,
} as const;
