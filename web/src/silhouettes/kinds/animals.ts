import type { Draw } from '../form';
import { circ, ell, n1, type Point, poly, smooth } from '../geometry';
import { edge, fill, line } from '../ink';
import { C, shade } from '../tone';

const HERON: { body: Point[]; wing: Point[] } = {
  body: [
    [5, 44, 1],
    [27, 34, 1],
    [33, 28],
    [42, 29],
    [66, 38, 1],
    [47, 41],
    [46, 50],
    [42, 62],
    [42, 76],
    [52, 90],
    [70, 104],
    [86, 124],
    [99, 150, 1],
    [84, 147],
    [66, 146],
    [46, 138],
    [35, 122],
    [31, 104],
    [29, 84],
    [32, 66],
    [37, 54],
    [35, 46],
    [27, 43, 1],
  ],
  wing: [
    [46, 104, 1],
    [58, 100],
    [74, 112],
    [86, 128],
    [96, 149, 1],
    [78, 142],
    [58, 134],
    [47, 120],
  ],
};
export const heron: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    kx = w / 100,
    ky = h / 172,
    c = o.c[0],
    M = (a: readonly Point[]) => a.map((p): Point => [(p[0] - 52) * kx, (p[1] - 200) * ky, p[2]]);
  const d = smooth(M(HERON.body), true, 0.52),
    X = (v: number) => (v - 52) * kx,
    Y = (v: number) => (v - 200) * ky,
    lw = Math.max(1.1, w * 0.045);
  let g =
    line(`M${n1(X(62))} ${n1(Y(140))}L${n1(X(60))} ${n1(Y(166))}L${n1(X(63))} ${n1(Y(194))}`, o.c[1] || C.brass, lw) +
    line(`M${n1(X(52))} ${n1(Y(140))}L${n1(X(48))} ${n1(Y(168))}L${n1(X(52))} ${n1(Y(194))}`, shade(o.c[1] || C.brass, -0.2), lw);
  g +=
    fill(
      poly([
        [X(26), 0],
        [X(31), Y(192)],
        [X(79), Y(192)],
        [X(84), 0],
      ]),
      o.c[1] || C.brass,
    ) +
    fill(
      poly([
        [X(60), 0],
        [X(60), Y(192)],
        [X(79), Y(192)],
        [X(84), 0],
      ]),
      shade(o.c[1] || C.brass, -0.2),
    );
  g +=
    fill(d, c, edge(c)) +
    fill(smooth(M(HERON.wing), true, 0.52), shade(c, -0.2)) +
    fill(
      smooth(
        M([
          [60, 108, 1],
          [74, 116],
          [94, 147, 1],
          [76, 132],
        ]),
      ),
      shade(c, -0.34),
    ) +
    fill(
      poly(
        M([
          [5, 44],
          [27, 34],
          [28, 39],
        ]),
      ),
      shade(o.c[1] || C.brass, 0.1),
    ) +
    fill(
      poly(
        M([
          [5, 44],
          [28, 39],
          [27, 43],
        ]),
      ),
      shade(o.c[1] || C.brass, -0.2),
    ) +
    fill(
      poly(
        M([
          [33, 30],
          [42, 29],
          [66, 38],
          [44, 35],
        ]),
      ),
      C.soot,
    ) +
    fill(circ(X(33), Y(35.5), Math.max(0.6, w * 0.014)), C.soot) +
    fill(
      smooth(
        M([
          [33, 70, 1],
          [31, 86],
          [33, 106],
          [37, 122, 1],
          [36, 100],
          [36, 84],
        ]),
      ),
      shade(c, 0.34),
      ' opacity=".8"',
    );
  return { d, g };
};
const HARE: Point[] = [
  [10, 62],
  [16, 50],
  [30, 42],
  [38, 42, 1],
  [33, 24],
  [38, 6],
  [44, 0],
  [50, 14],
  [49, 32],
  [47, 42, 1],
  [52, 24],
  [62, 10],
  [70, 6],
  [70, 22],
  [62, 40],
  [56, 50],
  [60, 64],
  [64, 76],
  [82, 90],
  [94, 112],
  [94, 132],
  [88, 140, 1],
  [20, 140, 1],
  [19, 134],
  [26, 130],
  [27, 112],
  [28, 94],
  [30, 84],
  [20, 80],
  [11, 72],
];
export const hare: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    kx = w / 96,
    ky = h / 140,
    c = o.c[0],
    M = (a: readonly Point[]) => a.map((p): Point => [(p[0] - 52) * kx, (p[1] - 140) * ky, p[2]]),
    X = (v: number) => (v - 52) * kx,
    Y = (v: number) => (v - 140) * ky;
  const d = smooth(M(HARE), true, 0.52);
  const g =
    fill(ell(X(95), Y(126), w * 0.075, h * 0.06), shade(c, 0.3), edge(shade(c, 0.3))) +
    fill(d, c, edge(c)) +
    fill(
      smooth(
        M([
          [88, 140, 1],
          [48, 140, 1],
          [46, 124],
          [56, 106],
          [74, 100],
          [90, 110],
          [94, 130],
        ]),
        true,
        0.52,
      ),
      shade(c, -0.14),
    ) +
    fill(
      smooth(
        M([
          [40, 36, 1],
          [38, 22],
          [43, 6],
          [46, 20],
          [46, 36, 1],
        ]),
      ),
      shade(c, -0.28),
    ) +
    fill(
      smooth(
        M([
          [54, 42, 1],
          [62, 30],
          [68, 12],
          [66, 26],
          [58, 46, 1],
        ]),
      ),
      shade(c, -0.2),
    ) +
    line(
      poly(
        M([
          [38, 138],
          [38, 112],
          [42, 96],
        ]),
        false,
      ),
      shade(c, -0.3),
      Math.max(0.7, s * 0.1),
    ) +
    fill(circ(X(27), Y(56), Math.max(0.8, w * 0.022)), C.soot);
  return { d, g };
};
