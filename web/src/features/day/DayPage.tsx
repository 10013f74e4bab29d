import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useSearchParams } from 'react-router';
import { api, take } from '../../api/client';
import { useHouse, useSwap } from '../../api/home';
import { dayQuery, piecesQuery } from '../../api/queries';
import { NoSwapYet } from '../../frame/NoSwapYet';
import { failed } from '../../lib/failed';
import { useNotices } from '../../lib/notices';
import { ErrorLedge, LoadingLedges } from '../../ui/States';
import { DayView } from './DayView';

export function DayPage() {
  const house = useHouse();
  const current = useSwap();
  const queries = useQueryClient();
  const notices = useNotices();
  const [asked] = useSearchParams();
  const home = house.home.id;
  const swap = current?.swap.id ?? '';
  const id = asked.get('day');
  const pieces = useQuery(piecesQuery(home));
  const day = useQuery({ ...dayQuery(home, swap, id), enabled: current !== null });
  const build = useMutation({
    mutationFn: (people: number) =>
      id === null
        ? take(api.POST('/api/homes/{home}/swaps/{swap}/day', { params: { path: { home, swap } }, body: { people } }))
        : take(api.POST('/api/homes/{home}/swaps/{swap}/days/{day}', { params: { path: { home, swap, day: id } }, body: { people } })),
    onSuccess: (built) => queries.setQueryData(dayQuery(home, swap, id).queryKey, built),
    onError: (error) => notices.problem(error),
  });
  if (!current) return <NoSwapYet>The run of its day is worked out here.</NoSwapYet>;
  const error = failed(pieces, day);
  if (error) return <ErrorLedge error={error} onRetry={() => void Promise.all([pieces.refetch(), day.refetch()])} />;
  if (!pieces.data || !day.data) return <LoadingLedges />;
  return (
    <DayView
      key={swap + (id ?? '')}
      day={day.data}
      pieces={pieces.data}
      swap={current.swap}
      onBuild={(people) => build.mutate(people)}
      isBuilding={build.isPending}
      isClosed={current.isClosed}
    />
  );
}
