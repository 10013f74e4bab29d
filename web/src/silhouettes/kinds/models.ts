import type { Draw } from '../form';
import { circ, n1, poly, rect, smooth } from '../geometry';
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
/** Seen from its side: runners that curl up in front, slats on them. */
export const sled: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    wood = o.c[1] || C.wood,
    thick = Math.max(1.6, h * 0.1),
    deck = rect(-w * 0.5, -h * 0.66, w * 0.84, h * 0.13, h * 0.04);
  const at = (x: number, y: number) => `${n1(w * x)} ${n1(-h * y)}`;
  const runner =
    `M${at(-0.48, 0.08)}L${at(0.3, 0.06)}C${at(0.47, 0.06)} ${at(0.53, 0.6)} ${at(0.47, 0.92)}` +
    `C${at(0.43, 1.04)} ${at(0.36, 0.94)} ${at(0.39, 0.82)}`;
  const posts = [-0.4, -0.06, 0.24].map((x) => line(`M${at(x, 0.08)}L${at(x, 0.56)}`, shade(c, -0.2), thick)).join('');
  const slats = [-0.36, -0.2, -0.04, 0.12, 0.26].map((x) => fill(rect(w * x, -h * 0.66, w * 0.012, h * 0.13), shade(wood, -0.3))).join('');
  return {
    d: `${deck}${rect(-w * 0.5, -h * 0.13, w, h * 0.1)}`,
    g: posts + line(runner, c, thick) + fill(deck, wood, edge(wood)) + slats + line(`M${at(0.3, 0.6)}L${at(0.46, 0.8)}`, shade(c, -0.2), thick * 0.8),
  };
};
/** A little pickup from its side: bed, cab, bonnet, two wheels. */
export const truck: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    r = Math.min(h * 0.22, w * 0.13);
  const body = smooth(
    [
      [-w * 0.5, -h * 0.24, 1],
      [-w * 0.5, -h * 0.6, 1],
      [-w * 0.04, -h * 0.6, 1],
      [-w * 0.02, -h * 0.97],
      [w * 0.2, -h * 0.97],
      [w * 0.25, -h * 0.62, 1],
      [w * 0.44, -h * 0.58],
      [w * 0.5, -h * 0.44],
      [w * 0.5, -h * 0.24, 1],
    ],
    true,
    0.3,
  );
  const wheel = (x: number) =>
    fill(circ(x, -r * 1.12, r * 1.3), shade(c, -0.3)) +
    fill(circ(x, -r, r), C.soot) +
    fill(circ(x, -r, r * 0.5), o.c[1] || C.tallow) +
    fill(circ(x, -r, r * 0.16), C.soot);
  const pane = poly([
    [w * 0.03, -h * 0.66],
    [w * 0.03, -h * 0.88],
    [w * 0.16, -h * 0.88],
    [w * 0.2, -h * 0.66],
  ]);
  return {
    d: body,
    g:
      fill(body, c, edge(c)) +
      clip(body, fill(rect(-w, -h * 0.36, 2 * w, h), shade(c, -0.2)) + fill(rect(-w * 0.5, -h * 0.6, w * 0.46, h * 0.06), shade(c, 0.22))) +
      fill(pane, '#DCE6E4') +
      line(`M${n1(-w * 0.02)} ${n1(-h * 0.6)}V${n1(-h * 0.28)}M${n1(w * 0.24)} ${n1(-h * 0.6)}V${n1(-h * 0.28)}`, shade(c, -0.32), 0.8) +
      fill(circ(w * 0.47, -h * 0.44, h * 0.045), C.tallow) +
      fill(rect(w * 0.47, -h * 0.29, w * 0.04, h * 0.05, 1), C.soot) +
      wheel(-w * 0.29) +
      wheel(w * 0.28),
  };
};
