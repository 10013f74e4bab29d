import type { Draw } from '../form';
import { ell, n1, poly, smooth } from '../geometry';
import { clip, edge, fill } from '../ink';
import { C, shade } from '../tone';

export const pumpkin: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    bh = h * 0.82;
  let g = '';
  const L = (x: number, rw: number, col: string) => fill(ell(x, -bh / 2, rw, bh / 2), col, edge(col));
  g +=
    L(-w * 0.32, w * 0.18, shade(c, -0.04)) +
    L(w * 0.32, w * 0.18, shade(c, -0.3)) +
    L(-w * 0.19, w * 0.2, shade(c, 0.1)) +
    L(w * 0.19, w * 0.2, shade(c, -0.19)) +
    L(-w * 0.0, w * 0.19, c) +
    fill(
      `M${n1(w * 0.02)} ${n1(-bh)}A${n1(w * 0.18)} ${n1(bh / 2)} 0 0 1 ${n1(w * 0.02)} 0Q${n1(w * 0.12)} ${n1(-bh * 0.5)} ${n1(w * 0.02)} ${n1(-bh)}Z`,
      shade(c, -0.12),
    );
  const st = o.c[1] || C.moss;
  g +=
    fill(
      smooth([
        [-w * 0.09, -bh * 0.93, 1],
        [-w * 0.03, -h * 0.92],
        [-w * 0.0, -h, 1],
        [w * 0.08, -h * 0.98, 1],
        [w * 0.06, -h * 0.88],
        [w * 0.1, -bh * 0.93, 1],
      ]),
      st,
    ) +
    fill(
      smooth([
        [w * 0.02, -bh * 0.93, 1],
        [w * 0.03, -h * 0.9],
        [w * 0.05, -h * 0.99, 1],
        [w * 0.08, -h * 0.98, 1],
        [w * 0.06, -h * 0.88],
        [w * 0.1, -bh * 0.93, 1],
      ]),
      shade(st, -0.2),
    );
  return { d: ell(0, -bh / 2, w / 2, bh / 2), g };
};
export const gourd: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    c2 = o.c[1] || shade(c, -0.2),
    d = smooth(
      [
        [-w * 0.3, 0],
        [-w * 0.5, -h * 0.22],
        [-w * 0.38, -h * 0.46],
        [-w * 0.16, -h * 0.6],
        [-w * 0.12, -h * 0.78],
        [w * 0.06, -h * 0.96],
        [w * 0.2, -h, 1],
        [w * 0.24, -h * 0.94, 1],
        [w * 0.14, -h * 0.8],
        [w * 0.2, -h * 0.6],
        [w * 0.42, -h * 0.44],
        [w * 0.5, -h * 0.22],
        [w * 0.3, 0],
      ],
      true,
      0.55,
    );
  return {
    d,
    g:
      fill(d, c, edge(c)) +
      clip(
        d,
        fill(
          poly([
            [-w, 2],
            [-w, -h * 0.3],
            [w, -h * 0.36],
            [w, 2],
          ]),
          c2,
        ) +
          fill(
            smooth([
              [w * 0.1, 2, 1],
              [w * 0.22, -h * 0.3],
              [w * 0.05, -h * 0.6],
              [w * 0.1, -h, 1],
              [w, -h, 1],
              [w, 2, 1],
            ]),
            '#2A1F12',
            ' opacity=".14"',
          ),
      ) +
      fill(
        poly([
          [w * 0.14, -h * 0.96],
          [w * 0.2, -h],
          [w * 0.27, -h * 0.99],
          [w * 0.24, -h * 0.92],
        ]),
        C.moss,
      ),
  };
};
