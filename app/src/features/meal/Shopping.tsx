import { buyingOf, shoppingList, type ToBuy } from '@omtel/core/shopping';
import { moment } from '@omtel/core/time';
import type { FoodState, MealState } from '@omtel/core/trail';
import { formatMass } from '@omtel/core/units';
import Square from 'lucide-react-native/icons/square';
import SquareCheck from 'lucide-react-native/icons/square-check';
import { Pressable, StyleSheet, View } from 'react-native';
import { act } from '../../store/outbox/act';
import { newEvent, newMealEvent } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Rows } from '../../ui/Rows';
import { usePress } from '../../ui/press';
import { useLook } from '../../ui/theme';
import { REACH, space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { SHELF_ADVICE, SHELF_NAMES } from './shopWords';

interface ShoppingProps {
  readonly meal: MealState;
  readonly foods: readonly FoodState[];
}

type RawDish = Extract<ToBuy, { kind: 'food' }>['dish'];
type Item = Extract<ToBuy, { kind: 'item' }>;

/** What is bought for a meal, as one goes through a shop: what keeps first, chilled and frozen last. */
export function Shopping({ meal, foods }: ShoppingProps) {
  const list = shoppingList(meal, foods);
  if (list.length === 0) return null;
  return (
    <View style={styles.list}>
      <Heading level={2}>To be bought</Heading>
      {list.map(({ place, things }) => (
        <View key={place}>
          <Rows title={SHELF_NAMES[place]}>
            {things.map((thing) =>
              thing.kind === 'food' ? (
                <FoodToBuy key={thing.dish.id} meal={meal} dish={thing.dish} />
              ) : (
                <ItemToBuy key={`${thing.dish}/${thing.item}`} meal={meal} item={thing} />
              ),
            )}
          </Rows>
          {SHELF_ADVICE[place] && <Words tone="soft">{SHELF_ADVICE[place]}</Words>}
        </View>
      ))}
    </View>
  );
}

/** Something that goes into a dish: a tick, and no clock that runs. */
function ItemToBuy({
  meal,
  item: { dish, item, boughtAt },
}: {
  readonly meal: MealState;
  readonly item: Item;
}) {
  const { now } = useKitchen();
  const dispatch = useAppDispatch();
  const bought = boughtAt !== null;
  const name = meal.wanted.dishes.find(({ id }) => id === dish)?.name ?? '';
  const { colors } = useLook();
  const Box = bought ? SquareCheck : Square;
  const press = usePress(() =>
    dispatch(
      act({
        what: `${item}: ${bought ? 'not bought' : 'bought'}`,
        events: [
          newMealEvent(meal.mealId, now, 'mealBought', { dish, item, at: bought ? null : Math.round(now) }),
        ],
      }),
    ),
  );
  return (
    <Pressable
      role="checkbox"
      aria-checked={bought}
      aria-label={name && item !== name ? `${item}, for ${name}` : item}
      style={styles.tick}
      onPress={press}
    >
      <Box size={24} color={bought ? colors.soft : colors.ink} />
      <Words tone={bought ? 'soft' : 'ink'} style={styles.item}>
        {item}
      </Words>
      <Words size="small" tone="soft">
        {name}
      </Words>
    </Pressable>
  );
}

/** Food that is logged from then on. */
function FoodToBuy({ meal, dish }: { readonly meal: MealState; readonly dish: RawDish }) {
  const { units } = useKitchen();
  return (
    <View style={styles.line}>
      <View style={styles.words}>
        <Words size="lead">{dish.name}</Words>
        <Words tone="soft">
          {`${formatMass(dish.massKg, units)}, ${dish.condition}. `}
          <When meal={meal} dish={dish} />
        </Words>
      </View>
      <Bought dish={dish} />
    </View>
  );
}

function When({ meal: { schedule }, dish }: { readonly meal: MealState; readonly dish: RawDish }) {
  const { rules, now, zone } = useKitchen();
  if (!schedule) return null;
  const { from, by } = buyingOf(dish, schedule, rules);
  const until = moment(by, now, zone);
  return from !== null && from > now ? `Not before ${moment(from, now, zone)}, by ${until}.` : `By ${until}.`;
}
/** Ticked as bought its clock runs: on the way, until it is put away. */
function Bought({ dish }: { readonly dish: RawDish }) {
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
  list: { gap: space.m },
  item: { flex: 1 },
  tick: { minHeight: REACH, flexDirection: 'row', alignItems: 'center', gap: space.m },
  line: { gap: space.s },
  words: { gap: space.xs },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m },
});
