import { atClock, dayName } from '@omtel/core/time';
import type { FoodState } from '@omtel/core/trail';
import { capital } from '@omtel/core/units';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { Heading } from '../../ui/Words';
import { useRecord } from './useAct';

const DAYS_BACK = [0, 1, 2, 3, 4];

/** The one missing fact of a food without a date. A day alone counts from its first minute, the safe side. */
export function SayWhen({ food }: { readonly food: FoodState }) {
  const { now, zone } = useKitchen();
  const recordNow = useRecord();
  return (
    <View style={styles.group}>
      <Heading level={3}>{food.cooked ? 'Cooked or opened' : 'Bought or thawed'}</Heading>
      <View style={styles.row}>
        {DAYS_BACK.map((days) => {
          const since = atClock(now, -days, { hour: 0, minute: 0 }, zone);
          return (
            <Button
              key={days}
              label={capital(dayName(since, now, zone))}
              onPress={() => void recordNow(food, 'dated', 'dated', { since })}
            />
          );
        })}
        <Button
          label="Nobody knows: throw away"
          onPress={() => void recordNow(food, 'thrown away', 'discarded', {})}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.s },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
});
