import type { Method } from '@omtel/core/plan';
import { cookTimeSlip, massSlip, writtenSize, writtenTime } from '@omtel/core/slips';
import { convertTyped, massUnitOf, MINUTE_MS } from '@omtel/core/units';
import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { act } from '../../store/outbox/act';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { AsLeft } from '../../ui/AsLeft';
import { Button } from '../../ui/Button';
import { Screen } from '../../ui/Screen';
import { useAskFirst } from '../../ui/useAskFirst';
import { Words } from '../../ui/Words';
import { typedMass } from '../add';
import { ForecastState, USUAL } from '../forecast';
import { acceptedEvents } from './accept';
import { draftFor, filledOver, type ChosenFood, type PlanDraft } from './draft';
import { MethodList } from './MethodList';
import { PlanFields } from './PlanFields';
import { ThawBand } from './ThawBand';
import { usePlanning } from './usePlanning';
import { useThaw } from './useThaw';

interface PlanFormProps {
  readonly chosen: ChosenFood;
  /** What its plan says, where it has one. */
  readonly planned: Partial<PlanDraft>;
  /** What was filled in before, over what is proposed. */
  readonly filledIn: Partial<PlanDraft>;
  readonly onFill: (fields: Partial<PlanDraft>) => void;
  readonly asLeft: boolean;
  readonly onPlanned: () => void;
  readonly onChangeFood: () => void;
}

/** How much, when, how long; and the ways that follow from it, compared as it is typed. */
export function PlanForm({
  chosen,
  planned,
  filledIn,
  onFill,
  asLeft,
  onPlanned,
  onChangeFood,
}: PlanFormProps) {
  const { now, units, rules } = useKitchen(chosen);
  const dispatch = useAppDispatch();
  const router = useRouter();
  const [proposed] = useState(() => ({ ...draftFor(chosen, massUnitOf(units), rules), ...planned }));
  const { control, setValue } = useForm<PlanDraft>({
    mode: 'onTouched',
    defaultValues: { ...proposed, ...filledIn },
  });
  const draft = useWatch({ control }) as PlanDraft;
  const filled = JSON.stringify(filledOver(proposed, draft));
  const told = useRef(filled);
  useEffect(() => {
    if (filled === told.current) return;
    told.current = filled;
    onFill(JSON.parse(filled) as Partial<PlanDraft>);
  }, [filled, onFill]);
  const [tweaks, setTweaks] = useState(USUAL);
  const thaw = useThaw(chosen, draft, tweaks);
  const planning = usePlanning(chosen, draft, thaw.computed);
  const [method, setMethod] = useState<Method | null>(null);

  const { plans, inputs } = planning;
  const ruleThaw = plans?.find((plan) => plan.method === thaw.place)?.ruleThaw;
  const feasible = plans?.filter((plan) => plan.feasible) ?? [];
  const best = feasible.find((plan) => plan.method === method) ?? feasible[0] ?? null;
  const { keepOrAsk, asked } = useAskFirst(JSON.stringify([draft, best?.method]));
  const accept = () => {
    const typed = typedMass(draft.mass, draft.massUnit);
    if (!best || !inputs || !typed) return;
    const { ownCook, chart } = planning.read;
    const ownMs = ownCook && 'ms' in ownCook ? ownCook.ms : null;
    // Another weight or time makes another plan: what was meant is filled in, and compared anew.
    const askTime = () =>
      ownMs === null
        ? keep()
        : keepOrAsk(cookTimeSlip(ownMs, chart), ownMs, writtenTime, (ms) =>
            ms === ownMs ? keep() : setValue('cookMinutes', String(Math.round(ms / MINUTE_MS))),
          );
    return keepOrAsk(massSlip(typed, draft.form), typed, writtenSize, (mass) =>
      mass.unit === typed.unit
        ? askTime()
        : setValue('mass', convertTyped(draft.mass, mass.unit, typed.unit)),
    );
  };
  const keep = async () => {
    if (!best || !inputs) return;
    const events = acceptedEvents(chosen, draft, inputs, best, now);
    await dispatch(act({ what: `${chosen.name}: planned`, events }));
    onPlanned();
    router.replace('/now');
  };

  return (
    <Screen
      title={chosen.name}
      subtitle={chosen.stored?.plan ? 'Change the plan' : 'New plan'}
      backTo="/plan"
      rules
      foot={
        <Button
          kind="main"
          grow
          disabled={!best}
          label={best || !plans ? 'Plan it this way' : 'No way is left'}
          onPress={accept}
        />
      }
    >
      <AsLeft shown={asLeft} onAfresh={onChangeFood} />
      <PlanFields chosen={chosen} draft={draft} read={planning.read} control={control} setValue={setValue} />
      {asked}
      {plans ? (
        <>
          {thaw.subject && <ForecastState what="Computing how it thaws" forecast={thaw.forecast} />}
          <MethodList plans={plans} chosen={best?.method ?? null} onChoose={setMethod} />
          {thaw.subject && ruleThaw && (
            <ThawBand
              ruleThaw={ruleThaw}
              place={thaw.place}
              onPlace={thaw.setPlace}
              answer={thaw.forecast.answer}
              subject={thaw.subject}
              tweaks={tweaks}
              onTweaks={setTweaks}
            />
          )}
        </>
      ) : (
        <Words tone="soft">Fill in what is missing to see the ways.</Words>
      )}
      <View style={styles.change}>
        <Button kind="plain" label="Another food" onPress={onChangeFood} />
      </View>
    </Screen>
  );
}

const styles = StyleSheet.create({ change: { alignItems: 'flex-start' } });
