import { nextFive, type MealStep, type MealStepKind } from '@omtel/core/meal';
import type { FoodState } from '@omtel/core/trail';
import { formatDuration, MINUTE_MS } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { newEvent, record } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { usePin } from './usePin';

interface PutOffProps {
  readonly mealId: string;
  readonly step: MealStep;
  readonly food: FoodState | undefined;
}

/** What begins can begin later; what runs is over when it is over. */
const BEGINS: ReadonlySet<MealStepKind> = new Set([
  'thaw',
  'washSink',
  'marinate',
  'ovenOn',
  'prepare',
  'on',
  'finish',
  'putAway',
]);
const REASONS = ['Hands full', 'Somebody is late', 'It needs longer'];
const BY_MS = 10 * MINUTE_MS;

/** A step that is due is put off, with the reason why; the rest goes round it, by the rules. */
export function PutOff({ mealId, step, food }: PutOffProps) {
  const { now } = useKitchen();
  const dispatch = useAppDispatch();
  const [open, setOpen] = useState(false);
  const { pin, problem, busy } = usePin(mealId);
  if (step.at > now || !step.task || !BEGINS.has(step.kind)) return null;
  const putOff = async (reason: string) => {
    const done = await pin(step.task!.id, { at: nextFive(now + BY_MS) });
    if (!done) return;
    setOpen(false);
    const text = `Put off ${formatDuration(BY_MS)}: ${reason.toLowerCase()}`;
    if (food) await dispatch(record(newEvent(food.foodId, now, 'note', { text })));
  };
  return (
    <View>
      <View style={styles.row}>
        {open ? (
          REASONS.map((reason) => (
            <Button key={reason} label={reason} busy={busy} onPress={() => putOff(reason)} />
          ))
        ) : (
          <Button kind="plain" label={`Put it off ${formatDuration(BY_MS)}`} onPress={() => setOpen(true)} />
        )}
      </View>
      {problem && (
        <Words tone="hot" role="alert">
          {problem}
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m } });
