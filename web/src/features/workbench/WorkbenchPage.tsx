import { useQuery } from '@tanstack/react-query';
import { useParams, useSearchParams } from 'react-router';
import { useHouse, useSpot, useSwap } from '../../api/home';
import { sumsQuery } from '../../api/queries';
import { failed } from '../../lib/failed';
import { ErrorLedge, LoadingLedges } from '../../ui/States';
import { WorkbenchView } from './WorkbenchView';

/** The sums of the trade: for the spot the address names, with its measures filled in, or for any numbers. */
export function WorkbenchPage() {
  const { home } = useHouse();
  const current = useSwap();
  const { sum: asked } = useParams();
  const [search] = useSearchParams();
  const spot = useSpot(search.get('spot') ?? undefined);
  const swap = current && !current.isClosed ? current.swap : undefined;
  const bench = useQuery(sumsQuery(home.id, swap?.id, spot?.id));
  if (failed(bench)) return <ErrorLedge error={bench.error} onRetry={() => void bench.refetch()} />;
  if (!bench.data) return <LoadingLedges />;
  const kept = bench.data.kept.find((one) => one.id === search.get('kept'));
  const sum = bench.data.sums.find((one) => one.sum === (asked ?? kept?.sum)) ?? bench.data.sums[0];
  if (!sum) return <LoadingLedges />;
  return <WorkbenchView key={`${spot?.id} ${kept?.id}`} bench={bench.data} sum={sum} kept={kept} spot={spot} swap={swap} need={search.get('need')} />;
}
