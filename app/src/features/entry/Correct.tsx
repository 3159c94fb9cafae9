import { canBeAnothers, likeliestFirst, type FoodEvent } from '@omtel/core/record';
import { MINUTE_MS } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useFoods } from '../../store/useFoods';
import { newEvent } from '../../store/outbox/record';
import { sentenceOf, type QueryError } from '../../store/problem';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { ItsTime } from './ItsTime';
import { Otherwise } from './Otherwise';
import { useCorrect, type Correction } from './useCorrect';

const EARLIER_MIN = [5, 15, 60];
/** How many other foods are offered at first. */
const LIKELY = 6;

interface CorrectProps {
  readonly event: FoodEvent;
  readonly onDone: () => void;
}

/** Sets an entry right: it happened at another time, otherwise, to another food, or not at all. */
export function Correct({ event, onDone }: CorrectProps) {
  const [picking, setPicking] = useState(false);
  const correct = useCorrect(event);
  const [problem, setProblem] = useState<string>();
  const set = (correction: Correction) =>
    correct(correction).then(onDone, (error: unknown) => setProblem(sentenceOf(error as QueryError)));
  return (
    <View style={styles.group}>
      <View style={styles.row}>
        {EARLIER_MIN.map((minutes) => (
          <Button
            key={minutes}
            kind="plain"
            label={`${minutes} min earlier`}
            onPress={() => set({ at: event.at - minutes * MINUTE_MS })}
          />
        ))}
        <Button kind="plain" label="It did not happen" onPress={() => set({ withdrawn: true })} />
        {canBeAnothers(event.type) && (
          <Button kind="plain" label="It was another food" onPress={() => setPicking(!picking)} />
        )}
      </View>
      {picking ? (
        <ItsFood event={event} onDone={onDone} />
      ) : (
        <>
          <Otherwise event={event} onCorrect={set} />
          <ItsTime event={event} onCorrect={set} />
        </>
      )}
      {problem && <Words tone="hot">{problem}</Words>}
    </View>
  );
}

/** The food it happened to instead: the entry goes there, at its time. */
function ItsFood({ event, onDone }: CorrectProps) {
  const { data } = useFoods();
  const correct = useCorrect(event);
  const [shown, setShown] = useState(LIKELY);
  const foods = (data?.foods ?? []).map(({ state }) => state);
  const food = foods.find(({ foodId }) => foodId === event.foodId);
  const others = food ? likeliestFirst(food, foods) : foods;
  const give = (foodId: string) => {
    onDone();
    const there = newEvent(foodId, event.at, event.type, event.payload as never);
    return correct({ withdrawn: true }, 'Given to the other food', there);
  };
  if (others.length === 0) return <Words tone="soft">There is no other food at hand.</Words>;
  return (
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
  );
}

const styles = StyleSheet.create({
  group: { gap: space.m, paddingBottom: space.m },
  row: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.l },
});
