import { useQuery } from '@tanstack/react-query';
import { useHouse, useSwap } from '../../api/home';
import { piecesQuery, tableQuery } from '../../api/queries';
import { EmptyLedge, ErrorLedge, LoadingLedges } from '../../ui/States';
import { TableView } from './TableView';

export function TablePage() {
  const house = useHouse();
  const current = useSwap();
  const pieces = useQuery(piecesQuery(house.home.id));
  const table = useQuery({ ...tableQuery(house.home.id, current?.swap.id ?? ''), enabled: current !== null });
  const error = pieces.error ?? table.error;
  if (!current) return <EmptyLedge>No swap yet. Begin one under Swaps.</EmptyLedge>;
  if (error) return <ErrorLedge error={error} onRetry={() => void Promise.all([pieces.refetch(), table.refetch()])} />;
  if (!pieces.data || !table.data) return <LoadingLedges />;
  if (pieces.data.length === 0) return <EmptyLedge>Nothing is owned yet. Count one cupboard under Cupboard, then lay it out here.</EmptyLedge>;
  return <TableView key={current.swap.id} pieces={pieces.data} table={table.data} />;
}
