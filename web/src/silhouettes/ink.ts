import { n1 } from './geometry';
import { lum, shade } from './tone';

let clips = 0;
export const fill = (d: string, c: string, x = ''): string => `<path d="${d}" fill="${c}"${x}/>`;
export const line = (d: string, c: string, w: number, x = ''): string =>
  `<path d="${d}" fill="none" stroke="${c}" stroke-width="${n1(w)}" stroke-linecap="round" stroke-linejoin="round"${x}/>`;
export const edge = (c: string): string => (lum(c) > 0.78 ? ` stroke="${shade(c, -0.2)}" stroke-width=".7" stroke-linejoin="round"` : '');
export const clip = (d: string, inner: string): string => {
  const i = `k${++clips}`;
  return `<clipPath id="${i}"><path d="${d}"/></clipPath><g clip-path="url(#${i})">${inner}</g>`;
};
export const flame = (x: number, y: number, s: number, k = 1): string => {
  const a = s * 0.22 * k,
    b = s * 0.95 * k;
  return (
    fill(
      `M${n1(x)} ${n1(y - b)}C${n1(x + a * 1.7)} ${n1(y - b * 0.5)} ${n1(x + a * 1.3)} ${n1(y)} ${n1(x)} ${n1(y)}
        C${n1(x - a * 1.3)} ${n1(y)} ${n1(x - a * 1.7)} ${n1(y - b * 0.5)} ${n1(x)} ${n1(y - b)}Z`,
      '#F4B740',
    ) +
    fill(
      `M${n1(x)} ${n1(y - b * 0.6)}C${n1(x + a * 0.8)} ${n1(y - b * 0.3)} ${n1(x + a * 0.6)} ${n1(y)} ${n1(x)} ${n1(y)}
        C${n1(x - a * 0.6)} ${n1(y)} ${n1(x - a * 0.8)} ${n1(y - b * 0.3)} ${n1(x)} ${n1(y - b * 0.6)}Z`,
      '#FFF3CF',
    )
  );
};
