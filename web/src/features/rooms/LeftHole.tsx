import { Link } from 'react-router';
import { useHouse, useSwap } from '../../api/home';
import type { Placement, Spot } from '../../api/types';

/** What a borrowed piece leaves behind where it stands now, and the way there: what belongs there is offered beside it. */
export function LeftHole({ placement, spot }: { placement: Placement; spot: Spot }) {
  const house = useHouse();
  const swap = useSwap()?.swap.id;
  const from = house.spots.find((one) => placement.from === `from ${one.name}` && one.id !== spot.id);
  if (!from || !swap) return null;
  return (
    <p className="no-print note px-2">
      It leaves a hole at {from.name}.{' '}
      <Link className="link" to={`/homes/${house.home.id}/swaps/${swap}/rooms/${from.id}`}>
        See what would fill it
      </Link>
    </p>
  );
}
