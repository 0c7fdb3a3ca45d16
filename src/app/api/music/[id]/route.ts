import { changeTrack } from '../../../../api/music.ts';
import { route } from '../../../../server/http/route.ts';
import { changeTrack as change } from '../../../../server/music/own-tracks.ts';

export const PATCH = route(changeTrack, ({ params, body }) => change(params.id, body));
