import type { Draw } from '../form';
import { n1, poly, rect, smooth } from '../geometry';
import { clip, edge, fill, line } from '../ink';
import { C, shade } from '../tone';

export const boat: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    hy = -h * 0.16;
  const hull = smooth(
    [
      [-w / 2, hy - h * 0.16, 1],
      [-w * 0.3, hy - h * 0.09],
      [w * 0.3, hy - h * 0.09],
      [w / 2, hy - h * 0.18, 1],
      [w * 0.34, hy + h * 0.06],
      [0, hy + h * 0.12],
      [-w * 0.36, hy + h * 0.06],
    ],
    true,
    0.55,
  );
  return {
    d: hull,
    g:
      fill(
        poly([
          [-w * 0.2, 0],
          [-w * 0.13, -h * 0.1],
          [w * 0.13, -h * 0.1],
          [w * 0.2, 0],
        ]),
        C.wood,
      ) +
      line(`M0 ${n1(hy - h * 0.1)}V${n1(-h)}`, shade(C.wood, -0.2), Math.max(1, w * 0.025)) +
      fill(
        smooth([
          [w * 0.03, -h * 0.97, 1],
          [w * 0.3, -h * 0.6],
          [w * 0.38, -h * 0.34, 1],
          [w * 0.03, -h * 0.32, 1],
        ]),
        o.c[1] || C.tallow,
        edge(o.c[1] || C.tallow),
      ) +
      fill(
        smooth([
          [-w * 0.03, -h * 0.88, 1],
          [-w * 0.22, -h * 0.5],
          [-w * 0.34, -h * 0.34, 1],
          [-w * 0.03, -h * 0.34, 1],
        ]),
        shade(o.c[1] || C.tallow, -0.1),
      ) +
      fill(hull, c) +
      clip(hull, fill(rect(-w, hy - h * 0.01, 2 * w, h), shade(c, -0.22)) + fill(rect(-w, hy - h * 0.06, 2 * w, h * 0.035), o.c[2] || C.brass)),
  };
};
export const house: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    rc = o.c[1] || C.soot,
    e = h * 0.62,
    d = poly([
      [-w / 2, 0],
      [-w / 2, -e],
      [0, -h],
      [w / 2, -e],
      [w / 2, 0],
    ]);
  let win = '';
  const nx = o.w > 4 ? 2 : 1;
  for (let i = 0; i < nx; i++) for (let j = 0; j < 2; j++) win += rect(-w * 0.3 + i * w * 0.36, -e * 0.9 + j * e * 0.42, w * 0.18, e * 0.22);
  return {
    d,
    g:
      fill(d, c, edge(c)) +
      fill(
        poly([
          [w * 0.22, 0],
          [w * 0.22, -h * 0.8],
          [w / 2, -e],
          [w / 2, 0],
        ]),
        shade(c, -0.12),
      ) +
      fill(
        poly([
          [-w * 0.56, -e * 0.96],
          [0, -h - s * 0.25],
          [w * 0.56, -e * 0.96],
          [w * 0.5, -e * 0.86],
          [0, -h * 0.9],
          [-w * 0.5, -e * 0.86],
        ]),
        rc,
      ) +
      fill(win, '#F4B740') +
      fill(rect(-w * 0.08, -e * 0.26, w * 0.16, e * 0.26), rc),
  };
};
