import type { Home, Piece, PieceInput } from '../../api/types';
import { fieldLength, fieldRun, fieldWeight } from '../../lib/measure';
import { moneyField } from '../../lib/text';

/** What the form of a piece starts from: the piece itself, a copy of another, or next to nothing. */
export function pieceDraft(piece: Piece | undefined, unit: Home['unit'], place: string): PieceInput {
  if (!piece) {
    return {
      name: '',
      kind: 'vase',
      count: 1,
      width: '',
      depth: '',
      height: '',
      weight: '',
      colours: [{ hex: '#EDE4D3', percent: 100 }],
      materials: [],
      finish: 'plain',
      seasons: [],
      hazards: [],
      shape: '',
      pattern: '',
      origin: '',
      costEach: '',
      replacementEach: '',
      cameOn: '',
      laidOut: '',
      care: '',
      faces: [],
      parts: [],
      set: { name: '', of: 0 },
      place,
      assumed: [],
    };
  }
  return {
    name: piece.name,
    kind: piece.kind,
    count: piece.count,
    width: fieldLength(piece.width, unit),
    depth: fieldLength(piece.depth, unit),
    height: fieldLength(piece.height, unit),
    weight: piece.weight === 0 ? '' : fieldWeight(piece.weight, unit),
    colours: piece.colours.map((colour) => ({ ...colour })),
    materials: [...piece.materials],
    finish: piece.finish,
    seasons: [...piece.seasons],
    hazards: [...piece.hazards],
    shape: piece.shape,
    pattern: piece.pattern,
    origin: piece.origin,
    costEach: moneyField(piece.costEach),
    replacementEach: moneyField(piece.replacementEach),
    cameOn: piece.cameOn ?? '',
    laidOut: piece.laidOut === null ? '' : fieldRun(piece.laidOut, unit),
    care: piece.care,
    faces: piece.faces.map((face) => ({ ...face })),
    parts: piece.parts.map((part) => ({
      ...part,
      width: fieldLength(part.width, unit),
      depth: fieldLength(part.depth, unit),
      height: fieldLength(part.height, unit),
    })),
    set: { ...piece.set },
    place,
    assumed: [...piece.assumed],
  };
}

/** Shapes that some kinds can take; the first is the usual one. */
export const SHAPES: Partial<Record<Piece['kind'], readonly string[]>> = {
  vase: ['bottle', 'urn', 'cylinder', 'bud', 'gourd', 'ginger', 'moon', 'tall'],
  wreath: ['fir', 'leaf', 'round'],
  machine: ['case', 'kettle'],
  'tree skirt': ['collar'],
  garland: ['fir', 'leaf', 'flags', 'balls'],
  bunch: ['leaf', 'wheat', 'berry', 'euc', 'juniper', 'twig'],
  arrangement: ['leaf', 'wheat', 'berry', 'euc', 'juniper', 'twig'],
  picture: ['abstract', 'ferry', 'leaf', 'moon'],
  mirror: ['square', 'arch', 'round', 'oval'],
  tray: ['round', 'rect'],
  bowl: ['empty', 'fruit', 'cones'],
  basket: ['plain', 'handle'],
  tree: ['plain', 'pot'],
  ribbon: ['roll', 'bow'],
  candlestick: ['turned', 'block'],
  bauble: ['round', 'drop', 'cone'],
  figure: ['robed', 'deer', 'snowman', 'bird'],
  'pot plant': ['leaf', 'flower', 'ball'],
};

export const PATTERNS: Partial<Record<Piece['kind'], readonly string[]>> = {
  cushion: ['stripe', 'check', 'sprig'],
  throw: ['stripe', 'check'],
  vase: ['rib', 'band', 'speck'],
  plate: ['sprig'],
  cone: ['rings'],
};
