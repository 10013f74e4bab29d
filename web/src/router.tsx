import { createBrowserRouter } from 'react-router';
import { CupboardPage } from './features/cupboard';
import { DayPage } from './features/day';
import { HaulPage } from './features/haul';
import { HousePage } from './features/house';
import { LookPage } from './features/look';
import { RoomsPage } from './features/rooms';
import { SignInPage } from './features/signin';
import { FirstPage, SwapsPage } from './features/swaps';
import { TablePage } from './features/table';
import { Frame } from './frame/Frame';
import { PageError } from './frame/PageError';

export const router = createBrowserRouter([
  { path: '/sign-in', element: <SignInPage />, errorElement: <PageError /> },
  { path: '/', element: <FirstPage />, errorElement: <PageError /> },
  {
    path: '/homes/:home',
    element: <Frame />,
    errorElement: <PageError />,
    children: [
      { path: 'cupboard', element: <CupboardPage /> },
      { path: 'intake', lazy: async () => ({ Component: (await import('./features/intake')).IntakePage }) },
      { path: 'totes/:tote', lazy: async () => ({ Component: (await import('./features/totes')).TotePage }) },
      { path: 'table-file', lazy: async () => ({ Component: (await import('./features/intake')).TableFilePage }) },
      { path: 'house', element: <HousePage /> },
      { path: 'ledger', lazy: async () => ({ Component: (await import('./features/ledger')).LedgerPage }) },
      { path: 'swaps', element: <SwapsPage /> },
      { path: 'swaps/:swap/look', element: <LookPage /> },
      { path: 'swaps/:swap/table', element: <TablePage /> },
      { path: 'swaps/:swap/rooms', element: <RoomsPage /> },
      { path: 'swaps/:swap/rooms/:spot', element: <RoomsPage /> },
      { path: 'swaps/:swap/haul', element: <HaulPage /> },
      { path: 'swaps/:swap/day', element: <DayPage /> },
      { path: 'swaps/:swap/settle', lazy: async () => ({ Component: (await import('./features/settle')).SettlePage }) },
    ],
  },
]);
