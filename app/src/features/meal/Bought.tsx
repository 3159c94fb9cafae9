import { bought, needsNoCold, type Taken } from '@omtel/core/shopping';
import { StyleSheet, View } from 'react-native';
import { act } from '../../store/outbox/act';
import { newEvent } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';

interface BoughtProps {
  readonly foodId: string;
  readonly food: Taken;
}

/** Ticked as bought its clock runs: on the way, until it is put away. */
export function Bought({ foodId, food }: BoughtProps) {
  const { now } = useKitchen();
  const dispatch = useAppDispatch();
  const { name } = food;
  const dry = needsNoCold(food);
  const buy = (bag: boolean) =>
    dispatch(
      act({
        what: `${name}: bought`,
        events: [newEvent(foodId, now, 'added', bought(food, Math.round(now), bag))],
        next: dry ? [] : [{ label: 'Put it away', page: `/food/${foodId}` }],
      }),
    );
  if (dry) return <Button label="Bought" name={`Bought: ${name}`} onPress={() => buy(false)} />;
  return (
    <View style={styles.buttons}>
      <Button
        label="Bought, in a cold bag"
        name={`Bought, in a cold bag: ${name}`}
        onPress={() => buy(true)}
      />
      <Button
        kind="plain"
        label="Bought, no bag"
        name={`Bought, no bag: ${name}`}
        onPress={() => buy(false)}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m },
});
