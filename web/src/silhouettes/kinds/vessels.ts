import type { Draw, Form } from '../form';
import { circ, ell, halfDisc, n1, type Point, poly, type Random, rect } from '../geometry';
import { clip, edge, fill, line } from '../ink';
import { stems } from '../stems';
import { C, shade } from '../tone';
import { type Turned, turned } from '../turned';

const PROFILES: Record<string, Point[]> & Record<'bottle' | 'jug', Point[]> = {
  bottle: [
    [0, 0.6],
    [0.03, 0.68],
    [0.26, 0.97],
    [0.42, 1],
    [0.6, 0.74],
    [0.72, 0.36],
    [0.9, 0.28],
    [0.96, 0.3],
    [1, 0.42],
  ],
  urn: [
    [0, 0.5],
    [0.05, 0.5],
    [0.1, 0.34],
    [0.16, 0.38],
    [0.4, 0.86],
    [0.62, 1],
    [0.8, 0.86],
    [0.9, 0.62],
    [0.95, 0.62],
    [1, 0.76],
  ],
  cylinder: [
    [0, 0.84],
    [0.03, 0.9],
    [0.5, 0.97],
    [0.96, 1],
    [1, 0.96],
  ],
  bud: [
    [0, 0.66],
    [0.1, 0.96],
    [0.28, 1],
    [0.5, 0.72],
    [0.68, 0.34],
    [0.9, 0.26],
    [1, 0.46],
  ],
  gourd: [
    [0, 0.58],
    [0.12, 0.96],
    [0.3, 1],
    [0.5, 0.58],
    [0.62, 0.62],
    [0.76, 0.66],
    [0.88, 0.36],
    [1, 0.34],
  ],
  ginger: [
    [0, 0.56],
    [0.04, 0.6],
    [0.3, 0.84],
    [0.56, 1],
    [0.74, 0.94],
    [0.84, 0.6],
    [0.88, 0.46],
    [0.96, 0.46],
    [1, 0.5],
  ],
  moon: [
    [0, 0.44],
    [0.08, 0.7],
    [0.3, 0.97],
    [0.48, 1],
    [0.7, 0.9],
    [0.84, 0.6],
    [0.9, 0.4],
    [1, 0.44],
  ],
  tall: [
    [0, 0.72],
    [0.04, 0.78],
    [0.3, 0.62],
    [0.55, 0.72],
    [0.78, 1],
    [0.9, 0.92],
    [1, 0.98],
  ],
  jug: [
    [0, 0.66],
    [0.03, 0.74],
    [0.22, 0.97],
    [0.38, 1],
    [0.56, 0.86],
    [0.7, 0.62],
    [0.82, 0.56],
    [0.94, 0.62],
    [1, 0.72],
  ],
};
function glazeOn(t: Turned, o: Form, s: number, h: number, w: number, r: Random): string {
  const c = o.c;
  let g = '';
  if (o.f === 'glazed' || o.f === 'drip') {
    const raw = c[1] || shade(c[0], 0.45),
      lv = 0.24;
    /* raw clay foot below a wavy glaze line */
    let d = `M${n1(-w)} 2`;
    const y = -lv * h,
      amp = (o.f === 'drip' ? 0.07 : 0.022) * h;
    d += `L${n1(-w)} ${n1(y)}`;
    const m = 7;
    for (let i = 0; i <= m; i++) {
      const x = -w * 0.52 + (w * 1.04 * i) / m;
      d += i ? `Q${n1(x - (w * 1.04) / m / 2)} ${n1(y + (i % 2 ? amp : -amp) * (0.6 + r() * 0.8))} ${n1(x)} ${n1(y)}` : `L${n1(x)} ${n1(y)}`;
    }
    d += `L${n1(w)} 2Z`;
    g += clip(t.d, fill(d, raw) + fill(t.band(0, 1, 0.34, 1), '#2A1F12', ' opacity=".10"'));
  }
  if (o.pat === 'rib') {
    let d = '';
    for (let i = -4; i <= 4; i++) {
      if (!i) continue;
      const k = Math.sin(((i / 5) * Math.PI) / 2);
      const sd = t.side(k * 0.98, 0.06, 0.95);
      d += poly(sd, false);
    }
    g += line(d, shade(c[0], -0.2), Math.max(0.5, 0.05 * s), ' opacity=".7"');
  }
  if (o.pat === 'band') {
    for (const b of [
      [0.56, 0.6],
      [0.64, 0.66],
    ] as const)
      g += fill(t.band(b[0], b[1]), c[1] || shade(c[0], -0.3));
  }
  if (o.pat === 'speck') {
    let d = '';
    for (let i = 0; i < 34; i++) {
      const tt = 0.06 + r() * 0.9,
        x = (r() * 2 - 1) * t.r(tt) * 0.9;
      d += circ(x, -tt * h, Math.max(0.35, s * (0.05 + r() * 0.07)));
    }
    g += fill(d, c[1] || shade(c[0], -0.45), ' opacity=".75"');
  }
  return g;
}
export const vase: Draw = (o, s, r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    t = turned(PROFILES[o.v ?? ''] ?? PROFILES.bottle, w, h, r);
  let g = fill(t.d, c, edge(c));
  const gl = o.f === 'glazed' || o.f === 'drip' || o.f === 'glass';
  g += fill(t.band(0, 1, 0.34, 1), shade(c, -0.14));
  g += fill(t.band(0, 1, 0.78, 1), shade(c, -0.24));
  g += glazeOn(t, o, s, h, w, r);
  if (gl) g += fill(t.band(0.3, 0.74, -0.74, -0.56), shade(c, 0.42), ' opacity=".8"');
  else if (o.f === 'metal') g += fill(t.band(0.02, 0.98, -0.62, -0.3), shade(c, 0.4)) + fill(t.band(0.02, 0.98, 0.1, 0.22), shade(c, 0.26));
  else g += fill(t.band(0.28, 0.8, -0.84, -0.5), shade(c, 0.16), ' opacity=".8"');
  const rt = t.r(1);
  g += fill(ell(0, -h, rt * 0.94, Math.max(0.6, rt * 0.16)), shade(c, -0.42));
  return { d: t.d, g };
};
export const jug: Draw = (o, s, r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    bw = w * 0.8,
    bx = -w * 0.1,
    t = turned(PROFILES.jug, bw, h * 0.97, r);
  const hx = bx + bw * 0.36,
    hw = w * 0.085;
  const hd = `M${n1(hx - bw * 0.05)} ${n1(-h * 0.86)}
    C${n1(hx + w * 0.2)} ${n1(-h * 0.98)} ${n1(w * 0.52)} ${n1(-h * 0.82)} ${n1(w * 0.44)} ${n1(-h * 0.62)}
    C${n1(w * 0.4)} ${n1(-h * 0.5)} ${n1(hx + w * 0.12)} ${n1(-h * 0.46)} ${n1(bx + bw * 0.42)} ${n1(-h * 0.44)}`;
  const sp = `M${n1(bx - t.r(0.93))} ${n1(-h * 0.9)}L${n1(bx - t.r(1) - w * 0.07)} ${n1(-h)}L${n1(bx + t.r(1) * 0.6)} ${n1(-h * 0.965)}Z`;
  let g = line(hd, shade(c, -0.26), hw * 1.5) + line(hd, shade(c, -0.1), hw * 0.8);
  g += fill(sp, shade(c, -0.06), edge(c));
  let b =
    fill(t.d, c, edge(c)) +
    fill(t.band(0, 1, 0.34, 1), shade(c, -0.14)) +
    fill(t.band(0, 1, 0.8, 1), shade(c, -0.24)) +
    glazeOn(t, o, s, h * 0.97, bw, r);
  if (o.f === 'metal') b += fill(t.band(0.03, 0.97, -0.66, -0.34), shade(c, 0.42)) + fill(t.band(0.03, 0.97, 0.08, 0.2), shade(c, 0.25));
  else b += fill(t.band(0.3, 0.8, -0.76, -0.56), shade(c, 0.4), ' opacity=".8"');
  const rt = t.r(1);
  b += fill(ell(0, -h * 0.97, rt * 0.94, Math.max(0.6, rt * 0.17)), shade(c, -0.42));
  g += `<g transform="translate(${n1(bx)} 0)">${b}</g>`;
  return { d: t.band(0, 1).replace(/([ML])(-?[\d.]+) /g, (_m, a, b2) => `${a + n1(+b2 + bx)} `) + hd.replace('M', 'M'), g, dg: t.d, bx, hd };
};
export const jar: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    d = rect(-w / 2, -h, w, h, w * 0.1);
  let g = fill(d, '#EAF0EC', ' opacity=".75"');
  const R = w * 0.17;
  let k = 0;
  for (let y = -R * 1.1; y > -h * 0.84; y -= R * 1.75)
    for (let j = 0; j < 3; j++) {
      const c = o.c[k++ % o.c.length]!,
        x = (j - 1) * w * 0.29 + ((k >> 2) % 2 ? w * 0.04 : -w * 0.03);
      g +=
        fill(circ(x, y, R), c, edge(c)) + fill(halfDisc(x, y, R), shade(c, -0.18)) + fill(circ(x - R * 0.35, y - R * 0.35, R * 0.22), shade(c, 0.5));
    }
  g +=
    fill(rect(-w * 0.42, -h * 0.94, w * 0.1, h * 0.84, 1), '#fff', ' opacity=".65"') +
    line(d, '#A9B7B0', 0.9) +
    fill(rect(-w * 0.52, -h - s * 0.1, w * 1.04, Math.max(2, h * 0.06), 1), o.lid || C.brass);
  return { d, g };
};
export const crock: Draw = (o, s, r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    t = turned(
      [
        [0, 0.9],
        [0.04, 0.95],
        [0.5, 1],
        [0.84, 0.97],
        [0.9, 0.84],
        [0.94, 0.96],
        [1, 0.94],
      ],
      w,
      h,
      r,
    );
  return {
    d: t.d,
    g:
      fill(t.d, c, edge(c)) +
      fill(t.band(0, 1, 0.34, 1), shade(c, -0.1)) +
      fill(t.band(0, 1, 0.8, 1), shade(c, -0.2)) +
      fill(t.band(0.68, 0.74), o.c[1] || C.navy) +
      fill(t.band(0.62, 0.645), o.c[1] || C.navy) +
      fill(t.band(0.2, 0.6, -0.8, -0.62), shade(c, 0.5), ' opacity=".8"') +
      fill(t.band(0.9, 0.94), shade(c, -0.25)),
  };
};
export const arrangement: Draw = (o, s, r) => {
  const vh = o.h * 0.42,
    vw = o.w * 0.42,
    vessel = o.vessel;
  const V = vase({ w: vw, h: vh, c: vessel?.c ?? [C.tallow], v: vessel?.shape ?? 'ginger', f: 'glazed' }, s, r);
  return {
    d: poly([
      [(-vw * s) / 2, 0],
      [(-vw * s) / 2, -vh * s],
      [(-o.w * s) / 2, -o.h * s * 0.8],
      [0, -o.h * s],
      [(o.w * s) / 2, -o.h * s * 0.8],
      [(vw * s) / 2, -vh * s],
      [(vw * s) / 2, 0],
    ]),
    g: stems(o, s, r, o.w * s, (o.h - vh * 0.82) * s, -vh * 0.82 * s) + V.g,
  };
};
