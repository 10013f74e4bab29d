import { useHouse, useWriting } from '../../api/home';
import type { Piece, Placement, Spot } from '../../api/types';
import { inch } from '../../lib/inches';
import { inkOn } from '../../lib/inkOn';
import { isUpright } from '../../lib/runs';
import { type Frame, rulerMarks } from './frame';

/** Wall, clear height and the stretches that must stay usable. */
export function BackWall({ spot, frame }: { spot: Spot; frame: Frame }) {
  const write = useWriting();
  const [left, right] = [frame.x(0), frame.x(inch(spot.width))];
  const clear = spot.clearHeight === null ? null : frame.y(inch(spot.clearHeight));
  return (
    <g>
      <defs>
        <pattern id="keep-clear" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V7" stroke="#1F2421" strokeWidth="1.1" opacity=".38" />
        </pattern>
      </defs>
      <rect x={left} y={frame.ledgeY - frame.wallHeight} width={right - left} height={frame.wallHeight} fill={spot.wall} />
      {spot.form === 'ledge' && frame.below > 0 && <LedgeFront spot={spot} frame={frame} />}
      {clear !== null && clear > frame.ledgeY - frame.wallHeight && (
        <g>
          <rect
            x={left}
            y={frame.ledgeY - frame.wallHeight}
            width={right - left}
            height={clear - frame.ledgeY + frame.wallHeight}
            fill="#1F2421"
            opacity=".1"
          />
          <path d={`M${left} ${clear}H${right}`} stroke="#1F2421" strokeDasharray="2 3" />
          <text x={left + 6} y={clear - 5} fontSize="12" fontWeight="600">
            {write.length(spot.clearHeight ?? 0)} clear
          </text>
        </g>
      )}
      {spot.keepClear.map((zone) => {
        const x = frame.x(inch(zone.from));
        const width = frame.x(inch(zone.to)) - x;
        const isAtTheEnd = x + width / 2 > frame.viewWidth - 110;
        return (
          <g key={zone.from}>
            <rect
              x={x}
              y={frame.ledgeY - frame.wallHeight}
              width={width}
              height={frame.wallHeight}
              fill="url(#keep-clear)"
              stroke="#1F2421"
              strokeDasharray="4 3"
              strokeOpacity=".5"
            />
            <text
              x={isAtTheEnd ? x + width : x + width / 2}
              y={frame.ledgeY - frame.wallHeight - 6}
              textAnchor={isAtTheEnd ? 'end' : 'middle'}
              fontSize="12"
            >
              keep clear: {zone.reason}
            </text>
          </g>
        );
      })}
    </g>
  );
}

/** The front of a ledge that something hangs from, and what is below it. */
function LedgeFront({ spot, frame }: { spot: Spot; frame: Frame }) {
  const [left, right] = [frame.x(0), frame.x(inch(spot.width))];
  return (
    <g>
      <rect x={left} y={frame.ledgeY} width={right - left} height={frame.below * frame.scale} fill={spot.wall} opacity=".55" />
      <rect
        x={left - 6}
        y={frame.ledgeY}
        width={right - left + 12}
        height={1.5 * frame.scale}
        fill="var(--color-ledge)"
        stroke="var(--color-line-2)"
      />
    </g>
  );
}

/** Between the figures of a ruler. */
const CLOSEST = 26;

