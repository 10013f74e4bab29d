import type { Ribbon } from '../../api/types';

/** Gives one ribbon a new share; the others give way in proportion, each keeping at least 1 %, and the sum stays 100. */
export function withShare(ribbons: readonly Ribbon[], index: number, percent: number): Ribbon[] {
  const others = ribbons.length - 1;
  if (others === 0) return ribbons.map((ribbon) => ({ ...ribbon, percent: 100 }));
  const wanted = Math.max(1, Math.min(100 - others, Math.round(percent)));
  const rest = ribbons.reduce((sum, ribbon, i) => (i === index ? sum : sum + ribbon.percent), 0);
  const scaled = ribbons.map((ribbon, i) => (i === index ? wanted : Math.max(1, Math.round((ribbon.percent * (100 - wanted)) / Math.max(1, rest)))));
  let off = 100 - scaled.reduce((sum, share) => sum + share, 0);
  const order = ribbons
    .map((_, i) => i)
    .filter((i) => i !== index)
    .sort((a, b) => (scaled[b] ?? 0) - (scaled[a] ?? 0));
  for (let turn = 0; off !== 0; turn++) {
    const at = order[turn % order.length] ?? 0;
    const step = Math.sign(off);
    if ((scaled[at] ?? 0) + step >= 1) {
      scaled[at] = (scaled[at] ?? 0) + step;
      off -= step;
    }
  }
  return ribbons.map((ribbon, i) => ({ ...ribbon, percent: scaled[i] ?? ribbon.percent }));
}
