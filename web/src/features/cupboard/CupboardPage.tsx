import { useQuery } from '@tanstack/react-query';
import { useHouse } from '../../api/home';
import { piecesQuery } from '../../api/queries';
import { failed } from '../../lib/failed';
import { ErrorLedge, LoadingLedges } from '../../ui/States';
import { CupboardView } from './CupboardView';

export function CupboardPage() {
  const house = useHouse();
  const pieces = useQuery(piecesQuery(house.home.id));
  if (failed(pieces)) return <ErrorLedge error={pieces.error} onRetry={() => void pieces.refetch()} />;
  if (!pieces.data) return <LoadingLedges />;
  return <CupboardView pieces={pieces.data} />;
}
