import type { Context2D, Pictures } from './context.ts';

/** One call of a context, with what it was drawn with. */
export interface Call {
  name: string;
  args: unknown[];
  fill: unknown;
  alpha: number;
  mode: unknown;
}

/** A context that notes every call instead of drawing. */
export function recorder(): { ctx: Context2D; calls: Call[] } {
  const calls: Call[] = [];
  const state: Record<string, unknown> = {
    globalAlpha: 1,
    fillStyle: '',
    globalCompositeOperation: 'source-over',
  };
  const stack: Record<string, unknown>[] = [];
  const note = (name: string, args: unknown[]) => {
    if (name === 'save') stack.push({ ...state });
    if (name === 'restore') Object.assign(state, stack.pop());
    const { fillStyle: fill, globalCompositeOperation: mode } = state;
    calls.push({ name, args, fill, mode, alpha: Number(state.globalAlpha) });
    if (!name.endsWith('Gradient')) return undefined;
    const stops: unknown[] = [name, ...args];
    return { stops, addColorStop: (at: number, colour: string) => void stops.push(at, colour) };
  };
  const ctx = new Proxy(state, {
    get: (s, name) =>
      name in s || name === 'font' ? s[name as string] : (...args: unknown[]) => note(String(name), args),
    set: (s, name, value) => {
      s[name as string] = value;
      return true;
    },
  });
  return { ctx: ctx as unknown as Context2D, calls };
}

/** Pictures that are there at once: plain objects that say which they are. */
export const namedPictures: Pictures = {
  still: (id, view) => ({ picture: `${id}/${view}`, width: 1000, height: 1000 }),
  loop: (id, view, frame) => ({ picture: `${id}/${view}/${frame}`, width: 1000, height: 1000 }),
  clip: (shot, run) => ({ picture: `${shot.assetId}/${run}`, width: 1000, height: 1000 }),
  blurred: (id) => ({ picture: `${id}/blurred`, width: 100, height: 100 }),
  grain: () => ({ picture: 'grain', width: 256, height: 256 }),
};
