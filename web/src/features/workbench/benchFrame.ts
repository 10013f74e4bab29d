import type { Mark, Sketch } from '../../api/types';

/** Where the marks of a picture lie on the drawing, in px. */
export type BenchFrame = { scale: number; left: number; top: number; width: number; height: number; viewWidth: number; viewHeight: number };

const MOST_WIDE = 820;
const MOST_WIDE_ON_PHONE = 262;
const MOST_HIGH = 330;
const SIDE = 34;
/** Over the picture for labels, under it for the tape. */
const ABOVE = 34;
const BELOW = 40;
const UPRIGHT_TAPE = 46;
/** A picture as high as this has a tape beside it as well. */
const UPRIGHT_FROM = 150;

/** The same picture on a phone is drawn narrower, not smaller, so that its words stay readable. */
export function frameOf(sketch: Sketch, isNarrow: boolean): BenchFrame & { isUpright: boolean } {
  const mostWide = isNarrow ? MOST_WIDE_ON_PHONE : MOST_WIDE;
  const scale = Math.min(mostWide / sketch.width, MOST_HIGH / sketch.height);
  const [width, height] = [sketch.width * scale, sketch.height * scale];
  const isUpright = sketch.isLaid && height > UPRIGHT_FROM;
  const viewWidth = mostWide + 2 * SIDE + UPRIGHT_TAPE;
  const left = Math.max(SIDE + (isUpright ? UPRIGHT_TAPE : 0), (viewWidth - width) / 2);
  return { scale, left, top: ABOVE, width, height, viewWidth, viewHeight: height + ABOVE + (sketch.isLaid ? BELOW : 14), isUpright };
}

export type PlacedMark = Mark & { points: [number, number][]; x: number; y: number; w: number; h: number };

/** A mark in px: the points of a line or area; the upper left corner and size of a box; the middle and half sizes of a round. */
export function placed(mark: Mark, frame: BenchFrame): PlacedMark {
  const px = (value: number) => value * frame.scale;
  const points: [number, number][] = [];
  for (let i = 0; i + 1 < mark.at.length; i += 2) points.push([frame.left + px(mark.at[i] ?? 0), frame.top + px(mark.at[i + 1] ?? 0)]);
  const [x, y] = points[0] ?? [0, 0];
  return { ...mark, points, x, y, w: px(mark.at[2] ?? 0), h: px(mark.at[3] ?? 0) };
}

export const pathOf = (points: readonly (readonly [number, number])[]): string =>
  `M${points.map(([x, y]) => `${Math.round(x * 10) / 10} ${Math.round(y * 10) / 10}`).join('L')}`;

/** Points every so many px along a line, with the way it goes there. */
export function along(points: readonly (readonly [number, number])[], step: number): { x: number; y: number; angle: number }[] {
  const found: { x: number; y: number; angle: number }[] = [];
  let carry = step / 2;
  for (let i = 0; i + 1 < points.length; i++) {
    const [x1, y1] = points[i] ?? [0, 0];
    const [x2, y2] = points[i + 1] ?? [0, 0];
    const length = Math.hypot(x2 - x1, y2 - y1);
    const angle = Math.atan2(y2 - y1, x2 - x1);
    let at = carry;
    for (; at <= length; at += step) found.push({ x: x1 + Math.cos(angle) * at, y: y1 + Math.sin(angle) * at, angle });
    carry = at - length;
  }
  return found;
}

/** The point half the way along a line. */
export function halfway(points: readonly (readonly [number, number])[]): [number, number] | undefined {
  const steps = points.slice(1).map(([x, y], i) => Math.hypot(x - (points[i]?.[0] ?? x), y - (points[i]?.[1] ?? y)));
  let left = steps.reduce((sum, step) => sum + step, 0) / 2;
  for (const [i, step] of steps.entries()) {
    const [from, to] = [points[i], points[i + 1]];
    if (from && to && left <= step) {
      const part = step === 0 ? 0 : left / step;
      return [from[0] + (to[0] - from[0]) * part, from[1] + (to[1] - from[1]) * part];
    }
    left -= step;
  }
  return undefined;
}
