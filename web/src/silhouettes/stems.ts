import type { Form } from './form';
import type { Random } from './geometry';
import { circ, ell, halfLeaf, leaf, n1, sprig } from './geometry';
import { fill, line } from './ink';
import { C, shade } from './tone';
export function stems(o: Pick<Form, 'c' | 'v' | 'num'>, s: number, r: Random, w: number, h: number, y0: number, x0 = 0): string {
  const c = o.c,
    v = o.v,
    n = o.num || 7;
  let st = '',
    A = '',
    B = '',
    D = '';
  const stemC = v === 'wheat' ? shade(c[0], -0.12) : v === 'berry' || v === 'twig' ? C.wood : shade(c[0], -0.3);
  for (let i = 0; i < n; i++) {
    const u = n === 1 ? 0 : (i / (n - 1)) * 2 - 1,
      mirror = ((i * 37) % 7) / 7,
      len = h * (1 - Math.abs(u) * 0.24 - mirror * 0.14),
      tx = x0 + u * w * 0.46,
      ty = y0 - len,
      bx = x0 + u * w * 0.045;
    const cx = x0 + u * w * 0.16,
      cy = y0 - len * 0.62;
    st += `M${n1(bx)} ${n1(y0)}Q${n1(cx)} ${n1(cy)} ${n1(tx)} ${n1(ty)}`;
    const at = (k: number): [number, number] => [
      (1 - k) * (1 - k) * bx + 2 * k * (1 - k) * cx + k * k * tx,
      (1 - k) * (1 - k) * y0 + 2 * k * (1 - k) * cy + k * k * ty,
    ];
    const dirAt = (k: number): number => {
      const p = at(Math.max(0, k - 0.04)),
        q = at(Math.min(1, k + 0.04));
      return Math.atan2(q[1] - p[1], q[0] - p[0]);
    };
    if (v === 'juniper' || v === 'fir') {
      for (let j = 0; j < 5; j++) {
        const k = 0.38 + j * 0.145,
          p = at(k),
          d = dirAt(k),
          L = h * (0.2 - j * 0.014);
        const q1 = sprig(p[0], p[1], L, L * 0.5, d - 0.62, 4, r),
          q2 = sprig(p[0], p[1], L, L * 0.5, d + 0.62, 4, r);
        if (i % 2) {
          A += q1;
          D += q2;
        } else {
          B += q1;
          A += q2;
        }
      }
      const p = at(0.92);
      B += sprig(p[0], p[1], h * 0.12, h * 0.07, dirAt(1), 4, r);
    } else if (v === 'wheat') {
      const d = dirAt(0.95);
      for (let j = 0; j < 6; j++) {
        const k = 0.74 + j * 0.05,
          q = at(Math.min(1, k)),
          L = h * 0.085;
        A += leaf(q[0], q[1], L, L * 0.5, d - 0.5);
        B += leaf(q[0], q[1], L, L * 0.5, d + 0.5);
      }
      const e = at(1);
      D += leaf(e[0], e[1], h * 0.1, h * 0.035, d);
    } else if (v === 'berry') {
      for (let j = 0; j < 8; j++) {
        const k = 0.4 + j * 0.085,
          q = at(Math.min(1, k)),
          d = dirAt(k) + (j % 2 ? 1.2 : -1.2),
          L = h * 0.045;
        const e: [number, number] = [q[0] + Math.cos(d) * L, q[1] + Math.sin(d) * L];
        st += `M${n1(q[0])} ${n1(q[1])}L${n1(e[0])} ${n1(e[1])}`;
        const cc = circ(e[0], e[1], Math.max(1, s * (0.26 + r() * 0.1)));
        if (j % 3) A += cc;
        else D += cc;
      }
    } else if (v === 'euc') {
      for (let j = 0; j < 7; j++) {
        const k = 0.34 + j * 0.105,
          q = at(Math.min(1, k)),
          d = dirAt(k),
          L = h * (0.095 - j * 0.006);
        A += ell(q[0] + Math.cos(d - 1.3) * L * 0.8, q[1] + Math.sin(d - 1.3) * L * 0.8, L * 0.62, L * 0.5);
        B += ell(q[0] + Math.cos(d + 1.3) * L * 0.8, q[1] + Math.sin(d + 1.3) * L * 0.8, L * 0.62, L * 0.5);
      }
    } else if (v === 'twig') {
      for (let j = 0; j < 5; j++) {
        const k = 0.4 + j * 0.12,
          q = at(k),
          d = dirAt(k) + (j % 2 ? 0.6 : -0.6),
          L = h * (0.2 - j * 0.025);
        st += `M${n1(q[0])} ${n1(q[1])}L${n1(q[0] + Math.cos(d) * L)} ${n1(q[1] + Math.sin(d) * L)}`;
      }
    } else {
      for (let j = 0; j < 7; j++) {
        const k = 0.3 + j * 0.11,
          q = at(Math.min(1, k)),
          d = dirAt(k),
          L = h * (0.15 - j * 0.009);
        A += leaf(q[0], q[1], L, L * 0.42, d - 0.75);
        B += leaf(q[0], q[1], L, L * 0.42, d + 0.75);
        D += halfLeaf(q[0], q[1], L, L * 0.42, d + 0.75, 1);
      }
    }
  }
  const a = c[0];
  return (
    line(st, stemC, Math.max(0.8, s * 0.13)) +
    (v === 'berry'
      ? fill(A, a) + fill(D, shade(a, 0.22))
      : fill(A, shade(a, -0.18)) +
        fill(B, a) +
        fill(D, v === 'wheat' ? shade(a, 0.2) : v === 'juniper' || v === 'fir' ? shade(a, 0.18) : shade(a, -0.12)))
  );
}
