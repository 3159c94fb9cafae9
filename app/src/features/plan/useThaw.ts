import { readMass } from '@omtel/core/foods';
import type { Subject, ThawAnswer } from '@omtel/core/jobs';
import { useMemo } from 'react';
import { useKitchen } from '../../store/useKitchen';
import { useForecast, type Forecast } from '../../workers/useForecast';
import { readTweaks, type TweakDraft } from '../forecast';
import { readThickest, type ChosenFood, type PlanDraft } from './draft';
import type { ComputedThaw } from './usePlanning';

export interface ThawForecast {
  readonly forecast: Forecast<ThawAnswer>;
  readonly subject: Subject | null;
  /** The spans, once they belong to what the draft says now. */
  readonly computed: ComputedThaw;
}

/** How a frozen food of the draft thaws by heat transfer, computed beside the page. */
export function useThaw(
  { food }: ChosenFood,
  { mass, massUnit, thickest, form, condition }: PlanDraft,
  tweaks: TweakDraft,
): ThawForecast {
  const { units, guidance } = useKitchen();
  const read = readMass(mass, massUnit, units);
  const measured = readThickest(thickest, units);
  const subject: Subject | null =
    condition === 'frozen' && 'massKg' in read && 'thickestM' in measured
      ? {
          ...readTweaks(tweaks, units),
          foodKey: food.id,
          form,
          massKg: read.massKg,
          thickestM: measured.thickestM,
        }
      : null;
  const forecast = useForecast('thaw', subject && { ...subject, guidance });
  const { answer, current } = forecast;
  const computed = useMemo<ComputedThaw>(
    () =>
      answer && current ? { refrigerator: answer.refrigerator, coldWater: answer.coldWater } : undefined,
    [answer, current],
  );
  return { forecast, subject, computed };
}
