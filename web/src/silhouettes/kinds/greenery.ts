import type { Draw, Drawn, Form } from '../form';
import { circ, ell, leaf, n1, type Point, poly, rect, smooth, sprig, TAU } from '../geometry';
import { clip, edge, fill, line } from '../ink';
import { stems } from '../stems';
import { hungOn } from '../strung';
import { C, shade } from '../tone';
import { bow, tones } from '../trim';
import { turned } from '../turned';
export const wreath: Draw = (o, s, r) => {
  const w = o.w * s,
    R = w / 2,
    rr = R * 0.68,
    c = o.c[0],
    kind = o.v || 'fir',
    cy = -R,
    N = Math.round(Math.max(20, Math.min(40, 16 + w / 5)));
  const T = [shade(c, -0.3), shade(c, -0.14), c, shade(c, 0.2)],
    ds = ['', '', '', ''];
  for (let l = 0; l < 4; l++)
    for (let i = 0; i < N; i++) {
      const a = (TAU * (i + l * 0.27 + r() * 0.3)) / N,
        rad = rr * [1.06, 0.84, 1.0, 0.95][l]!,
        x = Math.cos(a) * rad,
        y = cy + Math.sin(a) * rad;
      const dir = a + Math.PI / 2 + [-0.8, 0.95, -0.34, 0.3][l]! + (r() - 0.5) * 0.3,
        L = R * [0.36, 0.32, 0.34, 0.26][l]! * (0.88 + r() * 0.2);
      ds[l] +=
        kind === 'fir'
          ? sprig(x, y, L, R * 0.2, dir, 4, r)
          : kind === 'round'
            ? ell(x + Math.cos(dir) * L * 0.6, y + Math.sin(dir) * L * 0.6, L * 0.3, L * 0.3)
            : leaf(x, y, L, R * 0.16, dir);
    }
  let g = line(circ(0, cy, rr), shade(c, -0.42), Math.max(2, R * 0.2)) + ds.map((d, i) => fill(d, T[i]!)).join('');
  if (o.c[1]) {
    let b = '',
      hi = '';
    const M = 7,
      br = Math.max(1.1, R * 0.058);
    for (let i = 0; i < M; i++) {
      const a = (TAU * (i + 0.25 + r() * 0.4)) / M;
      for (let j = 0; j < 3; j++) {
        const aa = a + (j - 1) * 0.13,
          q = rr * (1 + (j === 1 ? 0.1 : -0.06)),
          x = Math.cos(aa) * q,
          y = cy + Math.sin(aa) * q;
        b += circ(x, y, br);
        hi += circ(x - br * 0.3, y - br * 0.3, br * 0.3);
      }
    }
    g += fill(b, o.c[1]) + fill(hi, shade(o.c[1], 0.5));
  }
  if (o.bow) g += bow(0, cy + rr * 0.98, R * 0.24, o.bow);
  return { d: circ(0, cy, R) + circ(0, cy, rr * 0.7), g };
};
export const garland: Draw = (o, s, r) => {
  if (o.v === 'flags' || o.v === 'balls') return strung(o, s);
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    T = [shade(c, -0.28), shade(c, -0.12), c, shade(c, 0.2)],
    ds = ['', '', '', ''],
    N = Math.round(w / Math.max(3, s * 0.8));
  const ph = r() * 6,
    env = (x: number) => Math.max(0, 1 - ((2 * x) / w) ** 4) ** 0.8,
    mid = (x: number) => h * (0.36 + 0.12 * Math.sin((x / w) * 11 + ph)) * env(x);
  const core: Point[] = [];
  for (let i = 0; i <= 14; i++) {
    const x = -w * 0.48 + (w * 0.96 * i) / 14;
    core.push([x, -mid(x) * 1.35]);
  }
  let g = fill(poly([[-w * 0.48, 0], ...core, [w * 0.48, 0]]), shade(c, -0.4));
  for (let l = 0; l < 4; l++)
    for (let i = 0; i < N; i++) {
      const x = -w / 2 + w * (0.02 + (0.94 * (i + r() * 0.7)) / N),
        m = mid(x),
        y = -m * [0.25, 1.1, 0.6, 1][l]!,
        dir = [-0.25, -0.95, -0.5, -2.4][l]! + (r() - 0.5) * 0.8,
        L = h * (0.5 + r() * 0.14) * (0.5 + 0.5 * env(x));
      ds[l] += o.v === 'leaf' ? leaf(x, y, L, h * 0.22, dir) : sprig(x, y, L, h * 0.34, dir, 4, r);
    }
  g += ds.map((d, i) => fill(d, T[i]!)).join('');
  if (o.c[1]) {
    let b = '',
      b2 = '';
    const M = Math.max(3, Math.round(o.w / 3.4));
    for (let i = 0; i < M; i++) {
      const x = -w * 0.42 + (w * 0.84 * (i + 0.3 + r() * 0.3)) / M,
        y = -mid(x) * (0.7 + r() * 0.8),
        R = Math.max(1.2, s * 0.36);
      b += circ(x, y, R) + circ(x + R * 1.5, y + R * 0.6, R * 0.86);
      b2 += circ(x - R * 0.3, y - R * 0.3, R * 0.3);
    }
    g += fill(b, o.c[1]) + fill(b2, shade(o.c[1], 0.5));
  }
  return { d: `M${n1(-w / 2)} 0Q${n1(-w * 0.3)} ${n1(-h)} 0 ${n1(-h)}T${n1(w / 2)} 0Z`, g: clip(rect(-w, -h * 3, 2 * w, h * 3 + 0.5), g) };
};
/** Flags or balls on a string that hangs a little in the middle. */
const strung = (o: Form, s: number): Drawn => {
  const w = o.w * s,
    h = o.h * s,
    y = (x: number) => -h * (0.88 + 0.12 * ((2 * x) / w) ** 2);
  const string: Point[] = Array.from({ length: 13 }, (_, i) => [w * (i / 12 - 0.5), y(w * (i / 12 - 0.5))]);
  const g = line(poly(string, false), shade(o.c[0], -0.4), Math.max(1, s * 0.14)) + hungOn(string, o, s);
  return { d: poly([...string, [w / 2, 0], [-w / 2, 0]]), g: clip(rect(-w, -h * 1.1, 2 * w, h * 1.1), g) };
};
export const bunch: Draw = (o, s, r) => {
  const w = o.w * s,
    h = o.h * s;
  let g = stems(o, s, r, w, h, 0);
  const ty = -h * 0.16;
  g +=
    line(`M${n1(-w * 0.1)} ${n1(ty)}h${n1(w * 0.2)}`, o.tie || C.straw, Math.max(1.6, s * 0.42)) +
    line(`M${n1(w * 0.05)} ${n1(ty)}l${n1(w * 0.1)} ${n1(s * 0.9)}`, o.tie || C.straw, Math.max(1, s * 0.2));
  return {
    d: smooth(
      [
        [-w * 0.07, 0, 1],
        [-w * 0.1, -h * 0.2],
        [-w * 0.46, -h * 0.62],
        [-w * 0.42, -h * 0.86],
        [0, -h],
        [w * 0.42, -h * 0.86],
        [w * 0.46, -h * 0.62],
        [w * 0.1, -h * 0.2],
        [w * 0.07, 0, 1],
      ],
      true,
      0.55,
    ),
    g,
  };
};
export const tree: Draw = (o, s, r) => {
  const w = o.w * s,
    h = o.h * s,
    T = tones(o),
    ph = o.pot ? h * 0.16 : h * 0.06,
    y0 = -ph * 0.8,
    th = h - ph * 0.8,
    ds = ['', '', '', ''];
  let g = '';
  const tiers = Math.max(6, Math.round(o.h / 2.2));
  g += fill(rect(-w * 0.035, y0 - th * 0.2, w * 0.07, th * 0.2 + ph * 0.3), shade(C.wood, -0.25));
  g += fill(
    poly([
      [0, -h * 0.96],
      [w * 0.36, y0 - th * 0.08],
      [-w * 0.36, y0 - th * 0.08],
    ]),
    shade(o.c[0], -0.34),
  );
  for (let i = 0; i < tiers; i++) {
    const k = i / (tiers - 1),
      y = y0 - th * (0.1 + 0.78 * k),
      L = w * 0.56 * (1 - k * 0.84);
    for (let j = 0; j < 4; j++) {
      const a = j * 0.34;
      ds[(i + j) % 2] += sprig(0, y - a * h * 0.02, L * (1 - j * 0.16), L * 0.4, 0.42 + j * 0.32 + (r() - 0.5) * 0.14, 5, r);
      ds[1 + ((i + j) % 2)] += sprig(0, y - a * h * 0.02, L * (1 - j * 0.16), L * 0.4, Math.PI - 0.42 - j * 0.32 + (r() - 0.5) * 0.14, 5, r);
    }
  }
  ds[1] += sprig(0, -h * 0.8, h * 0.2, w * 0.14, -Math.PI / 2, 5, r);
  g += fill(ds[0]!, T[0]) + fill(ds[1]!, T[1]) + fill(ds[2]!, T[2]);
  if (o.c[1]) {
    let b = '';
    for (let i = 0; i < 14; i++) {
      const k = r() * 0.8,
        x = (r() * 2 - 1) * w * 0.38 * (1 - k);
      b += circ(x, y0 - th * (0.12 + k * 0.8), Math.max(0.9, s * 0.26));
    }
    g += fill(b, o.c[1]);
  }
  if (o.pot) {
    const t = turned(
      [
        [0, 0.74],
        [0.7, 0.96],
        [0.72, 1],
        [1, 1],
      ],
      w * 0.34,
      ph,
      r,
      { wob: 0 },
    );
    g += fill(t.d, o.pot, edge(o.pot)) + fill(t.band(0, 1, 0.3, 1), shade(o.pot, -0.16)) + fill(t.band(0.7, 0.74), shade(o.pot, -0.25));
  } else
    g +=
      fill(
        poly([
          [-w * 0.2, 0],
          [-w * 0.17, -ph * 0.5],
          [w * 0.17, -ph * 0.5],
          [w * 0.2, 0],
        ]),
        shade(C.wood, 0.06),
      ) +
      fill(
        poly([
          [w * 0.04, 0],
          [w * 0.04, -ph * 0.5],
          [w * 0.17, -ph * 0.5],
          [w * 0.2, 0],
        ]),
        shade(C.wood, -0.16),
      );
  return {
    d: poly([
      [-w * 0.1, 0],
      [-w / 2, y0],
      [0, -h],
      [w / 2, y0],
      [w * 0.1, 0],
    ]),
    g,
  };
};
