import { useHouse } from '../../api/home';
import { IntakeView } from './IntakeView';

export function IntakePage() {
  const house = useHouse();
  return <IntakeView key={house.home.id} home={house.home.id} />;
}
