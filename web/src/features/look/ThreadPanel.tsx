import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
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
      <Lonely
        places={thread.data.rooms.flatMap((room) =>
          room.lonely.map((one) => ({ spot: house.spots.find((spot) => spot.id === one.spot)?.name ?? '', ribbon: ribbons[one.ribbon]?.name ?? '' })),
        )}
      />
    </section>
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
