import { useQuery } from '@tanstack/react-query';
import { useHouse, useSwap } from '../../api/home';
import { settleQuery } from '../../api/queries';
import { NoSwapYet } from '../../frame/NoSwapYet';
import { failed } from '../../lib/failed';
import { ErrorLedge, LoadingLedges } from '../../ui/States';
import { SettleView } from './SettleView';

export function SettlePage() {
  const house = useHouse();
  const current = useSwap();
  const settle = useQuery({ ...settleQuery(house.home.id, current?.swap.id ?? ''), enabled: current !== null });
  if (!current) return <NoSwapYet>How it came out is settled here.</NoSwapYet>;
  if (failed(settle)) return <ErrorLedge error={settle.error} onRetry={() => void settle.refetch()} />;
  if (!settle.data) return <LoadingLedges />;
  return <SettleView settle={settle.data} swap={current.swap} />;
}
