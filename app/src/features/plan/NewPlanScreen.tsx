import type { FoodState } from '@omtel/core/trail';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useFoods } from '../../store/useFoods';
import { useDraft } from '../../store/draft';
import { useKitchen } from '../../store/useKitchen';
import { Screen } from '../../ui/Screen';
import { Until } from '../../ui/Until';
import { chosenFromStores, chosenToFetch, fieldsOf, type ChosenFood, type PlanDraft } from './draft';
import { FoodPicker } from './FoodPicker';
import { PlanForm } from './PlanForm';

/** A new plan for one food: choose it, then say how much and when; the ways are compared at once. */
export function NewPlanScreen() {
  // The food it is for can stand in the address: its plan is then made, or changed.
  const { food: asked } = useLocalSearchParams<{ food?: string }>();
  const { now, zone } = useKitchen();
  const { draft, set, note, drop, restored } = useDraft<NewPlanDraft>(asked ? `plan.${asked}` : 'plan', {
    of: asked ? { foodId: asked, name: '', kinds: [] } : null,
    fields: {},
  });
  const query = useFoods();
  const { data } = query;
  const router = useRouter();
  const stores = data?.foods.map(({ state }) => state) ?? [];
  const plannable = stores.filter((food) => canBePlanned(food) || food.foodId === asked);
  const chosen = draft.of && data ? chosenAgain(draft.of, plannable) : null;
  const planned = chosen?.stored?.plan;
  if (chosen)
    return (
      <PlanForm
        key={chosen.stored?.foodId ?? chosen.name}
        chosen={chosen}
        planned={planned ? fieldsOf(planned, now, zone) : {}}
        filledIn={draft.fields}
        onFill={(fields) => note({ fields })}
        asLeft={restored}
        onPlanned={drop}
        onChangeFood={asked ? () => router.replace('/plan/new') : drop}
      />
    );
  return (
    <Screen title="New plan" backTo="/plan">
      {data && (
        <FoodPicker
          stores={stores.filter(canBePlanned)}
          onChoose={(food) => set({ of: keyOf(food), fields: {} })}
        />
      )}
      <Until what="the stores" query={query} />
    </Screen>
  );
}

/** Raw food without a plan; that of one that has one is changed from its own page. */
const canBePlanned = ({ cooked, plan, place }: FoodState): boolean =>
  !cooked && plan === null && place !== 'heat';

/** Which food a plan is for, as it is kept. */
interface FoodKey {
  readonly foodId: string | null;
  readonly name: string;
  readonly kinds: readonly string[];
}

interface NewPlanDraft {
  readonly of: FoodKey | null;
  readonly fields: Partial<PlanDraft>;
}

const keyOf = ({ name, food, parts, stored }: ChosenFood): FoodKey => ({
  foodId: stored?.foodId ?? null,
  name,
  kinds: [food.id, ...parts],
});

/** The food chosen before; null where it is not in the stores any more, or cannot be planned. */
function chosenAgain({ foodId, name, kinds }: FoodKey, stores: readonly FoodState[]): ChosenFood | null {
  if (foodId === null) return chosenToFetch({ name, kinds: [...kinds] });
  const stored = stores.find((food) => food.foodId === foodId);
  return stored ? chosenFromStores(stored) : null;
}
