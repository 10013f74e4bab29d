import { useNavigate } from 'react-router';
import type { House } from '../api/types';
import { useKeys } from '../lib/useKeys';

const STATIONS = ['look', 'table', 'rooms', 'haul', 'day', 'settle'];
const DRAWERS = ['cupboard', 'house', 'swaps', 'ledger'];
const BENCH = 'Alt+b';
const CALENDAR = 'Alt+c';

/** Alt 1 to 6 open the stations of the swap, Alt 7 to 0 the standing places, Alt B the Workbench, Alt C the Calendar. */
export function usePlaceKeys(house: House | undefined, swap: string | undefined): void {
  const navigate = useNavigate();
  const home = house && `/homes/${house.home.id}`;
  const places = [...STATIONS.map((station) => (swap ? `/swaps/${swap}/${station}` : null)), ...DRAWERS.map((drawer) => `/${drawer}`)];
  useKeys({
    [BENCH]: () => {
      if (home) void navigate(`${home}/workbench`);
    },
    [CALENDAR]: () => {
      if (home) void navigate(`${home}/calendar`);
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
