import { atClock, clockOf, daysBetween, parseClockTime } from '@omtel/core/time';
import { canBeAnothers, likeliestFirst, type FoodEvent } from '@omtel/core/trail';
import { MINUTE_MS, orProblem } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useFoodsQuery } from '../../store/api';
import { act } from '../../store/outbox/act';
import { newEvent } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';

const EARLIER_MIN = [5, 15, 60];
/** How many other foods are offered at first. */
const LIKELY = 6;

interface CorrectProps {
  readonly event: FoodEvent;
  readonly onDone: () => void;
}

/** Sets an entry right: it happened at another time, to another food, or not at all. */
export function Correct({ event, onDone }: CorrectProps) {
  const dispatch = useAppDispatch();
  const { now, zone } = useKitchen();
  const { data } = useFoodsQuery();
  const [clock, setClock] = useState(clockOf(event.at, zone));
  const [problem, setProblem] = useState<string>();
  const [picking, setPicking] = useState(false);
  const [shown, setShown] = useState(LIKELY);
  const correction = (payload: { at?: number; withdrawn?: true }) =>
    newEvent(event.foodId, now, 'corrected', { eventId: event.id, ...payload });
  const correct = (payload: { at?: number; withdrawn?: true }) => {
    onDone();
    return dispatch(act({ what: 'Set right', events: [correction(payload)] }));
  };
  const setTime = () => {
    const read = orProblem(() => {
      const at = atClock(now, daysBetween(now, event.at, zone), parseClockTime(clock), zone);
      return at > now ? { problem: 'That is still to come.' } : { at };
    });
    if ('problem' in read) setProblem(read.problem);
    else correct(read);
  };
  const give = (foodId: string) => {
    onDone();
    return dispatch(
      act({
        what: 'Given to the other food',
        events: [
          correction({ withdrawn: true }),
          newEvent(foodId, event.at, event.type, event.payload as never),
        ],
      }),
    );
  };
  const foods = (data?.foods ?? []).map(({ state }) => state);
  const food = foods.find(({ foodId }) => foodId === event.foodId);
  const others = food ? likeliestFirst(food, foods) : [];
  return (
    <View style={styles.group}>
      <View style={styles.row}>
        {EARLIER_MIN.map((minutes) => (
          <Button
            key={minutes}
            kind="plain"
            label={`${minutes} min earlier`}
            onPress={() => correct({ at: event.at - minutes * MINUTE_MS })}
          />
        ))}
        <Button kind="plain" label="It did not happen" onPress={() => correct({ withdrawn: true })} />
        {canBeAnothers(event.type) && others.length > 0 && (
          <Button kind="plain" label="It was another food" onPress={() => setPicking(!picking)} />
        )}
      </View>
      {picking ? (
        <>
          <Words tone="soft">Which one? The entry goes there, at its time.</Words>
          <View style={styles.row}>
            {others.slice(0, shown).map(({ foodId, name }) => (
              <Button key={foodId} label={name} onPress={() => give(foodId)} />
            ))}
            {others.length > shown && (
              <Button kind="plain" label="More foods" onPress={() => setShown(others.length)} />
            )}
          </View>
        </>
      ) : (
        <View style={styles.time}>
          <Field label="It was at" value={clock} onChange={setClock} problem={problem} onSubmit={setTime} />
          <Button label="Set the time" onPress={setTime} />
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.s, paddingBottom: space.s },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.xs, marginLeft: -space.s },
  time: { flexDirection: 'row', gap: space.m, alignItems: 'flex-end', maxWidth: 360 },
});
