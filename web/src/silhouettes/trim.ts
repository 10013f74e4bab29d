import type { Form } from './form';
import { circ, leaf, n1, poly, smooth } from './geometry';
import { fill } from './ink';
import { shade } from './tone';
export function bow(x: number, y: number, k: number, c: string): string {
  const L = (m: number) =>
    `M${n1(x)} ${n1(y)}C${n1(x + m * k * 0.5)} ${n1(y - k * 0.7)} ${n1(x + m * k * 1.25)} ${n1(y - k * 0.55)} ${n1(x + m * k * 1.15)} ${n1(y)}
      C${n1(x + m * k * 1.2)} ${n1(y + k * 0.45)} ${n1(x + m * k * 0.5)} ${n1(y + k * 0.4)} ${n1(x)} ${n1(y)}Z`;
  const T = (m: number) =>
    poly([
      [x, y],
      [x + m * k * 0.7, y + k * 1.5],
      [x + m * k * 0.42, y + k * 1.38],
      [x + m * k * 0.28, y + k * 1.62],
    ]);
  return (
    fill(T(-1), shade(c, -0.12)) +
    fill(T(1), shade(c, -0.22)) +
    fill(L(-1), c) +
    fill(L(1), shade(c, -0.12)) +
    fill(circ(x, y, k * 0.24), shade(c, -0.26))
  );
}
export function tones(o: Form): [string, string, string] {
  const c = o.c[0];
  return [shade(c, -0.22), c, shade(c, 0.2)];
}
export function pineCone(x: number, y: number, R: number, c: string): string {
  let g = fill(
      smooth([
        [x - R * 0.7, y + R * 0.2],
        [x - R * 0.5, y - R * 0.6],
        [x, y - R * 1.1],
        [x + R * 0.5, y - R * 0.6],
        [x + R * 0.7, y + R * 0.2],
        [x, y + R * 0.7],
      ]),
      shade(c, -0.25),
    ),
    d = '';
  for (let i = 0; i < 3; i++)
    for (let j = -1; j <= 1; j++) d += leaf(x + j * R * 0.4, y + R * 0.3 - i * R * 0.45, R * 0.5, R * 0.4, -Math.PI / 2 + j * 0.5);
  return g + fill(d, c);
}
