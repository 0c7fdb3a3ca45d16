'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { addressOf } from '../../api/endpoint.ts';
import { askTake, askTrack, takeSound, trackSound } from '../../api/material.ts';
import type { PieceVoice, Saying, TrackSource } from '../../core/piece/types.ts';
import { sayingsIn } from '../../core/text/sayings.ts';
import type { Decibels, Milliseconds } from '../../core/time.ts';
import { call } from './api.ts';

/** So much of a line is heard. */
const HEARD_LETTERS = 300;

/** What is heard, or being made to be heard. */
interface Heard {
  name: string;
  phase: 'making' | 'playing';
}

export interface Playing {
  heard: Heard | null;
  /** name: tells what is heard from other things that can be. make: has it made, and gives its address. */
  play(name: string, make: () => Promise<string>, level?: Decibels): Promise<void>;
  stop(): void;
}

/** Plays sounds that may have to be made first; one at a time. */
export function usePlaying(onError: (message: string) => void): Playing {
  const audio = useRef<HTMLAudioElement | null>(null);
  const [heard, setHeard] = useState<Heard | null>(null);
  const stop = useCallback(() => {
    audio.current?.pause();
    audio.current = null;
    setHeard(null);
  }, []);
  const play = useCallback(
    async (name: string, make: () => Promise<string>, level: Decibels = 0) => {
      stop();
      setHeard({ name, phase: 'making' });
      try {
        const player = new Audio(await make());
        player.volume = Math.min(1, 10 ** (level / 20));
        audio.current = player;
        player.onended = () => setHeard(null);
        await player.play();
        setHeard({ name, phase: 'playing' });
      } catch (e) {
        setHeard(null);
        onError((e as Error).message);
      }
    },
    [stop, onError],
  );
  useEffect(() => stop, [stop]);
  return { heard, play, stop };
}

/** Has a line spoken; gives where it can be heard. */
export async function spokenLine(
  line: string,
  voice: PieceVoice,
  says: readonly Saying[] = [],
): Promise<string> {
  const text = line.slice(0, HEARD_LETTERS);
  const { key } = await call(askTake, { body: { text, voice, says: sayingsIn(text, says), recorded: null } });
  return addressOf(takeSound, { key });
}

/** Has a tune played in; gives where it can be heard. */
export async function playedTune(source: TrackSource, lengthMs: Milliseconds): Promise<string> {
  const { key } = await call(askTrack, { body: { source, lengthMs, steady: false } });
  return addressOf(trackSound, { key });
}
