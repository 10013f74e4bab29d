import { useQuery } from '@tanstack/react-query';
import { Link, Navigate, useParams } from 'react-router';
import { useHouse, useSpot, useSwap } from '../../api/home';
import { dressingQuery, piecesQuery, roomsQuery } from '../../api/queries';
import { NoSwapYet } from '../../frame/NoSwapYet';
import { failed } from '../../lib/failed';
import { EmptyLedge, ErrorLedge, LoadingLedges } from '../../ui/States';
import { DresserView } from './DresserView';

export function RoomsPage() {
  const house = useHouse();
  const current = useSwap();
  const { spot: asked } = useParams();
  const spot = useSpot(asked);
  const swap = current?.swap.id ?? '';
  const pieces = useQuery(piecesQuery(house.home.id));
  const rooms = useQuery({ ...roomsQuery(house.home.id, swap), enabled: current !== null });
  const dressing = useQuery({ ...dressingQuery(house.home.id, swap, spot?.id ?? ''), enabled: current !== null && spot !== undefined });
  if (!current) return <NoSwapYet>Its spots are dressed here.</NoSwapYet>;
  if (house.spots.length === 0)
    return (
      <EmptyLedge>
        <p>No spots yet. A line names one: a mantel, a table, a sill; it can be measured later.</p>
        <Link className="btn btn-main mt-3" to={`/homes/${house.home.id}/house`}>
          Walk through the house
        </Link>
      </EmptyLedge>
    );
  const error = failed(pieces, rooms, dressing);
  if (error) return <ErrorLedge error={error} onRetry={() => void Promise.all([pieces.refetch(), rooms.refetch(), dressing.refetch()])} />;
  if (!spot) {
    const first = rooms.data?.spots[0]?.spot;
    return first ? (
      <Navigate to={`/homes/${house.home.id}/swaps/${swap}/rooms/${rooms.data?.spots.find((one) => one.placements > 1)?.spot ?? first}`} replace />
    ) : (
      <LoadingLedges />
    );
  }
  if (!pieces.data || !rooms.data || !dressing.data) return <LoadingLedges />;
  return <DresserView key={spot.id} spot={spot} dressing={dressing.data} rooms={rooms.data.spots} pieces={pieces.data} isClosed={current.isClosed} />;
}
