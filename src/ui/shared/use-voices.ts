'use client';

import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { listVoices, type VoiceList } from '../../api/voices.ts';
import {
  type OtherVoice,
  otherVoice,
  SPOKEN_LANGUAGES,
  VOICES,
  voiceNamed,
} from '../../core/sound/voices.ts';
import { call } from './api.ts';

const NONE: VoiceList = { own: [], served: [], silent: [], folder: '' };
/** Under which the voices that did not ship are kept. */
const VOICE_LIST = ['voices'];

export interface Voices extends VoiceList {
  /** All that can be chosen of a language, own ones first; also one that was put away, while it is the one that is chosen. */
  of(language: string, chosen?: string): OtherVoice[];
  /** The languages that somebody speaks, those that ship first. */
  languages: string[];
  /** What a voice is called. */
  labelOf(name: string): string;
  /** Asks for them again. */
  again(): Promise<void>;
}

/** Every voice that can be chosen. */
export function useVoices(): Voices {
  const client = useQueryClient();
  const { data = NONE } = useQuery({
    queryKey: VOICE_LIST,
    queryFn: () => call(listVoices, {}),
    staleTime: 60_000,
  });
  return useMemo(() => {
    const offered = data.own.filter((v) => !v.away);
    const others = [...data.own, ...data.served];
    return {
      ...data,
      of: (language, chosen) =>
        [...data.own.filter((v) => !v.away || v.name === chosen), ...VOICES, ...data.served].filter(
          (v) => v.language === language,
        ),
      languages: [...new Set([...SPOKEN_LANGUAGES, ...[...offered, ...data.served].map((v) => v.language)])],
      labelOf: (name) =>
        voiceNamed(name)?.label ??
        others.find((v) => v.name === name)?.label ??
        (otherVoice(name) ? 'A voice that is not here' : name),
      again: () => client.invalidateQueries({ queryKey: VOICE_LIST }),
    };
  }, [data, client]);
}
