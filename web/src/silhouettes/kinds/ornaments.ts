import type { Draw } from '../form';
import { circ, ell, halfDisc, leaf, poly, rect, smooth, sprig, TAU } from '../geometry';
import { clip, edge, fill, line } from '../ink';
import { stems } from '../stems';
import { C, shade } from '../tone';
import { pineCone } from '../trim';

/** A ball, a drop or a cone, with its cap. */
export const bauble: Draw = (o, s) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    R = Math.min(w, h * 0.9) / 2;
  if (o.v === 'cone') return { d: ell(0, -h / 2, w / 2, h / 2), g: pineCone(0, -h * 0.42, Math.min(w / 1.4, h / 1.8), c) };
  const d =
    o.v === 'drop'
      ? smooth([
          [0, 0, 1],
          [-w * 0.34, -h * 0.4],
          [-w * 0.4, -h * 0.62],
          [0, -h * 0.9],
          [w * 0.4, -h * 0.62],
          [w * 0.34, -h * 0.4],
        ])
      : circ(0, -R, R);
  const top = o.v === 'drop' ? -h * 0.88 : -2 * R + 1;
  return {
    d,
    g:
      fill(rect(-R * 0.2, top - R * 0.24, R * 0.4, R * 0.3), C.brass) +
      line(circ(0, top - R * 0.34, R * 0.12), shade(C.brass, -0.2), Math.max(0.7, s * 0.1)) +
      fill(d, c, edge(c)) +
      clip(
        d,
        fill(halfDisc(R * 0.1, -R, R * 1.3), shade(c, -0.18)) +
          (o.c[1] ? fill(rect(-w, -R * 1.16, 2 * w, R * 0.36), o.c[1]) : '') +
          fill(ell(-R * 0.38, -R * 1.42, R * 0.2, R * 0.3), shade(c, 0.5), ' opacity=".7"'),
      ),
  };
};

/** A napkin folded to stand. */
export const napkin: Draw = (o, s) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    hem = o.c[1] ?? shade(c, -0.2),
    d = poly([
      [-w / 2, 0],
      [-w * 0.04, -h],
      [w * 0.1, -h * 0.94],
      [w / 2, 0],
    ]);
  return {
    d,
    g:
      fill(d, c, edge(c)) +
      clip(
        d,
        fill(
          poly([
            [0, -h],
            [w / 2, 0],
            [w * 0.08, 0],
          ]),
          shade(c, -0.14),
        ),
      ) +
      line(`M${-w * 0.42} ${-h * 0.06}L${w * 0.42} ${-h * 0.06}`, hem, Math.max(0.8, s * 0.14)),
  };
};

/** A plant in its pot: leaves, flowers or a clipped ball. */
export const potPlant: Draw = (o, s, r) => {
  const w = o.w * s,
    h = o.h * s,
    ph = h * 0.36,
    pw = Math.min(w * 0.62, ph * 1.25),
    clay = o.c[1] ?? C.clay,
    green = o.v === 'flower' ? C.moss : o.c[0],
    pot = poly([
      [-pw * 0.36, 0],
      [-pw * 0.48, -ph * 0.8],
      [pw * 0.48, -ph * 0.8],
      [pw * 0.36, 0],
    ]);
  let plant = '';
  if (o.v === 'ball') {
    const R = Math.min(w / 2, (h - ph) * 0.42),
      y = -h + R;
    let tufts = '';
    for (let i = 0; i < 40; i++)
      tufts += sprig(
        Math.cos((TAU * i) / 40) * R * 0.55,
        y + Math.sin((TAU * i) / 40) * R * 0.55,
        R * 0.5,
        R * 0.26,
        (TAU * i) / 40 + r() - 0.5,
        4,
        r,
      );
    plant = line(`M0 ${-ph * 0.8}L0 ${y}`, C.wood, Math.max(1.4, s * 0.3)) + fill(circ(0, y, R * 0.86), shade(green, -0.24)) + fill(tufts, green);
  } else {
    plant = stems({ c: [green], v: 'leaf', num: 7 }, s, r, w * 0.96, h - ph * 0.8, -ph * 0.8);
    if (o.v === 'flower') {
      let petals = '',
        hearts = '';
      for (let i = 0; i < 5; i++) {
        const u = i / 2 - 1,
          x = u * w * 0.32,
          y = -h * (0.86 - Math.abs(u) * 0.16),
          R = Math.min(w * 0.2, h * 0.13);
        for (let k = 0; k < 7; k++) petals += leaf(x, y, R, R * 0.5, (TAU * k) / 7 + i);
        hearts += circ(x, y, R * 0.18);
      }
      plant += fill(petals, o.c[0]) + fill(hearts, C.brass);
    }
  }
  return {
    d: poly([
      [-pw * 0.36, 0],
      [-w / 2, -h * 0.7],
      [0, -h],
      [w / 2, -h * 0.7],
      [pw * 0.36, 0],
    ]),
    g:
      plant +
      fill(pot, clay, edge(clay)) +
      clip(pot, fill(rect(pw * 0.06, -ph, pw, ph), shade(clay, -0.16))) +
      fill(rect(-pw * 0.52, -ph, pw * 1.04, ph * 0.24), shade(clay, -0.08)),
  };
};
