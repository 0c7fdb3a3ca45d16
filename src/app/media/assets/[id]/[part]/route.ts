import Joi from 'joi';
import { LIMITS } from '../../../../../core/piece/schema.ts';
import { SAMPLE_RATE } from '../../../../../core/time.ts';
import { clipSoundFile } from '../../../../../server/assets/clip-sound.ts';
import { blurredFile } from '../../../../../server/assets/lookup.ts';
import { assetFile, assetRecord } from '../../../../../server/assets/record.ts';
import { fileResponse, HttpError, route } from '../../../../../server/http.ts';

export const dynamic = 'force-dynamic';

/** A clip's own file, where browsers play it. */
async function playable(id: string): Promise<string | null> {
  return (await assetRecord(id))?.direct ? assetFile(id, 'clip') : null;
}

const PARTS = {
  proxy: { type: 'video/mp4', file: (id: string) => assetFile(id, 'proxy') },
  clip: { type: 'video/mp4', file: playable },
  strip: { type: 'image/webp', file: (id: string) => assetFile(id, 'strip') },
  blurred: { type: 'image/png', file: (id: string) => blurredFile(id, 'wide') },
} as const;

const soundSchema = Joi.object({
  inMs: Joi.number().min(0).max(LIMITS.clipMs).required(),
  speed: Joi.number().min(0.25).max(4).required(),
  samples: Joi.number()
    .integer()
    .min(1)
    .max((LIMITS.maxSceneMs / 1000) * SAMPLE_RATE)
    .required(),
});

/** Further files of a picture or clip that was brought in: its copy for playing, its film strip, its blurred copy, the own sound of a part. */
export const GET = route<{ params: Promise<{ id: string; part: string }> }>(async (request, { params }) => {
  const { id, part } = await params;
  if (part === 'sound') {
    const { error, value } = soundSchema.validate(Object.fromEntries(new URL(request.url).searchParams));
    if (error) throw new HttpError(400, error.message);
    const sound = await clipSoundFile({ assetId: id, ...value });
    if (!sound) throw new HttpError(404, 'There is no such clip.');
    return fileResponse(request, sound, 'audio/wav', { immutable: true });
  }
  const which = Object.hasOwn(PARTS, part) ? PARTS[part as keyof typeof PARTS] : null;
  const file = await which?.file(id);
  if (!which || !file) throw new HttpError(404, 'There is no such file.');
  return fileResponse(request, file, which.type, { immutable: true });
});
