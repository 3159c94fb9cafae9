import type { StoredFood } from '@omtel/core/api';
import type { MealAnswer } from '@omtel/core/dishes';
import { asEaten, eatersOf, foodsOf, WHERE_HEATED } from '@omtel/core/meal';
import { namesOf, type Eater } from '@omtel/core/table';
import type { FoodState, MealState } from '@omtel/core/trail';
import { formatDurationUp, formatMass, massUnitOf, type UnitSystem } from '@omtel/core/units';
import { useRouter } from 'expo-router';
import { useCallback, useMemo, useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { useDraft } from '../../../store/draft';
import { act } from '../../../store/outbox/act';
import { newMealEvent } from '../../../store/outbox/record';
import { useAppDispatch } from '../../../store/store';
import { useKitchen } from '../../../store/useKitchen';
import { AsLeft } from '../../../ui/AsLeft';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { Rows } from '../../../ui/Rows';
import { Screen } from '../../../ui/Screen';
import { Stepper } from '../../../ui/Stepper';
import { space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { useForecast } from '../../../workers/useForecast';
import { OnTheTable } from '../../plan';
import { proposedFields, type DishDraft, type DishFields } from './dishDraft';
import { DishForm } from './DishForm';
import { DishPicker, type PickedDish } from './DishPicker';
import { toBeLeft } from './toBeLeft';
import { HowItGoes } from './HowItGoes';
import { dishContext, headsOf, nextDishId, readMeal, usualName, type MealDraft } from './mealDraft';
import { WhoEats } from './WhoEats';

interface MealFormProps {
  readonly meal: MealState | null;
  /** The foods at hand, ruled for who eats of the other meals. */
  readonly stores: readonly StoredFood[];
  /** The other meals there are: some of this one may be left over from them. */
  readonly others: readonly MealState[];
  readonly proposed: MealDraft;
}

const MOST_PEOPLE = 60;
const MOST_DISHES = 12;

/** Who eats, when, and what; the schedule that comes of it is worked out as it is typed. */
export function MealForm({ meal, stores, others, proposed }: MealFormProps) {
  const kitchen = useKitchen();
  const { now, zone, units, rules, settings, guidance } = kitchen;
  const { draft, set, drop, restored } = useDraft<MealDraft>(meal ? `meal.${meal.mealId}` : 'meal', proposed);
  const [open, setOpen] = useState<string | null>(null);
  const [adding, setAdding] = useState(false);
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { table } = settings;
  const context = { guidance, table, units, zone, now: Math.round(now), availability: settings.availability };
  const foods = useMemo(() => {
    const dishes = draft.dishes.map(({ foodId, fields }) => ({ foodId, without: fields.without }));
    const eaten = asEaten(stores, [{ wanted: { without: draft.without, dishes } }], table);
    return new Map(eaten.map(({ state }) => [state.foodId, state]));
  }, [stores, draft, table]);
  const { serve, wanted, problems } = readMeal(draft, foods, context);
  const askedAt = useAskedAt(JSON.stringify([draft, settings]));
  const forecast = useForecast(
    'meal',
    wanted && {
      wanted,
      foods: foodsOf({ wanted }, [...foods.values()]),
      settings,
      guidance,
      units,
      others,
      now: askedAt,
      meal: meal && { ...meal, wanted, schedule: null },
    },
  );
  const answer: MealAnswer | null = wanted && forecast.current ? forecast.answer : null;

  const { dishes } = draft;
  const changeDish = useCallback(
    (id: string, patch: (dish: DishDraft) => DishDraft | null) =>
      set({ dishes: dishes.flatMap((dish) => (dish.id === id ? (patch(dish) ?? []) : [dish])) }),
    [dishes, set],
  );
  const changeOpen = useCallback(
    (fields: DishFields) => {
      const before = dishes.find(({ id }) => id === open);
      if (!before || JSON.stringify(before.fields) === JSON.stringify(fields)) return;
      changeDish(before.id, (dish) => ({ ...dish, fields }));
    },
    [dishes, open, changeDish],
  );
  const add = (picked: PickedDish, stored: FoodState | null) => {
    const bare = { ...picked, id: nextDishId(dishes) };
    const fields = proposedFields(bare, stored, massUnitOf(units), { rules, units });
    set({ dishes: [...dishes, { ...bare, fields }] });
    setAdding(false);
    // What has everything it needs is a line in the form; what has not is asked for.
    if (bare.kind === 'cooked') setOpen(bare.id);
  };
  const accept = async () => {
    if (answer?.kind !== 'scheduled' || !wanted) return;
    const mealId = meal?.mealId ?? uuid();
    const planned = { ...wanted, dishes: [...answer.dishes] };
    await dispatch(
      act({
        what: `${wanted.name}: planned`,
        events: [
          newMealEvent(mealId, now, 'mealPlanned', planned),
          newMealEvent(mealId, now, 'mealScheduled', answer.schedule),
        ],
        ...(meal?.schedule && {
          takeBack: [
            newMealEvent(mealId, now, 'mealPlanned', meal.wanted),
            newMealEvent(mealId, now, 'mealScheduled', meal.schedule),
          ],
        }),
      }),
    );
    drop();
    router.replace(`/plan/meal/${mealId}` as never);
  };

  const opened = dishes.find(({ id }) => id === open);
  if (opened && 'serveAt' in serve) {
    const stored = opened.foodId ? (foods.get(opened.foodId) ?? null) : null;
    return (
      <DishForm
        key={opened.id}
        dish={opened}
        stored={stored}
        context={dishContext(draft, opened, stored, context, serve.serveAt)}
        table={draft}
        eaters={eatersOf(draft, {}, table)}
        when={draft}
        onChange={changeOpen}
        onRemove={() => {
          changeDish(opened.id, () => null);
          setOpen(null);
        }}
        onDone={() => setOpen(null)}
      />
    );
  }
  if (adding) {
    const taken = new Set(dishes.map(({ foodId }) => foodId));
    return (
      <Screen
        title="A dish"
        subtitle={draft.name || undefined}
        foot={<Button grow label="Back to the meal" onPress={() => setAdding(false)} />}
      >
        <DishPicker
          stores={[...foods.values()].filter((food) => !taken.has(food.foodId))}
          left={toBeLeft(others, 'serveAt' in serve ? serve.serveAt : Infinity).filter(
            ({ dish }) => !dish.foodId || !taken.has(dish.foodId),
          )}
          onPick={add}
        />
      </Screen>
    );
  }
  return (
    <Screen
      title={meal ? 'Change the meal' : 'New meal'}
      backTo="/plan"
      rules
      foot={
        <Button
          kind="main"
          grow
          disabled={answer?.kind !== 'scheduled'}
          label={answer && answer.kind !== 'scheduled' ? 'It does not fit yet' : 'Plan it this way'}
          onPress={accept}
        />
      }
    >
      <AsLeft shown={restored} onAfresh={drop} />
      <Field
        label="What it is called"
        value={draft.name}
        onChange={(name) => set({ name })}
        most={60}
        hint={draft.name === '' && 'serveAt' in serve ? usualName(serve.serveAt, zone) : undefined}
      />
      <Rows title="Dishes">
        {dishes.map((dish) => (
          <View key={dish.id} style={styles.dish}>
            <Pressable role="button" onPress={() => setOpen(dish.id)} style={styles.words}>
              <Words size="lead">{dish.name}</Words>
              <Words tone={problems.has(dish.id) ? 'hot' : 'soft'}>
                {problems.get(dish.id) ?? dishWords(dish, wanted, { units, table })}
              </Words>
            </Pressable>
          </View>
        ))}
        {dishes.length < MOST_DISHES && (
          <View style={styles.add}>
            <Button label="Add a dish" onPress={() => setAdding(true)} />
          </View>
        )}
      </Rows>
      {wanted && (
        <HowItGoes
          wanted={wanted}
          foods={foodsOf({ wanted }, [...foods.values()])}
          forecast={forecast}
          answer={answer}
          onServeAt={(daysAhead, clock) => set({ daysAhead, clock })}
          onWaits={(id, byMin) =>
            changeDish(id, (dish) => ({
              ...dish,
              fields: { ...dish.fields, waitsMinutes: String(Number(dish.fields.waitsMinutes) + byMin) },
            }))
          }
          onWithout={(id) => changeDish(id, () => null)}
        />
      )}
      <WhoEats
        table={table}
        without={draft.without}
        of="What they eat of it"
        onChange={(without) => set({ without, ...headsOf(draft, without, table) })}
      />
      <Stepper
        label="At the table"
        value={draft.people}
        min={1}
        max={MOST_PEOPLE}
        onChange={(people) => set({ people, smallEaters: Math.min(draft.smallEaters, people) })}
      />
      <Stepper
        label="Of whom small eaters"
        value={draft.smallEaters}
        min={0}
        max={draft.people}
        onChange={(smallEaters) => set({ smallEaters })}
      />
      <OnTheTable value={draft.daysAhead} onChange={(daysAhead) => set({ daysAhead })} />
      <Field
        label="At"
        value={draft.clock}
        onChange={(clock) => set({ clock })}
        problem={'problem' in serve ? serve.problem : undefined}
      />
    </Screen>
  );
}

/** The moment something is asked at: the same until something else is asked. */
function useAskedAt(key: string): number {
  const { now } = useKitchen();
  const [asked, setAsked] = useState({ key, now });
  if (asked.key !== key) setAsked({ key, now });
  return asked.now;
}

/** A dish in one line: how much, and how long it is heated where. */
function dishWords(
  { id }: DishDraft,
  wanted: { readonly dishes: readonly MealState['wanted']['dishes'][number][] } | null,
  { units, table }: { readonly units: UnitSystem; readonly table: readonly Eater[] },
): string {
  const dish = wanted?.dishes.find((each) => each.id === id);
  if (!dish) return '';
  const heat =
    'heating' in dish ? `${formatDurationUp(dish.heating.slowMs)} ${WHERE_HEATED[dish.heating.at]}` : 'cold';
  const comes = dish.leftFrom
    ? 'to be left over'
    : dish.comes === 'shop'
      ? 'to be bought'
      : dish.comes === 'guest'
        ? 'a guest brings it'
        : '';
  const mass = dish.kind === 'cooked' ? `${formatMass(dish.massKg, units)}, ${dish.condition}` : '';
  const leave = namesOf(table.filter(({ id: eater }) => dish.without?.includes(eater)));
  return [mass, heat, comes, leave && `without ${leave}`].filter(Boolean).join(' · ');
}

const styles = StyleSheet.create({
  dish: { flexDirection: 'row', gap: space.m },
  words: { flex: 1, gap: space.xs },
  add: { alignItems: 'flex-start' },
});
