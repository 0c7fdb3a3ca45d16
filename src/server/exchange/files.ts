import { stringify } from 'csv-stringify/sync';
import { type CreditFact, creditsOf } from '../../core/exchange/credits.ts';
import { cuesOf } from '../../core/exchange/cues.ts';
import { sceneTable } from '../../core/exchange/scene-table.ts';
import { scriptText } from '../../core/exchange/script-text.ts';
import type { PieceFileName } from '../../core/exchange/types.ts';
import type { Piece } from '../../core/piece/types.ts';
import type { Facts, Timeline } from '../../core/timeline/types.ts';
import { pictureViews } from '../assets/lookup.ts';
import { tracksOf } from '../music/own-tracks.ts';
import { shelf } from '../shelf/shelf.ts';
import { type SubtitleForm, subtitleFile } from './subtitles.ts';

/** What a file is made of. */
interface Parts {
  piece: Piece;
  timeline: Timeline;
  facts: Facts;
}

interface PieceFile {
  /** What comes after the name of the piece. */
  ending: string;
  type: string;
  make(parts: Parts): Promise<string> | string;
}

const subtitles =
  (form: SubtitleForm) =>
  ({ piece, timeline, facts }: Parts) =>
    subtitleFile(cuesOf(piece, timeline, facts), form);

/** Titles and credits of the pictures and the music of a piece. */
async function creditFacts(piece: Piece): Promise<(id: string) => CreditFact | undefined> {
  const { entries } = await shelf();
  const ids = piece.scenes.flatMap((s) => s.pictures.map((p) => p.assetId));
  const own = new Map((await pictureViews(ids.filter((id) => !entries.has(id)))).map((v) => [v.id, v]));
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

/** Everything that can be had beside the video. */
export const PIECE_FILES: Record<PieceFileName, PieceFile> = {
  srt: { ending: 'srt', type: 'application/x-subrip', make: subtitles('srt') },
  vtt: { ending: 'vtt', type: 'text/vtt', make: subtitles('vtt') },
  words: { ending: 'words.vtt', type: 'text/vtt', make: subtitles('words') },
  script: { ending: 'script.md', type: 'text/markdown', make: ({ piece }) => scriptText(piece) },
  scenes: {
    ...{ ending: 'scenes.csv', type: 'text/csv' },
    async make({ piece, timeline }) {
      const of = await creditFacts(piece);
      const rows = sceneTable(piece, timeline, of);
      return stringify(rows, { header: true, bom: true, escape_formulas: true });
    },
  },
  credits: {
    ...{ ending: 'credits.txt', type: 'text/plain' },
    async make({ piece }) {
      const of = await creditFacts(piece);
      const { lines } = creditsOf(piece, of);
      return lines.length
        ? `${lines.join('\n')}\n`
        : 'Nobody has to be named for the pictures and the music of this piece.\n';
    },
  },
};
