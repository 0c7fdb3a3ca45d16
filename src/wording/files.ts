import type { PieceFileName } from '../core/exchange/types.ts';

/** Files that go with a video, as they are called. */
export const pieceFileWords: Record<PieceFileName, { label: string; describe: string }> = {
  srt: { label: 'Subtitles, SRT', describe: 'for most players' },
  vtt: { label: 'Subtitles, WebVTT', describe: 'for web pages' },
  words: { label: 'Word times, WebVTT', describe: 'for each word' },
  sounds: { label: 'Words and sounds, TextGrid', describe: 'when each is said, for phonetics and lips' },
  script: { label: 'Script, Markdown', describe: 'to edit elsewhere' },
  document: { label: 'Script, Word', describe: 'two columns' },
  scenes: { label: 'Scenes, CSV', describe: 'as a table' },
  otio: { label: 'Time line, OpenTimelineIO', describe: 'for other editors' },
  credits: { label: 'Credits', describe: 'whom to name' },
  posts: { label: 'Post kit', describe: 'a text for each destination' },
  'posts-table': { label: 'Post kit, CSV', describe: 'a row for each destination' },
};
