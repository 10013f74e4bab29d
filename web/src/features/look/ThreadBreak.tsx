import { Link } from 'react-router';
import { useHouse, usePlaces } from '../../api/home';
import type { Piece } from '../../api/types';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';

type Props = { swap: string; room: string; ribbon: string; menders: readonly Piece[] };

/** What is owned and free that would bring a ribbon into a room where it is missing. */
export function ThreadBreak({ swap, room, ribbon, menders }: Props) {
  const house = useHouse();
  const place = usePlaces();
  const dressed = house.rooms.find((one) => one.name === room);
  const spot = house.spots.find((one) => one.room === dressed?.id);
  return (
    <div className="mt-2 bg-wall px-4 py-3" aria-live="polite">
      <p className="font-semibold">
        {menders.length === 0
          ? `Nothing owned and free carries ${ribbon} into the ${room}. Write it down as a need, or restyle something.`
          : `${ribbon} is missing in the ${room}. Owned and free:`}
      </p>
      <ul className="mt-1 flex flex-wrap gap-4">
        {menders.map((piece) => (
          <li key={piece.id} className="flex items-end gap-2">
            <svg width="60" height="60" aria-hidden="true">
              <Silhouette piece={piece} scale={52 / Math.max(shownHeight(piece), piece.width / 254)} x={30} y={57} />
            </svg>
            <span className="pb-1 leading-[16px]">
              <b>{piece.name}</b>
              <br />
              <span className="note">{piece.places.map((at) => place(at.place)).join('; ')}</span>
            </span>
          </li>
        ))}
      </ul>
      {spot && (
        <Link className="link mt-1 inline-block" to={`/homes/${house.home.id}/swaps/${swap}/rooms/${spot.id}`}>
          Dress the {room}
        </Link>
      )}
    </div>
  );
}
