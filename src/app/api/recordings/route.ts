import { sendRecording } from '../../../api/material.ts';
import { route } from '../../../server/http/route.ts';
import { keepRecording } from '../../../server/speech/recordings.ts';

export const PUT = route(sendRecording, ({ bytes }) => keepRecording(bytes));
