import type { Draw } from '../form';
import { circ, ell, n1, poly, rect, smooth } from '../geometry';
import { clip, edge, fill, line } from '../ink';
import { stems } from '../stems';
import { C, mix, shade } from '../tone';

export const picture: Draw = (o, s, r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    b = Math.max(1.6, Math.min(w, h) * 0.075),
    m = Math.min(w, h) * 0.13,
    sky = o.c[1] || '#E6DDC8',
    land = o.c[2] || C.juniper,
    sun = o.c[3] || C.ember;
  const ix = -w / 2 + b + m,
    iy = -h + b + m,
    iw = w - 2 * (b + m),
    ih = h - 2 * (b + m),
    d = rect(-w / 2, -h, w, h);
  let pic = '';
  if (o.v === 'ferry')
    pic =
      fill(rect(ix, iy, iw, ih), sky) +
      fill(circ(ix + iw * 0.72, iy + ih * 0.3, iw * 0.09), sun) +
      fill(
        smooth([
          [ix, iy + ih * 0.5],
          [ix + iw * 0.2, iy + ih * 0.34],
          [ix + iw * 0.42, iy + ih * 0.46],
          [ix + iw * 0.7, iy + ih * 0.36],
          [ix + iw, iy + ih * 0.5, 1],
          [ix + iw, iy + ih * 0.62, 1],
          [ix, iy + ih * 0.62, 1],
        ]),
        land,
      ) +
      fill(rect(ix, iy + ih * 0.6, iw, ih * 0.4), mix(land, sky, 0.55)) +
      fill(
        poly([
          [ix, iy + ih * 0.76],
          [ix + iw * 0.5, iy + ih * 0.7],
          [ix + iw, iy + ih * 0.8],
          [ix + iw, iy + ih],
          [ix, iy + ih],
        ]),
        mix(land, sky, 0.35),
      ) +
      fill(
        poly([
          [ix + iw * 0.3, iy + ih * 0.68],
          [ix + iw * 0.6, iy + ih * 0.68],
          [ix + iw * 0.54, iy + ih * 0.75],
          [ix + iw * 0.36, iy + ih * 0.75],
        ]),
        C.soot,
      ) +
      line(`M${n1(ix + iw * 0.45)} ${n1(iy + ih * 0.68)}V${n1(iy + ih * 0.44)}`, C.soot, Math.max(0.7, s * 0.14)) +
      fill(
        poly([
          [ix + iw * 0.46, iy + ih * 0.45],
          [ix + iw * 0.58, iy + ih * 0.65],
          [ix + iw * 0.46, iy + ih * 0.65],
        ]),
        C.tallow,
      );
  else if (o.v === 'leaf')
    pic = fill(rect(ix, iy, iw, ih), sky) + stems({ c: [land], v: 'leaf', num: 3 }, s, r, iw * 0.8, ih * 0.86, iy + ih * 0.94, ix + iw / 2);
  else if (o.v === 'moon')
    pic =
      fill(rect(ix, iy, iw, ih), land) +
      fill(circ(ix + iw * 0.5, iy + ih * 0.36, iw * 0.2), sky) +
      fill(
        smooth([
          [ix, iy + ih * 0.72],
          [ix + iw * 0.3, iy + ih * 0.6],
          [ix + iw * 0.65, iy + ih * 0.74],
          [ix + iw, iy + ih * 0.64],
          [ix + iw, iy + ih, 1],
          [ix, iy + ih, 1],
        ]),
        shade(land, -0.25),
      );
  else
    pic =
      fill(rect(ix, iy, iw, ih), sky) +
      fill(
        smooth([
          [ix + iw * 0.1, iy + ih * 0.8],
          [ix + iw * 0.3, iy + ih * 0.2],
          [ix + iw * 0.6, iy + ih * 0.5],
          [ix + iw * 0.5, iy + ih * 0.86],
        ]),
        land,
      ) +
      fill(circ(ix + iw * 0.66, iy + ih * 0.4, iw * 0.2), sun);
  const g =
    fill(d, c, edge(c)) +
    fill(
      poly([
        [w / 2, -h],
        [w / 2, 0],
        [-w / 2, 0],
        [-w / 2 + b, -b],
        [w / 2 - b, -b],
        [w / 2 - b, -h + b],
      ]),
      shade(c, -0.2),
    ) +
    fill(rect(-w / 2 + b, -h + b, w - 2 * b, h - 2 * b), '#F8F4EA') +
    clip(rect(ix, iy, iw, ih), pic) +
    line(rect(ix, iy, iw, ih), '#CFC6B2', 0.6) +
    (o.f === 'metal'
      ? fill(
          poly([
            [-w / 2, -h],
            [-w * 0.1, -h],
            [-w * 0.1 - b, -h + b],
            [-w / 2 + b, -h + b],
          ]),
          shade(c, 0.3),
        )
      : '');
  return { d, g };
};
export const mirror: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    b = Math.max(1.6, w * 0.07);
  const arch = (q: number) =>
    o.v === 'arch'
      ? `M${n1(-w / 2 + q)} ${n1(-q)}V${n1(-h + w / 2)}A${n1(w / 2 - q)} ${n1(w / 2 - q)} 0 0 1 ${n1(w / 2 - q)} ${n1(-h + w / 2)}V${n1(-q)}Z`
      : o.v === 'oval' || o.v === 'round'
        ? ell(0, -h / 2, w / 2 - q, h / 2 - q)
        : rect(-w / 2 + q, -h + q, w - 2 * q, h - 2 * q, 1);
  const d = arch(0),
    i = arch(b);
  return {
    d,
    g:
      fill(d, c, edge(c)) +
      clip(d, fill(rect(w * 0.1, -h, w, h), shade(c, -0.18))) +
      fill(i, '#DDE3DF') +
      clip(
        i,
        fill(
          poly([
            [-w * 0.5, -h * 0.2],
            [w * 0.1, -h * 1.05],
            [w * 0.42, -h * 1.05],
            [-w * 0.5, h * 0.2],
          ]),
          '#F4F7F4',
        ) +
          fill(
            poly([
              [w * 0.1, 0],
              [w * 0.5, -h * 0.62],
              [w * 0.5, -h * 0.4],
              [w * 0.3, 0],
            ]),
            '#CBD4CF',
          ),
      ),
  };
};
export const hooks: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0];
  let d = '';
  const n = o.num || 3;
  for (let i = 0; i < n; i++) {
    const x = -w / 2 + (w * (i + 0.5)) / n;
    d += `M${n1(x)} ${n1(-h)}V${n1(-h * 0.3)}Q${n1(x)} ${n1(-h * 0.02)} ${n1(x + (w / n) * 0.24)} ${n1(-h * 0.02)}T${n1(x + (w / n) * 0.38)} ${n1(-h * 0.36)}`;
  }
  return { d: rect(-w / 2, -h, w, h), g: line(d, c, Math.max(1.6, s * 0.34)) };
};
