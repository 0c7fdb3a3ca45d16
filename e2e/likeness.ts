import { spawnSync } from 'node:child_process';

/** Structural similarity of two pictures in the video's own colour space, by ffmpeg. */
export function ssim(a: string[], b: string[]): number {
  const yuv = 'scale=out_color_matrix=bt709:out_range=tv,format=yuv420p';
  const graph = `[0:v]${yuv}[x];[1:v]${yuv}[y];[x][y]ssim`;
  const { stderr } = spawnSync('ffmpeg', [
    '-hide_banner',
    ...a,
    ...b,
    '-lavfi',
    graph,
    '-frames:v',
    '1',
    '-f',
    'null',
    '-',
  ]);
  return Number(/All:([\d.]+)/.exec(stderr.toString())?.[1]);
}
