import { whyNot, type Act } from '@omtel/core/roles';
import { useHousehold } from './useKitchen';

/** Whether who is signed in here may do something, so that nobody is offered what would be refused. */
export function useMay(act: Act): boolean {
  const { me } = useHousehold();
  return whyNot(me?.role ?? 'cook', act) === null;
}
