import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { useHouse, useSwap } from '../../api/home';
import { piecesQuery, tableQuery } from '../../api/queries';
import { NoSwapYet } from '../../frame/NoSwapYet';
import { failed } from '../../lib/failed';
import { EmptyLedge, ErrorLedge, LoadingLedges } from '../../ui/States';
import { TableView } from './TableView';

export function TablePage() {
  const house = useHouse();
  const current = useSwap();
  const pieces = useQuery(piecesQuery(house.home.id));
  const table = useQuery({ ...tableQuery(house.home.id, current?.swap.id ?? ''), enabled: current !== null });
  const error = failed(pieces, table);
  if (!current) return <NoSwapYet>Everything owned is laid out and decided here.</NoSwapYet>;
  if (error) return <ErrorLedge error={error} onRetry={() => void Promise.all([pieces.refetch(), table.refetch()])} />;
  if (!pieces.data || !table.data) return <LoadingLedges />;
  if (pieces.data.length === 0)
    return (
      <EmptyLedge>
        <p>Nothing is owned yet. Unpack one box, a line a piece; then all of it lies here.</p>
        <Link className="btn btn-main mt-3" to={`/homes/${house.home.id}/intake`}>
          Unpack a box
        </Link>
      </EmptyLedge>
    );
  return <TableView key={current.swap.id} pieces={pieces.data} table={table.data} />;
}
