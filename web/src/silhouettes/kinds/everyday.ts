import type { Draw } from '../form';
import { circ, ell, n1, type Point, poly, rect } from '../geometry';
import { clip, edge, fill, line } from '../ink';
import { C, lum, shade } from '../tone';
import { turned } from '../turned';

const SLIM: readonly Point[] = [
  [0, 0.66],
  [0.02, 0.66],
  [0.04, 0.12],
  [1, 0.07],
];
const ROUND: readonly Point[] = [
  [0, 0.6],
  [0.05, 0.6],
  [0.09, 0.36],
  [0.2, 0.48],
  [0.4, 0.58],
  [0.62, 0.42],
  [0.8, 0.14],
  [1, 0.1],
];

/** A foot with a shade over it; the second colour is the shade's. */
export const lamp: Draw = (o, s, r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    cloth = o.c[1] || '#EFE6D2';
  const isSlim = o.v === 'floor' || o.h > 2.4 * o.w,
    sh = Math.min(h * 0.44, w * 0.72);
  const t = turned(isSlim ? SLIM : ROUND, isSlim ? w : w * 0.86, h - sh * 0.82, r, { wob: 0 });
  const d = poly([
    [-w / 2, -h + sh],
    [-w * 0.29, -h + sh * 0.06],
    [w * 0.29, -h + sh * 0.06],
    [w / 2, -h + sh],
  ]);
  const g =
    line(`M0 ${n1(-h + sh)}V${n1(-h)}`, shade(c, -0.2), Math.max(0.8, s * 0.16)) +
    fill(t.d, c, edge(c)) +
    fill(t.band(0, 1, 0.24, 1), shade(c, -0.2)) +
    fill(t.band(0.02, 0.98, -0.72, -0.44), shade(c, 0.36), ' opacity=".85"') +
    fill(d, cloth, edge(cloth)) +
    clip(
      d,
      fill(rect(w * 0.16, -h, w, h), shade(cloth, -0.1)) +
        fill(rect(w * 0.34, -h, w, h), shade(cloth, -0.18)) +
        fill(ell(-w * 0.1, -h + sh * 0.62, w * 0.2, sh * 0.36), '#FFFDF2', ' opacity=".75"'),
    ) +
    line(
      `M${n1(-w / 2)} ${n1(-h + sh)}H${n1(w / 2)}M${n1(-w * 0.29)} ${n1(-h + sh * 0.06)}H${n1(w * 0.29)}`,
      shade(cloth, -0.3),
      Math.max(0.7, s * 0.14),
    );
  return { d: d + t.d, g };
};

/** Arched on a plinth, or round where it hangs; it stands at ten past ten. */
export const clock: Draw = (o, s, _r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    isRound = o.v === 'round' || o.v === 'wall',
    foot = isRound ? 0 : h * 0.1,
    R = isRound ? Math.min(w, h) / 2 : Math.min(w * 0.36, (h - foot) * 0.36),
    y = isRound ? -h / 2 : -h + Math.min(w * 0.45, (h - foot) * 0.5),
    face = o.c[1] || '#F6F1E4';
  const shoulder = Math.max(0, h - w * 0.45);
  const d = isRound
    ? circ(0, y, R)
    : `M${n1(-w * 0.45)} ${n1(-foot)}V${n1(-shoulder)}A${n1(w * 0.45)} ${n1(Math.min(w * 0.45, h - foot))} 0 0 1 ${n1(w * 0.45)} ${n1(-shoulder)}
      V${n1(-foot)}Z`;
  const inner = R * (isRound ? 0.84 : 1);
  let ticks = '';
  for (let i = 0; i < 12; i++) {
    const a = (i * Math.PI) / 6,
      from = inner * (i % 3 === 0 ? 0.74 : 0.82);
    ticks += `M${n1(Math.sin(a) * from)} ${n1(y - Math.cos(a) * from)}L${n1(Math.sin(a) * inner * 0.9)} ${n1(y - Math.cos(a) * inner * 0.9)}`;
  }
  const hand = (turn: number, long: number) => `M0 ${n1(y)}L${n1(Math.sin(turn) * inner * long)} ${n1(y - Math.cos(turn) * inner * long)}`;
  const g =
    fill(d, c, edge(c)) +
    clip(d, fill(rect(w * 0.14, -h, w, h), shade(c, -0.16))) +
    (isRound ? '' : fill(rect(-w / 2, -foot, w, foot, 1), shade(c, -0.12), edge(c))) +
    fill(circ(0, y, inner), face, edge(shade(c, -0.25))) +
    line(ticks, C.soot, Math.max(0.5, inner * 0.05)) +
    line(hand(-Math.PI / 3, 0.5), C.soot, Math.max(0.8, inner * 0.09)) +
    line(hand(Math.PI / 3, 0.72), C.soot, Math.max(0.7, inner * 0.06)) +
    fill(circ(0, y, inner * 0.09), C.soot);
  return { d: isRound ? d : d + rect(-w / 2, -foot, w, foot), g };
};

