import { buyingOf, type ToBuy } from '@omtel/core/shopping';
import { moment } from '@omtel/core/time';
import type { MealState } from '@omtel/core/trail';
import { formatMass } from '@omtel/core/units';
import Square from 'lucide-react-native/icons/square';
import SquareCheck from 'lucide-react-native/icons/square-check';
import { Pressable, StyleSheet, View } from 'react-native';
import { act } from '../../store/outbox/act';
import { newMealEvent } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { usePress } from '../../ui/press';
import { useLook } from '../../ui/theme';
import { REACH, space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { Bought } from './Bought';

type RawDish = Extract<ToBuy, { kind: 'food' }>['dish'];
type Item = Extract<ToBuy, { kind: 'item' }>;

/** One thing to buy for a meal, ticked in the shop. */
export function ToBuyRow({ meal, thing }: { readonly meal: MealState; readonly thing: ToBuy }) {
  return thing.kind === 'food' ? (
    <FoodToBuy meal={meal} dish={thing.dish} />
  ) : (
    <ItemToBuy meal={meal} item={thing} />
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
      <Bought foodId={dish.foodId} food={dish} />
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

const styles = StyleSheet.create({
  item: { flex: 1 },
  tick: { minHeight: REACH, flexDirection: 'row', alignItems: 'center', gap: space.m },
  line: { gap: space.s },
  words: { gap: space.xs },
});
