import { foodById, searchFoods, searchOwnFoods } from '@omtel/core/foods';
import type { FoodState } from '@omtel/core/trail';
import { formatMass } from '@omtel/core/units';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { SearchField } from '../../ui/SearchField';
import { OptionRow } from '../../ui/OptionRow';
import { Rows } from '../../ui/Rows';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { chosenFromStores, chosenToFetch, type ChosenFood } from './draft';

interface FoodPickerProps {
  /** Raw foods at hand; they come first. */
  readonly stores: readonly FoodState[];
  readonly onChoose: (chosen: ChosenFood) => void;
}

const MOST_SHOWN = 7;

/** Finds a food: what is in the stores first, then the household's own, then the catalogue. */
export function FoodPicker({ stores, onChoose }: FoodPickerProps) {
  const [text, setText] = useState('');
  const { units, settings } = useKitchen();
  const found = useMemo(() => searchFoods(text), [text]);
  const wanted = new Set(found.map(({ id }) => id));
  const atHand = stores.filter(
    ({ foodKey, name }) =>
      text.trim() === '' || wanted.has(foodKey) || name.toLowerCase().includes(text.trim().toLowerCase()),
  );
  const isCooked = (id: string) => foodById(id).cooking !== null;
  const own = searchOwnFoods(settings.ownFoods, text).filter(({ kinds }) => kinds.some(isCooked));
  const kinds = found.filter(({ id }) => isCooked(id)).map(({ id, name }) => ({ id, name, kinds: [id] }));
  const others = text.trim() === '' ? own : [...own, ...kinds].slice(0, MOST_SHOWN);
  return (
    <View style={styles.picker}>
      <SearchField
        label="What is to be cooked?"
        onSearch={setText}
        hint="Search, or take one from the stores."
      />
      <Rows title={atHand.length ? 'In the stores' : undefined}>
        {atHand.slice(0, MOST_SHOWN).map((stored) => (
          <OptionRow
            key={stored.foodId}
            name={stored.name}
            detail={`${formatMass(stored.massKg, units)}, ${stored.stage === 'raw' ? 'fresh' : stored.stage}`}
            onPress={() => onChoose(chosenFromStores(stored))}
          />
        ))}
      </Rows>
      <Rows title={others.length ? 'Not at hand yet' : undefined}>
        {others.map((food) => (
          <OptionRow key={food.id} name={food.name} onPress={() => onChoose(chosenToFetch(food))} />
        ))}
      </Rows>
      {text.trim() !== '' && atHand.length + others.length === 0 && (
        <Words tone="soft">Nothing by that name. Try a plainer word.</Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  picker: { gap: space.l },
});
