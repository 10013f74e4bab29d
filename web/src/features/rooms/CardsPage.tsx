import { useQueries, useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { useHouse, useSwap } from '../../api/home';
import { dressingQuery, piecesQuery, roomsQuery } from '../../api/queries';
import { NoSwapYet } from '../../frame/NoSwapYet';
import { SpotPhotos } from '../../frame/SpotPhotos';
import { failed } from '../../lib/failed';
import { EmptyLedge, ErrorLedge, LoadingLedges } from '../../ui/States';
import { Elevation } from './Elevation';
import { SpotCard } from './SpotCard';
import { TableFromAbove } from './TableFromAbove';

const EVERYWHERE = 'all';
const nothing = () => {};

/** The cards of a room, or of the whole home, in the order in which they are dressed: to be printed, or handed round on a phone. */
export function CardsPage() {
  const house = useHouse();
  const current = useSwap();
  const { room: asked = EVERYWHERE } = useParams();
  const home = house.home.id;
  const swap = current?.swap.id ?? '';
  const pieces = useQuery(piecesQuery(home));
  const rooms = useQuery({ ...roomsQuery(home, swap), enabled: current !== null });
  const dressed = (rooms.data?.spots ?? []).filter((one) => one.placements > 0).map((one) => one.spot);
  const spots = dressed.flatMap((id) => house.spots.filter((spot) => spot.id === id && (asked === EVERYWHERE || spot.room === asked)));
  const dressings = useQueries({ queries: spots.map((spot) => dressingQuery(home, swap, spot.id)) });
  if (!current) return <NoSwapYet>Its cards are printed here.</NoSwapYet>;
  const error = failed(pieces, rooms, ...dressings);
  if (error) return <ErrorLedge error={error} onRetry={() => void Promise.all([pieces.refetch(), rooms.refetch()])} />;
  if (!pieces.data || !rooms.data) return <LoadingLedges />;
  const byId = new Map(pieces.data.map((piece) => [piece.id, piece]));
  const base = `/homes/${home}/swaps/${swap}`;
  return (
    <div className="px-[22px] py-3 max-md:px-3">
      <div className="no-print flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <h2 className="panel-title flex-1">Cards for the day</h2>
        <nav aria-label="Rooms" className="flex flex-wrap gap-2">
          <Link className="link" aria-current={asked === EVERYWHERE ? 'page' : undefined} to={`${base}/cards/${EVERYWHERE}`}>
            The whole home
          </Link>
          {house.rooms.map((room) => (
            <Link key={room.id} className="link" aria-current={asked === room.id ? 'page' : undefined} to={`${base}/cards/${room.id}`}>
              {room.name}
            </Link>
          ))}
        </nav>
        <button type="button" className="btn" onClick={() => window.print()} disabled={spots.length === 0}>
          Print
        </button>
      </div>
      {spots.length === 0 && <EmptyLedge>Nothing is dressed here yet. A spot gets its card as soon as something stands on it.</EmptyLedge>}
      {spots.map((spot, i) => {
        const dressing = dressings[i]?.data;
        return (
          dressing && (
            <article key={spot.id} className="print-keep mt-4 border-t border-line pt-2 print:break-after-page print:[zoom:.88]" data-testid="card">
              <h3 className="text-[19px]/[24px]">{spot.name}</h3>
              <Elevation spot={spot} dressing={dressing} pieces={byId} chosen={null} onChoose={nothing} onMove={nothing} isClosed />
              {spot.form === 'table' && <TableFromAbove spot={spot} dressing={dressing} pieces={byId} chosen={null} onChoose={nothing} />}
              <SpotCard spot={spot} dressing={dressing} pieces={byId} isShown />
              <div className="mt-3">
                <SpotPhotos spot={spot} swap={current.swap} isClosed={current.swap.closedAt !== null} size="paper" />
              </div>
            </article>
          )
        );
      })}
    </div>
  );
}
