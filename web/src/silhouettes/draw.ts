import type { components } from '../api/schema';
import type { Draw, Drawn, Form } from './form';
import { n1, rect, rng } from './geometry';
import { hare, heron } from './kinds/animals';
import { candleGroup, candlestick, lantern, lights, pillar, stormGlass } from './kinds/candles';
import { clock, lamp, sign, stand } from './kinds/everyday';
import { figure } from './kinds/figures';
import { bunch, garland, tree, wreath } from './kinds/greenery';
import { gourd, pumpkin } from './kinds/harvest';
import { basket, bowl, box, plate, tote, tray } from './kinds/holders';
import { beads, bell, books, cone, star } from './kinds/keepsakes';
import { machine } from './kinds/machines';
import { boat, house, sled, truck } from './kinds/models';
import { bauble, napkin, potPlant } from './kinds/ornaments';
import { cushion, ribbon, runner, stocking, throwFold } from './kinds/textiles';
import { arrangement, crock, jar, jug, vase } from './kinds/vessels';
import { hooks, mirror, picture } from './kinds/wall';

export type PieceKind = components['schemas']['PieceKind'];

const KINDS: Record<PieceKind | 'tote', Draw> = {
  arrangement,
  basket,
  bauble,
  beads,
  bell,
  boat,
  books,
  bowl,
  box,
  bunch,
  candlestick,
  clock,
  cone,
  crock,
  cushion,
  figure,
  garland,
  gourd,
  hare,
  heron,
  hooks,
  jar,
  jug,
  lamp,
  lantern,
  lights,
  machine,
  mirror,
  napkin,
  picture,
  plate,
  pumpkin,
  ribbon,
  runner,
  sign,
  sled,
  stand,
  star,
  stocking,
  tray,
  tree,
  truck,
  vase,
  wreath,
  tote,
  'candle group': candleGroup,
  'little house': house,
  'pillar candle': pillar,
  'pot plant': potPlant,
  'storm glass': stormGlass,
  throw: throwFold,
  'tree skirt': (form, scale, random) => (form.v === 'collar' ? basket : throwFold)(form, scale, random),
};

/** Share of its width on which a kind touches the ledge, for the contact shadow. */
export const FOOT: Partial<Record<PieceKind, number>> = {
  wreath: 0.14,
  plate: 0.2,
  tray: 0.2,
  star: 0.12,
  bunch: 0.08,
  arrangement: 0.2,
  heron: 0.3,
  tree: 0.18,
  lights: 0.26,
  beads: 0.3,
  boat: 0.2,
  sled: 0.7,
  truck: 0.7,
  ribbon: 0.24,
  candlestick: 0.4,
  vase: 0.36,
  jug: 0.3,
  bowl: 0.22,
  gourd: 0.34,
  pumpkin: 0.4,
  bauble: 0.16,
  'pot plant': 0.2,
  lamp: 0.24,
  stand: 0.3,
};

const remembered = new Map<string, Drawn>();
const MOST_REMEMBERED = 4000;

const MOST_TOGETHER = 7;

/** Parts side by side, moved together until they are as wide as the whole; the tallest stand behind. */
function together(form: Form, parts: NonNullable<Form['parts']>, scale: number, seed: string): Drawn {
  const units = parts.flatMap((part) => Array.from({ length: part.units }, () => part)).slice(0, MOST_TOGETHER);
  const closer = Math.min(1, form.w / units.reduce((sum, part) => sum + part.w, 0));
  let left = (-form.w / 2) * scale;
  const placed = units.map((part, i) => {
    const width = part.w * closer * scale;
    left += width;
    return { part, x: left - width / 2, i };
  });
  return {
    d: rect((-form.w / 2) * scale, -form.h * scale, form.w * scale, form.h * scale),
    g: placed
      .toSorted((a, b) => b.part.h - a.part.h)
      .map(
        ({ part, x, i }) => `<g transform="translate(${n1(x)} 0)">${draw(part.kind, { w: part.w, h: part.h, c: [part.c] }, scale, seed + i).g}</g>`,
      )
      .join(''),
  };
}

/** Draws one unit; the same kind, form, scale and seed always give the same drawing. */
export function draw(kind: PieceKind | 'tote', form: Form, scale: number, seed: string): Drawn {
  const key = `${kind}|${JSON.stringify(form)}|${scale}|${seed}`;
  const known = remembered.get(key);
  if (known) return known;
  if (remembered.size > MOST_REMEMBERED) remembered.clear();
  const drawn = form.parts ? together(form, form.parts, scale, seed) : KINDS[kind](form, scale, rng(seed));
  remembered.set(key, drawn);
  return drawn;
}
