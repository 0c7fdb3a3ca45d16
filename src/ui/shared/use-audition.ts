'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { addressOf } from '../../api/endpoint.ts';
import { askTake, takeSound } from '../../api/material.ts';
import { call } from './api.ts';

/** Plays a voice on a line of one's own; one at a time. */
export function useAudition(onError: (message: string) => void) {
  const audio = useRef<HTMLAudioElement | null>(null);
  const [state, setState] = useState<{ voice: string; phase: 'making' | 'playing' } | null>(null);
  const stop = useCallback(() => {
    audio.current?.pause();
    audio.current = null;
    setState(null);
  }, []);
  const listen = useCallback(
    async (voice: string, pace: number, text: string) => {
      stop();
      setState({ voice, phase: 'making' });
      try {
        const take = await call(askTake, {
          body: { text: text.slice(0, 300), voice: { name: voice, pace } },
        });
        const player = new Audio(addressOf(takeSound, { key: take.key }));
        audio.current = player;
        player.onended = () => setState(null);
        await player.play();
        setState({ voice, phase: 'playing' });
      } catch (e) {
        setState(null);
        onError((e as Error).message);
      }
    },
    [stop, onError],
  );
  useEffect(() => stop, [stop]);
  return { state, listen, stop };
}
