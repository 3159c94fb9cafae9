import { atClock, clockOf, dayName, daysBetween, parseClockTime } from '@omtel/core/time';
import type { FoodEvent } from '@omtel/core/record';
import { capital, orProblem } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';
import type { Correction } from './useCorrect';

interface ItsTimeProps {
  readonly event: FoodEvent;
  readonly onCorrect: (correction: Correction) => unknown;
}

/** Sets right the day and the clock time of an entry. */
export function ItsTime({ event, onCorrect }: ItsTimeProps) {
  const { now, zone } = useKitchen();
  const itsDay = -daysBetween(now, event.at, zone);
  const itsClock = clockOf(event.at, zone);
  const [clock, setClock] = useState(itsClock);
  const [day, setDay] = useState(String(itsDay));
  const [problem, setProblem] = useState<string>();
  const set = () => {
    // An hour that comes twice is not told apart by typing it again.
    if (clock === itsClock && Number(day) === itsDay) return setProblem('That is when it was.');
    const read = orProblem(() => {
      const at = atClock(now, -Number(day), parseClockTime(clock), zone);
      return at > now ? { problem: 'That is still to come.' } : { at };
    });
    if ('problem' in read) return setProblem(read.problem);
    return onCorrect(read);
  };
  return (
    <View style={styles.group}>
      <Choice
        label="It was on"
        value={day}
        onChange={setDay}
        options={daysAround(itsDay).map((back) => ({
          value: String(back),
          label: capital(dayName(atClock(now, -back, NOON, zone), now, zone)),
        }))}
      />
      <View style={styles.time}>
        <Field label="At" value={clock} onChange={setClock} problem={problem} onSubmit={set} />
        <Button label="Set the time" onPress={set} />
      </View>
    </View>
  );
}

const NOON = { hour: 12, minute: 0 };
const LATELY = [0, 1, 2, 3];

/** The days an entry is likely to belong to, as days back from today, the latest first: the last few, and those around its own. */
function daysAround(itsDay: number): readonly number[] {
  const around = [itsDay - 1, itsDay, itsDay + 1, itsDay + 2].filter((back) => back >= 0);
  return [...new Set([...LATELY, ...around])].sort((a, b) => a - b);
}

const styles = StyleSheet.create({
  group: { gap: space.s },
  time: { flexDirection: 'row', gap: space.m, alignItems: 'flex-end', maxWidth: 360 },
});
