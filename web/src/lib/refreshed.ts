import type { QueryClient } from '@tanstack/react-query';

/** How long acts are gathered before what they made out of date is asked for again. */
export const GATHER_MS = 80;

/** What an act made out of date is there anew, so that who goes on at once goes on from it; waited for no longer than a second. */
export async function refreshed(queries: QueryClient): Promise<void> {
  const until = Date.now() + 1000;
  await new Promise((resolve) => setTimeout(resolve, GATHER_MS + 10));
  while (queries.isFetching() > 0 && Date.now() < until) await new Promise((resolve) => setTimeout(resolve, 10));
}
