import type { ThawPlace } from '@omtel/core/forecast';
import { readMass } from '@omtel/core/foods';
import type { Jobs, Subject } from '@omtel/core/jobs';
import { useMemo, useState } from 'react';
import { useKitchen } from '../../store/useKitchen';
import { useForecast, type Forecast } from '../../workers/useForecast';
import { readTweaks, type TweakDraft } from '../forecast';
import { readThickest, type ChosenFood, type PlanDraft } from './draft';
import type { ComputedThaw } from './usePlanning';

export interface ThawForecast {
  /** Where it is shown to thaw, which is computed first. */
  readonly place: ThawPlace;
  readonly setPlace: (place: ThawPlace) => void;
  readonly forecast: Forecast<Jobs['thaw']['answer']>;
  readonly subject: Subject | null;
  /** The spans that belong to what the draft says now. */
  readonly computed: ComputedThaw;
}

/** How a frozen food of the draft thaws by heat transfer, computed beside the page. */
export function useThaw(
  { food, guidedBy }: ChosenFood,
  { mass, massUnit, thickest, form, condition }: PlanDraft,
  tweaks: TweakDraft,
): ThawForecast {
  const { units, guidance } = useKitchen({ guidedBy });
  const [place, setPlace] = useState<ThawPlace>('refrigerator');
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
  // The place that is shown is computed first, and the other beside it once that is done.
  const said = JSON.stringify(subject);
  const [shownOf, setShownOf] = useState('');
  const asked = (where: ThawPlace) =>
    subject && (where === place || shownOf === said) ? { ...subject, guidance, place: where } : null;
  const forecasts = {
    refrigerator: useForecast('thaw', asked('refrigerator')),
    coldWater: useForecast('thaw', asked('coldWater')),
  };
  const forecast = forecasts[place];
  if (settled(forecast) && shownOf !== said) setShownOf(said);

  const refrigerator = settled(forecasts.refrigerator);
  const coldWater = settled(forecasts.coldWater);
  const computed = useMemo<ComputedThaw>(
    () => ({ ...(refrigerator && { refrigerator }), ...(coldWater && { coldWater }) }),
    [refrigerator, coldWater],
  );
  return { place, setPlace, forecast, subject, computed };
}

/** The answer, once it belongs to what is asked now. */
const settled = ({ answer, current, problem, cancelled }: Forecast<Jobs['thaw']['answer']>) =>
  current && !problem && !cancelled ? answer : null;
