import { findInRecording } from '../../../../../api/material.ts';
import { route } from '../../../../../server/http/route.ts';
import { linesIn } from '../../../../../server/speech/takes.ts';

export const POST = route(findInRecording, ({ params, body: { lines, says } }) =>
  linesIn(
    params.id,
    lines.map((line) => ({ ...line, says })),
  ),
);
