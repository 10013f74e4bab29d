import type { Draw } from '../form';
import { circ, ell, n1, rect } from '../geometry';
import { clip, edge, fill, line } from '../ink';
import { shade } from '../tone';
import { turned } from '../turned';

/** What has a plug and its place by the socket: a coffee machine; a kettle; anything else as its case with a knob. */
export const machine: Draw = (o, s, r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    trim = o.c[1] || shade(c, 0.45),
    thin = Math.max(0.8, s * 0.18);
  if (o.v === 'kettle') {
    const body = turned(
      [
        [0, 0.46],
        [0.1, 0.5],
        [0.6, 0.36],
        [0.82, 0.24],
        [0.86, 0.1],
        [0.92, 0.08],
      ],
      w * 0.8,
      h,
      r,
      { wob: 0 },
    );
    const handle = `M${n1(w * 0.2)} ${n1(-h * 0.78)}C${n1(w * 0.56)} ${n1(-h * 0.86)} ${n1(w * 0.54)} ${n1(-h * 0.3)} ${n1(w * 0.34)} ${n1(-h * 0.26)}`;
    const spout = `M${n1(-w * 0.28)} ${n1(-h * 0.5)}L${n1(-w * 0.5)} ${n1(-h * 0.74)}L${n1(-w * 0.42)} ${n1(-h * 0.76)}L${n1(-w * 0.2)} ${n1(-h * 0.66)}Z`;
    return {
      d: body.d + spout,
      g:
        line(handle, shade(c, -0.3), thin * 4) +
        fill(spout, shade(c, -0.1), edge(c)) +
        fill(body.d, c, edge(c)) +
        fill(body.band(0, 1, 0.2, 1), shade(c, -0.2)) +
        fill(body.band(0.04, 0.8, -0.7, -0.45), shade(c, 0.34)) +
        fill(rect(-w * 0.38, -h * 0.05, w * 0.76, h * 0.05), shade(c, -0.45)),
    };
  }
  if (o.v === 'case') {
    const d = rect(-w / 2, -h, w, h, Math.min(w, h) * 0.16);
    return {
      d,
      g:
        fill(d, c, edge(c)) +
        clip(d, fill(rect(w * 0.18, -h, w * 0.4, h), shade(c, -0.14)) + fill(rect(-w * 0.42, -h, w * 0.08, h), shade(c, 0.28))) +
        fill(rect(-w * 0.28, -h * 0.96, w * 0.5, h * 0.05), shade(c, -0.5)) +
        fill(circ(w * 0.3, -h * 0.3, Math.min(w, h) * 0.08), trim, edge(trim)),
    };
  }
  const base = rect(-w / 2, -h * 0.09, w, h * 0.09, thin * 2),
    back = rect(w * 0.1, -h * 0.95, w * 0.4, h * 0.9),
    head = rect(-w / 2, -h, w, h * 0.28, thin * 3);
  const cup = `M${n1(-w * 0.34)} ${n1(-h * 0.34)}H${n1(-w * 0.02)}L${n1(-w * 0.06)} ${n1(-h * 0.09)}H${n1(-w * 0.3)}Z`;
  return {
    d: base + back + head,
    g:
      fill(back, shade(c, -0.18), edge(c)) +
      fill(base, c, edge(c)) +
      fill(head, c, edge(c)) +
      clip(head, fill(rect(w * 0.24, -h, w * 0.3, h * 0.3), shade(c, -0.14)) + fill(rect(-w * 0.46, -h * 0.98, w * 0.5, h * 0.05), shade(c, 0.3))) +
      fill(rect(-w * 0.25, -h * 0.72, w * 0.14, h * 0.07), shade(c, -0.45)) +
      fill(cup, trim, edge(trim)) +
      fill(ell(-w * 0.18, -h * 0.34, w * 0.16, h * 0.018), shade(trim, -0.35)) +
      fill(circ(w * 0.34, -h * 0.86, Math.min(w, h) * 0.05), trim),
  };
};
