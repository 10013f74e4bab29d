import { infiniteQueryOptions, keepPreviousData, queryOptions } from '@tanstack/react-query';
import { api, keepCsrf, take } from './client';
import type { Piece, SumInput, Sums, Table } from './types';

const WINDOW = 1000;

/** The first window says how many there are; the others are asked for at once. */
async function windows<Page extends { total: number }>(window: (offset: number) => Promise<Page>): Promise<Page[]> {
  const first = await window(0);
  const offsets = Array.from({ length: Math.max(0, Math.ceil(first.total / WINDOW) - 1) }, (_, i) => (i + 1) * WINDOW);
  return [first, ...(await Promise.all(offsets.map(window)))];
}

export const meQuery = () =>
  queryOptions({
    queryKey: ['me'],
    queryFn: async ({ signal }) => {
      const me = await take(api.GET('/api/me', { signal }));
      keepCsrf(me.csrf);
      return me;
    },
    staleTime: Number.POSITIVE_INFINITY,
  });

export const houseQuery = (home: string) =>
  queryOptions({
    queryKey: ['home', home, 'house'],
    queryFn: ({ signal }) => take(api.GET('/api/homes/{home}/house', { params: { path: { home } }, signal })),
  });

/** The whole stock, fetched window by window. */
export const piecesQuery = (home: string) =>
  queryOptions({
    queryKey: ['home', home, 'pieces'],
    queryFn: async ({ signal }): Promise<Piece[]> => {
      const pages = await windows((offset) =>
        take(api.GET('/api/homes/{home}/pieces', { params: { path: { home }, query: { offset, limit: WINDOW } }, signal })),
      );
      return pages.flatMap((page) => page.pieces);
    },
  });

export const movementsQuery = (home: string, piece: string) =>
  queryOptions({
    queryKey: ['home', home, 'movements', piece],
    queryFn: ({ signal }) => take(api.GET('/api/homes/{home}/pieces/{piece}/movements', { params: { path: { home, piece } }, signal })),
  });

/** What meets a question put in plain words; the best first. */
export const searchQuery = (home: string, asked: string) =>
  queryOptions({
    queryKey: ['home', home, 'search', asked],
    queryFn: ({ signal }) => take(api.GET('/api/homes/{home}/search', { params: { path: { home }, query: { q: asked } }, signal })),
    enabled: asked !== '',
    placeholderData: keepPreviousData,
  });

export const toteFillsQuery = (home: string) =>
  queryOptions({
    queryKey: ['home', home, 'tote-fills'],
    queryFn: ({ signal }) => take(api.GET('/api/homes/{home}/tote-fills', { params: { path: { home } }, signal })),
  });

export const toteQuery = (home: string, tote: string) =>
  queryOptions({
    queryKey: ['home', home, 'tote', tote],
    queryFn: ({ signal }) => take(api.GET('/api/homes/{home}/totes/{tote}/contents', { params: { path: { home, tote } }, signal })),
  });

export const brokenSetsQuery = (home: string) =>
  queryOptions({
    queryKey: ['home', home, 'broken-sets'],
    queryFn: ({ signal }) => take(api.GET('/api/homes/{home}/broken-sets', { params: { path: { home } }, signal })),
  });

/** The floor of a room from above. */
export const floorQuery = (home: string, swap: string, room: string) =>
  queryOptions({
    queryKey: [...swapKey(home, swap, 'floor'), room],
    queryFn: ({ signal }) => take(api.GET('/api/homes/{home}/swaps/{swap}/floors/{room}', { params: { path: { home, swap, room } }, signal })),
  });

/** What was found wrong with pieces and is not put right. */
export const damagesQuery = (home: string) =>
  queryOptions({
    queryKey: ['home', home, 'damages'],
    queryFn: ({ signal }) => take(api.GET('/api/homes/{home}/damages', { params: { path: { home } }, signal })),
  });

/** Which photos of its spots a home has. */
export const spotPhotosQuery = (home: string) =>
  queryOptions({
    queryKey: ['home', home, 'spot-photos'],
    queryFn: ({ signal }) => take(api.GET('/api/homes/{home}/spot-photos', { params: { path: { home } }, signal })),
  });

export const ledgerQuery = (home: string) =>
  queryOptions({
    queryKey: ['home', home, 'ledger'],
    queryFn: ({ signal }) => take(api.GET('/api/homes/{home}/ledger', { params: { path: { home } }, signal })),
  });

