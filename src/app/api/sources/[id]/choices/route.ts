import Joi from 'joi';
import { choicesSchema } from '../../../../../core/outline/schema.ts';
import type { OutlineChoices } from '../../../../../core/outline/types.ts';
import { body, route } from '../../../../../server/http.ts';
import { optionsSchema, type PieceOptions, saveChoices } from '../../../../../server/sources/sources.ts';

const schema = Joi.object({ choices: choicesSchema.required(), options: optionsSchema.required() });

/** Keeps every choice on the outline as it is made. */
export const PUT = route<{ params: Promise<{ id: string }> }>(async (request, { params }) => {
  const { choices, options } = await body<{ choices: OutlineChoices; options: PieceOptions }>(
    request,
    schema,
  );
  await saveChoices((await params).id, choices, options);
  return Response.json({ ok: true });
});
