import { useQuery } from '@tanstack/react-query';
import { useHouse } from '../../api/home';
import { roomsQuery } from '../../api/queries';
import type { Swap } from '../../api/types';
import { SpotPhotos } from '../../frame/SpotPhotos';

/** The dressed spots of the season with their photos: next year they are seen where the spot is dressed again. */
export function HowItStood({ swap, isClosed }: { swap: Swap; isClosed: boolean }) {
  const house = useHouse();
  const rooms = useQuery(roomsQuery(house.home.id, swap.id));
  const dressed = (rooms.data?.spots ?? []).filter((one) => one.placements > 0).map((one) => one.spot);
  const spots = house.spots.filter((spot) => dressed.includes(spot.id));
  if (spots.length === 0) return null;
  return (
    <section className="mt-6" aria-label="How it stood">
      <h3 className="panel-title">How it stood</h3>
      <p className="note mb-1">A photo of each spot is there again when it is dressed next year.</p>
      <ul className="rows">
        {spots.map((spot) => (
          <li key={spot.id} className="flex flex-wrap items-center justify-between gap-3 py-2">
            <b>{spot.name}</b>
            <SpotPhotos spot={spot} swap={swap} isClosed={isClosed} />
          </li>
        ))}
      </ul>
    </section>
  );
}
