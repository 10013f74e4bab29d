import { Link, useNavigate } from 'react-router';
import { useHouse, useSwap } from '../../api/home';
import type { components } from '../../api/schema';
import type { Spot } from '../../api/types';
import { useNarrow } from '../../lib/useNarrow';

export type SpotState = components['schemas']['SpotState'];

/** The spots of the house by room, each with how far it is; the next focal points on top. */
export function SpotList({ spot, states }: { spot: Spot; states: readonly SpotState[] }) {
  const house = useHouse();
  const current = useSwap();
  const isNarrow = useNarrow();
  const state = new Map(states.map((one) => [one.spot, one]));
  const link = (one: Spot) => `/homes/${house.home.id}/swaps/${current?.swap.id}/rooms/${one.id}`;
  const bare = states
    .filter((one) => one.placements === 0)
    .slice(0, 3)
    .flatMap((one) => house.spots.find((other) => other.id === one.spot) ?? []);
  if (isNarrow) return <SpotChoice spot={spot} state={state} link={link} />;
  return (
    <nav aria-label="Spots" className="no-print overflow-y-auto py-3 pl-[22px] xl:max-h-[calc(100vh-96px)]">
      {bare.length > 0 && (
        <section className="mb-3">
          <h3 className="text-[14px]/[20px]">Next focal points</h3>
          <ul>
            {bare.map((one) => (
              <li key={one.id}>
                <Link to={link(one)} className="block truncate py-1 hover:underline">
                  {one.name}
                </Link>
              </li>
            ))}
          </ul>
        </section>
      )}
      <div>
        {house.rooms.map((room) => (
          <section key={room.id} className="mb-2">
            <h3 className="flex justify-between text-[14px]/[20px]">
              {room.name}
              <Link
                className="link inline-flex min-h-[24px] items-center px-1 text-[12px]"
                to={`/homes/${house.home.id}/swaps/${current?.swap.id}/floors/${room.id}`}
                aria-label={`The floor of ${room.name}`}
              >
                floor
              </Link>
            </h3>
            <ul className="rows">
              {house.spots
                .filter((one) => one.room === room.id)
                .map((one) => {
                  const is = state.get(one.id);
                  return (
                    <li key={one.id}>
                      <Link
                        to={link(one)}
                        aria-current={one.id === spot.id ? 'page' : undefined}
                        className="flex justify-between gap-2 px-1.5 py-1 hover:bg-yolk-soft aria-[current=page]:bg-yolk aria-[current=page]:font-semibold"
                      >
                        <span className="truncate">{one.name}</span>
                        <span className="flex-none text-[12px]">
                          {is?.needs ? '◌ ' : ''}
                          {is && is.placements > 0 ? `${is.good}/${is.checks}` : 'bare'}
                        </span>
                      </Link>
                    </li>
                  );
                })}
            </ul>
          </section>
        ))}
      </div>
    </nav>
  );
}

type ChoiceProps = { spot: Spot; state: ReadonlyMap<string, SpotState>; link: (spot: Spot) => string };

/** On a phone the spots are one choice, room by room. */
function SpotChoice({ spot, state, link }: ChoiceProps) {
  const house = useHouse();
  const current = useSwap();
  const navigate = useNavigate();
  const howFar = (one: Spot) => {
    const is = state.get(one.id);
    return is && is.placements > 0 ? `${is.good} of ${is.checks}` : 'bare';
  };
  return (
    <div className="no-print px-3 pt-3">
      <select
        aria-label="Spot"
        className="min-h-11 w-full text-[15px]"
        value={spot.id}
        onChange={(event) => {
          const chosen = house.spots.find((one) => one.id === event.target.value);
          if (chosen) void navigate(link(chosen));
        }}
      >
        {house.rooms.map((room) => (
          <optgroup key={room.id} label={room.name}>
            {house.spots
              .filter((one) => one.room === room.id)
              .map((one) => (
                <option key={one.id} value={one.id}>
                  {one.name}, {howFar(one)}
                </option>
              ))}
          </optgroup>
        ))}
      </select>
      <Link className="link inline-flex min-h-[44px] items-center" to={`/homes/${house.home.id}/swaps/${current?.swap.id}/floors/${spot.room}`}>
        The floor of {house.rooms.find((room) => room.id === spot.room)?.name ?? 'the room'}
      </Link>
    </div>
  );
}
