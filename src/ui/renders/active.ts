import type { RenderView } from '../../api/renders.ts';

/** Whether a render waits or goes on. */
export const isActive = ({ state }: Pick<RenderView, 'state'>): boolean =>
  state === 'waiting' || state === 'running';
