import { placeWords } from '@omtel/core/record';
import type { FoodState } from '@omtel/core/trail';
import { formatDuration, MINUTE_MS } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { act } from '../../store/outbox/act';
import { newEvent } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { space } from '../../ui/tokens';

const MINUTES_AGO = [0, 15, 30, 60, 90, 120, 180, 240, 360, 480];

/** Food that came out of the cold and was forgotten: since when, and whether it is out still. */
export function LeftOut({ food }: { readonly food: FoodState }) {
  const [open, setOpen] = useState(false);
  const [ago, setAgo] = useState('0');
  const { now } = useKitchen(food);
  const dispatch = useAppDispatch();
  const { place, shelf, placeSince, foodId, name } = food;
  if (place !== 'refrigerator' && place !== 'freezer') return null;
  const left = async (back: boolean) => {
    setOpen(false);
    const out = newEvent(foodId, now - Number(ago) * MINUTE_MS, 'moved', { place: 'counter' });
    const returned = newEvent(foodId, now, 'moved', { place, ...(shelf && { shelf }) });
    await dispatch(act({ what: `${name}: left out`, events: back ? [out, returned] : [out] }));
  };
  const offered = MINUTES_AGO.filter((minutes) => now - minutes * MINUTE_MS >= placeSince);
  return (
    <View style={styles.group}>
      <Button kind="plain" label="It was left out" onPress={() => setOpen(!open)} />
      {open && (
        <>
          <Choice
            label="Out of the cold since"
            value={ago}
            onChange={setAgo}
            options={offered.map((minutes) => ({
              value: String(minutes),
              label: minutes === 0 ? 'Now' : `${formatDuration(minutes * MINUTE_MS)} ago`,
            }))}
          />
          <View style={styles.row}>
            <Button label="It is out still" onPress={() => left(false)} />
            {ago !== '0' && <Button label={`Back ${placeWords(place)} now`} onPress={() => left(true)} />}
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
