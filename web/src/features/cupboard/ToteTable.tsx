import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import { ListFileDialog } from '../../exchange/ListFileDialog';

/** Totes from a CSV file. */
export function ToteTable({ onClose }: { onClose: () => void }) {
  const house = useHouse();
  const home = house.home.id;
  return (
    <ListFileDialog
      title="Totes from a table"
      hint="CSV with one tote a row: code, place, width, depth and height inside, conditions (heat, damp, light), most weight; in any order."
      thing="tote"
      send={(body) => take(api.POST('/api/homes/{home}/totes/table', { params: { path: { home } }, body }))}
      onClose={onClose}
    />
  );
}
