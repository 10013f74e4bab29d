import type { Ribbon, Room, Thread } from '../../api/types';

type Props = {
  thread: Thread;
  ribbons: readonly Ribbon[];
  rooms: readonly Room[];
  at: { room: string; ribbon: number } | null;
  onBreak: (room: string, ribbon: number) => void;
};

const LEFT = 132;
const RIGHT = 96;
const TOP = 40;
const ROW = 38;
const COLUMN = 118;

/** Each ribbon as a thread drawn through the rooms: a knot where it appears, as thick as its share there; a gap where it breaks. */
export function ThreadView({ thread, ribbons, rooms, at, onBreak }: Props) {
  const width = LEFT + thread.rooms.length * COLUMN + RIGHT;
  const height = TOP + ribbons.length * ROW + 6;
  const x = (room: number) => LEFT + room * COLUMN + COLUMN / 2;
  const y = (ribbon: number) => TOP + ribbon * ROW + ROW / 2;
  return (
    <div className="overflow-x-auto">
      <div className="relative" style={{ width, height }}>
        <svg width={width} height={height} className="absolute inset-0" aria-hidden="true">
          {thread.rooms.map((room, i) => (
            <rect
              key={room.room}
              x={x(i) - COLUMN / 2 + 4}
              y={TOP - 6}
              width={COLUMN - 8}
              height={height - TOP + 2}
              fill={room.isBare ? 'none' : '#F6F4EE'}
            />
          ))}
          {ribbons.map((ribbon, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a thread is its ribbon's place on the rod
            <g key={i}>
              {thread.rooms.map((room, j) => {
                const isBroken = room.isBare || room.missing.some((one) => one.ribbon === i) || (room.shares[i] ?? 0) === 0;
                return (
                  <path
                    key={room.room}
                    d={`M${x(j) - COLUMN / 2} ${y(i)}q${COLUMN / 4} ${j % 2 ? 7 : -7} ${COLUMN / 2} 0t${COLUMN / 2} 0`}
                    fill="none"
                    stroke={isBroken ? '#8C918B' : ribbon.hex}
                    strokeWidth={isBroken ? 1 : 4}
                    strokeDasharray={isBroken ? '2 5' : undefined}
                  />
                );
              })}
            </g>
          ))}
        </svg>
        {thread.rooms.map((room, j) => (
          <span key={room.room} className="placecard absolute top-0 -translate-x-1/2" style={{ left: x(j) }}>
            <b>{rooms.find((one) => one.id === room.room)?.name}</b>
            {wordOf(room)}
          </span>
        ))}
        {ribbons.map((ribbon, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a thread is its ribbon's place on the rod
          <div key={i}>
            <span className="absolute left-0 flex items-center gap-1.5 leading-[15px]" style={{ top: y(i) - 15 }}>
              <svg width="10" height="26" aria-hidden="true">
                <path d="M0 0H10V26L5 21L0 26Z" fill={ribbon.hex} stroke="#B9AD90" strokeWidth=".8" />
              </svg>
              <span>
                <b>{ribbon.name}</b>
                <br />
                <span className="note">{ribbon.role}</span>
              </span>
            </span>
            {thread.rooms.map((room, j) => (
              <Knot
                key={room.room}
                left={x(j)}
                top={y(i)}
                hex={ribbon.hex}
                share={room.shares[i] ?? 0}
                label={`${ribbon.name}, ${rooms.find((one) => one.id === room.room)?.name}`}
                isBare={room.isBare}
                isMissing={room.missing.some((one) => one.ribbon === i)}
                isOpen={at?.room === room.room && at.ribbon === i}
                onBreak={() => onBreak(room.room, i)}
              />
            ))}
            <span className="absolute text-[12px]/[15px]" style={{ top: y(i) - 15, left: width - RIGHT + 8 }}>
              <b>{Math.round((thread.shares[i] ?? 0) * 100)} %</b>
              <br />
              of {ribbon.percent} wanted
            </span>
          </div>
        ))}
      </div>
    </div>
  );
}

/** How a room holds the thread, in a word. */
function wordOf(room: Thread['rooms'][number]): string {
  if (room.isBare) return 'bare';
  const missing = room.missing.length + room.owed.length;
  return missing === 0 ? 'holds' : `${missing} missing`;
}

type KnotProps = {
  left: number;
  top: number;
  hex: string;
  share: number;
  label: string;
  isBare: boolean;
  isMissing: boolean;
  isOpen: boolean;
  onBreak: () => void;
};

function Knot({ left, top, hex, share, label, isBare, isMissing, isOpen, onBreak }: KnotProps) {
  if (isBare) return null;
  if (isMissing) {
    return (
      <button
        type="button"
        aria-expanded={isOpen}
        aria-label={`${label}: missing. What would mend it?`}
        onClick={onBreak}
        className={`absolute -translate-x-1/2 -translate-y-1/2 border border-dashed border-ink px-1.5 text-[12px]/[20px] font-semibold
          ${isOpen ? 'bg-yolk' : 'bg-paper hover:bg-yolk-soft'}`}
        style={{ left, top }}
      >
        mend
      </button>
    );
  }
  const size = 10 + Math.sqrt(share) * 26;
  return share === 0 ? null : (
    <span
      role="img"
      aria-label={`${label}: ${Math.round(share * 100)} percent`}
      title={`${label}: ${Math.round(share * 100)} %`}
      className="absolute -translate-x-1/2 -translate-y-1/2 rotate-45 border border-[#8f8a7c]"
      style={{ left, top, width: size * 0.7, height: size * 0.7, background: hex }}
    />
  );
}
