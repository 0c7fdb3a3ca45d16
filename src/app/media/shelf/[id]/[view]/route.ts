import path from 'node:path';
import { shelfPicture } from '../../../../../api/material.ts';
import { Failed } from '../../../../../core/failure.ts';
import { blurredFile } from '../../../../../server/assets/lookup.ts';
import { fileResponse } from '../../../../../server/http/files.ts';
import { route } from '../../../../../server/http/route.ts';
import { shelf, shelfFile } from '../../../../../server/shelf/shelf.ts';

/** What the files of the shelf are, by their endings. */
const TYPES: Readonly<Record<string, string>> = {
  '.png': 'image/png',
  '.mp4': 'video/mp4',
  '.avif': 'image/avif',
  '.webp': 'image/webp',
};

export const dynamic = 'force-dynamic';

export const GET = route(shelfPicture, async ({ params: { id, view }, query, request }) => {
  const entry = (await shelf()).entries.get(id);
  const [soft, small] = [query.blurred !== undefined, query.thumb !== undefined];
  const file = entry && (await (soft ? blurredFile(id, view) : shelfFile(id, view, small)));
  if (!file) throw new Failed({ code: 'no-picture' });
  return fileResponse(request, file, TYPES[path.extname(file)] ?? 'image/webp', { immutable: true });
});
