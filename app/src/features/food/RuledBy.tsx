import { rulesOf, type GuidanceChoice } from '@omtel/core/guidance';
import type { FoodState } from '@omtel/core/trail';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useEatenInCare } from '../../store/useFoods';
import { useKitchen } from '../../store/useKitchen';
import { useMay } from '../../store/useMay';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { SCHOOL_OPTIONS } from '../../ui/schools';
import { Words } from '../../ui/Words';
import { useRecord } from './useAct';

type Ruled = 'household' | GuidanceChoice['school'] | 'care';

/** What this one food is ruled by, where it is to differ from the household. */
export function RuledBy({ food }: { readonly food: FoodState }) {
  const { rules } = useKitchen(food);
  const recordNow = useRecord();
  const [open, setOpen] = useState(false);
  const mayDecide = useMay('decide');
  const inCare = useEatenInCare(food.foodId);
  if (inCare && food.guidedBy?.extraCare)
    return (
      <Words tone="soft">{`Ruled with extra care: ${inCare.names} eats of it at “${inCare.meal}”.`}</Words>
    );
  if (!mayDecide) return null;
  if (!open)
    return (
      <View style={styles.start}>
        <Button kind="plain" label={`Ruled by ${rules.name}. Change`} onPress={() => setOpen(true)} />
      </View>
    );
  const choose = (value: Ruled) => {
    setOpen(false);
    const choice = choiceOf(value);
    const name = value === 'household' ? 'ruled as the household' : `ruled by ${rulesOf(value).name}`;
    void recordNow(food, name, 'guided', { choice });
  };
  return (
    <Choice
      label="This food is ruled by"
      value={valueOf(food.guidedBy)}
      onChange={choose}
      options={[
        { value: 'household', label: 'As the household' },
        ...SCHOOL_OPTIONS,
        { value: 'care', label: rulesOf('care').name },
      ]}
    />
  );
}

function choiceOf(value: Ruled): GuidanceChoice | null {
  if (value === 'household') return null;
  return value === 'care' ? { school: 'home', extraCare: true } : { school: value, extraCare: false };
}

const valueOf = (choice: GuidanceChoice | null): Ruled =>
  choice === null ? 'household' : choice.extraCare ? 'care' : choice.school;

const styles = StyleSheet.create({ start: { alignItems: 'flex-start' } });
