import type { Placement, Spot } from '../../api/types';
import { inch } from '../../lib/inches';
import type { Tie } from '../../silhouettes/swag';
import type { Frame } from './frame';

/** In inches; the tree that stands there, or the room that is meant for one, and the height at which each of its bands begins. */
export type Tree = { middle: number; width: number; height: number; bands: readonly number[] };

/** Branches end a little inside the outline. */
const INSIDE = 0.9;
/** Each unit so much further round than the one before it (the golden section), so that they never line up. */
const ROUND = 0.618;
const UP = 0.382;
/** The bare foot of a tree, as part of its height. */
const TRUNK = 0.09;

export function treeOf(spot: Spot, placements: readonly Placement[], boards: readonly number[]): Tree {
  const tree = placements.find((one) => one.posture === 'stands');
  const bands = boards.map(inch);
  return tree
    ? { middle: inch(tree.left + tree.width / 2), width: inch(tree.width), height: inch(tree.height), bands }
    : { middle: inch(spot.width / 2), width: inch(spot.width), height: inch(spot.clearHeight ?? spot.width), bands };
}

/** Where its branches begin, in tenths of a millimetre: the lowest band begins at the floor. */
export const overTrunk = (tree: Tree): number => Math.round(tree.height * TRUNK * 254);

const breadthAt = (tree: Tree, height: number): number => Math.max(0, tree.width * INSIDE * (1 - height / tree.height));

/** From where to where a band reaches on the tree, in inches over its foot. */
function bandOf(tree: Tree, tier: number): { from: number; high: number } {
  const from = Math.max(tree.height * TRUNK, Math.min(tree.bands[tier] ?? 0, tree.height * 0.9));
  const next = tree.bands[tier + 1] ?? tree.height;
  return { from, high: Math.max(1, Math.min(next, tree.height * 0.96) - from) };
}

/** The turns of what is wound round a tree in one band, as far as they are seen from the front: each from edge to edge, rising a little. */
export function turnsOf(tree: Tree, tier: number, turns: number, frame: Frame): { ties: readonly Tie[]; drop: number }[] {
  const { from, high } = bandOf(tree, tier);
  return Array.from({ length: turns }, (_, i) => {
    const at = from + (high * (i + 0.5)) / turns;
    const ends = [at - high / turns / 4, at + high / turns / 4].map((height, end) => ({
      x: frame.x(tree.middle + ((end === 0 ? -1 : 1) * breadthAt(tree, height)) / 2),
      y: frame.y(height),
    }));
    return { ties: ends, drop: breadthAt(tree, at) * 0.1 * frame.scale };
  });
}

/** Where each of several units hangs in a band: left edge and foot in inches. */
export function scattered(tree: Tree, placement: Placement, unit: number, unitHeight: number): { left: number; foot: number }[] {
  const { from, high } = bandOf(tree, placement.tier);
  return Array.from({ length: placement.count }, (_, i) => {
    const foot = from + ((0.2 + i * UP) % 1) * Math.max(0, high - unitHeight);
    const breadth = Math.max(0, breadthAt(tree, foot + unitHeight / 2) - unit);
    return { left: tree.middle + (((0.5 + placement.tier * 0.2 + i * ROUND) % 1) - 0.5) * breadth - unit / 2, foot };
  });
}

/** What a band takes in the picture, for what is all round it. */
export function roundBox(tree: Tree, tier: number, frame: Frame): { x: number; y: number; width: number; height: number } {
  const { from, high } = bandOf(tree, tier);
  const breadth = breadthAt(tree, from);
  return { x: frame.x(tree.middle - breadth / 2), y: frame.y(from + high), width: breadth * frame.scale, height: high * frame.scale };
}
