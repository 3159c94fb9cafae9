import { atClock, clockTimeWords, dayName, lastAtClock, parseClockTime } from '@omtel/core/time';
import type { FoodState } from '@omtel/core/trail';
import { capital, orProblem } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';
import { Heading } from '../../ui/Words';
import { useRecord } from './useAct';

const DAYS_BACK = [0, 1, 2, 3, 4];

/** The one missing fact of a food: since when it was out where it came from, or its date. */
export function SayWhen({ food }: { readonly food: FoodState }) {
  return food.outUnknown ? <SayOutSince food={food} /> : <SayDay food={food} />;
}

/** When a food that came from elsewhere left the heat or the cold there. */
function SayOutSince({ food }: { readonly food: FoodState }) {
  const { zone } = useKitchen();
  const recordNow = useRecord();
  const [clock, setClock] = useState('');
  const [problem, setProblem] = useState<string>();
  const say = () => {
    const read = orProblem(() => ({ since: lastAtClock(food.cameAt, parseClockTime(clock), zone) }));
    if ('problem' in read) setProblem(read.problem);
    else void recordNow(food, 'out since then', 'outSince', read);
  };
  return (
    <View style={styles.group}>
      <Field
        label={food.heatFirst ? 'Off the heat there at' : 'Out of the cold there at'}
        value={clock}
        onChange={setClock}
        problem={problem}
        hint={`Such as ${clockTimeWords({ hour: 18, minute: 30 })}.`}
        onSubmit={say}
      />
      <View style={styles.row}>
        <Button label="Say so" onPress={say} />
        <Button
          label="Nobody knows: throw away"
          onPress={() => recordNow(food, 'thrown away', 'discarded', {})}
        />
      </View>
    </View>
  );
}

/** A day alone counts from its first minute, the safe side. */
function SayDay({ food }: { readonly food: FoodState }) {
  const { now, zone } = useKitchen();
  const recordNow = useRecord();
  return (
    <View style={styles.group}>
      <Heading small>{food.cooked ? 'Cooked or opened' : 'Bought or thawed'}</Heading>
      <View style={styles.row}>
        {DAYS_BACK.map((days) => {
          const since = atClock(now, -days, { hour: 0, minute: 0 }, zone);
          return (
            <Button
              key={days}
              label={capital(dayName(since, now, zone))}
              onPress={() => recordNow(food, 'dated', 'dated', { since })}
            />
          );
        })}
        <Button
          label="Nobody knows: throw away"
          onPress={() => recordNow(food, 'thrown away', 'discarded', {})}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.s },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
});
