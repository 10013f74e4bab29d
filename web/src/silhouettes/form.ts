import type { PieceKind } from '../api/types';
import type { Random } from './geometry';

/** What a silhouette is drawn from. Sizes in inches; colours in falling share, the body first. */
export type Form = {
  w: number;
  h: number;
  c: readonly [string, ...string[]];
  /** Finish: glazed, drip, metal, glass, knit, velvet, wood. */
  f?: string | undefined;
  /** Variant of the shape, such as "moon" of a vase. */
  v?: string | undefined;
  pat?: string | undefined;
  num?: number;
  handle?: boolean;
  /** Contents seen over the rim. */
  fill?: readonly string[] | undefined;
  fk?: 'cone' | undefined;
  bow?: string | undefined;
  tie?: string | undefined;
  pot?: string | undefined;
  lit?: boolean;
  /** Vessel of an arrangement. */
  vessel?: { c: readonly [string, ...string[]]; shape?: string };
  /** Of what stands together without stems: its parts, drawn as they are. */
  parts?: readonly { kind: PieceKind; w: number; h: number; c: string; units: number }[];
  lid?: string;
  open?: boolean;
};

/** Outline for ghosts, and the drawing; the origin is the middle of the foot, up is negative, in pixels. */
export type Drawn = { d: string; g: string };

/** Draws a form at a scale of s pixels per inch, with the seeded randomness of that one piece. */
export type Draw = (o: Form, s: number, r: Random) => Drawn;
