import { render } from '../../frames/render.ts';
import type { Maker } from '../types.ts';

export const mp4: Maker = ({ timeline, height, loudness, out, signal, onProgress }) =>
  render(timeline, { height, loudness, out, signal, onProgress });
