import { foodById, LONGEST_NAME, searchFoods, type Food } from '@omtel/core/foods';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { SearchField } from '../../ui/SearchField';
import { OptionRow } from '../../ui/OptionRow';
import { Rows } from '../../ui/Rows';
import { space } from '../../ui/tokens';
import { useSearchReady } from '../../ui/useSearchReady';
import { Words } from '../../ui/Words';

const MOST_SHOWN = 7;

interface KindPickerProps {
  readonly label: string;
  readonly hint?: string;
  /** The food in what was typed, where more than its name can be. */
  readonly foodIn?: (text: string) => string;
  /** With the name typed, where it is none of the catalogue’s, and all that was typed. */
  readonly onChoose: (food: Food, name: string | undefined, text: string) => void;
}

const asTyped = (text: string): string => text;

/** Finds a kind of the catalogue by what a kitchen calls it; what it does not know is kept by its name, as the kind it is most like. */
export function KindPicker({
  label,
  hint = 'Spelling is forgiven.',
  foodIn = asTyped,
  onChoose,
}: KindPickerProps) {
  const [wanted, setWanted] = useState('');
  // The field begins anew once something was chosen.
  const [turn, setTurn] = useState(0);
  useSearchReady();
  const typed = foodIn(wanted).trim();
  const found = typed === '' ? [] : searchFoods(typed).slice(0, MOST_SHOWN);
  const unknown = typed !== '' && found.length === 0;
  return (
    <View style={styles.group}>
      <SearchField key={turn} label={label} onSearch={setWanted} most={LONGEST_NAME} hint={hint} />
      {unknown && (
        <Words tone="soft">Nothing is called that here. What is it most like? It keeps your name.</Words>
      )}
      <Rows>
        {(unknown ? NEAREST.map(foodById) : found).map((food) => (
          <OptionRow
            key={food.id}
            name={food.name}
            onPress={() => {
              setWanted('');
              setTurn(turn + 1);
              onChoose(food, unknown ? typed : undefined, wanted);
            }}
          />
        ))}
      </Rows>
    </View>
  );
}

/** What most foods are like, for one that no search knows. */
const NEAREST = [
  'takeaway',
  'beef-stew',
  'ground-beef',
  'beef-steak',
  'chicken-thighs',
  'cod',
  'cooked-vegetables',
  'soft-cheese',
];

const styles = StyleSheet.create({
  group: { gap: space.s },
});
