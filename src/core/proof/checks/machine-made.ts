import { seenScenes } from '../../timeline/times.ts';
import type { Check, Finding } from '../types.ts';

export interface MachineMadeFinding extends Finding {
  title: string;
}

/** A picture that a machine made is seen: many places want that said. The credits say it; what is posted is the writer's. */
export const machineMade: Check<MachineMadeFinding> = {
  weight: 'note',
  pass: 'pictures',
  find({ piece, facts }) {
    const met = new Set<string>();
    const from = seenScenes(piece.scenes);
    return piece.scenes.flatMap((scene, i) =>
      from[i] !== i
        ? []
        : scene.pictures.flatMap(({ assetId }) => {
            const about = facts.credits[assetId];
            if (!about?.machineMade || met.has(assetId)) return [];
            met.add(assetId);
            return [{ sceneId: scene.id, title: about.title, repair: null }];
          }),
    );
  },
};
