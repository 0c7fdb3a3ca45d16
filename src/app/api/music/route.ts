import { listTracks, sendTrack } from '../../../api/music.ts';
import { route } from '../../../server/http/route.ts';
import { listTracks as allTracks, keepTrack } from '../../../server/music/own-tracks.ts';

export const PUT = route(sendTrack, ({ bytes, query }) => keepTrack(bytes, query.name));
export const GET = route(listTracks, allTracks);
