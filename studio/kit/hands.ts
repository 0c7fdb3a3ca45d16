import { mix } from './colour.ts';
import { nth } from './named.ts';
import type { Paint, Point } from './paint.ts';
import * as paths from './paths.ts';

// Hands. Local space: wrist at 0,0, palm about 100 wide.
// Rule: one silhouette made by boolean union, then only three kinds of mark on it: gaps between fingers, nails, one crease.

// back of the hand, fingers pointing +y.  thumb on +x side (mirror for the other).  spread 0..1.  bend: shortens fingers (foreshortening)
/** The forearm behind a hand: its middle line and its widths, units. */
export interface Arm {
  arm?: readonly Point[];
  armW?: readonly number[];
}

export function back(
  P: Paint,
  skin: string,
  o: {
    arm?: readonly Point[];
    armW?: readonly number[];
    spread?: number;
    len?: number;
    thumb?: number;
    lift?: number;
    nails?: number;
  } = {},
) {
  const sp = o.spread ?? 0.5,
    L = o.len ?? 1,
    dk = mix(skin, '#5a2a1c', 0.34),
    nail = mix(skin, '#fff1e6', 0.5),
    shade = mix(skin, '#5a2a1c', 0.16);
  const F = (
    [
      [38, 96, 84, -0.17],
      [13, 104, 98, -0.05],
      [-13, 102, 90, 0.06],
      [-37, 92, 68, 0.2],
    ] as const
  ).map(([x, y, l, a]) => {
    a *= sp * 1.5;
    l *= L;
    const dx = -Math.sin(a),
      dy = Math.cos(a);
    const tip: Point = [x + dx * l, y + dy * l];
    const mid: Point = [x + dx * l * 0.52, y + dy * l * 0.5];
    return { x, y, tip, mid, l, dx, dy };
  });
  const fp = F.map((f, i) =>
    paths.tube(
      [[f.x - f.dx * 30, f.y - f.dy * 30], [f.x, f.y], f.mid, f.tip],
      [28, 29, 28, 27, 23].map((v) => v * (i === 3 ? 0.86 : 1)),
    ),
  );
  const palm = paths.smooth([
    [-33, -14],
    [-45, 30],
    [-52, 74],
    [-44, 100],
    [-16, 112],
    [14, 114],
    [42, 104],
    [54, 76],
    [50, 36],
    [33, -14],
  ]);
  const th = o.thumb ?? 1,
    thumb = paths.tube(
      [
        [30, 16],
        [58, 44],
        [80 * th - 6, 76],
        [86 * th - 12, 112],
      ],
      [44, 38, 29, 27, 21],
    );
  const arm = o.arm
    ? paths.tube(
        o.arm.concat([
          [0, -4],
          [0, 24],
        ]),
        o.armW || [96, 86, 72, 66],
      )
    : paths.rrect(-33, -60, 66, 90, 20);
  const all = paths.union(palm, arm, thumb, ...fp);
  P.piece(all, P.lin(-60, 0, 60, 60, mix(skin, '#fff', 0.06), shade), { lift: o.lift ?? 3 });
  // gaps
  for (let i = 0; i < 3; i++) {
    const a = nth(F, i),
      b = nth(F, i + 1),
      y = 106 - i * 2;
    const t0: Point = [(a.x + b.x) / 2, y],
      t1: Point = [(a.mid[0] + b.mid[0]) / 2, (a.mid[1] + b.mid[1]) / 2 + 10];
    if (sp < 0.45 || L < 0.9)
      P.ink(paths.tube([t0, [(t0[0] + t1[0]) / 2, (t0[1] + t1[1]) / 2], t1], [1.5, 4.5, 3]), dk, 0.75);
    else P.ink(paths.tube([[t0[0], t0[1] - 12], t0], [1, 4]), dk, 0.55);
  }
  for (const f of F) {
    P.ink(
      paths.tube(
        [
          [f.x - 9, f.y - 4],
          [f.x, f.y - 9],
          [f.x + 9, f.y - 4],
        ],
        [1, 3.4, 1],
      ),
      dk,
      0.45,
    );
    if (o.nails !== 0) {
      const c: Point = [f.tip[0] - f.dx * 1, f.tip[1] - f.dy * 1];
      P.ink(paths.ellipse(c[0], c[1], 8, 11, Math.atan2(f.dy, f.dx) - Math.PI / 2), nail, 0.95);
    }
  }
  P.ink(paths.ellipse(86 * th - 12, 110, 8, 11, -0.15), nail, 0.95);
  P.ink(
    paths.tube(
      [
        [40, 30],
        [58, 50],
        [66, 66],
      ],
      [1, 4, 1],
    ),
    dk,
    0.4,
  );
}

