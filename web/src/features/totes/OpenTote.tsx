import { useWriting } from '../../api/home';
import type { Piece, Tote, ToteContents } from '../../api/types';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';

type Props = { tote: Tote; contents: ToteContents; pieces: ReadonlyMap<string, Piece> };

const WIDTH = 620;
const TENTHS = 254;
const COILED = new Set<Piece['kind']>(['garland', 'lights', 'beads', 'ribbon']);

/** What stands behind is drawn higher and to the right, by these parts of how far behind it stands. */
const UP = 0.2;
const ALONG = 0.13;

/** The front of a tote taken off: its pieces in the rows they would be packed in, heavy below, what breaks on top, all at one scale. */
export function OpenTote({ tote, contents, pieces }: Props) {
  const write = useWriting();
  const wide = tote.width + tote.depth * ALONG;
  const scale = Math.min(14, WIDTH / (wide / TENTHS));
  const px = (tenths: number) => (tenths / TENTHS) * scale;
  const top = Math.max(tote.height + tote.depth * UP, ...contents.picture.map((lying) => lying.bottom + lying.height + lying.behind * UP));
  const height = px(top) + 30;
  const floor = height - 14;
  const [width, rim, rise, along] = [px(tote.width), floor - px(tote.height), px(tote.depth * UP), px(tote.depth * ALONG)];
  const fromTheBack = [...contents.picture].map((lying, i) => ({ ...lying, i })).sort((a, b) => b.behind - a.behind || a.bottom - b.bottom);
  return (
    <div className="overflow-x-auto">
      <svg
        width={px(wide) + 44}
        height={height}
        role="img"
        aria-label={`Tote ${tote.code} from the front, ${write.length(tote.width)} wide and ${write.length(tote.height)} high inside`}
      >
        <g transform="translate(22 0)">
          <path d={`M0 ${floor}l${along} ${-rise}H${width + along}V${rim - rise}H${along}V${floor - rise}`} fill="#EFECE3" />
          <path
            d={`M0 ${floor}l${along} ${-rise}V${rim - rise}L0 ${rim}ZM${width} ${floor}l${along} ${-rise}V${rim - rise}L${width} ${rim}Z`}
            fill="#E3DED2"
          />
          {fromTheBack.map((lying) => {
            const piece = pieces.get(lying.piece);
            if (!piece) return null;
            const [across, up] = lying.isOnSide ? [lying.height, lying.width] : [lying.width, lying.height];
            const [tall, broad] = [shownHeight(piece), piece.width / TENTHS];
            const drawn = COILED.has(piece.kind) ? Math.min(px(up) / tall, px(across) / broad) : Math.max(px(up) / tall, px(across) / broad);
            // What lies flat is seen from its edge: drawn whole, then pressed into the room it takes.
            const [sx, sy] = COILED.has(piece.kind) ? [1, 1] : [px(across) / (broad * drawn), px(up) / (tall * drawn)];
            const [x, y] = [px(lying.left + lying.behind * ALONG), floor - px(lying.bottom + lying.behind * UP)];
            return (
              <g key={lying.i}>
                <title>{piece.name}</title>
                {lying.isOver && <rect x={x} y={y - px(lying.height)} width={px(lying.width)} height={px(lying.height)} fill="#FCEBC3" />}
                <g transform={lying.isOnSide ? `rotate(90 ${x} ${y}) translate(${-px(lying.height) / 2} 0)` : `translate(${px(lying.width) / 2} 0)`}>
                  <g transform={`translate(${x} ${y}) scale(${sx} ${sy})`}>
                    <Silhouette piece={piece} scale={drawn} x={0} y={0} />
                  </g>
                </g>
              </g>
            );
          })}
          <path
            d={`M-9 ${rim - 4}H0V${floor}H${width}V${rim - 4}H${width + 9}`}
            fill="none"
            stroke="#8C918B"
            strokeWidth="5"
            strokeLinejoin="round"
          />
        </g>
      </svg>
      <p className="note">From the front, at scale; what stands behind is drawn higher. Soft things are pressed together. Yellow: over the rim.</p>
    </div>
  );
}