/** The sums that apply at a spot, or all of them, with what stands in their fields. */
export const sumsQuery = (home: string, swap: string | undefined, spot: string | undefined) =>
  queryOptions({
    queryKey: ['home', home, 'sums', swap, spot],
    queryFn: ({ signal }) =>
      take(
        api.GET('/api/homes/{home}/sums', { params: { path: { home }, query: { ...(swap ? { swap } : {}), ...(spot ? { spot } : {}) } }, signal }),
      ),
  });

/** What a sum comes to, asked while somebody types. */
export const reckonedQuery = (home: string, sum: Sums, body: SumInput) =>
  queryOptions({
    queryKey: ['home', home, 'sums', 'answer', sum, body],
    queryFn: ({ signal }) => take(api.POST('/api/homes/{home}/sums/{sum}/answer', { params: { path: { home, sum } }, body, signal })),
    placeholderData: keepPreviousData,
    retry: false,
  });

const swapKey = (home: string, swap: string, what: string) => ['home', home, 'swap', swap, what] as const;

export const stationsQuery = (home: string, swap: string) =>
  queryOptions({
    queryKey: swapKey(home, swap, 'stations'),
    queryFn: ({ signal }) => take(api.GET('/api/homes/{home}/swaps/{swap}/stations', { params: { path: { home, swap } }, signal })),
  });

/** The whole table, fetched window by window, and what is watched about it. */
export const tableQuery = (home: string, swap: string) =>
  queryOptions({
    queryKey: swapKey(home, swap, 'table'),
    queryFn: async ({ signal }): Promise<Table> => {
      const path = { home, swap };
      const [pages, { guards }] = await Promise.all([
        windows((offset) => take(api.GET('/api/homes/{home}/swaps/{swap}/table', { params: { path, query: { offset, limit: WINDOW } }, signal }))),
        take(api.GET('/api/homes/{home}/swaps/{swap}/table/guards', { params: { path }, signal })),
      ]);
      return { rows: pages.flatMap((page) => page.rows), guards };
    },
  });

export const roomsQuery = (home: string, swap: string) =>
  queryOptions({
    queryKey: swapKey(home, swap, 'rooms'),
    queryFn: ({ signal }) => take(api.GET('/api/homes/{home}/swaps/{swap}/spots', { params: { path: { home, swap } }, signal })),
  });

export const dressingQuery = (home: string, swap: string, spot: string) =>
  queryOptions({
    queryKey: [...swapKey(home, swap, 'dressing'), spot],
    queryFn: ({ signal }) => take(api.GET('/api/homes/{home}/swaps/{swap}/spots/{spot}', { params: { path: { home, swap, spot } }, signal })),
  });

/** What a placed piece could be stood on. */
export const risersQuery = (home: string, swap: string, placement: string, asItIs: string) =>
  queryOptions({
    queryKey: [...swapKey(home, swap, 'dressing'), 'risers', placement, asItIs],
    queryFn: ({ signal }) =>
      take(api.GET('/api/homes/{home}/swaps/{swap}/placements/{placement}/risers', { params: { path: { home, swap, placement } }, signal })),
  });

/** Who else could stand at a spot as it is now. */
export const candidatesQuery = (home: string, swap: string, spot: string, asItIs: string) =>
  queryOptions({
    queryKey: [...swapKey(home, swap, 'dressing'), spot, 'candidates', asItIs],
    queryFn: ({ signal }) =>
      take(api.GET('/api/homes/{home}/swaps/{swap}/spots/{spot}/candidates', { params: { path: { home, swap, spot } }, signal })),
  });

/** What would better a spot as it is now; asked again whenever what stands there has changed. */
export const remediesQuery = (home: string, swap: string, spot: string, asItIs: string) =>
  queryOptions({
    queryKey: [...swapKey(home, swap, 'dressing'), spot, 'remedies', asItIs],
    queryFn: ({ signal }) =>
      take(api.GET('/api/homes/{home}/swaps/{swap}/spots/{spot}/remedies', { params: { path: { home, swap, spot } }, signal })),
  });

