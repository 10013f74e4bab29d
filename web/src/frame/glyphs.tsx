import type { ReactNode } from 'react';

export type Station = 'look' | 'table' | 'rooms' | 'haul' | 'day' | 'settle';

/** Cut-paper signs of the six stations: near neutral, yolk only when open. */
export function StationGlyph({ station, isOpen }: { station: Station; isOpen: boolean }) {
  const [a, b, c] = isOpen ? ['#2B302C', '#4A504B', '#F4B740'] : ['#8C918B', '#A6AAA4', '#C9CAC3'];
  const ribbon = (x: number, w: number, h: number, fill: string) => (
    <path key={x} d={`M${x} 3h${w}V${h}l${-w / 2} -3.4l${-w / 2} 3.4Z`} fill={fill} />
  );
  const drawings: Record<Station, ReactNode> = {
    look: (
      <>
        <path d="M1 3H33" stroke={a} strokeWidth="2.2" />
        {ribbon(3, 9, 29, c)}
        {ribbon(14, 6, 25, a)}
        {ribbon(22, 4, 31, b)}
        {ribbon(28, 3.6, 22, a)}
      </>
    ),
    table: (
      <>
        <path d="M0 13h38v4H0Z" fill={a} />
        <path d="M4 17h4L6.6 33h-2ZM30 17h4l-.6 16h-2Z" fill={b} />
        <path d="M8 13 7 7Q10 4 10 1h5q0 3 3 6l-1 6Z" fill={c} />
        <path d="M22 8h10v5H22Z" fill={b} />
        <path d="M24 4.5h7V8h-7Z" fill={c} />
      </>
    ),
    rooms: (
      <>
        <path d="M1 33V15L17 3l16 12v18Z" fill={b} />
        <path d="M-1 16 17 1l18 15-2 3L17 6 1 19Z" fill={a} />
        <path d="M7 18h7v6H7ZM20 18h7v6h-7Z" fill={c} />
        <path d="M14 26h6v7h-6Z" fill={a} />
      </>
    ),
    haul: (
      <>
        <path d="M7 17C7-1 29-1 29 17" fill="none" stroke={a} strokeWidth="2.2" />
        <path d="M2 16h32l-4 17H6Z" fill={b} />
        <path d="M2 16h32l-1 4H3Z" fill={a} />
        <path d="M9 24h4M17 24h4M25 24h3M11 28.500h4M19 28.500h4" stroke={c} strokeWidth="2.2" />
      </>
    ),
    day: (
      <>
        <path d="m4 4 24-2 2 31H6Z" fill={isOpen ? '#fff' : '#E4E3DC'} stroke={a} strokeWidth="1.4" />
        <path d="m9 12 2 2 4-5M9 20l2 2 4-5M9 27.500h4" fill="none" stroke={isOpen ? '#1E4D45' : a} strokeWidth="1.8" />
        <path d="M18 12h8M18 20h8M18 27.500h8" stroke={b} strokeWidth="1.8" />
        <path d="M12 0h9v5h-9Z" fill={isOpen ? c : a} />
      </>
    ),
    settle: (
      <>
        <path d="M6 20V8q0-5 6-5h14q6 0 6 5v12Z" fill={b} />
        <path d="M1 16q0-4 4-4t4 4v7h20v-7q0-4 4-4t4 4v13H1Z" fill={a} />
        <path d="M4 29h3v4H4ZM31 29h3v4h-3Z" fill={a} />
        <path d="m13 10 11-1 2 12-12 1Z" fill={c} />
      </>
    ),
  };
  return (
    <svg width="39" height="34" viewBox="0 0 39 34" aria-hidden="true" className="overflow-visible">
      {drawings[station]}
    </svg>
  );
}

/** An opened cupboard: the mark of the application. */
export function CupboardMark() {
  return (
    <svg width="40" height="38" viewBox="0 0 40 38" aria-hidden="true" className="mx-auto mb-1 block">
      <rect x="7" y="1" width="26" height="36" rx="1.5" fill="#0F2C27" />
      <rect x="10" y="4" width="20" height="30" fill="#F4B740" />
      <path d="M10 14h20M10 24h20" stroke="#8A5E00" strokeWidth="1.4" />
      <path d="M13 14v-4q2.5-2 5 0v4ZM22 14V8h4v6ZM12 24v-3h8v3ZM24 24q-2-3 0-6q2 3 0 6Z" fill="#7A4E00" />
      <path d="M7 1 1 4.500V34l6 3Z" fill="#E9E5DA" />
      <path d="M5.7 6 2.4 8v22l3.3 2Z" fill="#CFC9BA" />
      <rect x="21" y="1" width="12" height="36" rx="1" fill="#F5F2E8" />
      <path d="M23.6 4.400h7v12h-7ZM23.6 20h7v13.400h-7Z" fill="#DDD8CA" />
      <circle cx="22.6" cy="18.4" r="1.1" fill="#1E4D45" />
    </svg>
  );
}

/** The ribbons of a look, side by side, as wide as their shares. */
export function RibbonBunch({
  ribbons,
  width,
  height,
}: {
  ribbons: readonly { name: string; hex: string; percent: number }[];
  width: number;
  height: number;
}) {
  let x = 0;
  return (
    <svg width={width} height={height} aria-hidden="true" className="drop-shadow-sm">
      {ribbons.map((ribbon) => {
        const w = Math.max(1, (ribbon.percent / 100) * width - 1.2);
        const left = x;
        x += (ribbon.percent / 100) * width;
        return (
          <path
            key={ribbon.name + ribbon.hex}
            d={`M${left} 0h${w}v${height - 1}l${-w / 2} -4l${-w / 2} 4Z`}
            fill={ribbon.hex}
            stroke="#C7BA9C"
            strokeWidth=".5"
          />
        );
      })}
    </svg>
  );
}
