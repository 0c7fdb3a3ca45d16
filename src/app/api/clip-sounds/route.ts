import { askClipSound } from '../../../api/material.ts';
import { clipSoundOf } from '../../../server/assets/clip-sound.ts';
import { route } from '../../../server/http/route.ts';

export const POST = route(askClipSound, async ({ body }) => ({ key: await clipSoundOf(body) }));
