import { foodById, searchFoods, searchOwnFoods } from '@omtel/core/foods';
import type { FoodState } from '@omtel/core/trail';
import { formatMass } from '@omtel/core/units';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { useKitchen } from '../../../store/useKitchen';
import { Button } from '../../../ui/Button';
import { OptionRow } from '../../../ui/OptionRow';
import { Rows } from '../../../ui/Rows';
import { SearchField } from '../../../ui/SearchField';
import { space } from '../../../ui/tokens';
import { kindOfStored, type DishDraft } from './dishDraft';
import type { ToBeLeft } from './toBeLeft';

export type PickedDish = Omit<DishDraft, 'id' | 'fields'>;

interface DishPickerProps {
  /** What is in the stores and no dish of this meal yet. */
  readonly stores: readonly FoodState[];
  readonly left: readonly ToBeLeft[];
  readonly onPick: (dish: PickedDish, stored: FoodState | null) => void;
}

const MOST_SHOWN = 6;

/** Finds a dish: in the stores, in the catalogue what is bought raw, or by what it is called. */
export function DishPicker({ stores, left, onPick }: DishPickerProps) {
  const [text, setText] = useState('');
  const { units, settings } = useKitchen();
  const sought = text.trim();
  const found = useMemo(() => searchFoods(text), [text]);
  const wanted = new Set(found.map(({ id }) => id));
  const atHand = stores.filter(
    ({ foodKey, name }) =>
      sought === '' || wanted.has(foodKey) || name.toLowerCase().includes(sought.toLowerCase()),
  );
  const toCome = left
    .filter(({ dish }) => dish.name.toLowerCase().includes(sought.toLowerCase()))
    .slice(0, MOST_SHOWN);
  const comesRaw = (id: string) => foodById(id).cooking !== null && foodById(id).rawStorage !== null;
  const own = searchOwnFoods(settings.ownFoods, text).filter(({ kinds }) => kinds.some(comesRaw));
  const kinds = found.filter(({ id }) => comesRaw(id)).map(({ id, name }) => ({ name, kinds: [id] }));
  const toBuy = sought === '' ? [] : [...own, ...kinds].slice(0, MOST_SHOWN);
  const called = (kind: 'plain' | 'cold' | 'reheated', comes?: 'guest') =>
    onPick({ name: sought, foodId: null, kinds: [], kind, ...(comes && { comes }) }, null);
  return (
    <View style={styles.picker}>
      <SearchField
        label="What is to be eaten?"
        onSearch={setText}
        hint="A food, or what you call the dish."
      />
      {sought !== '' && (
        <Rows title={`“${sought}”`}>
          <View style={styles.buttons}>
            <Button label="Cook it, nothing raw in it" onPress={() => called('plain')} />
            <Button label="Eat it cold" onPress={() => called('cold')} />
            <Button label="A guest brings it, to warm" onPress={() => called('reheated', 'guest')} />
            <Button label="A guest brings it, cold" onPress={() => called('cold', 'guest')} />
          </View>
        </Rows>
      )}
      <Rows title={atHand.length ? 'In the stores' : undefined}>
        {atHand.slice(0, sought === '' ? atHand.length : MOST_SHOWN).map((food) => (
          <OptionRow
            key={food.foodId}
            name={food.name}
            detail={`${formatMass(food.massKg, units)}, ${food.stage === 'raw' ? 'fresh' : food.stage}`}
            onPress={() =>
              onPick(
                {
                  name: food.name,
                  foodId: food.foodId,
                  kinds: [food.foodKey, ...food.parts],
                  kind: kindOfStored(food),
                },
                food,
              )
            }
          />
        ))}
      </Rows>
      <Rows title={toCome.length ? 'To be left over' : undefined}>
        {toCome.flatMap(({ meal, dish }) =>
          (['cold', 'reheated'] as const).map((kind) => (
            <OptionRow
              key={`${meal.mealId} ${dish.id} ${kind}`}
              name={dish.name}
              detail={`From ${meal.wanted.name}, ${kind === 'cold' ? 'eaten cold' : 'heated again'}`}
              onPress={() =>
                onPick({ name: dish.name, foodId: dish.foodId, kinds: [], kind, leftFrom: meal.mealId }, null)
              }
            />
          )),
        )}
      </Rows>
      <Rows title={toBuy.length ? 'To be bought' : undefined}>
        {toBuy.map(({ name, kinds: all }) => (
          <OptionRow
            key={name}
            name={name}

            onPress={() =>
              onPick({ name, foodId: uuid(), kinds: [...all], kind: 'cooked', comes: 'shop' }, null)
            }
          />
        ))}
      </Rows>
    </View>
  );
}

const styles = StyleSheet.create({
  picker: { gap: space.l },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m },
});
