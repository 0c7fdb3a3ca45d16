import { readSubtitles } from '../../../api/pieces.ts';
import { route } from '../../../server/http/route.ts';
import { readSubtitleText } from '../../../server/read/subtitle-text.ts';

export const PUT = route(readSubtitles, async ({ bytes }) => readSubtitleText(bytes));
