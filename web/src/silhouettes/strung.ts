import type { Form } from './form';
import { circ, type Point, poly } from './geometry';
import { fill, line } from './ink';
import { shade } from './tone';

/** So wide is a flag, as part of how far it hangs down, and so far apart are balls, as part of how thick they are. */
const FLAG = 0.85;
const APART = 1.15;

/** Flags or balls along a string, their colours in turn; the points run from left to right. */
export function hungOn(string: readonly Point[], form: Form, s: number): string {
  const size = Math.max(2, form.h * s * (form.v === 'flags' ? 0.7 : 0.8));
  const step = size * (form.v === 'flags' ? FLAG : APART);
  const at = along(string, step);
  return at
    .slice(0, -1)
    .map(([x, y], i) => {
      const [toX, toY] = at[i + 1] ?? [x, y];
      const [midX, midY] = [(x + toX) / 2, (y + toY) / 2];
      const shape =
        form.v === 'flags'
          ? poly([
              [x, y],
              [toX, toY],
              [midX, midY + size],
            ])
          : circ(midX, midY + size * 0.35, size / 2);
      const colour = form.c[i % form.c.length] ?? form.c[0];
      return fill(shape, colour) + line(shape, shade(colour, -0.22), 0.6);
    })
    .join('');
}

/** Points so far apart on it, the last step as long as what is left. */
function along(string: readonly Point[], step: number): readonly (readonly [number, number])[] {
  const points: (readonly [number, number])[] = [];
  let left = 0;
  string.slice(1).forEach((to, i) => {
    const from = string[i] ?? to;
    const length = Math.hypot(to[0] - from[0], to[1] - from[1]);
    for (; left <= length && length > 0; left += step)
      points.push([from[0] + ((to[0] - from[0]) * left) / length, from[1] + ((to[1] - from[1]) * left) / length]);
    left -= length;
  });
  const last = string.at(-1);
  return last ? [...points, [last[0], last[1]]] : points;
}