/** Side view pinch: arm from -x, thumb and index meet at (168,30); other fingers curl under. */
export function pinch(P: Paint, skin: string, o: Arm = {}) {
  const dk = mix(skin, '#5a2a1c', 0.36),
    sh = mix(skin, '#5a2a1c', 0.17),
    nail = mix(skin, '#fff1e6', 0.5),
    hi = mix(skin, '#fff', 0.06);
  const arm = o.arm || [
    [-420, 20],
    [-200, 6],
    [-30, 0],
    [20, 0],
  ];
  // curled fingers from little to middle (far to near)
  const curl: Point[][] = [
    [
      [70, 34],
      [104, 60],
      [92, 92],
      [58, 92],
    ],
    [
      [80, 26],
      [122, 52],
      [118, 88],
      [80, 94],
    ],
    [
      [86, 12],
      [136, 36],
      [142, 74],
      [106, 88],
    ],
  ];
  curl.forEach((c, i) =>
    P.piece(paths.tube(c, [34, 32, 29, 26]), mix(sh, dk, 0.18 - i * 0.08), { lift: 0.9 }),
  );
  const index = paths.tube(
    [
      [60, -16],
      [112, -34],
      [158, -14],
      [170, 24],
    ],
    [42, 37, 31, 22],
  );
  const palm = paths.smooth([
    [-20, -36],
    [30, -44],
    [78, -38],
    [104, -10],
    [98, 26],
    [72, 50],
    [30, 46],
    [-20, 36],
  ]);
  P.piece(
    paths.union(palm, index, paths.tube(arm, o.armW || [104, 92, 72, 72])),
    P.lin(0, -50, 0, 80, hi, sh),
    {
      lift: 1.6,
    },
  );
  P.ink(
    paths.tube(
      [
        [98, 20],
        [120, 0],
        [146, 8],
      ],
      [1, 4, 1],
    ),
    dk,
    0.35,
  );
  P.piece(
    paths.tube(
      [
        [24, 22],
        [72, 44],
        [124, 46],
        [164, 32],
      ],
      [50, 42, 33, 22],
    ),
    P.lin(0, 10, 0, 70, hi, mix(sh, skin, 0.4)),
    { lift: 1.2 },
  );
  P.ink(paths.ellipse(158, 29, 12, 7.5, -0.3), nail, 0.95);
  P.ink(
    paths.tube(
      [
        [86, 34],
        [96, 46],
        [94, 58],
      ],
      [1, 3.4, 1],
    ),
    dk,
    0.4,
  );
}

/** Side view fist round a bar that passes through (86,0) vertically: fingers stacked, seen from the knuckle side. */
export function grip(P: Paint, skin: string, o: Arm & { thumb?: number } = {}) {
  const dk = mix(skin, '#5a2a1c', 0.36),
    sh = mix(skin, '#5a2a1c', 0.17),
    hi = mix(skin, '#fff', 0.06);
  const arm = o.arm || [
    [-420, 30],
    [-200, 12],
    [-30, 0],
    [16, 0],
  ];
  const palm = paths.smooth([
    [-20, -34],
    [28, -50],
    [72, -52],
    [92, -30],
    [92, 34],
    [66, 54],
    [26, 46],
    [-20, 36],
  ]);
  P.piece(paths.union(palm, paths.tube(arm, o.armW || [104, 90, 70, 70])), P.lin(0, -50, 0, 60, hi, sh), {
    lift: 1.6,
  });
  for (let i = 3; i >= 0; i--) {
    const y = -40 + i * 27,
      x = 66 - Math.abs(i - 1) * 4;
    P.piece(
      paths.tube(
        [
          [x, y],
          [x + 36, y - 2],
          [x + 48, y + 2],
          [x + 30, y + 6],
        ],
        [32, 31, 29, 24],
      ),
      P.lin(0, y - 14, 0, y + 14, hi, sh),
      { lift: 0.8 },
    );
  }
  if (o.thumb !== 0) {
    P.piece(
      paths.tube(
        [
          [22, -34],
          [62, -66],
          [108, -62],
        ],
        [44, 34, 24],
      ),
      P.lin(0, -80, 0, -40, hi, sh),
      { lift: 1 },
    );
    P.ink(paths.ellipse(104, -65, 11, 7, 0.1), mix(skin, '#fff1e6', 0.5), 0.95);
  }
}

