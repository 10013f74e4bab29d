type Lab = [number, number, number];
/** A channel of 0 to 255 as light. */
export const lin = (u: number): number => (u / 255 <= 0.04045 ? u / 255 / 12.92 : ((u / 255 + 0.055) / 1.055) ** 2.4);
const unlin = (u: number): number => Math.round(255 * Math.min(1, Math.max(0, u <= 0.0031308 ? u * 12.92 : 1.055 * u ** (1 / 2.4) - 0.055)));
function lab(hex: string): Lab {
  const r = lin(parseInt(hex.slice(1, 3), 16)),
    g = lin(parseInt(hex.slice(3, 5), 16)),
    b = lin(parseInt(hex.slice(5, 7), 16));
  const l = Math.cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b),
    m = Math.cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b),
    s = Math.cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b);
  return [
    0.2104542553 * l + 0.793617785 * m - 0.0040720468 * s,
    1.9779984951 * l - 2.428592205 * m + 0.4505937099 * s,
    0.0259040371 * l + 0.7827717662 * m - 0.808675766 * s,
  ];
}
function unlab([L, A, B]: Lab): string {
  const l = (L + 0.3963377774 * A + 0.2158037573 * B) ** 3,
    m = (L - 0.1055613458 * A - 0.0638541728 * B) ** 3,
    s = (L - 0.0894841775 * A - 1.291485548 * B) ** 3;
  return (
    '#' +
    [
      4.0767416621 * l - 3.3077115913 * m + 0.2309699292 * s,
      -1.2684380046 * l + 2.6097574011 * m - 0.3413193965 * s,
      -0.0041960863 * l - 0.7034186147 * m + 1.707614701 * s,
    ]
      .map((v) => unlin(v).toString(16).padStart(2, '0'))
      .join('')
  );
}
/* k below 0 darkens, above 0 lightens; hue is kept */
export function shade(hex: string, k: number): string {
  const c = lab(hex);
  if (k < 0) {
    const ch = Math.hypot(c[1], c[2]),
      lift = c[0] > 0.8 && ch < 0.06 ? 1 - k * 2.2 : 1 + k * 0.2;
    c[0] *= 1 + k * (c[0] > 0.8 ? 0.86 : 1);
    c[1] *= lift;
    c[2] *= lift;
    if (c[0] > 0.55 && ch > 0.004) {
      c[1] += 0.006 * -k * 3;
      c[2] += 0.012 * -k * 2;
    }
  } else {
    c[0] += (1 - c[0]) * k;
    c[1] *= 1 - k * 0.55;
    c[2] *= 1 - k * 0.55;
  }
  return unlab(c);
}
export function mix(a: string, b: string, t: number): string {
  const p = lab(a),
    q = lab(b);
  return unlab([p[0] + (q[0] - p[0]) * t, p[1] + (q[1] - p[1]) * t, p[2] + (q[2] - p[2]) * t]);
}
export const lum = (hex: string): number => lab(hex)[0];
/** Colours of parts that no piece names: wicks, pots, ties. */
export const C = {
  tallow: '#F0E7D4',
  juniper: '#3E5F5A',
  ember: '#B5532A',
  soot: '#2B2A28',
  brass: '#B08D47',
  moss: '#6D7246',
  straw: '#C9A86A',
  wood: '#7A5638',
  clay: '#C58B66',
  navy: '#26375A',
} as const;
