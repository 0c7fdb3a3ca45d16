/** Files that go with a video: subtitles in two open forms, with the times of single words, the script, a table of scenes, credits. */
export const PIECE_FILE_NAMES = ['srt', 'vtt', 'words', 'script', 'scenes', 'credits'] as const;
export type PieceFileName = (typeof PIECE_FILE_NAMES)[number];