/** Hand holding a flat thing (letter, card, phone): call backFn() to draw the thing between fingers and thumb. Arm from -x, thing's edge at x≈90. */
export function hold(P: Paint, skin: string, thing: () => void, o: Arm = {}) {
  const dk = mix(skin, '#5a2a1c', 0.36),
    sh = mix(skin, '#5a2a1c', 0.17),
    nail = mix(skin, '#fff1e6', 0.5),
    hi = mix(skin, '#fff', 0.06);
  const arm = o.arm || [
    [-460, 60],
    [-200, 26],
    [-40, 4],
    [10, 0],
  ];
  for (let i = 3; i >= 0; i--) {
    const y = -28 + i * 25;
    P.piece(
      paths.tube(
        [
          [40, y * 0.8],
          [96, y],
          [146 - Math.abs(i - 1) * 9, y + 2],
        ],
        [34, 30, 25],
      ),
      mix(sh, dk, 0.12),
      { lift: 0.8 },
    );
  }
  thing();
  const palm = paths.smooth([
    [-30, -36],
    [24, -44],
    [64, -36],
    [84, -6],
    [86, 34],
    [58, 62],
    [20, 54],
    [-30, 38],
  ]);
  const thumb = paths.tube(
    [
      [26, -14],
      [70, -38],
      [118, -38],
      [158, -26],
    ],
    [52, 42, 34, 25],
  );
  P.piece(
    paths.union(palm, thumb, paths.tube(arm, o.armW || [108, 94, 74, 76])),
    P.lin(0, -60, 0, 70, hi, sh),
    {
      lift: 2,
    },
  );
  P.ink(paths.ellipse(153, -29, 13, 8, 0.28), nail, 0.95);
  P.ink(
    paths.tube(
      [
        [84, -46],
        [92, -36],
        [90, -24],
      ],
      [1, 3.6, 1],
    ),
    dk,
    0.45,
  );
  P.ink(
    paths.tube(
      [
        [34, 6],
        [62, 2],
        [78, 8],
      ],
      [1, 4, 1],
    ),
    dk,
    0.35,
  );
}

/** Two hands cupped, seen from the front; bowl rim at y=0, centre 0,0. thing() is drawn inside, behind the near fingers. */
export function cup(P: Paint, skin: string, thing: () => void, o: Arm = {}) {
  const dk = mix(skin, '#5a2a1c', 0.36),
    sh = mix(skin, '#5a2a1c', 0.17),
    hi = mix(skin, '#fff', 0.06),
    nail = mix(skin, '#fff1e6', 0.5);
  // far rim: palms
  P.piece(
    paths.smooth([
      [-190, 6],
      [-110, -30],
      [0, -38],
      [110, -30],
      [190, 6],
      [140, 80],
      [0, 110],
      [-140, 80],
    ]),
    mix(sh, dk, 0.2),
    { lift: 2 },
  );
  thing();
  for (const m of [-1, 1]) {
    const X = (v: number) => v * m;
    // wrist and outer palm
    const arm = o.arm || [
      [430, 420],
      [300, 240],
      [226, 120],
      [196, 60],
    ];
    const heel = paths.smooth(
      (
        [
          [206, -14],
          [232, 30],
          [226, 96],
          [170, 142],
          [110, 128],
          [124, 60],
          [150, 16],
        ] as const
      ).map(([x, y]): [number, number] => [X(x), y]),
    );
    P.piece(
      paths.union(
        heel,
        paths.tube(
          arm.map(([x, y]): [number, number] => [X(x), y]),
          [118, 104, 88, 84],
        ),
      ),
      P.lin(X(230), 0, X(60), 120, hi, sh),
      { lift: 2 },
    );
    // fingers wrap to the centre, lowest first
    (
      [
        [
          [186, 118],
          [110, 150],
          [42, 142],
          [4 + 4, 128],
        ],
        [
          [190, 92],
          [112, 122],
          [40, 116],
          [6, 100],
        ],
        [
          [190, 66],
          [112, 92],
          [40, 86],
          [8, 72],
        ],
        [
          [188, 40],
          [116, 62],
          [50, 57],
          [20, 46],
        ],
      ] as const
    ).forEach((f, i) => {
      const q = f.map(([x, y]): [number, number] => [X(x + (m > 0 ? 10 : -2)), y + (m > 0 ? 8 : 0)]);
      P.piece(
        paths.tube(q, [44, 37, 33, 27]),
        P.lin(0, nth(q, 1)[1] - 22, 0, nth(q, 1)[1] + 20, hi, mix(sh, dk, 0.06)),
        {
          lift: 1.1,
        },
      );
      const e = nth(q, 3);
      P.ink(paths.ellipse(e[0] + X(6), e[1] - 4, 11, 7, X(0.25)), nail, 0.85);
    });
    P.piece(
      paths.tube(
        (
          [
            [206, 30],
            [176, -14],
            [128, -34],
            [92, -26],
          ] as const
        ).map(([x, y]): [number, number] => [X(x), y]),
        [52, 46, 36, 26],
      ),
      P.lin(0, -50, 0, 30, hi, sh),
      { lift: 1.4 },
    );
    P.ink(paths.ellipse(X(98), -31, 12, 7, X(-0.15)), nail, 0.9);
  }
}
