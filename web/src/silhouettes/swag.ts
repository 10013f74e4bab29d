import type { Piece } from '../api/types';
import type { Form } from './form';
import { circ, leaf, n1, type Point, rng, sprig } from './geometry';
import { fill, line } from './ink';
import { hungOn } from './strung';
import { shade } from './tone';

/** Where it is tied, in pixels; y grows downwards. */
export type Tie = { x: number; y: number };

/** A point of what hangs between two ties as a parabola, and the direction in which it runs there. */
function hung(a: Tie, b: Tie, drop: number, k: number): { x: number; y: number; along: number } {
  const slope = b.y - a.y + 4 * drop * (1 - 2 * k);
  return { x: a.x + (b.x - a.x) * k, y: a.y + (b.y - a.y) * k + 4 * drop * k * (1 - k), along: Math.atan2(slope, b.x - a.x) };
}

type Hung = ReturnType<typeof hung>;

/** Greens: four layers of sprigs or leaves along the curve, berries between them. */
function greens(points: readonly Hung[], form: Form, s: number, seed: string): string {
  const r = rng(seed);
  const h = form.h * s;
  const tones = [shade(form.c[0], -0.28), shade(form.c[0], -0.12), form.c[0], shade(form.c[0], 0.2)];
  const leaves = tones.map((tone, layer) => {
    const d = points
      .map(({ x, y, along }) => {
        const turn = along + ([0.9, -0.9, 0.35, -0.35][layer] ?? 0) + (r() - 0.5) * 0.7;
        const length = h * (0.5 + r() * 0.2);
        const off = (r() - 0.5) * h * 0.3;
        return form.v === 'leaf' ? leaf(x, y + off, length, h * 0.26, turn) : sprig(x, y + off, length, h * 0.36, turn, 4, r);
      })
      .join('');
    return fill(d, tone);
  });
  const berry = form.c[1];
  const size = Math.max(1.2, s * 0.36);
  const berries = berry
    ? fill(
        points
          .filter((_, i) => i % 4 === 2)
          .map(({ x, y }) => circ(x + (r() - 0.5) * h * 0.3, y + (r() - 0.4) * h * 0.4, size))
          .join(''),
        berry,
      )
    : '';
  return leaves.join('') + berries;
}

/** What is tied at points and hangs down between them: a garland, beads, lights on their cord, ribbon. */
export function swag(kind: Piece['kind'], form: Form, ties: readonly Tie[], drop: number, s: number, seed: string): string {
  const step = kind === 'beads' ? Math.max(2, form.h * s) : Math.max(2.5, s * 0.7);
  const points = ties.slice(1).flatMap((b, i) => {
    const a = ties[i] ?? b;
    const count = Math.max(8, Math.round(Math.hypot(b.x - a.x, b.y - a.y) / step));
    return Array.from({ length: count + 1 }, (_, k) => hung(a, b, drop, k / count));
  });
  const curve = `M${points.map(({ x, y }) => `${n1(x)} ${n1(y)}`).join('L')}`;
  const thick = Math.max(1.4, form.h * s);
  switch (kind) {
    case 'beads':
      return line(curve, shade(form.c[0], -0.3), 0.8) + fill(points.map(({ x, y }) => circ(x, y, thick / 2)).join(''), form.c[0]);
    case 'lights':
      return (
        line(curve, '#47504B', 1.2) +
        fill(
          points
            .filter((_, i) => i % 3 === 0)
            .map(({ x, y }) => circ(x, y + 1, Math.max(1.4, s * 0.4)))
            .join(''),
          form.c[1] ?? form.c[0], // the cord is what there is most of
        )
      );
    case 'garland':
      if (form.v === 'flags' || form.v === 'balls')
        return (
          line(curve, shade(form.c[0], -0.4), 1) +
          hungOn(
            points.map(({ x, y }): Point => [x, y]),
            form,
            s,
          )
        );
      return line(curve, shade(form.c[0], -0.4), thick * 0.5) + greens(points, form, s, seed);
    default:
      return line(curve, form.c[0], Math.max(2, thick)) + line(curve, shade(form.c[0], -0.18), Math.max(0.8, thick * 0.2));
  }
}
