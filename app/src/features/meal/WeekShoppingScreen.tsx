import { weekShopping, type WeekThing } from '@omtel/core/shopping';
import { dayName, moment } from '@omtel/core/time';
import { formatMass } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { useUsualQuery } from '../../store/api';
import { useFoods } from '../../store/useFoods';
import { useKitchen } from '../../store/useKitchen';
import { Screen } from '../../ui/Screen';
import { Empty } from '../../ui/states';
import { space } from '../../ui/tokens';
import { Until } from '../../ui/Until';
import { Words } from '../../ui/Words';
import { Bought } from './Bought';
import { ShopShelves } from './ShopShelves';
import { ToBuyRow } from './ToBuyRow';

const NOTHING = [] as const;

/** What is bought for the week: for its meals, and of what runs out; in the order of the shop. */
export function WeekShoppingScreen() {
  const kitchen = useKitchen();
  const query = useFoods();
  const { data } = query;
  const { data: usual } = useUsualQuery();
  const list =
    data &&
    weekShopping(
      {
        meals: data.meals,
        foods: data.foods.map(({ state }) => state),
        lately: usual?.lately ?? NOTHING,
      },
      kitchen,
    );
  return (
    <Screen
      title="To be bought"
      subtitle="For the meals of the next seven days, and what runs out"
      backTo="/plan"
    >
      <Until what="what is wanted" query={query} />
      {list?.length === 0 && (
        <Empty title="Nothing is wanted">
          What the meals of the week need, and what you have usually and are about to have no more, stands
          here.
        </Empty>
      )}
      <ShopShelves list={list ?? NOTHING} row={(thing) => <Thing key={keyOf(thing)} thing={thing} />} />
    </Screen>
  );
}

const keyOf = (thing: WeekThing): string =>
  thing.kind === 'usual'
    ? JSON.stringify([thing.food.name, thing.food.foodKey, thing.food.parts])
    : `${thing.meal.mealId}/${thing.thing.kind === 'food' ? thing.thing.dish.id : `${thing.thing.dish}/${thing.thing.item}`}`;

function Thing({ thing }: { readonly thing: WeekThing }) {
  const { now, zone } = useKitchen();
  if (thing.kind === 'usual') return <Usual thing={thing} />;
  const { meal, thing: toBuy } = thing;
  return (
    <View style={styles.words}>
      <ToBuyRow meal={meal} thing={toBuy} />
      <Words size="small" tone="soft">
        {`${meal.wanted.name}, ${dayName(meal.wanted.serveAt, now, zone)}`}
      </Words>
    </View>
  );
}

function Usual({ thing: { food, endsAt } }: { readonly thing: Extract<WeekThing, { kind: 'usual' }> }) {
  const { now, zone, units } = useKitchen();
  const [foodId] = useState(() => uuid());
  const ends =
    endsAt === null
      ? 'There is none.'
      : endsAt <= now
        ? 'The last of it is over its days.'
        : `The last of it keeps until ${moment(endsAt, now, zone)}.`;
  return (
    <View style={styles.usual}>
      <View style={styles.words}>
        <Words size="lead">{food.name}</Words>
        <Words tone="soft">{`Last time ${formatMass(food.massKg, units)}. ${ends}`}</Words>
      </View>
      <Bought foodId={foodId} food={food} />
    </View>
  );
}

const styles = StyleSheet.create({ usual: { gap: space.s }, words: { gap: space.xs } });
