import { coverMoment } from '../../deliver/delivery.ts';
import { msToFrames } from '../../time.ts';
import type { Check, Finding } from '../types.ts';

/** The cover goes out, and nothing says what is seen on it to those who do not see it (WCAG 2.2, 1.1.1). */
export const noAlternative: Check<Finding> = {
  weight: 'look',
  pass: 'pictures',
  find({ piece, timeline, facts }) {
    const goesOut = piece.kit.length > 0 || piece.deliveries.some((d) => d.kind === 'cover');
    if (!goesOut || piece.kit.some((k) => k.alternative?.trim())) return [];
    const frame = msToFrames(coverMoment(piece, timeline));
    const place = Math.max(
      0,
      timeline.scenes.findIndex((s) => frame < s.end),
    );
    const scene = piece.scenes[place];
    const [picture] = scene?.pictures ?? [];
    if (!scene || !picture) return [];
    const about = facts.credits[picture.assetId];
    return about && !about.description?.trim() ? [{ sceneId: scene.id, repair: null }] : [];
  },
};
