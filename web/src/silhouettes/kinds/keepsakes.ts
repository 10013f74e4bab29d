import type { Draw } from '../form';
import { circ, ell, n1, type Point, poly, rect, TAU } from '../geometry';
import { clip, edge, fill, line } from '../ink';
import { shade } from '../tone';
import { turned } from '../turned';
export const books: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    n = o.num || 3,
    bh = h / n;
  let g = '',
    d = '';
  for (let i = 0; i < n; i++) {
    const c = o.c[i % o.c.length]!,
      bw = w * (1 - ((i * 29) % 5) * 0.035),
      dx = (((i * 53) % 7) / 7 - 0.5) * w * 0.05,
      y = -bh * (i + 1),
      x = -bw / 2 + dx;
    d += rect(x, y, bw, bh);
    g +=
      fill(rect(x, y, bw, bh, Math.min(1.4, bh * 0.16)), c, edge(c)) +
      fill(rect(x + bw * 0.78, y + bh * 0.14, bw * 0.22, bh * 0.72), '#F2EAD9') +
      fill(rect(x + bw * 0.78, y + bh * 0.48, bw * 0.22, bh * 0.38), '#DCD2BC') +
      fill(rect(x, y + bh * 0.62, bw * 0.78, bh * 0.38), shade(c, -0.12)) +
      fill(rect(x + bw * 0.08, y, bw * 0.025, bh), shade(c, 0.35)) +
      fill(rect(x + bw * 0.2, y + bh * 0.36, bw * 0.3, Math.max(0.8, bh * 0.14)), shade(c, 0.4), ' opacity=".8"');
  }
  return { d, g };
};
export const cone: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    d = poly([
      [-w / 2, 0],
      [-w * 0.03, -h],
      [w * 0.03, -h],
      [w / 2, 0],
    ]);
  let q = '';
  const n = 5;
  for (let i = 0; i < n; i++) {
    const y = (-h * i) / n;
    if (o.pat === 'rings') q += fill(rect(-w, y - h * 0.05, 2 * w, h * 0.05), o.c[1] || shade(c, -0.2));
    else q += line(`M${n1(-w / 2)} ${n1(y)}Q0 ${n1(y + h * 0.06)} ${n1(w / 2)} ${n1(y)}`, shade(c, -0.18), 0.8);
  }
  return {
    d,
    g:
      fill(d, c, edge(c)) +
      clip(
        d,
        q +
          fill(
            poly([
              [w * 0.08, 2],
              [0, -h],
              [w, -h],
              [w, 2],
            ]),
            '#2A1F12',
            ' opacity=".15"',
          ) +
          fill(
            poly([
              [-w * 0.5, 0],
              [-w * 0.03, -h],
              [-w * 0.2, 0],
            ]),
            '#fff',
            ' opacity=".14"',
          ),
      ),
  };
};
export const bell: Draw = (o, s, r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    t = turned(
      [
        [0, 1],
        [0.04, 0.98],
        [0.1, 0.84],
        [0.3, 0.68],
        [0.6, 0.58],
        [0.8, 0.46],
        [0.92, 0.24],
        [1, 0.1],
      ],
      w,
      h * 0.74,
      r,
      { y: -h * 0.08, wob: 0 },
    );
  return {
    d: t.d,
    g:
      line(
        `M${n1(-w * 0.1)} ${n1(-h * 0.8)}C${n1(-w * 0.14)} ${n1(-h * 1.02)} ${n1(w * 0.14)} ${n1(-h * 1.02)} ${n1(w * 0.1)} ${n1(-h * 0.8)}`,
        o.c[1] || shade(c, -0.3),
        Math.max(1.2, w * 0.06),
      ) +
      fill(circ(0, -h * 0.06, w * 0.1), shade(c, -0.38)) +
      fill(t.d, c) +
      fill(t.band(0, 1, 0.25, 1), shade(c, -0.18)) +
      fill(t.band(0.04, 0.92, -0.66, -0.34), shade(c, 0.4)) +
      fill(t.band(0.1, 0.14), shade(c, -0.3)) +
      fill(t.band(0.0, 0.05), shade(c, 0.12)),
  };
};
export const star: Draw = (o, s, _r) => {
  const w = o.w * s,
    R = w / 2,
    c = o.c[0];
  let A = '',
    B = '',
    pts: Point[] = [];
  for (let i = 0; i < 5; i++) {
    const a = -Math.PI / 2 + (i * TAU) / 5,
      b = a + TAU / 10,
      b2 = a - TAU / 10,
      p: Point = [Math.cos(a) * R, -R * 0.9 + Math.sin(a) * R],
      q: Point = [Math.cos(b) * R * 0.42, -R * 0.9 + Math.sin(b) * R * 0.42],
      q2: Point = [Math.cos(b2) * R * 0.42, -R * 0.9 + Math.sin(b2) * R * 0.42],
      o0: Point = [0, -R * 0.9];
    A += poly([o0, p, q]);
    B += poly([o0, p, q2]);
    pts.push(p, q);
  }
  return { d: poly(pts), g: fill(A, shade(c, -0.2)) + fill(B, c, edge(c)) };
};
export const beads: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0];
  let g = '';
  const R = Math.max(1.3, s * 0.36);
  for (let l = 0; l < 3; l++) {
    const a = w * (0.46 - l * 0.1),
      e = h * (0.46 - l * 0.11),
      n = Math.max(9, Math.round((a * 6.2) / (R * 2.1)));
    for (let i = 0; i < n; i++) {
      const t = (TAU * i) / n,
        x = Math.cos(t) * a,
        y = -h / 2 + Math.sin(t) * e;
      g += fill(circ(x, y, R), i % 5 ? c : o.c[1] || shade(c, -0.3));
    }
  }
  return { d: ell(0, -h / 2, w / 2, h / 2), g };
};
