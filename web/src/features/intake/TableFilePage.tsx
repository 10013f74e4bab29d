import { useHouse } from '../../api/home';
import { TableFileView } from './TableFileView';

export function TableFilePage() {
  const house = useHouse();
  return <TableFileView key={house.home.id} home={house.home.id} />;
}
