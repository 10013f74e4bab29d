import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { useHouse, useSwap } from '../../api/home';
import { floorQuery } from '../../api/queries';
import { NoSwapYet } from '../../frame/NoSwapYet';
import { failed } from '../../lib/failed';
import { ErrorLedge, LoadingLedges } from '../../ui/States';
import { FloorView } from './FloorView';

/** The floor of a room from above: its furniture as it is and as the swap wants it. */
export function FloorPage() {
  const house = useHouse();
  const current = useSwap();
  const { room: id = '' } = useParams();
  const room = house.rooms.find((one) => one.id === id) ?? house.rooms[0];
  const floor = useQuery({ ...floorQuery(house.home.id, current?.swap.id ?? '', room?.id ?? ''), enabled: current !== null && room !== undefined });
  if (!current || !room) return <NoSwapYet>Furniture is planned here.</NoSwapYet>;
  if (failed(floor)) return <ErrorLedge error={floor.error} onRetry={() => void floor.refetch()} />;
  return (
    <div className="px-[22px] pt-3 pb-24 max-md:px-3">
      <nav aria-label="Floors" className="no-print mb-2 flex flex-wrap gap-x-4 gap-y-1">
        {house.rooms.map((one) => (
          <Link
            key={one.id}
            className="link px-1 max-md:inline-flex max-md:min-h-[44px] max-md:items-center aria-[current=page]:bg-yolk"
            aria-current={one.id === room.id ? 'page' : undefined}
            to={`/homes/${house.home.id}/swaps/${current.swap.id}/floors/${one.id}`}
          >
            {one.name}
          </Link>
        ))}
      </nav>
      {floor.data ? <FloorView key={room.id} room={room} floor={floor.data} swap={current.swap} isClosed={current.isClosed} /> : <LoadingLedges />}
    </div>
  );
}
