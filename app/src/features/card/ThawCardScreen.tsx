import { thawCard, type Thawed } from '@omtel/core/card';
import { foodById, isKnownFood } from '@omtel/core/foods';
import { useLocalSearchParams } from 'expo-router';
import { useFoods } from '../../store/useFoods';
import { useKitchen } from '../../store/useKitchen';
import { Screen } from '../../ui/Screen';
import { Empty } from '../../ui/states';
import { Until } from '../../ui/Until';
import { CardFrame } from './CardFrame';

const HEAVIEST = 30;

/** The card that hangs beside what thaws: of a food in the freezer, or of one that is still to be bought. */
export function ThawCardScreen() {
  const { food: foodId, kind, kg } = useLocalSearchParams<{ food?: string; kind?: string; kg?: string }>();
  const query = useFoods();
  const { data } = query;
  const state = data?.foods.find(({ state: { foodId: id } }) => id === foodId)?.state;
  const kitchen = useKitchen(state);
  // What thaws already has begun as it has: its plan says no more when.
  const planned = state && { ...state, plan: state.stage === 'frozen' ? state.plan : null };
  const thawed: Thawed | null = planned ?? (kind ? toBuy(kind, Number(kg)) : null);
  if (thawed)
    return (
      <CardFrame
        title="For a thaw"
        subtitle="To hang beside what thaws"
        card={thawCard(thawed, kitchen)}
        backTo={state ? `/food/${state.foodId}` : '/print/cards'}
      />
    );
  return (
    <Screen title="For a thaw" backTo="/print/cards">
      {foodId && !data ? (
        <Until what="the food" query={query} />
      ) : (
        <Empty title="No such food">Choose under Cards what is to be thawed.</Empty>
      )}
    </Screen>
  );
}

/** What is not bought yet, by its kind and weight; null where an address says neither. */
function toBuy(kind: string, massKg: number): Thawed | null {
  if (!isKnownFood(kind) || !(massKg > 0 && massKg <= HEAVIEST)) return null;
  const { name, forms } = foodById(kind);
  return { name, foodKey: kind, parts: [], form: forms[0]!, massKg, withoutAir: false, plan: null };
}
