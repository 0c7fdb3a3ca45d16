import * as api from '../../../api/material.ts';
import { route } from '../../../server/http/route.ts';
import { addWord, listWords, removeWord } from '../../../server/words/words.ts';

export const dynamic = 'force-dynamic';

export const GET = route(api.listWords, listWords);

export const POST = route(api.addWord, ({ body }) => addWord(body.word));

export const DELETE = route(api.removeWord, ({ body }) => removeWord(body.word));
