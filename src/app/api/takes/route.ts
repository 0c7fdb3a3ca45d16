import { askTake } from '../../../api/material.ts';
import { route } from '../../../server/http/route.ts';
import { takeOf } from '../../../server/speech/takes.ts';

export const POST = route(askTake, ({ body }) => takeOf(body));
