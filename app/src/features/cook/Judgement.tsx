import type { FoodState } from '@omtel/core/trail';
import { degreesShort, formatTemperature, type Temperature } from '@omtel/core/units';
import { clockOf } from '@omtel/core/time';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Heading, Words } from '../../ui/Words';

/** What the last reading means: how far there is to go, or that the target is met. */
export function Judgement({
  food,
  goalAt,
}: {
  readonly food: FoodState;
  readonly goalAt: Temperature | null;
}) {
  const { units, zone } = useKitchen();
  const { colors } = useLook();
  const last = food.cook?.readings.at(-1);
  if (!food.cook || !goalAt) return null;
  const met = food.cook.metAt !== null;
  if (!last && !met) return null;
  const short = last ? degreesShort(last.temperature, goalAt, units.temperature) : 0;
  return (
    <View role="status" style={[styles.box, { borderLeftColor: met ? colors.rim : colors.hot }]}>
      <Heading>
        {met ? 'Target met.' : `${Math.ceil(short * 10) / 10} °${units.temperature} to go. Keep cooking.`}
      </Heading>
      <Words tone="soft" tabular>
        {last
          ? `Read ${formatTemperature(last.temperature, units)} at ${clockOf(last.at, zone)}`
          : 'Done by its look'}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({ box: { borderLeftWidth: 4, paddingLeft: space.m, gap: 2 } });
