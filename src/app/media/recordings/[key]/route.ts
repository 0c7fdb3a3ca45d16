import { recordingSound } from '../../../../api/material.ts';
import { Failed } from '../../../../core/failure.ts';
import { fileResponse } from '../../../../server/http/files.ts';
import { route } from '../../../../server/http/route.ts';
import { recordingFile } from '../../../../server/speech/recordings.ts';

export const dynamic = 'force-dynamic';

export const GET = route(recordingSound, async ({ params, request }) => {
  const file = recordingFile(params.key);
  if (!file) throw new Failed({ code: 'no-take' });
  return fileResponse(request, file, 'audio/flac', { immutable: true });
});
