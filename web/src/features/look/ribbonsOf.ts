import type { Ribbon } from '../../api/types';
import { capital } from '../../lib/text';

/** Ribbons from found colours: the largest is the base, the next the second, the others accents; shares scaled to 100. */
export function ribbonsOf(colours: readonly { hex: string; name: string; percent: number }[]): Ribbon[] {
  const sum = colours.reduce((all, colour) => all + colour.percent, 0);
  const shares = colours.map((colour) => Math.max(1, Math.floor((colour.percent * 100) / Math.max(1, sum))));
  const rest = 100 - shares.reduce((all, share) => all + share, 0);
  const widest = shares.indexOf(Math.max(...shares));
  return colours.map((colour, i) => ({
    name: capital(colour.name),
    hex: colour.hex,
    role: i === 0 ? 'base' : i === 1 ? 'second' : 'accent',
    percent: (shares[i] ?? 1) + (i === widest ? rest : 0),
  }));
}
