'use client';

import { useMaterialState } from '../../context.ts';
import type { MaterialState } from '../../material/material.ts';
import { Brief } from '../../sheet/brief.tsx';
import type { Pass, RowExtraProps } from '../types.ts';
import { BeginsHere } from './begins-here.tsx';
import { MusicTools } from './tools.tsx';

const WANTED: Record<MaterialState['music'], string> = {
  none: '',
  waiting: '…',
  making: '…',
  ready: '',
  failed: 'failed',
};

const useWanted = (): string => WANTED[useMaterialState((s) => s.music)];

const RowExtra = ({ scene, name }: RowExtraProps) => (
  <>
    <BeginsHere scene={scene} name={name} />
    <Brief brief={scene.brief} />
  </>
);

export const music: Pass = {
  label: 'Music',
  useWanted,
  RowExtra,
  RowFigure: null,
  painted: false,
  alternatives: false,
  offersSpoken: false,
  framing: () => false,
  placing: false,
  Tools: MusicTools,
};
