import { changeVoice, listVoices, sendVoiceFile } from '../../../api/voices.ts';
import { route } from '../../../server/http/route.ts';
import { voiceList } from '../../../server/speech/other-voices.ts';
import { keepVoiceFile, putAway } from '../../../server/speech/own-voices.ts';

export const GET = route(listVoices, voiceList);
export const PUT = route(sendVoiceFile, ({ bytes, query }) => keepVoiceFile(bytes, query.name));
export const PATCH = route(changeVoice, ({ body }) => putAway(body.name, body.away));
