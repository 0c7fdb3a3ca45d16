/**
 * Files that go with a video: subtitles in two open forms, with the times of single words, the script in two, a table of scenes,
 * the time line, credits, what is posted with it.
 */
export const PIECE_FILE_NAMES = [
  'srt',
  'vtt',
  'words',
  'script',
  'document',
  'scenes',
  'otio',
  'credits',
  'posts',
  'posts-table',
] as const;
export type PieceFileName = (typeof PIECE_FILE_NAMES)[number];
