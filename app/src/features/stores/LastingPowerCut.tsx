import type { PowerCut, StoreId } from '@omtel/core/api';
import { clockOf, lastAtClock, moment, parseClockTime } from '@omtel/core/time';
import { powerOffIn } from '@omtel/core/clocks';
import { capital, orProblem } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  useEndPowerCutMutation,
  useRecordPowerCutMutation,
  useTakeBackOfStoresMutation,
} from '../../store/api';
import { sentenceOf } from '../../store/problem';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Panel } from '../../ui/Panel';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { LikeField } from '../../ui/LikeField';
import { useSaidOfStore } from './useSaidOfStore';

const STORES: readonly StoreId[] = ['refrigerator', 'freezer'];

/** While the power is off: how long each store stays cold, and what can be said of it. */
export function LastingPowerCut({ cut }: { readonly cut: PowerCut }) {
  const { now, zone, rules } = useKitchen();
  const [record, { error: notRecorded }] = useRecordPowerCutMutation();
  const [end, { isLoading, error: notEnded }] = useEndPowerCutMutation();
  const [takeBack, { isLoading: takingBack, error: notTakenBack }] = useTakeBackOfStoresMutation();
  const said = useSaidOfStore();
  const [back, setBack] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const error = notEnded ?? notRecorded ?? notTakenBack;
  const text = back ?? clockOf(now, zone);

  const finish = async () => {
    const read = orProblem(() => ({ onAt: lastAtClock(Math.round(now), parseClockTime(text), zone) }));
    if ('problem' in read) return setProblem(read.problem);
    setProblem(undefined);
    const kept = await end({ id: cut.id, ...read });
    if (!('error' in kept)) said({ kind: 'powerBack', id: cut.id }, 'The power is back', read.onAt);
  };

  return (
    <Panel edge="hot">
      <Heading>{`The power is off since ${moment(cut.offAt, now, zone)}`}</Heading>
      {STORES.map((store) => {
        const { coldUntil, opened } = powerOffIn(store, { ...cut, since: cut.offAt }, rules);
        return (
          <View key={store} style={styles.store}>
            <Words tone={opened || now > coldUntil ? 'hot' : 'ink'} style={styles.grow}>
              {opened
                ? `${capital(store)}: opened. Read what is in it.`
                : now > coldUntil
                  ? `${capital(store)}: cold until ${moment(coldUntil, now, zone)} at best. Read what is in it.`
                  : `${capital(store)}: kept closed, cold until ${moment(coldUntil, now, zone)}.`}
            </Words>
            {!opened && now <= coldUntil && (
              <Button
                kind="plain"
                label="It was opened"
                name={`The ${store} was opened`}
                onPress={() => record({ ...cut, opened: [...cut.opened, store] })}
              />
            )}
          </View>
        );
      })}
      <View style={styles.back}>
        <Field
          label="Back at"
          value={text}
          onChange={setBack}
          problem={problem ?? (error ? sentenceOf(error) : undefined)}
          onSubmit={() => void finish()}
        />
        <LikeField>
          <Button label="The power is back" busy={isLoading} onPress={finish} />
        </LikeField>
      </View>
      <View style={styles.never}>
        <Button
          kind="plain"
          label="It never was off"
          busy={takingBack}
          onPress={() => takeBack({ kind: 'powerOff', id: cut.id })}
        />
      </View>
    </Panel>
  );
}

const styles = StyleSheet.create({
  store: { flexDirection: 'row', alignItems: 'center', gap: space.s },
  grow: { flex: 1 },
  back: { flexDirection: 'row', gap: space.m, alignItems: 'flex-start' },
  never: { alignItems: 'flex-start' },
});
