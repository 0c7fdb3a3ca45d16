'use client';

import { App } from 'antd';
import { type PieceVoice, type Saying, spokenOf } from '../../../../core/piece/types.ts';
import { ListenButton } from '../../../shared/listen-button.tsx';
import { type Playing, spokenLine, usePlaying } from '../../../shared/use-playing.ts';
import { useSelectedScene } from '../../view/use-selected.ts';

/** What a voice says when no row is selected. */
const NO_LINE = 'This is how I sound when I read your words.';

/** The line on which voices are heard: that of the first selected row. */
export function useLine(): string {
  const chosen = useSelectedScene();
  return (chosen && spokenOf(chosen.scene).trim()) || NO_LINE;
}

export function useListen(): Playing {
  const { message } = App.useApp();
  return usePlaying((m) => message.error(m));
}

interface ListenProps {
  playing: Playing;
  name: string;
  label: string;
  line: string;
  voice: PieceVoice;
  says: readonly Saying[];
}

/** Plays a line, or stops it. */
export const Listen = ({ playing, name, label, line, voice, says }: ListenProps) => (
  <ListenButton playing={playing} name={name} label={label} make={() => spokenLine(line, voice, says)} />
);
