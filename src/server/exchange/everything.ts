import { plainName } from '../../core/deliver/name.ts';
import { PIECE_FILE_NAMES } from '../../core/exchange/types.ts';
import { languagesOf } from '../../core/piece/translate.ts';
import type { Piece } from '../../core/piece/types.ts';
import type { Facts, Timeline } from '../../core/timeline/types.ts';
import { listRenders, renderFile, renderName } from '../jobs/renders.ts';
import { ownWordsOf } from '../shelf/own.ts';
import { PIECE_FILES } from './files.ts';
import { mediaOf } from './media.ts';
import type { ZipPart } from './zip.ts';

/** Everything that a client gets: the newest delivery of each kind, the files that go with it, and the media of the time line. */
export async function everythingOf(
  id: string,
  parts: { piece: Piece; timeline: Timeline; facts: Facts },
): Promise<ZipPart[]> {
  const title = plainName(parts.piece.title);
  const out: ZipPart[] = [];
  for (const name of PIECE_FILE_NAMES) {
    const { ending, make } = PIECE_FILES[name];
    out.push({ name: `${title}.${ending}`, content: await make({ ...parts, words: ownWordsOf }) });
  }
  for (const language of languagesOf(parts.piece)) {
    const { ending, make } = PIECE_FILES.srt;
    const content = await make({ ...parts, words: ownWordsOf, language });
    out.push({ name: `${title}.${language}.${ending}`, content });
  }
  const met = new Set<string>();
  for (const r of await listRenders(id)) {
    const name = renderName(r);
    if (r.state !== 'done' || r.version !== null || met.has(name)) continue;
    met.add(name);
    out.push({ name, content: { file: renderFile(r.id, r.kind) } });
  }
  const { pictures, takes, tracks } = await mediaOf(parts.timeline);
  for (const { from, name } of [...pictures.values(), ...takes.values(), ...tracks.values()])
    out.push({ name, content: { file: from } });
  return out;
}
