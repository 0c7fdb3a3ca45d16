import { mix } from '../colour.ts';
import type { Paint } from '../paint.ts';
import * as paths from '../paths.ts';

export function house(
  P: Paint,
  x: number,
  y: number,
  w: number,
  h: number,
  o: {
    col: string;
    roof?: string;
    rh?: number;
    lit?: number;
    win?: string;
    chimney?: number;
    flat?: boolean;
    lift?: number;
    cols?: number;
    rows?: number;
    ww?: number;
    wh?: number;
    door?: number;
    doorC?: string;
    frame?: string;
    bar?: number;
  },
) {
  // x centre, y ground
  const pal = P.pal,
    R = P.R,
    col = o.col,
    roof = o.roof || mix(col, pal.shadow, 0.45),
    rh = o.rh ?? w * 0.42,
    lit = o.lit ?? 0,
    wc = o.win || pal.accent2;
  if (o.chimney !== 0)
    P.piece(paths.rect(x + w * 0.2, y - h - rh * 0.95, w * 0.1, rh * 0.7), mix(col, pal.shadow, 0.3), {
      lift: 0.8,
    });
  P.piece(
    o.flat
      ? paths.rect(x - w / 2, y - h, w, h + 40)
      : paths.poly([
          [x - w / 2, y + 40],
          [x - w / 2, y - h],
          [x, y - h - rh],
          [x + w / 2, y - h],
          [x + w / 2, y + 40],
        ]),
    P.lin(0, y - h - rh, 0, y, mix(col, pal.sun, 0.06), mix(col, pal.shadow, 0.1)),
    { lift: o.lift ?? 2.4 },
  );
  if (o.flat) P.piece(paths.rect(x - w / 2 - 8, y - h - 14, w + 16, 18), roof, { lift: 1 });
  else
    P.piece(
      paths.poly([
        [x - w / 2 - w * 0.1, y - h + w * 0.06],
        [x, y - h - rh - w * 0.1],
        [x + w / 2 + w * 0.1, y - h + w * 0.06],
        [x + w / 2 + w * 0.06, y - h + w * 0.14],
        [x, y - h - rh + w * 0.04],
        [x - w / 2 - w * 0.06, y - h + w * 0.14],
      ]),
      roof,
      { lift: 1.4 },
    );
  const cols = o.cols || Math.max(1, Math.round(w / 80)),
    rows = o.rows || Math.max(1, Math.round(h / 110)),
    ww = o.ww || (w / cols) * 0.42,
    wh = o.wh || Math.min((h / rows) * 0.56, ww * 1.5);
  for (let r = 0; r < rows; r++)
    for (let c = 0; c < cols; c++) {
      if (o.door !== 0 && r === rows - 1 && c === Math.floor(cols / 2)) continue;
      const wx = x - w / 2 + ((c + 0.5) * w) / cols - ww / 2,
        wy = y - h + ((r + 0.28) * h) / rows,
        on = R() < lit;
      window(
        P,
        wx,
        wy,
        ww,
        wh,
        on ? mix(wc, pal.sun, R.r(0, 0.35)) : mix(mix(col, pal.shadow, 0.5), pal.sky[1], 0.22),
        { frame: o.frame || mix(col, pal.paper, 0.45), on, bar: o.bar },
      );
    }
  if (o.door !== 0) {
    const dw = (w / cols) * 0.42,
      dh = (h / rows) * 0.66,
      dx = x - w / 2 + ((Math.floor(cols / 2) + 0.5) * w) / cols;
    P.piece(
      paths.round(
        (
          [
            [dx - dw / 2, y + 30],
            [dx - dw / 2, y - dh],
            [dx + dw / 2, y - dh],
            [dx + dw / 2, y + 30],
          ] as const
        ).map((p, i) => [...p, i === 1 || i === 2 ? dw * 0.3 : 0]),
        0,
      ),
      o.doorC || pal.d(pal.accent, 0.25),
      { lift: 0.8 },
    );
    P.ink(paths.circle(dx + dw * 0.3, y - dh * 0.42, dw * 0.06), pal.accent2);
  }
}

export function window(
  P: Paint,
  x: number,
  y: number,
  w: number,
  h: number,
  glass: string,
  o: { frame: string; on?: boolean; bar?: number },
) {
  P.piece(paths.rect(x - w * 0.1, y - w * 0.1, w * 1.2, h + w * 0.2), o.frame, { lift: 0.7, grain: 0.3 });
  P.piece(paths.rect(x, y, w, h), glass, { lift: 0, grain: 0.3, edge: 0 });
  if (o.on) P.glow(x + w / 2, y + h / 2, w * 2.1, P.pal.accent2, 0.3);
  if (o.bar !== 0) {
    P.ink(paths.rect(x + w / 2 - w * 0.04, y, w * 0.08, h), o.frame);
    P.ink(paths.rect(x, y + h * 0.45, w, w * 0.08), o.frame);
  }
  P.piece(paths.rect(x - w * 0.16, y + h + w * 0.06, w * 1.32, w * 0.12), o.frame, { lift: 0.6, grain: 0 });
}

export function lamppost(P: Paint, x: number, y: number, h: number, o: { col?: string } = {}) {
  const pal = P.pal,
    c = o.col || pal.ink;
  P.piece(
    paths.tube(
      [
        [x, y],
        [x, y - h * 0.5],
        [x, y - h],
      ],
      [h * 0.032, h * 0.022, h * 0.016],
    ),
    c,
    { lift: 2, grain: 0.3 },
  );
  P.piece(paths.rrect(x - h * 0.035, y - h * 0.09, h * 0.07, h * 0.1, h * 0.012), c, { lift: 1 });
  P.piece(
    paths.tube(
      [
        [x, y - h * 0.97],
        [x + h * 0.06, y - h * 1.03],
        [x + h * 0.14, y - h * 1.01],
        [x + h * 0.16, y - h * 0.96],
      ],
      [h * 0.014, h * 0.014, h * 0.014, h * 0.014],
    ),
    c,
    { lift: 1 },
  );
  P.glow(x + h * 0.16, y - h * 0.9, h * 0.46, pal.accent2, 0.75);
  P.piece(paths.circle(x + h * 0.16, y - h * 0.905, h * 0.03), pal.sun, { lift: 0.4, grain: 0 });
  P.piece(
    paths.round(
      [
        [x + h * 0.1, y - h * 0.905],
        [x + h * 0.125, y - h * 0.965],
        [x + h * 0.195, y - h * 0.965],
        [x + h * 0.22, y - h * 0.905],
      ],
      4,
    ),
    c,
    { lift: 0.8 },
  );
}
