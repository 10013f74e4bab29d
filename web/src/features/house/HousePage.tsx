import { useState } from 'react';
import { useHouse, useWriting } from '../../api/home';
import type { Room, Spot } from '../../api/types';
import { counted } from '../../lib/text';
import { EmptyLedge } from '../../ui/States';
import { RoomDialog } from './RoomDialog';
import { SpotDialog } from './SpotDialog';

/** The rooms on the walk through the house and their spots, each ledge drawn as wide and high as it is. */
export function HousePage() {
  const house = useHouse();
  const [room, setRoom] = useState<{ room?: Room } | null>(null);
  const [spot, setSpot] = useState<{ spot?: Spot; room: string } | null>(null);
  return (
    <div className="p-5 pl-[22px] max-md:p-3 max-md:pb-24">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h2 className="text-[22px]/[28px]">
          {house.home.name}{' '}
          <span className="font-text text-[13px] font-normal text-ink-2">
            {counted(house.rooms.length, 'room')}, {counted(house.spots.length, 'spot')}; the order is that of the walk through the house
          </span>
        </h2>
        <button type="button" className="btn btn-main" onClick={() => setRoom({})}>
          New room
        </button>
      </div>
      {house.rooms.length === 0 && <EmptyLedge>No rooms yet. Enter the first one, then the places in it that get dressed.</EmptyLedge>}
      {house.rooms.map((one) => (
        <section key={one.id} className="mt-5" aria-label={one.name}>
          <div className="flex items-baseline gap-3">
            <h3 className="text-[17px]/[22px]" dir="auto">
              {one.name}
            </h3>
            <button type="button" className="link font-normal" onClick={() => setRoom({ room: one })} aria-label={`Change ${one.name}`}>
              Change
            </button>
            <button type="button" className="link font-normal" onClick={() => setSpot({ room: one.id })} aria-label={`New spot in ${one.name}`}>
              New spot
            </button>
          </div>
          <div className="mt-1 flex flex-wrap items-start gap-x-6 gap-y-4">
            {house.spots
              .filter((each) => each.room === one.id)
              .map((each) => (
                <SpotCard key={each.id} spot={each} onOpen={() => setSpot({ spot: each, room: one.id })} />
              ))}
          </div>
        </section>
      ))}
      {room && <RoomDialog {...room} onClose={() => setRoom(null)} />}
      {spot && <SpotDialog {...spot} onClose={() => setSpot(null)} />}
    </div>
  );
}

const SCALE = 2.2;
const FLOOR = 70;

/** A spot as a small drawing at one scale for the whole house: ledge over the floor, clear height, keep-clear. */
function SpotCard({ spot, onOpen }: { spot: Spot; onOpen: () => void }) {
  const write = useWriting();
  const inch = (tenths: number) => (tenths / 254) * SCALE;
  const width = inch(spot.width);
  const ledge = Math.min(FLOOR - 6, inch(spot.ledgeHeight) * 0.36);
  const clear = spot.clearHeight === null ? null : Math.min(52, inch(spot.clearHeight) * 0.5);
  const y = 78 - ledge;
  return (
    <button type="button" onClick={onOpen} className="text-left hover:bg-yolk-soft">
      <svg width={Math.max(96, width + 8)} height="84" aria-hidden="true" className="block">
        <rect x="4" y={clear === null ? 2 : y - clear} width={width} height={clear === null ? y - 2 : clear} fill={spot.wall} stroke="#DCD7CA" />
        {clear !== null && <path d={`M4 ${y - clear}h${width}`} stroke="#1F2421" strokeDasharray="2 3" />}
        {spot.keepClear.map((zone) => (
          <rect
            key={zone.from}
            x={4 + inch(zone.from)}
            y={y - 20}
            width={inch(zone.to - zone.from)}
            height="20"
            fill="none"
            stroke="#1F2421"
            strokeDasharray="2 2"
          />
        ))}
        <rect x="4" y={y} width={width} height="5" fill="#D3CDBF" />
        <path d="M0 83H400" stroke="#C4BEAF" strokeWidth="2" />
      </svg>
      <b className="block" dir="auto">
        {spot.name}
      </b>
      <span className="note block">
        {spot.kind}, {write.length(spot.width)} × {write.length(spot.depth)}
        {spot.clearHeight !== null && `, ${write.length(spot.clearHeight)} clear`}
      </span>
      {spot.hazards.length > 0 && <span className="note block">{spot.hazards.join(', ')}</span>}
    </button>
  );
}
