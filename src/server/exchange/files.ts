import { stringify } from 'csv-stringify/sync';
import { type CreditFact, creditsOf } from '../../core/exchange/credits.ts';
import { cuesOf } from '../../core/exchange/cues.ts';
import { type MediaNames, otioTimeline } from '../../core/exchange/otio.ts';
import { sceneTable } from '../../core/exchange/scene-table.ts';
import { scriptText } from '../../core/exchange/script-text.ts';
import type { PieceFileName } from '../../core/exchange/types.ts';
import { FIRST_DESTINATIONS } from '../../core/kit/destinations.ts';
import { kitFileText, kitRow } from '../../core/kit/entry.ts';
import { postKit } from '../../core/kit/kit.ts';
import { newKitEntry } from '../../core/piece/outputs.ts';
import type { Piece } from '../../core/piece/types.ts';
import type { Facts, Timeline } from '../../core/timeline/types.ts';
import { pictureViews } from '../assets/lookup.ts';
import { listDestinations } from '../kit/destinations.ts';
import { tracksOf } from '../music/own-tracks.ts';
import type { ownWordsOf } from '../shelf/own.ts';
import { shelf } from '../shelf/shelf.ts';
import { scriptDocument } from './docx.ts';
import { mediaOf } from './media.ts';
import { soundsGrid } from './sounds-grid.ts';
import { type SubtitleForm, subtitleFile } from './subtitles.ts';

/** What a file is made of. */
interface Parts {
  piece: Piece;
  timeline: Timeline;
  facts: Facts;
  /** What owners say of pictures; null where there is no database. */
  words: typeof ownWordsOf | null;
  /** Of subtitles; null as they are said. */
  language?: string | null;
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
  ({ piece, timeline, facts, language = null }: Parts) =>
    subtitleFile(cuesOf(piece, timeline, facts, language), form);

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
    if (mine) {
      const { title, licence, credit, machineMade } = mine;
      return { id, title, licence, credit, machineMade };
    }
    return shipped && { id, title: shipped.title, licence: shipped.licence, credit: '' };
  };
}

/** The texts that go with a piece to each destination. */
async function kits({ piece, words }: Parts) {
  const { entries } = await shelf();
  const cover = piece.scenes.flatMap((s) => s.pictures)[0]?.assetId ?? '';
  const [own] = entries.has(cover) || !cover ? [] : await pictureViews([cover]);
  const said = own && { ...own, ...(await words?.([cover]))?.get(cover) };
  const shows = (id: string) => {
    const shipped = entries.get(id);
    return id === cover && said ? said.description || said.title : (shipped?.description ?? '');
  };
  const destinations = words ? await listDestinations() : FIRST_DESTINATIONS;
  return destinations.map((to) => {
    const entry = piece.kit.find((k) => k.destination === to.id) ?? newKitEntry(to.id);
    return { to, entry, kit: postKit(piece, to, entry.variant, shows) };
  });
}

const TABLE = { header: true, bom: true, escape_formulas: true } as const;

const DOCX = 'application/vnd.openxmlformats-officedocument.wordprocessingml.document';

/** Everything that can be had beside the video. */
export const PIECE_FILES: Record<PieceFileName, PieceFile> = {
  srt: { ending: 'srt', type: 'application/x-subrip', whole: true, make: subtitles('srt') },
  vtt: { ending: 'vtt', type: 'text/vtt', whole: true, make: subtitles('vtt') },
  words: { ending: 'words.vtt', type: 'text/vtt', whole: true, make: subtitles('words') },
  sounds: {
    ...{ ending: 'TextGrid', type: 'text/plain', whole: true },
    make: ({ piece, timeline, facts }) => soundsGrid(piece, timeline, facts),
  },
  script: { ending: 'script.md', type: 'text/markdown', make: ({ piece }) => scriptText(piece) },
  scenes: {
    ...{ ending: 'scenes.csv', type: 'text/csv' },
    async make({ piece, timeline, words }) {
      const of = await creditFacts({ piece, words });
      const rows = sceneTable(piece, timeline, of);
      return stringify(rows, TABLE);
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
  posts: {
    ...{ ending: 'posts.txt', type: 'text/plain' },
    async make(parts) {
      const all = (await kits(parts)).map(({ kit, entry, to }) => kitFileText(kit, entry, to));
      return all.join('\n\n\n');
    },
  },
  'posts-table': {
    ...{ ending: 'posts.csv', type: 'text/csv' },
    async make(parts) {
      const rows = (await kits(parts)).map(({ kit, entry, to }) => kitRow(kit, entry, to));
      return stringify(rows, TABLE);
    },
  },
};
