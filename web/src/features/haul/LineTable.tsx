import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Swap } from '../../api/types';
import { ListFileDialog } from '../../exchange/ListFileDialog';

/** Haul lines from a CSV file. */
export function LineTable({ swap, onClose }: { swap: Swap; onClose: () => void }) {
  const house = useHouse();
  const home = house.home.id;
  return (
    <ListFileDialog
      title="Lines from a table"
      hint="CSV with one line a row: name, kind, size, colour, price, offer (40 %, 2.50 off, 3 for 2), pack, needed, way, paid with; in any order."
      thing="line"
      send={(body) => take(api.POST('/api/homes/{home}/swaps/{swap}/lines/table', { params: { path: { home, swap: swap.id } }, body }))}
      onClose={onClose}
    />
  );
}
