import type { Draw } from '../form';
import { circ, n1, poly, rect, smooth, sprig } from '../geometry';
import { clip, edge, fill, line } from '../ink';
import { C, shade } from '../tone';
import { bow } from '../trim';
export const cushion: Draw = (o, s, r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    c2 = o.c[1],
    p = 0.06;
  const d = smooth([
    [-w / 2, -h * 0.995, 1],
    [-w * 0.2, -h * (1 - p)],
    [w * 0.2, -h * (1 - p)],
    [w / 2, -h, 1],
    [w * (0.5 - p * 0.6), -h * 0.7],
    [w * (0.5 - p * 0.6), -h * 0.3],
    [w * 0.49, 0, 1],
    [w * 0.2, -h * p * 0.3],
    [-w * 0.2, -h * p * 0.3],
    [-w * 0.49, 0, 1],
    [-w * (0.5 - p * 0.6), -h * 0.3],
    [-w * (0.5 - p * 0.6), -h * 0.7],
  ]);
  let q = '';
  if (c2 && o.pat === 'stripe') for (let i = 0; i < 5; i++) q += fill(rect(-w / 2 + w * (0.1 + i * 0.19), -h, w * 0.06, h), c2);
  else if (c2 && o.pat === 'check') {
    for (let i = 0; i < 4; i++)
      q +=
        fill(rect(-w / 2 + w * (0.09 + i * 0.24), -h, w * 0.1, h), c2, ' opacity=".62"') +
        fill(rect(-w / 2, -h + h * (0.09 + i * 0.24), w, h * 0.1), c2, ' opacity=".62"');
  } else if (c2 && o.pat === 'sprig') {
    for (let i = 0; i < 3; i++)
      for (let j = 0; j < 3; j++) q += fill(sprig(-w * 0.36 + i * w * 0.27, -h * 0.18 - j * h * 0.26, h * 0.2, h * 0.12, -1, 4, r), c2);
  } else if (o.f === 'knit') {
    let dd = '';
    for (let i = 0; i < 7; i++)
      for (let j = 0; j < 9; j++)
        dd += `M${n1(-w * 0.44 + i * w * 0.13)} ${n1(-h + j * h * 0.115)}l${n1(w * 0.05)} ${n1(h * 0.06)}l${n1(w * 0.05)} ${n1(-h * 0.06)}`;
    q += line(dd, shade(c, -0.2), Math.max(0.7, s * 0.12));
  } else if (o.f === 'velvet')
    q += fill(
      poly([
        [-w * 0.5, -h * 0.9],
        [-w * 0.1, -h],
        [-w * 0.3, -h * 0.3],
        [-w * 0.5, -h * 0.1],
      ]),
      shade(c, 0.14),
    );
  return {
    d,
    g:
      fill(d, c, edge(c)) +
      clip(
        d,
        q +
          fill(
            smooth([
              [w * 0.16, 2, 1],
              [w * 0.3, -h * 0.4],
              [w * 0.18, -h - 2, 1],
              [w, -h - 2, 1],
              [w, 2, 1],
            ]),
            '#2A1F12',
            ' opacity=".12"',
          ) +
          fill(
            smooth([
              [-w * 0.5, 2, 1],
              [-w * 0.2, -h * 0.12],
              [w * 0.2, -h * 0.12],
              [w * 0.5, 2, 1],
            ]),
            '#2A1F12',
            ' opacity=".12"',
          ),
      ),
  };
};
export const throwFold: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    c2 = o.c[1] || shade(c, -0.2),
    n = o.num || 4,
    fh = h / n,
    rd = fh * 0.5;
  let g = '';
  const d = rect(-w / 2, -h, w, h, Math.min(rd, 4));
  for (let i = 0; i < n; i++) {
    const y = -fh * (i + 1),
      dx = (((i * 41) % 5) - 2) * w * 0.007,
      x0 = -w / 2 + dx,
      x1 = w / 2 + dx - (i % 2 ? w * 0.012 : 0);
    const L = `M${n1(x0 + rd)} ${n1(y)}H${n1(x1 - 1.5)}Q${n1(x1)} ${n1(y)} ${n1(x1)} ${n1(y + 2)}V${n1(y + fh)}H${n1(x0 + rd)}
      A${n1(rd)} ${n1(rd)} 0 0 1 ${n1(x0 + rd)} ${n1(y)}Z`;
    let q = '';
    if (o.pat === 'check') {
      for (let j = 0; j < 7; j++)
        q += fill(rect(x0 + (w * (j + 0.25)) / 7, y, w * 0.045, fh), c2) + fill(rect(x0 + (w * (j + 0.62)) / 7, y, w * 0.012, fh), c2);
      q += fill(rect(-w, y + fh * 0.36, 2 * w, fh * 0.14), c2, ' opacity=".55"');
    } else if (o.pat === 'stripe')
      q += [0.1, 0.17, 0.74, 0.81].map((k, j) => fill(rect(x0 + w * k, y, w * (j % 3 ? 0.018 : 0.045), fh), c2)).join('');
    if (o.f === 'knit') {
      let dd = '';
      const m = Math.round(w / Math.max(5, s * 0.9));
      for (let j = 0; j < m; j++)
        dd += `M${n1(x0 + ((j + 0.3) * w) / m)} ${n1(y + fh * 0.3)}l${n1((w / m) * 0.34)} ${n1(fh * 0.34)}l${n1((w / m) * 0.34)} ${n1(-fh * 0.34)}`;
      q += line(dd, shade(c, -0.22), Math.max(0.7, s * 0.11));
    }
    q +=
      fill(rect(-w, y + fh * 0.74, 2 * w, fh * 0.3), '#2A1F12', ' opacity=".16"') +
      fill(
        poly([
          [w * 0.22, y - 1],
          [w, y - 1],
          [w, y + fh],
          [w * 0.18, y + fh],
        ]),
        '#2A1F12',
        ' opacity=".1"',
      );
    g += fill(L, c, edge(c)) + clip(L, q);
    if (i) g += line(`M${n1(x0 + rd)} ${n1(y + fh)}H${n1(x1)}`, shade(c, -0.4), 0.7);
  }
  {
    let f = '';
    const m = Math.max(5, Math.round((w * 0.36) / Math.max(3.2, s * 0.5)));
    for (let i = 0; i < m; i++) f += `M${n1(w * 0.12 + (i * w * 0.36) / m)} ${n1(-h + fh * 0.9)}l${n1(((i % 3) - 1) * 0.6)} ${n1(fh * 1.1)}`;
    g += line(f, shade(c, -0.1), Math.max(1, s * 0.2)) + line(f, shade(c, -0.34), Math.max(0.4, s * 0.06));
  }
  return { d, g };
};
export const runner: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    c2 = o.c[1] || shade(c, -0.3),
    R = h / 2,
    d = rect(-w / 2, -h, w, h, R * 0.9);
  let q = '';
  for (const k of [0.1, 0.16, 0.78, 0.84]) q += fill(rect(-w / 2 + w * k, -h, w * 0.03, h), c2);
  let sp = `M${n1(w / 2 - R)} ${n1(-R)}`;
  for (let i = 1; i < 26; i++) {
    const a = i * 0.55,
      rr = (R * 0.86 * i) / 26;
    sp += `L${n1(w / 2 - R + Math.cos(a) * rr)} ${n1(-R + Math.sin(a) * rr)}`;
  }
  return {
    d,
    g:
      fill(d, c, edge(c)) +
      clip(d, q + fill(rect(-w, -h * 0.4, 2 * w, h), '#2A1F12', ' opacity=".12"')) +
      fill(circ(w / 2 - R, -R, R), shade(c, 0.12), edge(c)) +
      line(sp, shade(c, -0.36), Math.max(0.6, R * 0.11)),
  };
};
export const stocking: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    d = smooth(
      [
        [-w * 0.38, -h, 1],
        [w * 0.2, -h, 1],
        [w * 0.2, -h * 0.45],
        [w * 0.26, -h * 0.32],
        [w * 0.5, -h * 0.16],
        [w * 0.44, -h * 0.01],
        [w * 0.1, 0],
        [-w * 0.28, -h * 0.1],
        [-w * 0.36, -h * 0.3],
      ],
      true,
      0.55,
    );
  return {
    d,
    g:
      fill(d, c, edge(c)) +
      clip(
        d,
        fill(rect(0, -h, w, h), '#2A1F12', ' opacity=".12"') +
          fill(circ(w * 0.42, -h * 0.1, w * 0.16), o.c[1] || C.tallow) +
          fill(circ(-w * 0.32, -h * 0.08, w * 0.16), o.c[1] || C.tallow),
      ) +
      fill(rect(-w * 0.46, -h, w * 0.74, h * 0.18, 2), o.c[1] || C.tallow, edge(o.c[1] || C.tallow)),
  };
};
export const ribbon: Draw = (o, s, _r) => {
  const w = o.w * s,
    R = w / 2,
    c = o.c[0];
  // Tied into a bow where it trims.
  if (o.v === 'bow') {
    // Its loops reach 1.2 of k to each side, its tails 1.62 below the knot.
    const k = Math.min(w / 2.4, (o.h * s) / 2.2);
    return { d: circ(0, -1.1 * k, 1.1 * k), g: bow(0, -1.62 * k, k, c) };
  }
  return {
    d: circ(0, -R, R),
    g:
      fill(
        poly([
          [R * 0.2, -R * 0.2],
          [R * 1.5, 0],
          [R * 1.5, -R * 0.26],
          [R * 0.6, -R * 0.6],
        ]),
        shade(c, -0.12),
      ) +
      fill(circ(0, -R, R), c, edge(c)) +
      line(circ(0, -R, R * 0.74) + circ(0, -R, R * 0.52), shade(c, -0.2), 0.8) +
      fill(circ(0, -R, R * 0.28), '#FBFAF6') +
      line(circ(0, -R, R * 0.28), shade(c, -0.3), 0.8),
  };
};
