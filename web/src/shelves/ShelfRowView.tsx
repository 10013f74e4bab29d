import type { ReactNode } from 'react';
import { draw } from '../silhouettes/draw';
import { ShelfPieces } from '../silhouettes/ShelfPieces';
import { drawnUnits, labelOf, type Reach, type Segment, type ShelfRow, type Slot } from './layout';

type Props = {
  row: ShelfRow;
  scale: number;
  isMoving: boolean;
  active: string | null;
  selected: ReadonlySet<string>;
  onActivate: (id: string, reach: Reach) => void;
  onToggle: (id: string) => void;
  tag: ((id: string) => ReactNode) | undefined;
  describe: (id: string) => string;
};

/** One shelf: wall, uprights between groups, pieces, ledge with their names, tags hanging below. */
export function ShelfRowView({ row, ...rest }: Props) {
  return (
    <div className="relative" role="presentation">
      <div className="wallshade absolute inset-x-0 top-0 h-6" />
      <div className="ledge absolute inset-x-0" style={{ top: row.height }} />
      <div className="relative flex pl-[22px] max-md:pl-2" role="presentation">
        {row.segments.map((segment, i) => (
          <SegmentView key={segment.group.key + segment.slots[0]?.item.id} segment={segment} height={row.height} hasUpright={i > 0} {...rest} />
        ))}
      </div>
    </div>
  );
}

type SegmentProps = Omit<Props, 'row'> & { segment: Segment; height: number; hasUpright: boolean };

function SegmentView({ segment, height, hasUpright, ...rest }: SegmentProps) {
  return (
    <div className="flex" role="group" aria-label={segment.group.title}>
      {hasUpright && <div className="upright mr-px" style={{ height: height + 1 }} aria-hidden="true" />}
      <div style={{ width: 92, height }} className="flex flex-none items-end justify-center" aria-hidden="true">
        {segment.group.toteCode !== undefined ? (
          <ToteCard code={segment.group.toteCode} note={segment.group.note} />
        ) : (
          <PlaceCard title={segment.group.title} note={segment.isFirst ? segment.group.note : 'goes on'} />
        )}
      </div>
      {segment.slots.map((slot) => (
        <SlotView key={slot.item.id} slot={slot} height={height} {...rest} />
      ))}
    </div>
  );
}

function PlaceCard({ title, note }: { title: string; note: string }) {
  return (
    <span className="placecard max-w-[88px]">
      <b className="truncate">{title}</b>
      {note}
    </span>
  );
}

function ToteCard({ code, note }: { code: string; note: string }) {
  const drawn = draw('tote', { w: 18, h: 11, c: ['#D9D8D2'] }, 3.6, code);
  return (
    <span className="text-center">
      <svg width="74" height="44" viewBox="-37 -42 74 44" aria-hidden="true">
        {/* biome-ignore lint/security/noDangerouslySetInnerHtml: path text made here from constants */}
        <g dangerouslySetInnerHTML={{ __html: drawn.g }} />
        <rect x="-15" y="-27" width="30" height="19" fill="#fff" />
        <text y="-13" textAnchor="middle" fontWeight="650" fontSize="12.5">
          {code}
        </text>
      </svg>
      <span className="note block max-w-[88px] truncate">{note}</span>
    </span>
  );
}

type SlotProps = Omit<SegmentProps, 'segment' | 'hasUpright'> & { slot: Slot };

function SlotView({ slot, height, scale, isMoving, active, selected, onActivate, onToggle, tag, describe }: SlotProps) {
  const { piece, id } = slot.item;
  const isActive = active === id;
  const isTaken = selected.has(id);
  const units = drawnUnits(piece);
  const step = (piece.width / 254) * scale * 0.45;
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: keys are handled by the listbox around it
    <div
      id={`piece-${id}`}
      role="option"
      aria-selected={isActive || isTaken}
      tabIndex={-1}
      data-testid={`piece-${piece.name}`}
      className="lift flex-none cursor-pointer text-center outline-none"
      style={{ width: slot.width }}
      onClick={(event) => (event.ctrlKey || event.metaKey ? onToggle(id) : onActivate(id, event.shiftKey ? 'adding' : 'alone'))}
    >
      <span className="relative block" style={{ height }} aria-hidden="true">
        <ShelfPieces isMoving={isMoving} piece={piece} units={units} step={step} scale={scale} width={slot.width} height={height} />
        {(isActive || isTaken) && <span className="absolute inset-x-1 -bottom-0.5 h-1 bg-yolk" />}
      </span>
      <span className={`relative block h-[18px] truncate px-0.5 text-[12px]/[16px] ${isActive ? 'font-bold' : ''}`} style={{ fontStretch: '78%' }}>
        {labelOf(piece)}
        <span className="sr-only">, {describe(id)}</span>
      </span>
      {tag && <span className={`mt-1 inline-block ${isActive ? 'outline-2 outline-ink' : ''}`}>{tag(id)}</span>}
    </div>
  );
}
