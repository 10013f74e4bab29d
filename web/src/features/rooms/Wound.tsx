import type { Piece } from '../../api/types';
import { inch } from '../../lib/inches';
import { pieceForm } from '../../silhouettes/pieceForm';
import { swag } from '../../silhouettes/swag';
import type { Frame } from './frame';
import { type Tree, turnsOf } from './onTree';

type Props = { tree: Tree; tier: number; count: number; piece: Piece; frame: Frame };

/** Turns round the tree in a band, for each unit: thin ones twice, greenery and cloth once. */
const TURNS: Partial<Record<Piece['kind'], number>> = { lights: 2, beads: 2 };
const MOST_TURNS = 6;
/** What is thicker hides the tree it is wound round; in inches. */
const THICKEST = 4;

/** What is wound round a tree: lights, beads, ribbon, a garland, as it is seen from the front. */
export function Wound({ tree, tier, count, piece, frame }: Props) {
  const form = { ...pieceForm(piece), h: Math.min(THICKEST, piece.kind === 'beads' ? 1 : inch(piece.height)) };
  const turns = Math.min(MOST_TURNS, count * (TURNS[piece.kind] ?? 1));
  const drawn = turnsOf(tree, tier, turns, frame)
    .map(({ ties, drop }, i) => swag(piece.kind, form, ties, drop, frame.scale, `${piece.id} ${i}`))
    .join('');
  // biome-ignore lint/security/noDangerouslySetInnerHtml: path text made from numbers and checked hex colours only
  return <g dangerouslySetInnerHTML={{ __html: drawn }} />;
}