/** Other ways to dress a spot, kept beside the plan. */
export const versionsQuery = (home: string, swap: string, spot: string) =>
  queryOptions({
    queryKey: [...swapKey(home, swap, 'dressing'), spot, 'versions'],
    queryFn: ({ signal }) =>
      take(api.GET('/api/homes/{home}/swaps/{swap}/spots/{spot}/versions', { params: { path: { home, swap, spot } }, signal })),
  });

/** Any owned piece by name, for one spot. */
export const offersQuery = (home: string, swap: string, spot: string, find: string) =>
  queryOptions({
    queryKey: [...swapKey(home, swap, 'dressing'), spot, 'offers', find],
    queryFn: ({ signal }) =>
      take(api.GET('/api/homes/{home}/swaps/{swap}/spots/{spot}/offers', { params: { path: { home, swap, spot }, query: { find } }, signal })),
    enabled: find.trim() !== '',
  });

export const haulQuery = (home: string, swap: string) =>
  queryOptions({
    queryKey: swapKey(home, swap, 'haul'),
    queryFn: ({ signal }) => take(api.GET('/api/homes/{home}/swaps/{swap}/haul', { params: { path: { home, swap } }, signal })),
  });

/** All days of a swap, whichever is looked at. */
export const daysKey = (home: string, swap: string) => swapKey(home, swap, 'day');

/** The run of a day of a swap; null is the swap day itself. */
export const dayQuery = (home: string, swap: string, day: string | null = null) =>
  queryOptions({
    queryKey: [...daysKey(home, swap), day ?? ''],
    queryFn: ({ signal }) =>
      day === null
        ? take(api.GET('/api/homes/{home}/swaps/{swap}/day', { params: { path: { home, swap } }, signal }))
        : take(api.GET('/api/homes/{home}/swaps/{swap}/days/{day}', { params: { path: { home, swap, day } }, signal })),
  });

/** A year of a home; 0 is the one that runs. */
export const calendarQuery = (home: string, year: number) =>
  queryOptions({
    queryKey: ['home', home, 'calendar', year],
    queryFn: ({ signal }) => take(api.GET('/api/homes/{home}/calendar', { params: { path: { home }, query: { year } }, signal })),
    placeholderData: keepPreviousData,
  });

export const settleQuery = (home: string, swap: string) =>
  queryOptions({
    queryKey: swapKey(home, swap, 'settle'),
    queryFn: ({ signal }) => take(api.GET('/api/homes/{home}/swaps/{swap}/settle', { params: { path: { home, swap } }, signal })),
  });

export const threadQuery = (home: string, swap: string) =>
  queryOptions({
    queryKey: swapKey(home, swap, 'thread'),
    queryFn: ({ signal }) => take(api.GET('/api/homes/{home}/swaps/{swap}/thread', { params: { path: { home, swap } }, signal })),
  });

export const restylesQuery = (home: string, swap: string) =>
  queryOptions({
    queryKey: swapKey(home, swap, 'restyles'),
    queryFn: ({ signal }) => take(api.GET('/api/homes/{home}/swaps/{swap}/restyles', { params: { path: { home, swap } }, signal })),
  });

export const consequencesQuery = (home: string, swap: string, piece: string) =>
  queryOptions({
    queryKey: [...swapKey(home, swap, 'consequences'), piece],
    queryFn: ({ signal }) =>
      take(api.GET('/api/homes/{home}/swaps/{swap}/pieces/{piece}/consequences', { params: { path: { home, swap, piece } }, signal })),
  });

export const fitQuery = (home: string, swap: string, piece: string) =>
  queryOptions({
    queryKey: [...swapKey(home, swap, 'fit'), piece],
    queryFn: ({ signal }) => take(api.GET('/api/homes/{home}/swaps/{swap}/pieces/{piece}/fit', { params: { path: { home, swap, piece } }, signal })),
  });

/** What was done in a home, newest first: all of it, or about one thing, or by one person. */
export const journalQuery = (home: string, about: string | null, by: string | null) =>
  infiniteQueryOptions({
    queryKey: ['home', home, 'journal', about, by],
    queryFn: ({ signal, pageParam }) =>
      take(
        api.GET('/api/homes/{home}/journal', {
          params: { path: { home }, query: { ...(about ? { about } : {}), ...(by ? { by } : {}), ...(pageParam ? { before: pageParam } : {}) } },
          signal,
        }),
      ),
    initialPageParam: '',
    getNextPageParam: (last) => (last.hasMore ? last.entries.at(-1)?.id : undefined),
  });
