import type { MealStep } from '@omtel/core/meal';
import type { StepWords } from '@omtel/core/plan';
import { atClock, clockOf, clockWords, parseClockTime } from '@omtel/core/time';
import type { MealState } from '@omtel/core/trail';
import { orProblem } from '@omtel/core/units';
import { useState } from 'react';
import { Link } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { LikeField } from '../../ui/LikeField';
import { Panel } from '../../ui/Panel';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { usePin, type Pinned } from './usePin';

interface PinStepProps {
  readonly meal: MealState;
  readonly step: MealStep;
  readonly words: StepWords;
  readonly onDone: () => void;
}

/** Gives a task a time it stays at, or a cook who does it, or lets it move again; the rest goes round it. */
export function PinStep({ meal, step, words, onDone }: PinStepProps) {
  const { zone, settings } = useKitchen();
  const task = step.task!;
  const [text, setText] = useState(clockOf(task.startAt, zone));
  const { pin, problem, busy } = usePin(meal.mealId);
  const read = orProblem(() => ({ at: atClock(task.startAt, 0, parseClockTime(text), zone) }));
  const set = async (pinned: Pinned) => {
    if (await pin(task.id, pinned)) onDone();
  };
  const may = settings.cooks.filter(({ id }) => task.by?.includes(id) ?? true);
  return (
    <Panel>
      <Heading>{words.title}</Heading>
      <Words>{words.detail}</Words>
      <View style={styles.row}>
        <Field
          label="Begin it at"
          value={text}
          onChange={setText}
          problem={'problem' in read ? read.problem : undefined}
          hint={
            task.pinned ? 'It stays there.' : `Now ${clockWords(task.startAt, zone)}; the rest goes round it.`
          }
          onSubmit={() => 'at' in read && void set(read)}
        />
        <LikeField>
          <Button
            label="Keep this time"
            busy={busy}
            disabled={'problem' in read}
            onPress={() => 'at' in read && set(read)}
          />
        </LikeField>
      </View>
      {task.hands.length > 0 && may.length > 1 && (
        <Choice
          label="Who does it"
          value={task.who ?? ANYBODY}
          onChange={(who) => void set({ who: who === ANYBODY ? null : who })}
          options={[
            { value: ANYBODY, label: 'Whoever is free' },
            ...may.map(({ id, name }) => ({ value: id, label: name })),
          ]}
        />
      )}
      {problem && (
        <Words tone="hot" role="alert">
          {problem}
        </Words>
      )}
      <View style={styles.row}>
        {task.pinned && <Button kind="plain" label="Let it move again" onPress={() => set({ at: null })} />}
        <Button kind="plain" label="Close" onPress={onDone} />
        {task.ruleIds[0] && (
          <Link href={`/guide/rule/${task.ruleIds[0]}` as never} style={styles.rule}>
            <Words tone="rim">Rule</Words>
          </Link>
        )}
      </View>
    </Panel>
  );
}

const ANYBODY = '';

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m, alignItems: 'flex-start' },
  rule: { paddingVertical: space.m },
});
