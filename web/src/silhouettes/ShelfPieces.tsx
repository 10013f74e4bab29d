import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import type { Piece } from '../api/types';
import { type Painting, ROOM } from './paint';
import { canPaintBeside, knownPicture, wishFor } from './painter';
import { pieceForm } from './pieceForm';
import { Silhouette } from './Silhouette';

type Props = {
  piece: Piece;
  units: number;
  /** From the middle of one unit to that of the next. */
  step: number;
  /** Pixels per inch. */
  scale: number;
  width: number;
  height: number;
};

/**
 * Units of a piece side by side, for shelves with thousands. What comes into sight while they move is painted beside the page and
 * shown a moment later, so that scrolling never waits; at rest it is drawn at once.
 */
export function ShelfPieces({ isMoving, ...props }: Props & { isMoving: boolean }) {
  const [isPicture] = useState(isMoving && canPaintBeside);
  return isPicture ? <Picture {...props} /> : <Drawn {...props} />;
}

function Picture({ piece, units, step, scale, width, height }: Props) {
  const sharpness = useSharpness();
  const painting = useMemo((): Painting => {
    const form = pieceForm(piece);
    const wide = Math.ceil(Math.max(width, form.w * scale + (units - 1) * step)) + 2 * ROOM;
    return { kind: piece.kind, form, seed: piece.id, scale, units, step, width: wide, height: Math.ceil(height) + 2 * ROOM, sharpness };
  }, [piece, units, step, scale, width, height, sharpness]);
  const key = useMemo(() => JSON.stringify(painting), [painting]);
  const [painted, setPainted] = useState<{ key: string; picture: string } | null>(null);
  const known = knownPicture(key);
  useEffect(() => (known ? undefined : wishFor(key, painting, (picture) => setPainted({ key, picture }))), [known, key, painting]);
  const picture = known ?? (painted?.key === key ? painted.picture : undefined);
  return (
    picture && (
      <img
        alt=""
        src={picture}
        className="pointer-events-none absolute max-w-none"
        style={{ width: painting.width, height: painting.height, left: (width - painting.width) / 2, bottom: -ROOM }}
      />
    )
  );
}

function Drawn({ piece, units, step, scale, width, height }: Props) {
  return (
    <svg width={width} height={height} className="block overflow-visible" aria-hidden="true">
      {Array.from({ length: units }, (_, i) => i).map((i) => (
        <Silhouette key={i} piece={piece} scale={scale} x={width / 2 + (i - (units - 1) / 2) * step} y={height} />
      ))}
    </svg>
  );
}

/** Pixels of the screen to one of the page; another number after zooming. */
function useSharpness(): number {
  return useSyncExternalStore(
    (changed) => {
      const media = matchMedia(`(resolution: ${devicePixelRatio}dppx)`);
      media.addEventListener('change', changed);
      return () => media.removeEventListener('change', changed);
    },
    () => devicePixelRatio,
  );
}
