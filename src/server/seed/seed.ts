import { eq } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { dressedDraft } from '../../core/look/choose.ts';
import { draftFromLines } from '../../core/outline/draft.ts';
import { castDraft } from '../../core/sound/cast.ts';
import { cutScript } from '../../core/text/script.ts';
import { db } from '../db/client.ts';
import { seeds } from '../db/schema.ts';
import { requestRender } from '../jobs/renders.ts';
import { prepare } from '../material.ts';
import { createPiece } from '../pieces/pieces.ts';
import { shelf, withPictures } from '../shelf/shelf.ts';
import { DEMO_SCRIPTS } from './scripts.ts';

/** Puts the demo pieces in, once; their videos are made by the worker afterwards. */
export async function seedDemo(say: (line: string) => void): Promise<void> {
  say(`The shelf has ${(await shelf()).entries.size} pictures`);
  for (const demo of DEMO_SCRIPTS) {
    const [there] = await db().select().from(seeds).where(eq(seeds.name, demo.name));
    if (there) continue;
    const lines = cutScript(demo.script, 'sentence');
    const draft = dressedDraft(castDraft(draftFromLines(lines, demo, () => nanoid(10))));
    const piece = await withPictures(draft);
    await prepare(piece, (done, total) =>
      say(`Demo piece “${piece.title}”: voice and music ${done} of ${total}`),
    );
    const id = await createPiece(piece);
    await requestRender(id, piece, 0, 480);
    await db().insert(seeds).values({ name: demo.name, at: new Date() });
  }
}
