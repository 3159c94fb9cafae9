import type { StoreId, StoreReading } from '@omtel/core/api';
import { placeSlip, written } from '@omtel/core/slips';
import { clockWords, dayName, moment } from '@omtel/core/time';
import { isStoreRight } from '@omtel/core/clocks';
import {
  formatCeiling,
  formatTemperature,
  orProblem,
  parseNumber,
  type Temperature,
} from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { v7 as uuid } from 'uuid';
import {
  useRecordStoreReadingMutation,
  useStoreRecordQuery,
  useTakeBackOfStoresMutation,
} from '../../store/api';
import { sentenceOf } from '../../store/problem';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { RecordLink } from '../../ui/RecordLink';
import { Rows } from '../../ui/Rows';
import { space } from '../../ui/tokens';
import { useAskFirst } from '../../ui/useAskFirst';
import { Words } from '../../ui/Words';
import { LikeField } from '../../ui/LikeField';
import { useSaidOfStore } from './useSaidOfStore';

const MOST_SHOWN = 6;

/** What the air of a store read last, and a field to record it. Too warm, and every food in it asks for a reading. */
export function StoreAir({ store }: { readonly store: StoreId }) {
  const { now, zone, units, rules } = useKitchen();
  const { data } = useStoreRecordQuery();
  const [record, { isLoading, error }] = useRecordStoreReadingMutation();
  const said = useSaidOfStore();
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string>();
  const { keepOrAsk, asked } = useAskFirst(`${text} °${units.temperature}`);
  const readings = data?.readings.filter((reading) => reading.store === store) ?? [];
  const [last] = readings;
  const limit = rules.bands[store].value.at;
  const right = !last || isStoreRight(store, last.temperature, rules);

  const keep = async (temperature: Temperature) => {
    const reading = { id: uuid(), store, at: Math.round(now), temperature };
    const kept = await record(reading);
    if ('error' in kept) return;
    said({ kind: 'reading', id: reading.id }, `The ${store} read ${written(temperature)}`, reading.at);
    setText('');
    setOpen(false);
  };
  const save = () => {
    const read = orProblem(() => ({ value: parseNumber(text), unit: units.temperature }));
    if ('problem' in read) return setProblem(read.problem);
    setProblem(undefined);
    return keepOrAsk(placeSlip(store, read), read, written, keep);
  };

  return (
    <View style={styles.group}>
      <View style={styles.line}>
        <Words tone={right ? 'soft' : 'hot'} face={right ? 'text' : 'strong'} style={styles.grow}>
          {last
            ? `${formatTemperature(last.temperature, units)} at ${clockWords(last.at, zone)} ${dayName(last.at, now, zone)}${right ? '' : ': too warm'}`
            : `Not read yet; at most ${formatCeiling(limit, units)}`}
        </Words>
        <RecordLink store={store} />
        <Button
          kind="plain"
          label={open ? 'Close' : 'Read it'}
          name={`${open ? 'Close' : 'Read it'}: the ${store}’s temperature`}
          onPress={() => setOpen(!open)}
        />
      </View>
      {open && (
        <View style={styles.form}>
          <Field
            label={`Air of the ${store}`}
            value={text}
            onChange={setText}
            numeric
            unit={`°${units.temperature}`}
            problem={problem ?? (error ? sentenceOf(error) : undefined)}
            hint={`At most ${formatCeiling(limit, units)}.`}
            onSubmit={() => void save()}
          />
          <LikeField>
            <Button label="Record" busy={isLoading} onPress={save} />
          </LikeField>
          {asked}
        </View>
      )}
      {open && readings.length > 0 && (
        <Rows title={`What the ${store} read`}>
          {readings.slice(0, MOST_SHOWN).map((reading) => (
            <Reading key={reading.id} reading={reading} />
          ))}
        </Rows>
      )}
    </View>
  );
}

/** A reading on record; it can be taken back, and foods then forget it. */
function Reading({ reading: { id, at, temperature } }: { readonly reading: StoreReading }) {
  const { now, zone, units } = useKitchen();
  const [takeBack, { isLoading, error }] = useTakeBackOfStoresMutation();
  return (
    <View style={styles.line}>
      <Words tabular style={styles.grow}>
        {`${moment(at, now, zone)}  ${formatTemperature(temperature, units)}`}
      </Words>
      {error && <Words tone="hot">{sentenceOf(error)}</Words>}
      <Button
        kind="plain"
        label="It did not"
        name={`It did not read ${formatTemperature(temperature, units)}`}
        busy={isLoading}
        onPress={() => takeBack({ kind: 'reading', id })}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.xs },
  line: { flexDirection: 'row', alignItems: 'center', gap: space.s },
  grow: { flex: 1 },
  form: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m, alignItems: 'flex-start' },
});
