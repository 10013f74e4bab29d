import { useNavigate } from 'react-router';
import type { House } from '../api/types';
import { useKeys } from '../lib/useKeys';

const STATIONS = ['look', 'table', 'rooms', 'haul', 'day', 'settle'];
const DRAWERS = ['cupboard', 'house', 'swaps', 'ledger'];
const BENCH = 'Alt+b';

/** Alt 1 to 6 open the stations of the swap, Alt 7 to 0 the standing places, Alt B the Workbench. */
export function usePlaceKeys(house: House | undefined, swap: string | undefined): void {
  const navigate = useNavigate();
  const home = house && `/homes/${house.home.id}`;
  const places = [...STATIONS.map((station) => (swap ? `/swaps/${swap}/${station}` : null)), ...DRAWERS.map((drawer) => `/${drawer}`)];
  useKeys({
    [BENCH]: () => {
      if (home) void navigate(`${home}/workbench`);
    },
    ...Object.fromEntries(
      places.map((place, i) => [
        `Alt+${(i + 1) % 10}`,
        () => {
          if (home && place) void navigate(home + place);
        },
      ]),
    ),
  });
}
