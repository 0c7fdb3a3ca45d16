import Joi from 'joi';
import { pictureView } from '../../../../../server/assets/lookup.ts';
import { photoOf } from '../../../../../server/assets/photo-set.ts';
import { assetRecord } from '../../../../../server/assets/record.ts';
import { body, HttpError, route } from '../../../../../server/http.ts';
import { addPhoto, removePhotos } from '../../../../../server/sources/sources.ts';

type Params = { params: Promise<{ id: string }> };
type Wish = { photo: string; assetId: string; name: string; bytes: number; modifiedMs: number };

const schema = Joi.object({
  photo: Joi.string()
    .pattern(/^[\w-]{1,40}$/)
    .required(),
  assetId: Joi.string().max(40).required(),
  name: Joi.string().max(300).required(),
  bytes: Joi.number().integer().min(0).required(),
  modifiedMs: Joi.number().integer().min(0).required(),
});

/** Adds an uploaded photo to the set. */
export const POST = route<Params>(async (request, { params }) => {
  const { photo, assetId, ...file } = await body<Wish>(request, schema);
  const record = await assetRecord(assetId);
  if (!record) throw new HttpError(404, 'The photo has not arrived.');
  const source = await addPhoto((await params).id, photoOf(record, { id: photo, ...file }));
  const { photos, title } = source;
  return Response.json({ photos, title, asset: await pictureView(assetId) });
});

const removal = Joi.object({ ids: Joi.array().items(Joi.string().max(40)).min(1).max(500).required() });

export const DELETE = route<Params>(async (request, { params }) => {
  const { ids } = await body<{ ids: string[] }>(request, removal);
  const source = await removePhotos((await params).id, ids);
  return Response.json({ photos: source.photos });
});
