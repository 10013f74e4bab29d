import { type Point, poly, prof, type Random } from './geometry';

/** A shape turned on a lathe: its outline, and parts of it between two heights (0 foot to 1 rim) and two facets (-1 left to 1 right). */
export type Turned = {
  d: string;
  band: (a: number, b: number, k1?: number, k2?: number) => string;
  side: (k: number, a?: number, b?: number) => Point[];
  r: (t: number) => number;
};

export function turned(P: readonly Point[], w: number, h: number, r: Random, opt: { n?: number; y?: number; wob?: number } = {}): Turned {
  const f = prof(P),
    N = opt.n || 44,
    y0 = opt.y || 0,
    wob = (opt.wob === undefined ? 0.012 : opt.wob) * w,
    ph = r() * 6,
    ph2 = r() * 6;
  const rr = (t: number, k: number) => {
    const e = (f(t) * w) / 2;
    return e * k + (Math.abs(k) === 1 ? Math.sin(t * 9 + (k > 0 ? ph : ph2)) * wob * 0.5 : 0);
  };
  const ts: number[] = [];
  for (let i = 0; i <= N; i++) ts.push(i / N);
  for (const p of P) ts.push(p[0]);
  ts.sort((a, b) => a - b);
  const side = (k: number, a = 0, b = 1): Point[] => ts.filter((t) => t >= a && t <= b).map((t): Point => [rr(t, k), y0 - t * h]);
  const band = (a: number, b: number, k1 = -1, k2 = 1) => poly([...side(k2, a, b), ...side(k1, a, b).reverse()]);
  return { d: band(0, 1), band, side, r: (t: number) => (f(t) * w) / 2 };
}
