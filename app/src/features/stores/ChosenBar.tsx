import { SHELF_WORDS } from '@omtel/core/record';
import type { FoodState } from '@omtel/core/trail';
import { capital } from '@omtel/core/units';
import { useRouter } from 'expo-router';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { SPOTS, spotKey, type Spot } from './places';

interface ChosenBarProps {
  readonly foods: readonly FoodState[];
  readonly onMove: (foods: readonly FoodState[], spot: Spot) => void;
  readonly onCover: (foods: readonly FoodState[]) => void;
  readonly onLabel: (foods: readonly FoodState[]) => void;
  readonly onDiscard: (foods: readonly FoodState[]) => void;
  readonly onNone: () => void;
}

/** What can be done with the foods that are chosen, all of them at once. */
export function ChosenBar({ foods, onMove, onCover, onLabel, onDiscard, onNone }: ChosenBarProps) {
  const router = useRouter();
  const [only, ...others] = foods;
  if (!only) return null;
  return (
    <View style={styles.bar}>
      <View style={styles.head}>
        <Words face="strong" style={styles.grow}>
          {others.length === 0 ? only.name : `${foods.length} foods`}
        </Words>
        {others.length === 0 && (
          <Button kind="plain" label="Open" onPress={() => router.push(`/food/${only.foodId}` as never)} />
        )}
        <Button kind="plain" label="Done" onPress={onNone} />
      </View>
      <ScrollView horizontal contentContainerStyle={styles.row} showsHorizontalScrollIndicator={false}>
        {SPOTS.map((spot) => (
          <Button key={spotKey(spot)} label={spotWords(spot)} onPress={() => onMove(foods, spot)} />
        ))}
        <Button label="Covered" onPress={() => onCover(foods)} />
        <Button label="Labelled" onPress={() => onLabel(foods)} />
        <Button
          label={others.length === 0 ? 'Label' : 'Print labels'}
          onPress={() =>
            router.push(`/print/label?of=${foods.map(({ foodId }) => foodId).join(',')}` as never)
          }
        />
        {others.length === 0 && (
          <Button label="Divide" onPress={() => router.push(`/food/${only.foodId}/divide` as never)} />
        )}
        <Button label="Throw away" onPress={() => onDiscard(foods)} />
      </ScrollView>
    </View>
  );
}

const spotWords = ({ place, shelf }: Spot): string => capital(shelf ? SHELF_WORDS[shelf] : place);

const styles = StyleSheet.create({
  bar: { flex: 1, gap: space.xs },
  head: { flexDirection: 'row', alignItems: 'center', gap: space.m },
  grow: { flex: 1 },
  row: { gap: space.s },
});
