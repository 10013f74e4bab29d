import type { House } from '../../api/types';

type Props = { house: House; chosen: readonly string[]; onChange: (spots: string[]) => void };

/** The spots that are done on this day and not on the swap day, room by room. */
export function SpotsOfDay({ house, chosen, onChange }: Props) {
  const toggle = (id: string, isOn: boolean) => onChange(isOn ? [...chosen, id] : chosen.filter((one) => one !== id));
  return (
    <fieldset className="grid gap-1">
      <legend className="font-semibold text-ink-2">Spots done on this day</legend>
      {house.rooms
        .filter((room) => house.spots.some((spot) => spot.room === room.id))
        .map((room) => (
          <div key={room.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-line py-1">
            <span className="w-28 text-ink-2">{room.name}</span>
            {house.spots
              .filter((spot) => spot.room === room.id)
              .map((spot) => (
                <label key={spot.id} className="flex min-h-[28px] items-center gap-1.5 max-md:min-h-[44px]">
                  <input type="checkbox" checked={chosen.includes(spot.id)} onChange={(event) => toggle(spot.id, event.target.checked)} /> {spot.name}
                </label>
              ))}
          </div>
        ))}
    </fieldset>
  );
}
