export type Random = () => number;
/** x, y, and 1 when the corner is cut sharp. */
export type Point = readonly [number, number, (number | undefined)?];
export const TAU = Math.PI * 2;
function hash(s: string): number {
  let h = 2166136261;
  for (const ch of s) {
    h ^= ch.charCodeAt(0);
    h = Math.imul(h, 16777619);
  }
  return h >>> 0;
}
export function rng(seed: string): Random {
  let a = hash(seed) || 1;
  return () => {
    a |= 0;
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
export const n1 = (v: number): string => {
  const r = Math.round(v * 100) / 100;
  return r === 0 ? '0' : String(r);
};
export function prof(pts: readonly Point[]): (t: number) => number {
  const n = pts.length,
    x = Float64Array.from(pts, (p) => p[0]),
    y = Float64Array.from(pts, (p) => p[1]),
    d = new Float64Array(n),
    m = new Float64Array(n);
  for (let i = 0; i < n - 1; i++) d[i] = (y[i + 1]! - y[i]!) / Math.max(1e-6, x[i + 1]! - x[i]!);
  m[0] = d[0]!;
  m[n - 1] = d[n - 2]!;
  for (let i = 1; i < n - 1; i++) m[i] = d[i - 1]! * d[i]! <= 0 ? 0 : (2 * d[i - 1]! * d[i]!) / (d[i - 1]! + d[i]!);
  return (t) => {
    if (t <= x[0]!) return y[0]!;
    if (t >= x[n - 1]!) return y[n - 1]!;
    let i = 0;
    while (t > x[i + 1]!) i++;
    const h = x[i + 1]! - x[i]!,
      u = (t - x[i]!) / h,
      a = 1 - u;
    return y[i]! * a * a * (1 + 2 * u) + m[i]! * h * u * a * a + y[i + 1]! * u * u * (3 - 2 * u) - m[i + 1]! * h * u * u * a;
  };
}
export const poly = (pts: readonly Point[], close = true): string => `M${pts.map((p) => `${n1(p[0])} ${n1(p[1])}`).join('L')}${close ? 'Z' : ''}`;
export function smooth(p: readonly Point[], close = true, k = 0.5): string {
  const n = p.length,
    at = (i: number): Point => (close ? p[(i + n) % n]! : p[Math.max(0, Math.min(n - 1, i))]!);
  let s = `M${n1(p[0]![0])} ${n1(p[0]![1])}`;
  for (let i = 0; i < (close ? n : n - 1); i++) {
    const a = at(i - 1),
      b = at(i),
      c = at(i + 1),
      d = at(i + 2);
    const c1 = b[2] ? [b[0] + (c[0] - b[0]) / 3, b[1] + (c[1] - b[1]) / 3] : [b[0] + ((c[0] - a[0]) * k) / 3, b[1] + ((c[1] - a[1]) * k) / 3];
    const c2 = c[2] ? [c[0] - (c[0] - b[0]) / 3, c[1] - (c[1] - b[1]) / 3] : [c[0] - ((d[0] - b[0]) * k) / 3, c[1] - ((d[1] - b[1]) * k) / 3];
    s += `C${n1(c1[0]!)} ${n1(c1[1]!)} ${n1(c2[0]!)} ${n1(c2[1]!)} ${n1(c[0])} ${n1(c[1])}`;
  }
  return s + (close ? 'Z' : '');
}
export function leaf(x: number, y: number, L: number, W: number, a: number): string {
  const c = Math.cos(a),
    s = Math.sin(a),
    q = (u: number, v: number) => `${n1(x + u * c - v * s)} ${n1(y + u * s + v * c)}`;
  return `M${q(0, 0)}Q${q(L * 0.42, W * 0.72)} ${q(L, 0)}Q${q(L * 0.42, -W * 0.72)} ${q(0, 0)}Z`;
}
export function halfLeaf(x: number, y: number, L: number, W: number, a: number, side = 1): string {
  const c = Math.cos(a),
    s = Math.sin(a),
    q = (u: number, v: number) => `${n1(x + u * c - v * s)} ${n1(y + u * s + v * c)}`;
  return `M${q(0, 0)}Q${q(L * 0.42, W * 0.72 * side)} ${q(L, 0)}Z`;
}
export function sprig(x: number, y: number, L: number, W: number, a: number, teeth: number, r?: Random): string {
  const n = Math.max(teeth, Math.min(11, Math.round(L / 2.6)));
  const c = Math.cos(a),
    s = Math.sin(a),
    P = (u: number, v: number): Point => [x + u * c - v * s, y + u * s + v * c],
    R: Point[] = [],
    Lf: Point[] = [];
  for (let i = 0; i < n; i++) {
    const k = i / n,
      u0 = L * k * 0.94,
      env = Math.sin(Math.PI * (0.2 + 0.74 * k)) ** 0.8 * (0.88 + 0.24 * (r ? r() : 0.5)),
      tip = L * (0.16 + 0.5 / n);
    R.push(P(u0, W * 0.045), P(u0 + tip, (W / 2) * env));
    Lf.push(P(u0, -W * 0.045), P(u0 + tip, (-W / 2) * env));
  }
  return poly([...R, P(L, 0), ...Lf.reverse()]);
}
export const circ = (x: number, y: number, r: number): string =>
  `M${n1(x - r)} ${n1(y)}a${n1(r)} ${n1(r)} 0 1 0 ${n1(2 * r)} 0a${n1(r)} ${n1(r)} 0 1 0 ${n1(-2 * r)} 0Z`;
export const ell = (x: number, y: number, a: number, b: number): string =>
  `M${n1(x - a)} ${n1(y)}a${n1(a)} ${n1(b)} 0 1 0 ${n1(2 * a)} 0a${n1(a)} ${n1(b)} 0 1 0 ${n1(-2 * a)} 0Z`;
export const rect = (x: number, y: number, w: number, h: number, r = 0): string =>
  r
    ? `M${n1(x + r)} ${n1(y)}h${n1(w - 2 * r)}q${n1(r)} 0 ${n1(r)} ${n1(r)}v${n1(h - 2 * r)}q0 ${n1(r)} ${n1(-r)} ${n1(r)}
        h${n1(-(w - 2 * r))}q${n1(-r)} 0 ${n1(-r)} ${n1(-r)}v${n1(-(h - 2 * r))}q0 ${n1(-r)} ${n1(r)} ${n1(-r)}Z`
    : `M${n1(x)} ${n1(y)}h${n1(w)}v${n1(h)}h${n1(-w)}Z`;
export const halfDisc = (x: number, y: number, R: number): string =>
  `M${n1(x + R * 0.1)} ${n1(y - R)}A${n1(R)} ${n1(R)} 0 0 1 ${n1(x + R * 0.1)} ${n1(y + R)}Q${n1(x + R * 0.55)} ${n1(y)} ${n1(x + R * 0.1)} ${n1(y - R)}Z`;
