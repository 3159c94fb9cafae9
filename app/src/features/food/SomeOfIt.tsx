import { LONGEST_NAME } from '@omtel/core/foods';
import type { EventType } from '@omtel/core/record';
import type { FoodState } from '@omtel/core/trail';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { act } from '../../store/outbox/act';
import { newEvent } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { intoView } from '../../ui/intoView';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { dividing, shareOf } from '../divide';
import { useRecord } from './useAct';

/** What can be done with some of a food's portions, or with all of it. */
export type SomeAct = 'eat' | 'heat' | 'discard';

const ACTS: Record<SomeAct, { button: string; ask: string; noted: string; type: EventType | null }> = {
  eat: { button: 'Eaten', ask: 'How many were eaten?', noted: 'eaten', type: 'eaten' },
  heat: { button: 'Heat it', ask: 'How many are heated?', noted: 'to be heated', type: null },
  discard: {
    button: 'Throw away',
    ask: 'How many are thrown away?',
    noted: 'thrown away',
    type: 'discarded',
  },
};

const portionWords = (count: number): string => `${count} ${count === 1 ? 'portion' : 'portions'}`;

interface SomeOfItProps {
  readonly food: FoodState;
  readonly acts: readonly SomeAct[];
  readonly kind: 'other' | 'plain';
}

/** Eating, heating and throwing away: all of it at one tap, or so many of its portions, where they were counted. */
export function SomeOfIt({ food, acts, kind }: SomeOfItProps) {
  const { now } = useKitchen(food);
  const dispatch = useAppDispatch();
  const router = useRouter();
  const recordNow = useRecord();
  // Which is asked stands in the address, so that a main button elsewhere can ask it.
  const { some } = useLocalSearchParams<{ some?: string }>();
  const asking = acts.find((what) => what === some) ?? null;
  const setAsking = (what: SomeAct | null) => router.setParams({ some: what ?? undefined });
  const count = food.container?.portions ?? 1;

  const doAll = (what: SomeAct) => {
    setAsking(null);
    const { type, noted } = ACTS[what];
    if (type) return recordNow(food, noted, type, {});
    return router.push(`/food/${food.foodId}/cook?to=heat` as never);
  };
  const doSome = async (what: SomeAct, portions: number) => {
    setAsking(null);
    const { type, noted } = ACTS[what];
    const name = type ? food.name : `${food.name}, ${portionWords(portions)}`.slice(0, LONGEST_NAME);
    const { to, events } = dividing(food, now, { name, ...shareOf(food, portions) });
    await dispatch(
      act({
        what: `${food.name}: ${portionWords(portions)} ${noted}`,
        events: [...events, ...(type ? [newEvent(to, now, type, {})] : [])],
      }),
    );
    if (!type) router.push(`/food/${to}/cook?to=heat` as never);
  };

  return (
    <>
      {acts.map((what) => (
        <Button
          key={what}
          kind={kind}
          label={ACTS[what].button}
          onPress={() => (count > 1 ? setAsking(asking === what ? null : what) : doAll(what))}
        />
      ))}
      {asking && (
        <View style={styles.asked} role="group" aria-label={ACTS[asking].ask} ref={intoView}>
          <Words face="strong">{`${ACTS[asking].ask} There are ${count}.`}</Words>
          <View style={styles.row}>
            {Array.from({ length: Math.min(count - 1, MOST_OFFERED) }, (_, i) => i + 1).map((portions) => (
              <Button
                key={portions}
                label={String(portions)}
                name={`${portionWords(portions)} ${ACTS[asking].noted}`}
                onPress={() => doSome(asking, portions)}
              />
            ))}
            <Button label={`All ${count}`} onPress={() => doAll(asking)} />
          </View>
        </View>
      )}
    </>
  );
}

/** More at once are divided off by weight. */
const MOST_OFFERED = 12;

const styles = StyleSheet.create({
  asked: { width: '100%', gap: space.s },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
});
