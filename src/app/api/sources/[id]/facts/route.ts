import Joi from 'joi';
import { factsSchema } from '../../../../../core/outline/schema.ts';
import type { FactSheet } from '../../../../../core/source/types.ts';
import { body, route } from '../../../../../server/http.ts';
import { saveFacts } from '../../../../../server/sources/sources.ts';

const schema = Joi.object({ facts: factsSchema.required() });

/** The fact sheet as the writer corrected it. */
export const PUT = route<{ params: Promise<{ id: string }> }>(async (request, { params }) => {
  const { facts } = await body<{ facts: FactSheet }>(request, schema);
  await saveFacts((await params).id, facts);
  return Response.json({ ok: true });
});
