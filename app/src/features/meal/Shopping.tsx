import { buyingOf } from '@omtel/core/shopping';
import type { PlannedDish } from '@omtel/core/record';
import { moment } from '@omtel/core/time';
import type { FoodState, MealState } from '@omtel/core/trail';
import { formatMass } from '@omtel/core/units';
import { StyleSheet, View } from 'react-native';
import { act } from '../../store/outbox/act';
import { newEvent } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Rows } from '../../ui/Rows';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';

interface ShoppingProps {
  readonly meal: MealState;
  readonly foods: readonly FoodState[];
}

type ToBuy = Extract<PlannedDish, { kind: 'cooked' }>;

/** What is still to be bought for a meal: what keeps first, chilled and frozen last. */
export function Shopping({ meal, foods }: ShoppingProps) {
  const { units, rules, now, zone } = useKitchen();
  const whenWords = (dish: ToBuy): string => {
    if (!meal.schedule) return '';
    const { from, by } = buyingOf(dish, meal.schedule, rules);
    const until = moment(by, now, zone);
    return from !== null && from > now
      ? `Not before ${moment(from, now, zone)}, by ${until}.`
      : `By ${until}.`;
  };
  const missing = meal.wanted.dishes.filter(
    (dish): dish is ToBuy =>
      dish.kind === 'cooked' && dish.comes === 'shop' && !foods.some(({ foodId }) => foodId === dish.foodId),
  );
  return (
    <Rows title={missing.length ? 'To be bought' : undefined}>
      {[...missing].sort(byShop).map((dish) => (
        <View key={dish.id} style={styles.line}>
          <View style={styles.words}>
            <Words size="lead">{dish.name}</Words>
            <Words tone="soft">
              {`${formatMass(dish.massKg, units)}, ${dish.condition}. ${whenWords(dish)} ${dish.condition === 'frozen' ? 'Last of all, in a bag with ice.' : 'Late, in a bag of its own: raw.'}`}
            </Words>
          </View>
          <Bought dish={dish} />
        </View>
      ))}
    </Rows>
  );
}

const byShop = (a: ToBuy, b: ToBuy): number =>
  Number(a.condition === 'frozen') - Number(b.condition === 'frozen');

/** Ticked as bought its clock runs: on the way, until it is put away. */
function Bought({ dish }: { readonly dish: ToBuy }) {
  const { now } = useKitchen();
  const dispatch = useAppDispatch();
  const { foodId, foodKey, parts, name, massKg, form, condition } = dish;
  const buy = (bag: boolean) =>
    dispatch(
      act({
        what: `${name}: bought`,
        events: [
          newEvent(foodId, now, 'added', {
            foodKey,
            name,
            ...(parts.length && { parts }),
            massKg,
            form,
            condition,
            place: 'car',
            ...(bag && { bag: true as const }),
            since: Math.round(now),
          }),
        ],
        next: [{ label: 'Put it away', page: `/food/${foodId}` }],
      }),
    );
  return (
    <View style={styles.buttons}>
      <Button
        label="Bought, in a cold bag"
        name={`Bought, in a cold bag: ${name}`}
        onPress={() => buy(true)}
      />
      <Button
        kind="plain"
        label="Bought, no bag"
        name={`Bought, no bag: ${name}`}
        onPress={() => buy(false)}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  line: { gap: space.s },
  words: { gap: space.xs },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m },
});
