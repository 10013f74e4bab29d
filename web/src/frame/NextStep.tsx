import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { useHouse, useSwap } from '../api/home';
import { piecesQuery, stationsQuery } from '../api/queries';

/** What comes next in a home that is just being set up, and the way there; nothing once the first spot is dressed. */
export function NextStep() {
  const house = useHouse();
  const current = useSwap();
  const pieces = useQuery(piecesQuery(house.home.id));
  const stations = useQuery({ ...stationsQuery(house.home.id, current?.swap.id ?? ''), enabled: current !== null });
  if (!pieces.data || (current !== null && !stations.data) || (stations.data?.spotsDressed ?? 0) > 0 || current?.isClosed) return null;
  const at = `/homes/${house.home.id}`;
  const spot = [...house.spots].sort((a, b) => a.focalRank - b.focalRank)[0];
  const steps = [
    { isDone: house.spots.length > 0, say: 'Walk through the house: a room and a spot to dress, in one line.', to: `${at}/house`, name: 'Walk in' },
    { isDone: pieces.data.length > 0, say: 'Unpack the first box: a line for each piece.', to: `${at}/intake`, name: 'Unpack a box' },
    { isDone: current !== null, say: 'Begin the first swap: a season and its day.', to: `${at}/swaps?begin=1`, name: 'Begin a swap' },
    {
      isDone: false,
      say: `Stand something on ${spot?.name ?? 'a spot'}.`,
      to: `${at}/swaps/${current?.swap.id}/rooms/${spot?.id}`,
      name: 'Dress it',
    },
  ];
  const done = steps.filter((step) => step.isDone).length;
  const next = steps.find((step) => !step.isDone);
  return (
    next && (
      <p className="no-print mt-3 flex flex-wrap items-center gap-3 bg-yolk-soft px-4 py-2 text-[15px]" data-testid="next-step">
        <span className="note">
          {done + 1} of {steps.length}
        </span>
        <span className="flex-1">{next.say}</span>
        <Link className="btn btn-main" to={next.to}>
          {next.name}
        </Link>
      </p>
    )
  );
}
