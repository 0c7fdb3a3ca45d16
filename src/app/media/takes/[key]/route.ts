import { takeSound } from '../../../../api/material.ts';
import { Failed } from '../../../../core/failure.ts';
import { fileResponse } from '../../../../server/http/files.ts';
import { route } from '../../../../server/http/route.ts';
import { takeFile } from '../../../../server/speech/takes.ts';

export const dynamic = 'force-dynamic';

export const GET = route(takeSound, async ({ params, request }) => {
  const file = takeFile(params.key);
  if (!file) throw new Failed({ code: 'no-take' });
  return fileResponse(request, file, 'audio/wav', { immutable: true });
});
