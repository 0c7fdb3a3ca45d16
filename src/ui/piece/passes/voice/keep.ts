import { LARGEST_RECORDING, sendRecording } from '../../../../api/material.ts';
import { sendFile } from '../../../shared/api.ts';

/** What a file of sound may be called; what it is, the server finds out. */
export const SOUND_FILES = 'audio/*,video/*,.wav,.mp3,.m4a,.ogg,.opus,.flac,.webm';

/** Sends a recording; says when it is too large. */
export async function keep(file: File) {
  if (file.size > LARGEST_RECORDING)
    throw new Error(
      `This file has ${Math.round(file.size / 1e6)} MB; a recording may have ${LARGEST_RECORDING / 1e6}. Give it as MP3, or in parts.`,
    );
  return sendFile(sendRecording, { query: {} }, file);
}
