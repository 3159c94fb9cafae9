import { heatingSteps, type HeatWay, waysToHeat } from '@omtel/core/practice';
import type { FoodState } from '@omtel/core/trail';
import type { Temperature } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Choice } from '../../ui/Choice';
import { Rows } from '../../ui/Rows';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';

const WAY_NAMES: Readonly<Record<HeatWay, string>> = {
  hob: 'On the hob',
  oven: 'In the oven',
  microwave: 'By microwave',
};

export interface WaysToHeatProps {
  readonly food: FoodState;
  readonly goal: Temperature;
}

/** How this portion is heated again, by hob, oven or microwave, as its form allows. */
export function WaysToHeat({ food, goal }: WaysToHeatProps) {
  const { rules, units } = useKitchen(food);
  const ways = waysToHeat(food.form);
  const [way, setWay] = useState<HeatWay>(ways[0]!);
  return (
    <View style={styles.block}>
      <Choice
        label="How it is heated"
        value={way}
        onChange={setWay}
        options={ways.map((value) => ({ value, label: WAY_NAMES[value] }))}
      />
      <Rows>
        {heatingSteps(way, { form: food.form, goal }, rules, units).map((step) => (
          <Words key={step}>{step}</Words>
        ))}
      </Rows>
    </View>
  );
}

const styles = StyleSheet.create({ block: { gap: space.s } });
