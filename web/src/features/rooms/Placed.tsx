import type { PointerEvent } from 'react';
import { useWriting } from '../../api/home';
import type { Piece, Placement, Spot } from '../../api/types';
import { inch } from '../../lib/inches';
import { hasSides, isStrung, isUpright } from '../../lib/runs';
import { Silhouette } from '../../silhouettes/Silhouette';
import type { Frame } from './frame';
import { Hanging } from './Hanging';
import { isLaidCloth, LaidCloth } from './LaidCloth';
import { leftWords } from './leftWords';
import { aroundDoorway, OverDoorway } from './OverDoorway';
import { overTrunk, roundBox, scattered, type Tree } from './onTree';
import { Strung } from './Strung';
import { Wound } from './Wound';
import { aroundPost, WoundPost } from './WoundPost';
import { hasOwnHeight, whereDrawn } from './whereDrawn';

export type PlacedProps = {
  spot: Spot;
  placement: Placement;
  piece: Piece;
  frame: Frame;
  /** In tenths of a millimetre, as drawn now. */
  left: number;
  foot: number;
  /** What it is on, where the spot is a tree. */
  tree: Tree | null;
  /** Whether another piece is under it. */
  isOnRiser: boolean;
  isChosen: boolean;
  onDown: (event: PointerEvent<SVGGElement>) => void;
  onMove: (event: PointerEvent) => void;
  onUp: () => void;
  onFocus: () => void;
};

