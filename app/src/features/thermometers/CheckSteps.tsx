import type { CheckPoint, Thermometer, ThermometerEntry } from '@omtel/core/thermometers';
import { altitudeShown, altitudeUnitOf, SECOND_MS } from '@omtel/core/units';
import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useChangeSettingsMutation } from '../../store/api';
import { sentenceOf, type QueryError } from '../../store/problem';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Panel } from '../../ui/Panel';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { readAltitude, readCheck } from './checkDraft';
import { degreesWords } from '@omtel/core/thermometers';

interface CheckStepsProps {
  readonly thermometer: Thermometer;
  readonly point: CheckPoint;
  readonly onDone: (entry: ThermometerEntry) => unknown;
  readonly onCancel: () => void;
}

const STEPS: Readonly<Record<CheckPoint, readonly string[]>> = {
  ice: [
    'Fill a glass with crushed ice, and with cold water up to its top. Stir.',
    'Hold the tip in the middle, 5 cm (2 in) deep. It touches neither glass nor bottom.',
  ],
  boiling: [
    'Bring a deep pot of water to a rolling boil.',
    'Hold the tip in the middle, 5 cm (2 in) deep, out of the steam with your hand. It touches no pot.',
  ],
};

/** A check led step by step: the water, the tip, the wait, the figure. */
export function CheckSteps({ thermometer, point, onDone, onCancel }: CheckStepsProps) {
  const { units, settings, rules, now } = useKitchen();
  const [change] = useChangeSettingsMutation();
  const [altitude, setAltitude] = useState(() => altitudeShown(settings.altitudeM, units));
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string>();
  const waitMs = rules.thermometer.dialSteadyFor.value.ms;
  const { left, start } = useCountdown(waitMs / SECOND_MS);
  const there = readAltitude(altitude, units);
  const expectedC = point === 'ice' ? 0 : 'expectedC' in there ? there.expectedC : null;
  const submit = async () => {
    if (expectedC === null) return;
    const read = readCheck(text, units.temperature, { at: now, point, expectedC }, thermometer, units);
    if ('problem' in read) return setProblem(read.problem);
    try {
      if (point === 'boiling' && 'altitudeM' in there && there.altitudeM !== settings.altitudeM)
        await change({ altitudeM: there.altitudeM }).unwrap();
      await onDone(read.entry);
    } catch (error) {
      setProblem(sentenceOf(error as QueryError));
    }
  };
  return (
    <Panel edge="cold">
      <Heading>{point === 'ice' ? 'In ice water' : 'In boiling water'}</Heading>
      {STEPS[point].map((step, index) => (
        <Words key={step}>{`${index + 1}. ${step}`}</Words>
      ))}
      {point === 'boiling' && (
        <Field
          label={`Your kitchen above the sea, ${altitudeUnitOf(units)}`}
          value={altitude}
          onChange={setAltitude}
          numeric
          problem={'problem' in there ? there.problem : undefined}
        />
      )}
      <View style={styles.wait}>
        <Words style={styles.grow}>
          {left === null
            ? `3. Wait ${waitMs / SECOND_MS} s.`
            : left > 0
              ? `3. Wait: ${left} s more.`
              : '3. Now read it.'}
        </Words>
        {left === null && <Button label={`Count ${waitMs / SECOND_MS} s`} onPress={start} />}
      </View>
      <Field
        label={`It shows, °${units.temperature}`}
        value={text}
        onChange={(said) => {
          setText(said);
          setProblem(undefined);
        }}
        numeric
        unit={`°${units.temperature}`}
        suffix=""
        problem={problem}
        hint={expectedC === null ? undefined : `It should show ${degreesWords(expectedC, units)}.`}
        onSubmit={() => void submit()}
      />
      <View style={styles.wait}>
        <Button kind="main" label="Keep this check" onPress={submit} disabled={expectedC === null} />
        <Button kind="plain" label="Not now" onPress={onCancel} />
      </View>
    </Panel>
  );
}

/** Counts down by the second once it is started. */
function useCountdown(seconds: number): { readonly left: number | null; readonly start: () => void } {
  const [from, setFrom] = useState<number | null>(null);
  const [left, setLeft] = useState<number | null>(null);
  useEffect(() => {
    if (from === null) return;
    const look = () => setLeft(Math.max(0, Math.ceil(seconds - (Date.now() - from) / SECOND_MS)));
    look();
    const timer = setInterval(look, SECOND_MS);
    return () => clearInterval(timer);
  }, [from, seconds]);
  return { left, start: () => setFrom(Date.now()) };
}

const styles = StyleSheet.create({
  wait: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.m },
  grow: { flex: 1 },
});
