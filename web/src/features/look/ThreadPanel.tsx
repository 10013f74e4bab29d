import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { useHouse } from '../../api/home';
import { threadQuery } from '../../api/queries';
import type { Piece, Ribbon } from '../../api/types';
import { failed } from '../../lib/failed';
import { ErrorLedge, LoadingLedges } from '../../ui/States';
import { ThreadBreak } from './ThreadBreak';
import { ThreadView } from './ThreadView';

/** Reads where the look runs through the rooms and where it breaks. */
export function ThreadPanel({ swap, ribbons, pieces }: { swap: string; ribbons: readonly Ribbon[]; pieces: readonly Piece[] }) {
  const house = useHouse();
  const thread = useQuery(threadQuery(house.home.id, swap));
  const [at, setAt] = useState<{ room: string; ribbon: number } | null>(null);
  if (failed(thread)) return <ErrorLedge error={thread.error} onRetry={() => void thread.refetch()} />;
  if (!thread.data) return <LoadingLedges />;
  const missing = thread.data.rooms.find((room) => room.room === at?.room)?.missing.find((one) => one.ribbon === at?.ribbon);
  return (
    <section aria-label="The thread through the rooms" className="px-[22px] pb-6 max-md:px-3" data-testid="thread">
      <ThreadView thread={thread.data} ribbons={ribbons} rooms={house.rooms} at={at} onBreak={(room, ribbon) => setAt({ room, ribbon })} />
      {at && missing && (
        <ThreadBreak
          swap={swap}
          room={house.rooms.find((room) => room.id === at.room)?.name ?? ''}
          ribbon={ribbons[at.ribbon]?.name ?? ''}
          menders={missing.menders.flatMap((id) => pieces.find((piece) => piece.id === id) ?? [])}
        />
      )}
      <Owed
        swap={swap}
        places={thread.data.rooms.flatMap((room) =>
          room.owed.map((one) => ({
            spot: one.spot,
            ribbon: ribbons[one.ribbon]?.name ?? '',
            menders: one.menders.flatMap((id) => pieces.find((piece) => piece.id === id)?.name ?? []),
          })),
        )}
      />
      <Lonely
        places={thread.data.rooms.flatMap((room) =>
          room.lonely.map((one) => ({ spot: house.spots.find((spot) => spot.id === one.spot)?.name ?? '', ribbon: ribbons[one.ribbon]?.name ?? '' })),
        )}
      />
    </section>
  );
}

type OwedAt = { spot: string; ribbon: string; menders: readonly string[] };

/** Colours that are meant for a spot and not seen there yet, with what would bring them. */
function Owed({ swap, places }: { swap: string; places: readonly OwedAt[] }) {
  const house = useHouse();
  if (places.length === 0) return null;
  return (
    <ul className="mt-3 max-w-[90ch]" data-testid="owed">
      {places.map(({ spot, ribbon, menders }) => (
        <li key={`${spot} ${ribbon}`}>
          <b>{ribbon}</b> is meant for{' '}
          <Link className="link" to={`/homes/${house.home.id}/swaps/${swap}/rooms/${spot}`}>
            {house.spots.find((one) => one.id === spot)?.name}
          </Link>{' '}
          and not seen there yet{menders.length > 0 && `: ${menders.slice(0, 3).join(', ')} would bring it`}.
        </li>
      ))}
    </ul>
  );
}

function Lonely({ places }: { places: readonly { spot: string; ribbon: string }[] }) {
  if (places.length === 0) return null;
  return (
    <p className="mt-3 max-w-[90ch]">
      <b>Stands alone:</b> {places.map((one) => `${one.ribbon} at ${one.spot}`).join(', ')}. An accent wants an answer on the other side of its spot.
    </p>
  );
}
