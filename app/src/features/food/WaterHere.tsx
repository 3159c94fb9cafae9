import type { FoodState } from '@omtel/core/trail';
import { formatCeiling } from '@omtel/core/units';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { NoteDegrees } from './NoteDegrees';
import { useRecord } from './useAct';

/** Food that thaws in water: what water its school wants, and how warm it was read. */
export function WaterHere({ food }: { readonly food: FoodState }) {
  const { rules, units } = useKitchen(food);
  const recordNow = useRecord();
  if (food.place !== 'water') return null;
  const { waterTemperature, waterRunning } = rules.thawing;
  const cold = formatCeiling(waterTemperature.value.at, units);
  return (
    <View style={styles.group}>
      <Words>{`${waterRunning.value.yes ? 'Running water' : 'Cold water'}, at most ${cold}. Warmer, its minutes count as out of the cold.`}</Words>
      <NoteDegrees
        label="The water reads"
        of="water"
        button="Note the water"
        onNote={(temperature) => recordNow(food, 'water read', 'waterRead', { temperature })}
      />
    </View>
  );
}

const styles = StyleSheet.create({ group: { gap: space.s, alignItems: 'flex-start' } });
