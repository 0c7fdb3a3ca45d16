/**
 * Files that go with a video: subtitles in two open forms, with the times of single words, words and sounds of speech as phonetics has them, the script in two, a table of scenes,
 * the time line, credits, what is posted with it.
 */
export const PIECE_FILE_NAMES = [
  'srt',
  'vtt',
  'words',
  'sounds',
  'script',
  'document',
  'scenes',
  'otio',
  'credits',
  'posts',
  'posts-table',
] as const;
export type PieceFileName = (typeof PIECE_FILE_NAMES)[number];
