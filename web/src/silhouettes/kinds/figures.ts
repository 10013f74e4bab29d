import type { Draw, Form } from '../form';
import { circ, ell, halfDisc, type Point, poly, rect, smooth } from '../geometry';
import { clip, edge, fill, line } from '../ink';
import { C, shade } from '../tone';

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
    `M${w * 0.3} ${-h * 0.78}L${w * (0.3 + side * 0.06)} ${-h * 0.92}L${w * (0.3 + side * 0.02)} ${-h}M${w * (0.3 + side * 0.06)} ${-h * 0.92}
      L${w * (0.3 + side * 0.16)} ${-h * 0.97}`;
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
