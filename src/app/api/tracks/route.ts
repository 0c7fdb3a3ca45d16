import { askTrack } from '../../../api/material.ts';
import { route } from '../../../server/http/route.ts';
import { trackOf } from '../../../server/music/tracks.ts';

export const POST = route(askTrack, ({ body }) => trackOf(body));
