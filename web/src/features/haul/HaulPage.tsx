import { useQuery } from '@tanstack/react-query';
import { useHouse, useSwap } from '../../api/home';
import { haulQuery, piecesQuery } from '../../api/queries';
import { NoSwapYet } from '../../frame/NoSwapYet';
import { failed } from '../../lib/failed';
import { ErrorLedge, LoadingLedges } from '../../ui/States';
import { HaulView } from './HaulView';

export function HaulPage() {
  const house = useHouse();
  const current = useSwap();
  const pieces = useQuery(piecesQuery(house.home.id));
  const haul = useQuery({ ...haulQuery(house.home.id, current?.swap.id ?? ''), enabled: current !== null });
  const error = failed(pieces, haul);
  if (!current) return <NoSwapYet>What it still wants is found here, at home first.</NoSwapYet>;
  if (error) return <ErrorLedge error={error} onRetry={() => void Promise.all([pieces.refetch(), haul.refetch()])} />;
  if (!pieces.data || !haul.data) return <LoadingLedges />;
  return <HaulView haul={haul.data} pieces={pieces.data} swap={current.swap} isClosed={current.isClosed} />;
}
