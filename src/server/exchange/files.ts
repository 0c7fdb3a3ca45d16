import { stringify } from 'csv-stringify/sync';
import { type CreditFact, creditsOf } from '../../core/exchange/credits.ts';
import { cuesOf } from '../../core/exchange/cues.ts';
import { type MediaNames, otioTimeline } from '../../core/exchange/otio.ts';
import { sceneTable } from '../../core/exchange/scene-table.ts';
import { scriptText } from '../../core/exchange/script-text.ts';
import type { PieceFileName } from '../../core/exchange/types.ts';
import type { Piece } from '../../core/piece/types.ts';
import type { Facts, Timeline } from '../../core/timeline/types.ts';
import { pictureViews } from '../assets/lookup.ts';
import { tracksOf } from '../music/own-tracks.ts';
import type { ownWordsOf } from '../shelf/own.ts';
import { shelf } from '../shelf/shelf.ts';
import { scriptDocument } from './docx.ts';
import { mediaOf } from './media.ts';
import { type SubtitleForm, subtitleFile } from './subtitles.ts';

/** What a file is made of. */
interface Parts {
  piece: Piece;
  timeline: Timeline;
  facts: Facts;
  /** What owners say of pictures; null where there is no database. */
  words: typeof ownWordsOf | null;
}

interface PieceFile {
  /** Voices and music are made for it where they are missing. */
  whole?: true;
  /** What comes after the name of the piece. */
  ending: string;
  type: string;
  make(parts: Parts): Promise<string | Uint8Array> | string;
}

const subtitles =
  (form: SubtitleForm) =>
  ({ piece, timeline, facts }: Parts) =>
    subtitleFile(cuesOf(piece, timeline, facts), form);

/** Titles and credits of the pictures and the music of a piece. */
async function creditFacts({
  piece,
  words,
}: Pick<Parts, 'piece' | 'words'>): Promise<(id: string) => CreditFact | undefined> {
  const { entries } = await shelf();
  const ids = piece.scenes.flatMap((s) => s.pictures.map((p) => p.assetId));
  const brought = ids.filter((id) => !entries.has(id));
  const said = await words?.(brought);
  const own = new Map((await pictureViews(brought)).map((v) => [v.id, { ...v, ...said?.get(v.id) }]));
  const tracks = new Map((await tracksOf(piece)).map((t) => [t.id, t]));
  return (id) => {
    const track = tracks.get(id);
    if (track) return track;
    const mine = own.get(id);
    const shipped = entries.get(id);
    if (mine) return { id, title: mine.title, licence: mine.licence, credit: mine.credit };
    return shipped && { id, title: shipped.title, licence: shipped.licence, credit: '' };
  };
}

const DOCX = 'application/vnd.openxmlformats-officedocument.wordprocessingml.document';

/** Everything that can be had beside the video. */
export const PIECE_FILES: Record<PieceFileName, PieceFile> = {
  srt: { ending: 'srt', type: 'application/x-subrip', make: subtitles('srt') },
  vtt: { ending: 'vtt', type: 'text/vtt', make: subtitles('vtt') },
  words: { ending: 'words.vtt', type: 'text/vtt', make: subtitles('words') },
  script: { ending: 'script.md', type: 'text/markdown', make: ({ piece }) => scriptText(piece) },
  scenes: {
    ...{ ending: 'scenes.csv', type: 'text/csv' },
    async make({ piece, timeline, words }) {
      const of = await creditFacts({ piece, words });
      const rows = sceneTable(piece, timeline, of);
      return stringify(rows, { header: true, bom: true, escape_formulas: true });
    },
  },
  document: {
    ...{ ending: 'script.docx', type: DOCX },
    async make({ piece, timeline, words }) {
      return scriptDocument(piece.title, sceneTable(piece, timeline, await creditFacts({ piece, words })));
    },
  },
  otio: {
    ...{ ending: 'otio', type: 'application/json', whole: true },
    async make({ piece, timeline, words }) {
      const [of, media] = [await creditFacts({ piece, words }), await mediaOf(timeline)];
      const names: MediaNames = {
        picture(id) {
          const file = media.pictures.get(id);
          return file ? { title: of(id)?.title ?? id, file: file.name } : null;
        },
        take: (key) => media.takes.get(key)?.name ?? '',
        track: (key) => media.tracks.get(key)?.name ?? '',
      };
      return `${JSON.stringify(otioTimeline(piece, timeline, names), null, 2)}\n`;
    },
  },
  credits: {
    ...{ ending: 'credits.txt', type: 'text/plain' },
    async make({ piece, words }) {
      const of = await creditFacts({ piece, words });
      const { lines } = creditsOf(piece, of);
      return lines.length
        ? `${lines.join('\n')}\n`
        : 'Nobody has to be named for the pictures and the music of this piece.\n';
    },
  },
};
