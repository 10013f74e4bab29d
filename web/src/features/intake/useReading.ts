import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, take } from '../../api/client';

/** What the core makes of a line, as it is typed. */
export function useReading(home: string, line: string) {
  return useQuery({
    queryKey: ['home', home, 'reading', line],
    queryFn: ({ signal }) => take(api.POST('/api/homes/{home}/intake/reading', { params: { path: { home } }, body: { line }, signal })),
    enabled: line.trim() !== '',
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 30_000,
  });
}
