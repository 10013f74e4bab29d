import type { Draw } from '../form';
import { circ, ell, leaf, n1, type Point, poly, rect, TAU } from '../geometry';
import { clip, edge, fill, flame, line } from '../ink';
import { C, shade } from '../tone';
import { turned } from '../turned';
export const candlestick: Draw = (o, s, r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    cc = o.c[1] || C.tallow,
    ch = h * 0.52,
    sh = h - ch;
  const P: Point[] =
    o.v === 'block'
      ? [
          [0, 1],
          [0.18, 1],
          [0.2, 0.5],
          [0.9, 0.42],
          [0.92, 0.6],
          [1, 0.6],
        ]
      : [
          [0, 1],
          [0.05, 1],
          [0.1, 0.62],
          [0.16, 0.3],
          [0.3, 0.2],
          [0.38, 0.22],
          [0.44, 0.44],
          [0.5, 0.44],
          [0.56, 0.2],
          [0.8, 0.18],
          [0.86, 0.52],
          [0.92, 0.52],
          [0.94, 0.4],
          [1, 0.42],
        ];
  const t = turned(P, w, sh, r, { wob: 0 }),
    cw = Math.max(0.8 * s, w * 0.22);
  let g = '';
  if (ch > 0) {
    const cd = `M${n1(-cw / 2)} ${n1(-sh + 0.2 * s)}L${n1(-cw * 0.36)} ${n1(-h + s * 0.5)}Q${n1(0)} ${n1(-h)} ${n1(cw * 0.36)} ${n1(-h + s * 0.5)}
      L${n1(cw / 2)} ${n1(-sh + 0.2 * s)}Z`;
    g +=
      fill(cd, cc, edge(cc)) +
      fill(
        `M${n1(cw * 0.1)} ${n1(-sh + 0.2 * s)}L${n1(cw * 0.08)} ${n1(-h + s * 0.3)}L${n1(cw * 0.34)} ${n1(-h + s * 0.6)}L${n1(cw / 2)} ${n1(-sh + 0.2 * s)}Z`,
        shade(cc, -0.13),
      );
    g += line(`M0 ${n1(-h + s * 0.4)}v${n1(-s * 0.7)}`, C.soot, Math.max(0.7, s * 0.12));
    if (o.lit) g += flame(0, -h - s * 0.35, s * 1.5);
  }
  g += fill(t.d, c, edge(c)) + fill(t.band(0, 1, 0.2, 1), shade(c, -0.2)) + fill(t.band(0.02, 0.98, -0.7, -0.36), shade(c, 0.38));
  return { d: t.d + rect(-cw / 2, -h, cw, ch), g };
};
export const pillar: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    e = Math.min(w * 0.09, s * 0.5);
  const d = `M${n1(-w / 2)} 0L${n1(-w / 2)} ${n1(-h + e)}Q${n1(-w * 0.3)} ${n1(-h - e * 0.4)} 0 ${n1(-h + e * 0.3)}
    Q${n1(w * 0.32)} ${n1(-h + e)} ${n1(w / 2)} ${n1(-h + e * 0.2)}L${n1(w / 2)} 0Q0 ${n1(e * 0.6)} ${n1(-w / 2)} 0Z`;
  const g =
    line(`M0 ${n1(-h + e)}v${n1(-s * 0.9)}`, C.soot, Math.max(0.8, s * 0.13)) +
    (o.lit ? flame(0, -h - s * 0.5, s * 1.4) : '') +
    fill(d, c, edge(c)) +
    clip(
      d,
      fill(rect(w * 0.16, -h * 1.1, w, h * 1.2), shade(c, -0.12)) +
        fill(rect(w * 0.38, -h * 1.1, w, h * 1.2), shade(c, -0.2)) +
        fill(ell(0, -h + e * 0.5, w * 0.5, e * 1.3), shade(c, 0.3), ' opacity=".75"'),
    );
  return { d, g };
};
export const candleGroup: Draw = (o, s, r) => {
  const hs = [o.h, o.h * 0.72, o.h * 0.5],
    n = hs.length,
    pw = (o.w / n) * 0.96;
  let g = '',
    d = '';
  hs.forEach((hh, i) => {
    const x = (-o.w / 2 + pw / 2 + i * (o.w / n)) * s;
    const q = pillar({ w: pw, h: hh, c: [o.c[i % o.c.length]!], lit: o.lit ?? false }, s, r);
    g += `<g transform="translate(${n1(x)} 0)">${q.g}</g>`;
    d += rect(x - (pw * s) / 2, -hh * s, pw * s, hh * s);
  });
  return { d, g };
};
export const lantern: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    bh = h * 0.07,
    gt = h * 0.66,
    b = w * 0.09,
    ring = h * 0.1;
  const body = poly([
    [-w * 0.46, -bh],
    [-w * 0.42, -gt],
    [w * 0.42, -gt],
    [w * 0.46, -bh],
  ]);
  const roof = poly([
    [-w / 2, -gt],
    [-w * 0.46, -gt - h * 0.045],
    [-w * 0.2, -gt - h * 0.19],
    [w * 0.2, -gt - h * 0.19],
    [w * 0.46, -gt - h * 0.045],
    [w / 2, -gt],
  ]);
  let g =
    line(circ(0, -h + ring * 0.62, ring * 0.56), shade(c, -0.1), Math.max(1, w * 0.045)) +
    fill(rect(-w * 0.11, -gt - h * 0.24, w * 0.22, h * 0.06), shade(c, -0.2));
  g +=
    fill(body, '#F3EFE3') +
    fill(
      poly([
        [-w * 0.46, -bh],
        [-w * 0.42, -gt],
        [-w * 0.1, -gt],
        [-w * 0.3, -bh],
      ]),
      '#FFFFFF',
      ' opacity=".7"',
    );
  const cw = w * 0.3,
    chh = h * 0.3;
  g +=
    fill(rect(-cw / 2, -bh - chh, cw, chh), o.c[1] || C.tallow, edge(o.c[1] || C.tallow)) +
    fill(rect(cw * 0.12, -bh - chh, cw * 0.38, chh), shade(o.c[1] || C.tallow, -0.13)) +
    line(`M0 ${n1(-bh - chh)}v${n1(-h * 0.03)}`, C.soot, 1) +
    (o.lit ? flame(0, -bh - chh - h * 0.02, s * 1.5) : '');
  const bar = (x0: number, x1: number) =>
    fill(
      poly([
        [x0 * 0.46 * 2, -bh],
        [x0 * 0.42 * 2, -gt],
        [x1 * 0.42 * 2, -gt],
        [x1 * 0.46 * 2, -bh],
      ]),
      c,
    );
  g +=
    bar(-w / 2, -w / 2 + b) +
    bar(w / 2 - b, w / 2) +
    fill(
      poly([
        [w * 0.3, -bh],
        [w * 0.27, -gt],
        [w * 0.34, -gt],
        [w * 0.37, -bh],
      ]),
      shade(c, -0.15),
    );
  g += fill(
    poly([
      [-b * 0.26, -bh],
      [-b * 0.26, -gt],
      [b * 0.26, -gt],
      [b * 0.26, -bh],
    ]),
    shade(c, 0.12),
    ' opacity=".35"',
  );
  g +=
    fill(rect(-w / 2, -bh, w, bh), c) +
    fill(rect(w * 0.12, -bh, w * 0.38, bh), shade(c, -0.2)) +
    fill(roof, c) +
    fill(
      poly([
        [w * 0.08, -gt],
        [w * 0.05, -gt - h * 0.19],
        [w * 0.2, -gt - h * 0.19],
        [w * 0.46, -gt - h * 0.045],
        [w / 2, -gt],
      ]),
      shade(c, -0.2),
    ) +
    fill(
      poly([
        [-w * 0.3, -gt - h * 0.05],
        [-w * 0.15, -gt - h * 0.17],
        [-w * 0.06, -gt - h * 0.17],
        [-w * 0.18, -gt - h * 0.05],
      ]),
      shade(c, 0.26),
      ' opacity=".8"',
    );
  return { d: body + roof, g };
};
export const stormGlass: Draw = (o, s, r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    t = turned(
      [
        [0, 0.7],
        [0.03, 0.74],
        [0.1, 0.5],
        [0.4, 0.98],
        [0.62, 0.96],
        [0.86, 0.66],
        [1, 0.6],
      ],
      w,
      h,
      r,
      { wob: 0 },
    );
  const cw = w * 0.3;
  return {
    d: t.d,
    g:
      fill(rect(-cw / 2, -h * 0.58, cw, h * 0.5), o.c[1] || C.tallow, edge(o.c[1] || C.tallow)) +
      fill(rect(cw * 0.1, -h * 0.58, cw * 0.4, h * 0.5), shade(o.c[1] || C.tallow, -0.12)) +
      line(`M0 ${n1(-h * 0.58)}v${n1(-h * 0.05)}`, C.soot, 1) +
      fill(t.d, c, ' opacity=".42"') +
      fill(t.band(0.1, 0.92, -0.82, -0.6), '#fff', ' opacity=".8"') +
      fill(t.band(0, 1, 0.74, 1), shade(c, -0.2), ' opacity=".4"') +
      line(t.d, shade(c, -0.26), 0.8),
  };
};
export const lights: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0];
  let d = '',
    b = '',
    gl = '';
  for (let i = 0; i < 5; i++) {
    const a = w * (0.5 - i * 0.055),
      e = h * (0.5 - i * 0.05);
    d += ell((i % 2 ? 1 : -1) * w * 0.015, -h / 2, a * 0.92, e * 0.9);
  }
  const n = 16;
  for (let i = 0; i < n; i++) {
    const a = (TAU * i) / n,
      k = 0.8 + (i % 3) * 0.09,
      x = Math.cos(a) * w * 0.46 * k,
      y = -h / 2 + Math.sin(a) * h * 0.45 * k;
    gl += circ(x, y, Math.max(1.5, s * 0.46));
    b += leaf(x, y, Math.max(1.8, s * 0.62), Math.max(1.2, s * 0.34), a);
  }
  return {
    d: ell(0, -h / 2, w / 2, h / 2),
    g:
      line(d, c, Math.max(0.7, s * 0.12)) +
      fill(gl, '#F4B740', ' opacity=".28"') +
      fill(b, '#EFA92C') +
      fill(rect(-w * 0.09, -h * 0.98, w * 0.18, h * 0.3, 1), o.c[1] || C.straw),
  };
};