/** A board of planks with writing that nobody has to read. */
export const sign: Draw = (o, s, r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    ink = o.c[1] || shade(c, lum(c) < 0.35 ? 0.7 : -0.55),
    d = rect(-w / 2, -h, w, h, Math.min(w, h) * 0.04);
  const planks = Math.max(1, Math.round(o.h / 4));
  let seams = '';
  for (let i = 1; i < planks; i++) seams += `M${n1(-w / 2)} ${n1((-h * i) / planks)}h${n1(w)}`;
  const lines = o.h > 0.5 * o.w ? 2 : 1;
  let script = '';
  for (let row = 0; row < lines; row++) {
    const y = -h * ((lines - row - 0.5) / lines) + (h / lines) * 0.06,
      tall = Math.min((h / lines) * 0.3, w * 0.09),
      end = w * (row === 0 ? 0.38 : 0.27);
    // Words of a few letters each: low round ones, and now and then one with a stem.
    for (let x = -end; x < end - tall; x += tall * 0.55) {
      script += `M${n1(x)} ${n1(y)}`;
      for (let letters = 2 + Math.floor(r() * 4); letters > 0 && x < end; letters--) {
        const up = tall * (r() < 0.3 ? 1 : 0.45),
          wide = tall * (0.4 + r() * 0.2);
        script += `c${n1(wide * 0.5)} ${n1(-up)} ${n1(wide * 0.1)} ${n1(-up)} ${n1(wide * 0.3)} ${n1(-up * 0.2)}
          s${n1(wide * 0.4)} ${n1(up * 0.3)} ${n1(wide * 0.7)} ${n1(up * 0.2)}`;
        x += wide;
      }
    }
  }
  const g =
    fill(d, c, edge(c)) +
    clip(d, fill(rect(-w / 2, -h * 0.1, w, h * 0.1), shade(c, -0.14)) + line(seams, shade(c, -0.22), Math.max(0.5, s * 0.07))) +
    line(script, ink, Math.max(0.8, Math.min(w, h) * 0.028));
  return { d, g };
};

/** A plate on a foot; of tiers two plates on a rod with a ring to carry them by. */
export const stand: Draw = (o, s, r) => {
  const w = o.w * s,
    h = o.h * s,
    c = o.c[0],
    rim = Math.max(1.5, Math.min(h * 0.1, s * 1.1));
  const plate = (y: number, wide: number) => {
    const edgeOf = `M${n1(-wide / 2)} ${n1(y - rim)}H${n1(wide / 2)}Q${n1(wide * 0.47)} ${n1(y)} ${n1(wide * 0.38)} ${n1(y)}H${n1(-wide * 0.38)}
      Q${n1(-wide * 0.47)} ${n1(y)} ${n1(-wide / 2)} ${n1(y - rim)}Z`;
    return (
      fill(edgeOf, c, edge(c)) +
      fill(rect(wide * 0.1, y - rim * 0.8, wide * 0.34, rim * 0.6), shade(c, -0.16)) +
      fill(rect(-wide * 0.4, y - rim * 0.8, wide * 0.2, rim * 0.4), shade(c, 0.35))
    );
  };
  if (o.v === 'tiers') {
    const rod = Math.max(1.2, s * 0.24),
      ring = Math.min(h * 0.09, w * 0.08);
    const g =
      line(`M0 ${n1(-h + ring * 2)}V${n1(-rim)}`, shade(c, -0.2), rod) +
      line(circ(0, -h + ring, ring * 0.9), shade(c, -0.1), rod * 0.8) +
      plate(-h * 0.04, w) +
      fill(rect(-w * 0.2, -h * 0.04, w * 0.4, h * 0.04), shade(c, -0.2)) +
      plate(-h * 0.5, w * 0.66);
    return { d: rect(-w / 2, -h * 0.14, w, h * 0.14) + rect(-w * 0.33, -h * 0.6, w * 0.66, rim) + rect(-rod, -h, rod * 2, h), g };
  }
  const t = turned(
    [
      [0, 0.56],
      [0.08, 0.54],
      [0.2, 0.24],
      [0.42, 0.12],
      [0.55, 0.2],
      [0.66, 0.12],
      [0.88, 0.2],
      [1, 0.5],
    ],
    w,
    h - rim,
    r,
    { wob: 0 },
  );
  const g =
    fill(t.d, c, edge(c)) + fill(t.band(0, 1, 0.2, 1), shade(c, -0.2)) + fill(t.band(0.04, 0.96, -0.7, -0.4), shade(c, 0.36)) + plate(-h + rim, w);
  return { d: t.d + rect(-w / 2, -h, w, rim), g };
};
