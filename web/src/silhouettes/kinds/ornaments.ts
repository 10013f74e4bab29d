import type { Draw, Form } from '../form';
import { circ, ell, halfDisc, leaf, type Point, poly, rect, smooth, sprig, TAU } from '../geometry';
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

/** A standing figure: in a robe, a deer, a snowman, a bird. */
export const figure: Draw = (o, s) => {
  const drawn = { deer, snowman, bird }[o.v ?? ''] ?? robed;
  return drawn(o, o.w * s, o.h * s, Math.max(0.9, s * 0.16));
};

type Figure = (o: Form, w: number, h: number, pen: number) => { d: string; g: string };

const robed: Figure = (o, w, h) => {
  const c = o.c[0],
    sash = o.c[1] ?? shade(c, -0.3),
    head = h * 0.11,
    d = smooth([
      [-w * 0.5, 0, 1],
      [-w * 0.36, -h * 0.4],
      [-w * 0.3, -h * 0.7],
      [-w * 0.12, -h * 0.78],
      [w * 0.12, -h * 0.78],
      [w * 0.3, -h * 0.7],
      [w * 0.36, -h * 0.4],
      [w * 0.5, 0, 1],
    ]);
  return {
    d: d + circ(0, -h * 0.86, head),
    g:
      fill(d, c, edge(c)) +
      clip(
        d,
        fill(rect(w * 0.06, -h, w, h), shade(c, -0.16)) +
          fill(rect(-w, -h * 0.46, 2 * w, h * 0.06), sash) +
          fill(rect(-w, -h * 0.05, 2 * w, h * 0.05), sash),
      ) +
      line(
        `M${-w * 0.24} ${-h * 0.66}L${-w * 0.1} ${-h * 0.48}M${w * 0.24} ${-h * 0.66}L${w * 0.1} ${-h * 0.48}`,
        shade(c, -0.34),
        Math.max(1, w * 0.06),
      ) +
      fill(circ(0, -h * 0.86, head), C.straw) +
      fill(rect(-head * 0.95, -h, head * 1.9, h * 0.1, head * 0.3), sash),
  };
};

const deer: Figure = (o, w, h, pen) => {
  const c = o.c[0],
    dark = shade(c, -0.24),
    body = smooth([
      [-w * 0.46, -h * 0.44],
      [-w * 0.3, -h * 0.54],
      [w * 0.1, -h * 0.52],
      [w * 0.2, -h * 0.72, 1],
      [w * 0.3, -h * 0.8],
      [w * 0.48, -h * 0.7, 1],
      [w * 0.32, -h * 0.66],
      [w * 0.28, -h * 0.4],
      [w * 0.1, -h * 0.34],
      [-w * 0.36, -h * 0.34],
    ]);
  const legs = [-0.38, -0.26, 0.12, 0.24]
    .map((x, i) => line(`M${w * x} ${-h * 0.4}L${w * (x + 0.01)} 0`, i % 2 ? c : dark, Math.max(1.2, w * 0.07)))
    .join('');
  const antler = (side: number) =>
    `M${w * 0.3} ${-h * 0.78}L${w * (0.3 + side * 0.06)} ${-h * 0.92}L${w * (0.3 + side * 0.02)} ${-h}M${w * (0.3 + side * 0.06)} ${-h * 0.92}L${w * (0.3 + side * 0.16)} ${-h * 0.97}`;
  return {
    d: body,
    g:
      legs +
      line(antler(-1) + antler(1), o.c[1] ?? dark, pen * 1.2) +
      fill(body, c, edge(c)) +
      clip(body, fill(rect(-w, -h * 0.42, 2 * w, h * 0.2), dark, ' opacity=".5"')),
  };
};

const snowman: Figure = (o, w, h, pen) => {
  const c = o.c[0],
    scarf = o.c[1] ?? C.ember,
    balls: [number, number][] = [
      [-h * 0.24, h * 0.24],
      [-h * 0.56, h * 0.17],
      [-h * 0.79, h * 0.12],
    ];
  const d = balls.map(([y, r]) => ell(0, y, Math.min(w / 2, r * 1.05), r)).join('');
  return {
    d,
    g:
      balls
        .map(
          ([y, r]) =>
            fill(ell(0, y, Math.min(w / 2, r * 1.05), r), c, edge(c)) +
            clip(ell(0, y, Math.min(w / 2, r * 1.05), r), fill(halfDisc(0, y, r * 1.2), shade(c, -0.1), ' opacity=".6"')),
        )
        .join('') +
      fill(rect(-w * 0.26, -h * 0.71, w * 0.52, h * 0.05, 2), scarf) +
      fill(rect(w * 0.08, -h * 0.7, w * 0.12, h * 0.17), shade(scarf, -0.15)) +
      fill(rect(-w * 0.28, -h * 0.91, w * 0.56, h * 0.025), C.soot) +
      fill(rect(-w * 0.18, -h, w * 0.36, h * 0.1), C.soot) +
      fill(
        poly([
          [0, -h * 0.79],
          [w * 0.2, -h * 0.77],
          [0, -h * 0.76],
        ]),
        C.ember,
      ) +
      fill(
        [-0.5, -0.58].map((y) => circ(0, h * y, pen)).join('') + circ(-w * 0.08, -h * 0.82, pen * 0.8) + circ(w * 0.08, -h * 0.82, pen * 0.8),
        C.soot,
      ),
  };
};

const bird: Figure = (o, w, h, pen) => {
  const c = o.c[0],
    wing = shade(c, -0.22),
    body: Point[] = [
      [-w * 0.5, -h * 0.62, 1],
      [-w * 0.22, -h * 0.6],
      [w * 0.02, -h * 0.82],
      [w * 0.2, -h],
      [w * 0.38, -h * 0.92],
      [w * 0.34, -h * 0.6],
      [w * 0.16, -h * 0.28],
      [-w * 0.14, -h * 0.26],
    ];
  return {
    d: smooth(body),
    g:
      line(`M${-w * 0.02} ${-h * 0.3}L${-w * 0.02} 0M${w * 0.1} ${-h * 0.3}L${w * 0.1} 0M${-w * 0.1} 0L${w * 0.2} 0`, o.c[1] ?? C.soot, pen) +
      fill(smooth(body), c, edge(c)) +
      fill(
        smooth([
          [-w * 0.4, -h * 0.56, 1],
          [-w * 0.1, -h * 0.7],
          [w * 0.12, -h * 0.58],
          [-w * 0.04, -h * 0.4],
        ]),
        wing,
      ) +
      fill(
        poly([
          [w * 0.36, -h * 0.9],
          [w * 0.5, -h * 0.84],
          [w * 0.37, -h * 0.8],
        ]),
        o.c[1] ?? C.brass,
      ) +
      fill(circ(w * 0.26, -h * 0.9, pen * 0.7), shade(c, 0.6)),
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
