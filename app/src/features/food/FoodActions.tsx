import { isHeated, mayFreeze, runningExposure, type FoodState } from '@omtel/core/trail';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { Heading } from '../../ui/Words';
import { SomeOfIt } from './SomeOfIt';
import { useRecord } from './useAct';

/** All else that can happen to a food from where it is. */
export function FoodActions({ food }: { readonly food: FoodState }) {
  const { rules } = useKitchen(food);
  const recordNow = useRecord();
  const router = useRouter();
  const { place, stage, cooked, plan, foodId } = food;
  if (place === 'gone') return null;
  const open = (page: string) => router.push(`/food/${foodId}/${page}` as never);
  const isCold = runningExposure(food.exposures)?.side === 'cold';
  const inCold = place === 'refrigerator' || place === 'freezer';
  return (
    <View style={styles.group}>
      <Heading level={3} tone="soft">
        Also
      </Heading>
      <View style={styles.row}>
        {(food.sealed || food.withoutAir || food.unopened) && (
          <Button label="Opened" onPress={() => recordNow(food, 'opened', 'opened', {})} />
        )}
        {food.spell && place === 'freezer' && (
          <Button label="Ice in it" onPress={() => recordNow(food, 'ice in it', 'iceSeen', {})} />
        )}
        {(place !== 'freezer' || food.spell) && <Button label="Log a reading" onPress={() => open('cook')} />}
        {stage === 'thawing' && plan && <Button label="Still icy" onPress={() => open('icy')} />}
        {cooked && !food.sealed && (place !== 'refrigerator' || food.cooling) && place !== 'freezer' && (
          <Button label="Will it cool in time?" onPress={() => open('cool')} />
        )}
        {cooked && !food.sealed && !inCold && <Button label="Put away" onPress={() => open('leftovers')} />}
        {inCold && <Button label="Label" onPress={() => open('label')} />}
        <Button label="Divide or combine" onPress={() => open('divide')} />
        <Button label="What if" onPress={() => open('whatif')} />
        {place === 'refrigerator' && mayFreeze(food, rules) && (
          <Button
            label="To the freezer"
            onPress={() => recordNow(food, 'to the freezer', 'moved', { place: 'freezer' })}
          />
        )}
        {place !== 'refrigerator' && place !== 'heat' && (!cooked || inCold || isCold) && (
          <Button
            label="To the refrigerator"
            onPress={() => recordNow(food, 'to the refrigerator', 'moved', { place: 'refrigerator' })}
          />
        )}
        {place === 'refrigerator' && cooked && (
          <Button
            label="On the table"
            onPress={() => recordNow(food, 'on the table', 'moved', { place: 'table' })}
          />
        )}
        <SomeOfIt
          food={food}
          acts={[
            ...(cooked && stage === 'stored' && isHeated(food) ? (['heat'] as const) : []),
            ...(cooked ? (['eat'] as const) : []),
            'discard',
          ]}
        />
        {!cooked && !food.cook && place !== 'heat' && (
          <Button
            label={plan ? 'Change the plan' : stage === 'frozen' ? 'When must it come out?' : 'Plan it'}
            onPress={() => router.push(`/plan/new?food=${foodId}` as never)}
          />
        )}
        {plan && (
          <Button
            kind="plain"
            label="Drop the plan"
            onPress={() => recordNow(food, 'plan dropped', 'planDropped', {})}
          />
        )}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.s },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
});
