import type { FoodState } from '@omtel/core/trail';
import { formatDuration, HOUR_MS } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { useRecord } from './useAct';

const HOURS_BACK = [1, 2, 3, 4, 8, 12, 24];

/** A stretch nobody can account for: the ruling then asks the one question that would settle it. */
export function LostSight({ food }: { readonly food: FoodState }) {
  const [open, setOpen] = useState(false);
  const { now } = useKitchen();
  const recordNow = useRecord();
  if (food.place === 'gone' || food.sealed) return null;
  const since = (hours: number) => {
    setOpen(false);
    void recordNow(food, 'out of sight', 'unaccounted', { since: Math.round(now - hours * HOUR_MS) });
  };
  return (
    <View style={styles.group}>
      <Button kind="plain" label="Nobody knows where it was for a while" onPress={() => setOpen(!open)} />
      {open && (
        <>
          <Words tone="soft">Until now, since when?</Words>
          <View style={styles.row}>
            {HOURS_BACK.map((hours) => (
              <Button
                key={hours}
                label={`${formatDuration(hours * HOUR_MS)} ago`}
                onPress={() => since(hours)}
              />
            ))}
          </View>
        </>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.s, alignItems: 'flex-start' },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
});
