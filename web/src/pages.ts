import type { ComponentType } from 'react';

export type Page = () => Promise<ComponentType>;

const rooms: Page = async () => (await import('./features/rooms')).RoomsPage;

const bench: Page = async () => (await import('./features/workbench')).WorkbenchPage;

/** The pages of a home by their address; each comes when it is opened. */
export const pages: Record<string, Page> = {
  'swaps/:swap/look': async () => (await import('./features/look')).LookPage,
  'swaps/:swap/table': async () => (await import('./features/table')).TablePage,
  'swaps/:swap/rooms': rooms,
  'swaps/:swap/rooms/:spot': rooms,
  'swaps/:swap/cards/:room': async () => (await import('./features/rooms/CardsPage')).CardsPage,
  'swaps/:swap/floors/:room': async () => (await import('./features/floor')).FloorPage,
  'swaps/:swap/haul': async () => (await import('./features/haul')).HaulPage,
  'swaps/:swap/day': async () => (await import('./features/day')).DayPage,
  'swaps/:swap/settle': async () => (await import('./features/settle')).SettlePage,
  cupboard: async () => (await import('./features/cupboard')).CupboardPage,
  intake: async () => (await import('./features/intake')).IntakePage,
  'table-file': async () => (await import('./features/intake')).TableFilePage,
  'totes/:tote': async () => (await import('./features/totes')).TotePage,
  workbench: bench,
  'workbench/:sum': bench,
  house: async () => (await import('./features/house')).HousePage,
  calendar: async () => (await import('./features/calendar')).CalendarPage,
  ledger: async () => (await import('./features/ledger')).LedgerPage,
  swaps: async () => (await import('./features/swaps')).SwapsPage,
};

/** What opens over a page; fetched ahead, or it could not be opened without a signal. */
const overPages: readonly (() => Promise<unknown>)[] = [
  () => import('./ui/DialogSheet'),
  () => import('./ui/MenuList'),
  () => import('./frame/KeyMap'),
  () => import('./frame/DoneSheet'),
  () => import('./frame/Finder'),
  () => import('./frame/NewHomeDialog'),
  () => import('./features/rooms/NeedDialog'),
  () => import('./features/rooms/RecipeDialog'),
  () => import('./features/rooms/VersionShelf'),
  () => import('./features/rooms/TableFromAbove'),
  () => import('./features/table/AsideDialog'),
  () => import('./features/table/FitDialog'),
];

/** Fetches them one after another while nothing else is to do, in working order, so that the next station opens at once. */
export async function fetchAhead(): Promise<void> {
  for (const fetch of [...Object.values(pages), ...overPages]) {
    await new Promise((resolve) => ('requestIdleCallback' in window ? window.requestIdleCallback(resolve) : setTimeout(resolve, 200)));
    await fetch().catch(() => undefined); // without a signal it comes when it is opened
  }
}
