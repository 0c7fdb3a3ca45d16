import { fetchPictures } from '../../../../../server/assets/source-pictures.ts';
import { route } from '../../../../../server/http.ts';
import { shelveFromSource } from '../../../../../server/shelf/own.ts';
import { changeSource, loadSource } from '../../../../../server/sources/sources.ts';

/** Fetches the pictures of the source that are not here yet. The words do not wait for them. */
export const POST = route<{ params: Promise<{ id: string }> }>(async (_, { params }) => {
  const { id } = await params;
  const { source } = await loadSource(id);
  const { pictures } = await fetchPictures(source);
  await changeSource(id, (s) => ({ ...s, pictures }));
  await shelveFromSource(
    pictures.flatMap((p) => p.assetId ?? []),
    source.site,
  );
  return Response.json(await loadSource(id));
});
