import type { FoodState } from '@omtel/core/trail';
import { useRouter } from 'expo-router';
import { act } from '../../store/outbox/act';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/Words';
import { intoTubs, type Parted } from './intoTubs';

/** More are not parted at one press. */
const MOST_TUBS = 20;

interface FreezeTubsProps {
  readonly food: FoodState;
  readonly parted: Parted;
  /** It is parted: what was asked of the whole is no longer so of the rest. */
  readonly onParted: () => void;
}

/** Parts the batch as it was worked out, and goes on to the labels of both. */
export function FreezeTubs({ food, parted, onParted }: FreezeTubsProps) {
  const { now } = useKitchen();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const labels = (foodIds: readonly string[]) => router.push(`/print/label?of=${foodIds.join(',')}` as never);
  if (parted.tubs === 0) return <Button label="Its label" onPress={() => labels([food.foodId])} />;
  if (parted.tubs > MOST_TUBS)
    return <Words tone="soft">{`More than ${MOST_TUBS} tubs are not parted at once.`}</Words>;
  const freeze = async () => {
    const { events, labelled } = intoTubs(food, parted, Math.round(now));
    const what = `${food.name}: ${parted.tubs === 1 ? 'a tub' : `${parted.tubs} tubs`} frozen`;
    await dispatch(act({ what, events }));
    onParted();
    labels(labelled);
  };
  return (
    <Button
      label={parted.tubs === 1 ? 'Freeze the tub, with its label' : 'Freeze the tubs, with labels'}
      onPress={freeze}
    />
  );
}
