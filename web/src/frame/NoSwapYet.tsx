import { Link } from 'react-router';
import { useHouse } from '../api/home';
import { EmptyLedge } from '../ui/States';

/** Stands on a station of a home that has no swap: what it is for, and the way to begin one. */
export function NoSwapYet({ children }: { children: string }) {
  const house = useHouse();
  return (
    <EmptyLedge>
      <p>No swap yet. {children}</p>
      <Link className="btn btn-main mt-3" to={`/homes/${house.home.id}/swaps?begin=1`}>
        Begin a swap
      </Link>
    </EmptyLedge>
  );
}
