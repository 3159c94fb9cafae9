import { runningExposure, uncontrolled } from '@omtel/core/clocks';
import type { FoodState } from '@omtel/core/trail';
import { formatCeiling } from '@omtel/core/units';
import { StyleSheet, View } from 'react-native';
import { seasonNow } from '../../store/season';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { NoteDegrees } from './NoteDegrees';
import { useRecord } from './useAct';

/** Food that stands out: how its minutes count there, and what the air was measured at. */
export function AirHere({ food }: { readonly food: FoodState }) {
  const kitchen = useKitchen(food);
  const recordNow = useRecord();
  const running = runningExposure(food.exposures);
  if (!running || !uncontrolled(food.place)) return null;
  const { rules, units } = kitchen;
  const { warmAir, warmAirFactor } = rules.bandTime;
  return (
    <View style={styles.group}>
      <Words>
        {running.factor > 1
          ? `Warm air: each minute here counts × ${warmAirFactor.value.times}.`
          : `Each minute here counts once; in air above ${formatCeiling(warmAir.value.at, units)} it counts × ${warmAirFactor.value.times}.`}
      </Words>
      <NoteDegrees
        label="Air there"
        of={food.place === 'car' ? 'car' : 'air'}
        button="Note the air"
        onNote={(temperature) => recordNow(food, 'air noted', 'airRead', { temperature })}
      />
      {food.place !== 'outdoors' && (
        <Button
          label="Taken outdoors"
          onPress={() => recordNow(food, 'outdoors', 'moved', { place: 'outdoors', ...seasonNow(kitchen) })}
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.s, alignItems: 'flex-start' },
});
