import type { Context2D, Sources } from './context.ts';
import type { DisplayList, TextureDraw } from './list.ts';
import type { PictureTexture } from './textures.ts';

/** One call of a context, with what it was drawn with. */
export interface Call {
  name: string;
  args: unknown[];
  fill: unknown;
  alpha: number;
  mode: unknown;
  /** All that was set of the context. */
  set: Readonly<Record<string, unknown>>;
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
    calls.push({ name, args, fill, mode, alpha: Number(state.globalAlpha), set: { ...state } });
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

/** Files that are there at once: plain objects that say which they are. */
export const namedSources: Sources = {
  picture: ({ assetId, view, file }) => ({
    image: { picture: `${assetId}/${view}` },
    width: file.width,
    height: file.height,
    shows: { x: 0, y: 0, ...file },
  }),
  blurred: ({ assetId }) => ({ image: { picture: `${assetId}/blurred` }, width: 100, height: 100 }),
  font: (css: string) => css,
  grain: () => ({ image: { picture: 'grain' }, width: 384, height: 384 }),
};

/** The pictures of a list, from back to front. */
export const picturesOf = ({ draws }: Pick<DisplayList, 'draws'>) =>
  draws.filter((d): d is TextureDraw & { texture: PictureTexture } => {
    return d.kind === 'texture' && d.texture.kind === 'picture';
  });

/** Which they are, and how opaque. */
export const seen = (list: Pick<DisplayList, 'draws'>) =>
  picturesOf(list).map((d) => [d.texture.assetId, d.alpha] as const);
