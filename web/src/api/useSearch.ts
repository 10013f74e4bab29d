import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useMemo } from 'react';
import { searchQuery } from './queries';

type Search = {
  /** Piece id → what it was found by beyond its name, in the order found; null while nothing is asked. */
  found: ReadonlyMap<string, readonly string[]> | null;
  all: number;
  /** Whether this answers what is asked now, not what was asked a moment ago. */
  isCurrent: boolean;
};

/** Answers a question put in plain words as it is typed. */
export function useSearch(home: string, text: string): Search {
  const asked = useDeferredValue(text.trim());
  const search = useQuery(searchQuery(home, asked));
  const data = asked === '' ? undefined : search.data;
  const isCurrent = asked === text.trim() && (asked === '' || (search.isSuccess && !search.isPlaceholderData));
  return useMemo(
    () => ({ found: data ? new Map(data.found.map((one) => [one.piece, one.why])) : null, all: data?.all ?? 0, isCurrent }),
    [data, isCurrent],
  );
}
