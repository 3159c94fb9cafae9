import { foodById } from '@omtel/core/foods';
import { thawSpan } from '@omtel/core/plan';
import type { FoodState } from '@omtel/core/trail';
import { useState } from 'react';
import { useKitchen } from '../../store/useKitchen';
import { useForecast } from '../../workers/useForecast';
import { ForecastState, readTweaks, USUAL_WITH_THICKNESS } from '../forecast';
import { ThawBand } from './ThawBand';

/** How the food of an accepted plan thaws: the rule's window and the computed band on the one drawing. */
export function PlannedThaw({ food }: { readonly food: FoodState }) {
  const { units, rules, guidance } = useKitchen(food);
  const [tweaks, setTweaks] = useState(USUAL_WITH_THICKNESS);
  const method = food.plan?.method;
  const place = method === 'refrigerator' || method === 'coldWater' ? method : null;
  const { foodKey, form, massKg } = food;
  const subject = { ...readTweaks(tweaks, units), foodKey, form, massKg };
  const forecast = useForecast('thaw', place && { ...subject, guidance, place });
  if (!place) return null;
  return (
    <>
      <ForecastState what="Computing how it thaws" forecast={forecast} />
      <ThawBand
        ruleThaw={thawSpan(place, { food: foodById(foodKey), form, massKg, rules })!}
        place={place}
        answer={forecast.answer}
        subject={subject}
        tweaks={tweaks}
        onTweaks={setTweaks}
      />
    </>
  );
}
