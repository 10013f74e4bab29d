import { useWriting } from '../../api/home';
import type { Piece, Tote, ToteContents } from '../../api/types';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';

type Props = { tote: Tote; contents: ToteContents; pieces: ReadonlyMap<string, Piece> };

const WIDTH = 620;
const TENTHS = 254;

/** The front of a tote taken off: its pieces in the rows they would be packed in, heavy below, what breaks on top, all at one scale. */
export function OpenTote({ tote, contents, pieces }: Props) {
  const write = useWriting();
  const scale = Math.min(14, WIDTH / (tote.width / TENTHS));
  const px = (tenths: number) => (tenths / TENTHS) * scale;
  const top = Math.max(tote.height, ...contents.picture.map((lying) => lying.bottom + lying.height));
  const height = px(top) + 30;
  const floor = height - 14;
  return (
    <div className="overflow-x-auto">
      <svg
        width={px(tote.width) + 44}
        height={height}
        role="img"
        aria-label={`Tote ${tote.code} from the front, ${write.length(tote.width)} wide and ${write.length(tote.height)} high inside`}
      >
        <g transform="translate(22 0)">
          <rect x="0" y={floor - px(tote.height)} width={px(tote.width)} height={px(tote.height)} fill="#F6F4EE" />
          {contents.picture.map((lying, i) => {
            const piece = pieces.get(lying.piece);
            if (!piece) return null;
            const drawn = Math.min(px(lying.height) / shownHeight(piece), px(lying.width) / (piece.width / TENTHS));
            return (
              // biome-ignore lint/suspicious/noArrayIndexKey: a place in the tote is its place in the packing
              <g key={i}>
                <title>{piece.name}</title>
                <rect
                  x={px(lying.left)}
                  y={floor - px(lying.bottom + lying.height)}
                  width={px(lying.width)}
                  height={px(lying.height)}
                  fill={lying.isOver ? '#FCEBC3' : 'none'}
                  stroke="#C4BEAF"
                  strokeDasharray="3 3"
                />
                <Silhouette piece={piece} scale={drawn} x={px(lying.left + lying.width / 2)} y={floor - px(lying.bottom)} />
              </g>
            );
          })}
          <path
            d={`M-9 ${floor - px(tote.height) - 4}H0V${floor}H${px(tote.width)}V${floor - px(tote.height) - 4}H${px(tote.width) + 9}`}
            fill="none"
            stroke="#8C918B"
            strokeWidth="5"
            strokeLinejoin="round"
          />
        </g>
      </svg>
      <p className="note">Seen from the front, at scale; more of the same stand behind. Soft things are pressed together. Yellow: over the rim.</p>
    </div>
  );
}
