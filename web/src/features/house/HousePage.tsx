import { useState } from 'react';
import { useHouse } from '../../api/home';
import type { Room, Spot } from '../../api/types';
import { NextStep } from '../../frame/NextStep';
import { counted } from '../../lib/text';
import { RoomDialog } from './RoomDialog';
import { SpotDrawing, SpotMeasures } from './SpotCard';
import { SpotDialog } from './SpotDialog';
import { WalkLine } from './WalkLine';

/** The rooms on the walk through the house and their spots, each ledge drawn as wide and high as it is. */
export function HousePage() {
  const house = useHouse();
  const [room, setRoom] = useState<{ room?: Room } | null>(null);
  const [spot, setSpot] = useState<{ spot?: Spot; room: string } | null>(null);
  const assumed = house.spots.filter((one) => one.assumed.length > 0).length;
  return (
    <div className="p-5 pl-[22px] max-md:p-3 max-md:pb-24">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h2 className="text-[22px]/[28px]">
          {house.home.name}{' '}
          <span className="font-text text-[13px] font-normal text-ink-2">
            {counted(house.rooms.length, 'room')}, {counted(house.spots.length, 'spot')}
            {assumed > 0 && `, ${assumed} to walk with a tape`}; in the order of a walk through the house
          </span>
        </h2>
        <button type="button" className="btn no-print" onClick={() => setRoom({})}>
          New room
        </button>
      </div>
      <WalkLine />
      {house.spots.length > 0 && <NextStep />}
      <div className="flex flex-wrap items-start gap-x-14">
        {house.rooms.map((one) => (
          <section key={one.id} className="mt-5 max-w-full" aria-label={one.name}>
            <div className="flex items-baseline gap-3">
              <h3 className="text-[17px]/[22px]" dir="auto">
                {one.name}
              </h3>
              <button type="button" className="link no-print font-normal" onClick={() => setRoom({ room: one })} aria-label={`Change ${one.name}`}>
                Change
              </button>
              <button
                type="button"
                className="link no-print font-normal"
                onClick={() => setSpot({ room: one.id })}
                aria-label={`New spot in ${one.name}`}
              >
                New spot
              </button>
            </div>
            <div className="mt-1 flex flex-wrap items-start gap-x-5 gap-y-4">
              {house.spots
                .filter((each) => each.room === one.id)
                .map((each) => (
                  <button
                    key={each.id}
                    type="button"
                    onClick={() => setSpot({ spot: each, room: one.id })}
                    className="max-w-full text-left hover:bg-yolk-soft"
                  >
                    <SpotDrawing spot={each} />
                    {/* As wide as its drawing, however much there is to say. */}
                    <span className="block w-0 min-w-full">
                      <b className="block" dir="auto">
                        {each.name}
                      </b>
                      <SpotMeasures spot={each} />
                    </span>
                  </button>
                ))}
            </div>
          </section>
        ))}
      </div>
      {room && <RoomDialog {...room} onClose={() => setRoom(null)} />}
      {spot && <SpotDialog {...spot} onClose={() => setSpot(null)} />}
    </div>
  );
}