/** Units of one piece where they are, as they are put: stood, leant, hung, draped. */
export function Placed({
  spot,
  placement,
  piece: owned,
  frame,
  left,
  foot: lowest,
  tree,
  isOnRiser,
  isChosen,
  onDown,
  onMove,
  onUp,
  onFocus,
}: PlacedProps) {
  // Another side may be turned to the front here.
  const piece = placement.colours.length > 0 ? { ...owned, colours: placement.colours } : owned;
  const write = useWriting();
  // What stands otherwise lies on its back, or along when it is longer than wide.
  const isLaidAlong = placement.posture === 'lies' && piece.height > piece.depth && piece.height > piece.width;
  // Lights and beads run along, over or round what they are on, whatever box they lie in.
  const isString = isStrung(piece) && ['drapes', 'trims'].includes(placement.posture);
  const unit = inch(isLaidAlong ? piece.height : piece.width);
  const height = inch(placement.height);
  const foot = tree && placement.posture === 'trims' ? Math.max(lowest, overTrunk(tree)) : lowest;
  const { x, y, turn: slope } = whereDrawn(placement, piece, spot, frame, left, foot);
  const isRound = isUpright(spot) && placement.posture === 'drapes';
  const isOver = hasSides(spot) && (placement.posture === 'drapes' || isString);
  const isHung = placement.dips > 0 && tree === null && !isRound && !isOver;
  const isWound = tree !== null && (placement.posture === 'drapes' || isString);
  const isAlong = isString && !tree && !isRound && !isOver && !isHung;
  const isScattered = tree !== null && placement.count > 1 && placement.posture !== 'stands' && placement.posture !== 'lies';
  const isBow = piece.kind === 'ribbon' && placement.posture === 'trims';
  const turn = isHung ? 0 : slope;
  const isPlateLaid = placement.posture === 'lies' && piece.kind === 'plate';
  const asPut = isLaidAlong
    ? { ...piece, width: placement.unitHeight }
    : {
        ...piece,
        height: placement.unitHeight,
        ...(isBow ? { shape: 'bow' } : {}),
        ...(isPlateLaid ? { kind: 'tray' as const, shape: 'round' } : {}),
      };
  const isCloth = isLaidCloth(placement, piece);
  const drop = inch(placement.drop) * frame.scale;
  const isAtHeight = hasOwnHeight(spot, placement);
  const isInTiers = spot.tiers.length > 1 || spot.form === 'cone';
  const width = inch(placement.width) * frame.scale;
  const rows = Math.ceil(placement.count / placement.columns);
  // What hangs in rows keeps a gap that the core has worked out.
  const stepX = placement.columns > 1 ? (inch(placement.width) - unit) / (placement.columns - 1) : 0;
  const stepY = rows > 1 ? (inch(placement.height) - inch(placement.unitHeight)) / (rows - 1) : 0;
  const riser = !isOnRiser && ['stands', 'carries', 'leans'].includes(placement.posture) ? inch(placement.raise) : 0;
  const units = isScattered
    ? scattered(tree, placement, unit, inch(placement.unitHeight)).map((one) => ({ x: frame.x(one.left + unit / 2), y: frame.y(one.foot) }))
    : Array.from({ length: placement.count }, (_, i) => ({
        x: x + ((i % placement.columns) * stepX + unit / 2) * frame.scale,
        y: y - (rows - 1 - Math.floor(i / placement.columns)) * stepY * frame.scale,
      }));
  const box =
    isWound || isScattered
      ? roundBox(tree, placement.tier, frame)
      : isRound
        ? aroundPost(spot, placement, frame, left)
        : isOver
          ? aroundDoorway(spot, placement, frame, left)
          : { x, y: y - height * frame.scale, width, height: Math.max(4, height * frame.scale) + drop };
  const said = [
    isOver && left < 0 ? leftWords(spot, left, write.length) : `${write.length(left)} from ${isUpright(spot) ? 'its foot' : 'the left'}`,
    placement.posture,
    isInTiers ? `${tree ? 'band' : 'board'} ${placement.tier + 1}` : isAtHeight ? '' : `${placement.layer} layer`,
    isAtHeight ? `its lower edge ${write.length(spot.ledgeHeight + placement.raise)} from the floor` : '',
    placement.raise > 0 && !isAtHeight ? `raised ${write.length(placement.raise)}` : '',
    isHung ? `${placement.dips} ${placement.dips === 1 ? 'dip' : 'dips'}, ${write.length(placement.drop)} deep` : '',
    isRound && placement.dips > 0 ? `${placement.dips} ${placement.dips === 1 ? 'turn' : 'turns'} round it` : '',
    placement.face ? `turned to ${placement.face}` : '',
  ];
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={isChosen}
      aria-label={`${piece.name}${placement.count > 1 ? `, ${placement.count}` : ''}, ${said.filter((one) => one !== '').join(', ')}`}
      data-testid={`placed-${piece.name}`}
      className="cursor-grab touch-none outline-none"
      transform={turn === 0 ? undefined : `rotate(${-turn} ${x + width / 2} ${y - (height * frame.scale) / 2})`}
      onPointerDown={onDown}
      onPointerMove={onMove}
      onPointerUp={onUp}
      onPointerCancel={onUp}
      onFocus={onFocus}
      onKeyDown={(event) => event.key === 'Enter' && onFocus()}
    >
      {riser > 0 && <rect x={x} y={y} width={width} height={riser * frame.scale} fill="#8F7B5E" stroke="#5F4F38" strokeWidth=".8" />}
      {isHung && <Hanging spot={spot} placement={placement} piece={piece} frame={frame} left={left} foot={foot} />}
      {isRound && <WoundPost spot={spot} placement={placement} piece={piece} frame={frame} left={left} />}
      {isOver && <OverDoorway spot={spot} placement={placement} piece={piece} frame={frame} left={left} />}
      {isWound && <Wound tree={tree} tier={placement.tier} count={placement.count} piece={piece} frame={frame} />}
      {isAlong && <Strung placement={placement} piece={piece} x={x} y={y} width={width} scale={frame.scale} />}
      {isCloth && <LaidCloth spot={spot} placement={placement} piece={piece} frame={frame} left={left} y={y} />}
      {(isHung || isWound || isRound || isOver || isAlong || isCloth ? [] : units).map((at, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: units of one piece are told apart by nothing else
        <g key={i} transform={isLaidAlong ? `rotate(90 ${at.x} ${at.y - (inch(placement.unitHeight) * frame.scale) / 2})` : undefined}>
          <Silhouette
            piece={asPut}
            scale={frame.scale}
            x={at.x}
            y={isLaidAlong ? at.y + ((unit - inch(placement.unitHeight)) * frame.scale) / 2 : at.y}
          />
        </g>
      ))}
      <rect {...box} fill="transparent" stroke={isChosen ? 'var(--color-ink)' : 'none'} strokeWidth="1.4" strokeDasharray="5 3" />
      {isChosen && <rect x={box.x} y={tree || isRound || isOver ? box.y + box.height : y} width={box.width} height="5" fill="var(--color-yolk)" />}
    </g>
  );
}
