import { shoppingList } from '@omtel/core/shopping';
import type { FoodState, MealState } from '@omtel/core/trail';
import { StyleSheet, View } from 'react-native';
import { space } from '../../ui/tokens';
import { Heading } from '../../ui/Words';
import { ShopShelves } from './ShopShelves';
import { ToBuyRow } from './ToBuyRow';

interface ShoppingProps {
  readonly meal: MealState;
  readonly foods: readonly FoodState[];
}

/** What is bought for a meal, as one goes through a shop: what keeps first, chilled and frozen last. */
export function Shopping({ meal, foods }: ShoppingProps) {
  const list = shoppingList(meal, foods);
  if (list.length === 0) return null;
  return (
    <View style={styles.list}>
      <Heading level={2}>To be bought</Heading>
      <ShopShelves
        list={list}
        row={(thing) => (
          <ToBuyRow
            key={thing.kind === 'food' ? thing.dish.id : `${thing.dish}/${thing.item}`}
            meal={meal}
            thing={thing}
          />
        )}
      />
    </View>
  );
}

const styles = StyleSheet.create({ list: { gap: space.m } });
