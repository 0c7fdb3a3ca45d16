'use client';

import { LoadingOutlined, PauseCircleOutlined, SoundOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import type { Decibels } from '../../core/time.ts';
import type { Playing } from './use-playing.ts';

interface ListenButtonProps {
  playing: Playing;
  /** Tells this button's sound from that of others. */
  name: string;
  /** What is heard: "Bram". */
  label: string;
  make: () => Promise<string>;
  level?: Decibels;
  size?: 'small' | 'middle';
}

/** Plays a sound, or stops it. */
export function ListenButton({ playing, name, label, make, level = 0, size = 'small' }: ListenButtonProps) {
  const { heard } = playing;
  const mine = heard?.name === name;
  const icon = !mine ? (
    <SoundOutlined aria-hidden />
  ) : heard.phase === 'making' ? (
    <LoadingOutlined aria-hidden />
  ) : (
    <PauseCircleOutlined aria-hidden />
  );
  return (
    <Button
      size={size}
      aria-label={mine ? `Stop ${label}` : `Listen to ${label}`}
      icon={icon}
      onClick={() => (mine ? playing.stop() : void playing.play(name, make, level))}
    />
  );
}
