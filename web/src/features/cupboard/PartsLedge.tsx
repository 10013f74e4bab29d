import { useWriting } from '../../api/home';
import type { Piece } from '../../api/types';
import type { Drawable } from '../../silhouettes/pieceForm';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';

type Drawn = Drawable & Pick<Piece, 'id' | 'name'>;

type Props = {
  parts: readonly { piece: Piece; units: number }[];
  /** What comes of them, as far as is known. */
  result: Drawn | null;
  onUnits: (id: string, units: number) => void;
  onRemove: (id: string) => void;
};

const HEIGHT = 150;
const WIDTH = 800;

/** The parts of an arrangement side by side on one ledge, at one scale, each with how many go into it; behind them what comes of it. */
export function PartsLedge({ parts, result, onUnits, onRemove }: Props) {
  const write = useWriting();
  const shown = [...parts.map(({ piece }) => piece), ...(result ? [result] : [])];
  const tallest = Math.max(1, ...shown.map(shownHeight));
  const inches = shown.reduce((sum, piece) => sum + piece.width / 254, 0);
  const scale = Math.min((HEIGHT - 8) / tallest, (WIDTH - 20 * shown.length) / Math.max(1, inches));
  return (
    <div className="flex overflow-x-auto">
      {parts.map(({ piece, units }) => {
        return (
          <div key={piece.id} className="min-w-[124px] flex-1 text-center">
            <Standing piece={piece} scale={scale} />
            <p className="text-[12px]/[16px]">{write.size(piece)}</p>
            <span className="flex items-center justify-center gap-1 pt-1">
              <input
                type="number"
                className="w-14"
                min={1}
                max={piece.count}
                aria-label={`How many of ${piece.name}`}
                value={units}
                onChange={(event) => onUnits(piece.id, Math.max(1, Number(event.target.value)))}
              />
              <span className="note">of {piece.count}</span>
              <button type="button" className="btn" aria-label={`Leave ${piece.name} out`} onClick={() => onRemove(piece.id)}>
                ✕
              </button>
            </span>
          </div>
        );
      })}
      {result && (
        <div className="min-w-[140px] flex-1 border-l border-line text-center">
          <Standing piece={result} scale={scale} />
          <p className="note">as one, about</p>
        </div>
      )}
    </div>
  );
}

function Standing({ piece, scale }: { piece: Drawn; scale: number }) {
  const width = Math.max(110, (piece.width / 254) * scale + 12);
  return (
    <>
      <svg width={width} height={HEIGHT} className="mx-auto block overflow-visible" aria-hidden="true">
        <Silhouette piece={piece} scale={scale} x={width / 2} y={HEIGHT - 1} />
      </svg>
      <div className="ledge truncate px-1 text-[12px]/[17px] font-semibold" dir="auto">
        {piece.name}
      </div>
    </>
  );
}
