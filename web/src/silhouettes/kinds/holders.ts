import type { Draw } from '../form';
import { circ, ell, halfDisc, n1, poly, rect, sprig } from '../geometry';
import { clip, edge, fill, line } from '../ink';
import { C, shade } from '../tone';
import { pineCone } from '../trim';
import { turned } from '../turned';

export const bowl: Draw = (o, s, r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    fh = o.fill ? h * 0.66 : h,
    t = turned(
      [
        [0, 0.4],
        [0.1, 0.4],
        [0.14, 0.36],
        [0.3, 0.66],
        [0.6, 0.9],
        [0.9, 0.99],
        [1, 1],
      ],
      w,
      fh,
      r,
      { wob: 0 },
    );
  let g = '';
  if (o.fill) {
    const n = Math.round(o.w * 0.8),
      R = h * 0.2;
    for (let i = 0; i < n; i++) {
      const u = ((i + 0.5) / n) * 2 - 1,
        x = u * w * 0.42,
        y = -fh - R * 0.2 - (1 - u * u) * R * (i % 2 ? 0.9 : 0.3),
        cc = o.fill[i % o.fill.length]!;
      g +=
        o.fk === 'cone'
          ? pineCone(x, y, R * 1.25, cc)
          : fill(circ(x, y, R), cc, edge(cc)) +
            fill(halfDisc(x, y, R), shade(cc, -0.15)) +
            fill(circ(x - R * 0.35, y - R * 0.35, R * 0.2), shade(cc, 0.45));
    }
  }
  g += fill(t.d, c, edge(c)) + fill(t.band(0, 1, 0.3, 1), shade(c, -0.13)) + fill(t.band(0, 1, 0.76, 1), shade(c, -0.22));
  if (o.f === 'metal') g += fill(t.band(0.16, 0.98, -0.7, -0.34), shade(c, 0.4));
  else if (o.f === 'wood') {
    let d = '';
    for (let i = 0; i < 4; i++) {
      const tt = 0.34 + i * 0.17;
      d += `M${n1(-t.r(tt) * 0.9)} ${n1(-tt * fh)}Q0 ${n1(-tt * fh + h * 0.1)} ${n1(t.r(tt) * 0.9)} ${n1(-tt * fh)}`;
    }
    g += line(d, shade(c, -0.3), Math.max(0.5, s * 0.07), ' opacity=".7"');
  } else g += fill(t.band(0.4, 0.9, -0.8, -0.6), shade(c, 0.34), ' opacity=".8"');
  if (o.c[1]) g += fill(t.band(0.82, 1), o.c[1]) + fill(t.band(0.82, 1, 0.3, 1), shade(o.c[1], -0.14));
  g += fill(t.band(0.95, 1), shade(o.c[1] || c, -0.3), ' opacity=".6"');
  return { d: t.d, g };
};
export const tray: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    R = w / 2,
    R2 = h / 2;
  const d = o.v === 'rect' ? rect(-R, -h, w, h, Math.min(R, R2) * 0.24) : ell(0, -R2, R, R2);
  let g =
    fill(d, c, edge(c)) +
    clip(
      d,
      fill(
        poly([
          [R * 0.1, -h - 2],
          [R, -h - 2],
          [R, 2],
          [-R * 0.25, 2],
        ]),
        shade(c, -0.12),
      ) +
        fill(
          poly([
            [-R * 0.62, -h - 2],
            [-R * 0.3, -h - 2],
            [-R * 0.86, 2],
            [-R * 1.16, 2],
          ]),
          shade(c, 0.3),
        ),
    );
  const q = 0.86,
    i = o.v === 'rect' ? rect(-R * q, -h * 0.5 - R2 * 0.8, w * q, h * 0.8, Math.min(R, R2) * 0.18) : ell(0, -R2, R * q, R2 * q);
  g +=
    line(i, shade(c, -0.26), Math.max(0.8, s * 0.12)) +
    (o.f === 'metal' ? line(o.v === 'rect' ? '' : ell(0, -R2, R * 0.5, R2 * 0.5), shade(c, -0.16), Math.max(0.5, s * 0.06)) : '');
  return { d, g };
};
export const plate: Draw = (o, s, r) => {
  const w = o.w * s,
    R = w / 2,
    c = o.c[0],
    c2 = o.c[1] || shade(c, -0.2);
  const d = circ(0, -R, R);
  return {
    d,
    g:
      fill(d, c, edge(c)) +
      clip(
        d,
        fill(
          poly([
            [R * 0.1, -w - 2],
            [R + 2, -w - 2],
            [R + 2, 2],
            [-R * 0.2, 2],
          ]),
          shade(c, -0.07),
        ),
      ) +
      line(circ(0, -R, R * 0.9), c2, Math.max(0.9, R * 0.07)) +
      line(circ(0, -R, R * 0.62), shade(c, -0.16), 0.7) +
      (o.pat === 'sprig' ? fill(sprig(-R * 0.34, -R * 0.76, R * 0.86, R * 0.42, -0.6, 6, r), o.c[1] || C.juniper) : ''),
  };
};
export const basket: Draw = (o, s, _r) => {
  const w = o.w * s,
    c = o.c[0],
    c2 = o.c[1],
    hh = o.handle ? o.h * s * 0.62 : o.h * s,
    H = o.h * s,
    b = w * 0.42,
    tw = w * 0.5;
  const d = `M${n1(-b)} 0Q${n1(-w * 0.52)} ${n1(-hh * 0.5)} ${n1(-tw)} ${n1(-hh)}L${n1(tw)} ${n1(-hh)}Q${n1(w * 0.52)} ${n1(-hh * 0.5)} ${n1(b)} 0Z`;
  let g = '';
  if (o.handle)
    g +=
      line(
        `M${n1(-tw * 0.86)} ${n1(-hh)}C${n1(-tw * 0.9)} ${n1(-H * 1.12)} ${n1(tw * 0.9)} ${n1(-H * 1.12)} ${n1(tw * 0.86)} ${n1(-hh)}`,
        shade(c, -0.2),
        Math.max(1.6, s * 0.5),
      ) +
      line(
        `M${n1(-tw * 0.86)} ${n1(-hh)}C${n1(-tw * 0.9)} ${n1(-H * 1.12)} ${n1(tw * 0.9)} ${n1(-H * 1.12)} ${n1(tw * 0.86)} ${n1(-hh)}`,
        shade(c, 0.12),
        Math.max(0.8, s * 0.2),
      );
  const rows = Math.max(3, Math.round(hh / Math.max(4.2, s * 0.95))),
    cols = Math.max(6, Math.round(w / Math.max(4.2, s * 1.15)));
  let A = '',
    B = '';
  for (let i = 0; i < rows; i++)
    for (let j = -1; j <= cols; j++) {
      const x = -w / 2 + ((j + (i % 2 ? 0.5 : 0)) * w) / cols,
        y = -hh + ((i + 0.5) * hh) / rows,
        L = (w / cols) * 0.92,
        q = `M${n1(x)} ${n1(y)}Q${n1(x + L / 2)} ${n1(y - (hh / rows) * 0.55)} ${n1(x + L)} ${n1(y)}
          Q${n1(x + L / 2)} ${n1(y + (hh / rows) * 0.38)} ${n1(x)} ${n1(y)}Z`;
      if ((i + j) % 2) A += q;
      else B += q;
    }
  g +=
    fill(d, shade(c, -0.3)) +
    clip(
      d,
      fill(B, c) +
        fill(A, shade(c, 0.14)) +
        (c2 ? fill(rect(-w, -hh * 0.5, 2 * w, (hh / rows) * 2), c2, ' opacity=".85"') : '') +
        fill(
          poly([
            [w * 0.16, 2],
            [w * 0.2, -hh - 2],
            [w, -hh - 2],
            [w, 2],
          ]),
          '#2A1F12',
          ' opacity=".13"',
        ),
    );
  g +=
    fill(rect(-tw - s * 0.1, -hh - s * 0.1, 2 * tw + s * 0.2, Math.max(2.2, s * 0.55), 1), shade(c, -0.08)) +
    fill(rect(w * 0.14, -hh - s * 0.1, tw - w * 0.14 + s * 0.1, Math.max(2.2, s * 0.55)), shade(c, -0.24));
  return { d, g };
};
export const box: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    d = rect(-w / 2, -h, w, h, 1);
  let q = '';
  if (o.f === 'wood') for (let i = 1; i < 3; i++) q += fill(rect(-w / 2, (-h * i) / 3, w, Math.max(0.8, h * 0.03)), shade(c, -0.28));
  return {
    d,
    g:
      fill(d, c, edge(c)) +
      q +
      fill(rect(w * 0.22, -h, w * 0.28, h), '#2A1F12', ' opacity=".12"') +
      fill(rect(-w / 2 - 1, -h, w + 2, h * 0.26), shade(c, 0.08)) +
      fill(rect(w * 0.22, -h, w * 0.28 + 1, h * 0.26), shade(c, -0.1)) +
      (o.c[1] ? fill(rect(-w * 0.06, -h, w * 0.12, h), o.c[1]) : ''),
  };
};
export const tote: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    lid = h * 0.17,
    d = poly([
      [-w * 0.44, 0],
      [-w / 2, -h + lid],
      [w / 2, -h + lid],
      [w * 0.44, 0],
    ]);
  let g =
    fill(d, c, edge(c)) +
    fill(
      poly([
        [w * 0.14, 0],
        [w * 0.17, -h + lid],
        [w / 2, -h + lid],
        [w * 0.44, 0],
      ]),
      shade(c, -0.08),
    );
  for (let i = -2; i <= 2; i++)
    g += line(`M${n1(i * w * 0.17)} ${n1(-h * 0.1)}L${n1(i * w * 0.185)} ${n1(-h + lid + h * 0.1)}`, shade(c, -0.12), 0.8, ' opacity=".6"');
  if (!o.open) g += fill(rect(-w * 0.53, -h, w * 1.06, lid, 2), shade(c, -0.16)) + fill(rect(w * 0.16, -h, w * 0.37, lid, 2), shade(c, -0.24));
  else g += fill(rect(-w * 0.53, -h + lid * 0.6, w * 1.06, lid * 0.4, 1), shade(c, -0.16));
  return { d, g };
};