/** Ledge front with its ruler and the middle of what is dressed, and the ruler of heights on the left: over the board, of a panel over the floor. */
export function Rulers({ spot, frame, middle }: { spot: Spot; frame: Frame; middle: number }) {
  const { home } = useHouse();
  const isPost = isUpright(spot);
  const width = inch(isPost ? spot.depth : spot.width);
  const isPanel = spot.form === 'panel';
  const { along, up } = rulerMarks(width, frame.wallHeight / frame.scale, home.unit, isPanel || isPost ? inch(spot.ledgeHeight) : 0);
  // Figures that would run into one another are left out.
  const apart = along.length > 1 ? ((along[1]?.at ?? 0) - (along[0]?.at ?? 0)) * frame.scale : CLOSEST;
  const every = Math.max(1, Math.ceil(CLOSEST / apart));
  const isUnder = ['panel', 'run', 'seat', 'ledge'].includes(spot.form);
  const foot = isUnder ? frame.ledgeY + frame.below * frame.scale : frame.ledgeY;
  return (
    <g fontSize="12" fill="var(--color-ink-2)">
      <rect x={frame.x(0) - 6} y={foot} width={width * frame.scale + 12} height="22" fill="var(--color-ledge)" />
      <path d={`M${frame.x(0) - 6} ${foot}H${frame.x(width) + 6}`} stroke="var(--color-card)" strokeWidth="2" />
      <path d={`M${frame.x(0) - 6} ${foot + 22}H${frame.x(width) + 6}`} stroke="var(--color-line-2)" strokeWidth="1.5" />
      {(isPost ? [] : along.filter((_, i) => i % every === 0)).map(({ at, text }) => (
        <g key={at}>
          <path d={`M${frame.x(at)} ${foot + 1}v5`} stroke="var(--color-ink-2)" />
          <text x={frame.x(at)} y={foot + 17} textAnchor="middle">
            {text}
          </text>
        </g>
      ))}
      {!isPost && <path d={`M${frame.x(inch(middle))} ${foot + 22}l5 7h-10Z`} fill="var(--color-ink)" />}
      {up.map(({ at, text }) => (
        <g key={at}>
          <path d={`M${frame.x(-frame.past) - 10} ${frame.y(at)}h6`} stroke="var(--color-ink-2)" />
          <text x={frame.x(-frame.past) - 14} y={frame.y(at) + 4} textAnchor="end">
            {text}
          </text>
        </g>
      ))}
    </g>
  );
}

type LanesProps = {
  placements: readonly Placement[];
  pieces: ReadonlyMap<string, Piece>;
  frame: Frame;
  spot: Spot;
  leftOf: (placement: Placement) => number;
  chosen: string | null;
};

/** The ledge from above, as three lanes from the wall to the front. */
export function Lanes({ placements, pieces, frame, spot, leftOf, chosen }: LanesProps) {
  const top = frame.ledgeY + frame.below * frame.scale + 32;
  return (
    <g fontSize="12">
      {(['back', 'middle', 'front'] as const).map((layer, lane) => (
        <g key={layer}>
          <text x={frame.x(0) - 8} y={top + lane * 17 + 11} textAnchor="end" fill="#47504B">
            {layer}
          </text>
          <path d={`M${frame.x(0)} ${top + lane * 17 + 15.5}H${frame.x(inch(spot.width))}`} stroke="#DCD7CA" />
          {placements
            .filter((one) => one.layer === layer && !one.isOnWall)
            .map((one) => {
              const piece = pieces.get(one.piece);
              // What falls over the ends is in its lane as far as the ledge goes.
              const from = Math.max(0, leftOf(one));
              const width = Math.max(0, Math.min(inch(spot.width), leftOf(one) + inch(one.width)) - from) * frame.scale;
              const hex = piece?.colours[0]?.hex ?? '#CCCCC4';
              return (
                <g key={one.id}>
                  <rect
                    x={frame.x(from)}
                    y={top + lane * 17}
                    width={width}
                    height="14"
                    rx="2"
                    fill={hex}
                    stroke={one.id === chosen ? '#1F2421' : '#A39C8C'}
                    strokeWidth={one.id === chosen ? 2 : 0.7}
                  />
                  {width > 52 && (
                    <text x={frame.x(from) + width / 2} y={top + lane * 17 + 11} textAnchor="middle" fontSize="11" fill={inkOn(hex)}>
                      {(piece?.name ?? '').slice(0, Math.floor(width / 6.2))}
                    </text>
                  )}
                </g>
              );
            })}
        </g>
      ))}
    </g>
  );
}
