'use client';

import { useMaterialState } from '../../context.ts';
import { Spoken } from '../../sheet/spoken.tsx';
import { useSceneTime } from '../../sheet/times.ts';
import type { Pass, RowExtraProps } from '../types.ts';
import { SaidBy } from './said-by.tsx';
import { VoiceTools } from './tools.tsx';
import { Wave } from './wave.tsx';

function useWanted(): string {
  const { ready, wanted } = useMaterialState((s) => s.voices);
  return ready < wanted ? `${ready} of ${wanted}` : '';
}

function RowExtra({ scene, name, actions }: RowExtraProps) {
  const { takeKey } = useSceneTime(scene.id);
  return (
    <>
      <SaidBy scene={scene} name={name} />
      <Spoken scene={scene} name={name} actions={actions} />
      <Wave takeKey={takeKey} />
    </>
  );
}

export const voice: Pass = {
  label: 'Voice',
  useWanted,
  RowExtra,
  RowFigure: null,
  painted: false,
  alternatives: false,
  offersSpoken: false,
  framing: () => false,
  placing: false,
  Tools: VoiceTools,
};
