import Joi from 'joi';
import { emptySource } from '../../../core/source/types.ts';
import { body, check, route } from '../../../server/http.ts';
import { asHttp } from '../../../server/read/http.ts';
import { type ReadAs, readAddress, readPasted } from '../../../server/read/read.ts';
import { createSource, openSources } from '../../../server/sources/sources.ts';

export const dynamic = 'force-dynamic';

export const GET = route(async () => Response.json(await openSources()));

type Wish =
  | { from: 'address'; address: string; as: ReadAs }
  | { from: 'text'; text: string; html: string | null; as: ReadAs }
  | { from: 'photos'; title: string };

const as = Joi.string().valid('auto', 'article', 'product').default('auto');
const ways = {
  address: Joi.object({
    from: Joi.string(),
    address: Joi.string()
      .trim()
      .min(1)
      .max(2000)
      .required()
      .messages({ 'string.empty': 'There is no address yet.' }),
    as,
  }),
  text: Joi.object({
    from: Joi.string(),
    text: Joi.string().allow('').max(1_000_000).required(),
    html: Joi.string().allow(null).max(3_000_000).required(),
    as,
  }),
  photos: Joi.object({ from: Joi.string(), title: Joi.string().allow('').max(300).required() }),
};
const schema = Joi.object({
  from: Joi.string()
    .valid(...Object.keys(ways))
    .required(),
}).unknown();

/** Reads what the writer brought: an address, pasted words, or a photo set that is still empty. */
export const POST = route(async (request) => {
  const raw = await body<Wish>(request, schema);
  const wish = check<Wish>(raw, ways[raw.from]);
  const source = await asHttp(async () => {
    switch (wish.from) {
      case 'address':
        return readAddress(wish.address, wish.as);
      case 'text':
        return readPasted(wish.text, wish.html, wish.as);
      case 'photos':
        return { ...emptySource('photos', 'Photos'), title: wish.title };
    }
  });
  return Response.json({ id: await createSource(source) }, { status: 201 });
});
