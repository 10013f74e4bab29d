import { useQuery } from '@tanstack/react-query';
import { useHouse, useSwap } from '../../api/home';
import { piecesQuery } from '../../api/queries';
import { NoSwapYet } from '../../frame/NoSwapYet';
import { failed } from '../../lib/failed';
import { ErrorLedge, LoadingLedges } from '../../ui/States';
import { LookView } from './LookView';

export function LookPage() {
  const house = useHouse();
  const current = useSwap();
  const pieces = useQuery(piecesQuery(house.home.id));
  if (!current) return <NoSwapYet>Its look is made here.</NoSwapYet>;
  if (failed(pieces)) return <ErrorLedge error={pieces.error} onRetry={() => void pieces.refetch()} />;
  if (!pieces.data) return <LoadingLedges />;
  return <LookView key={current.look.id} look={current.look} swap={current.swap} pieces={pieces.data} isClosed={current.isClosed} />;
}
