import type { MarkForecast, Passing } from '@omtel/core/forecast';
import type { CoolingPlan } from '@omtel/core/record';
import { USUAL_REFRIGERATOR } from '@omtel/core/thermal';
import { clockWords } from '@omtel/core/time';
import type { FoodState } from '@omtel/core/trail';
import { formatCeiling, SECOND_MS } from '@omtel/core/units';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { PageLink } from '../../ui/PageLink';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { useForecast } from '../../workers/useForecast';
import { CheapestChange, ForecastState, readSincePlan } from '../forecast';

const PASSING: Record<Passing, string> = {
  passes: 'In time, as it goes now.',
  close: 'Too close to call, as it goes now.',
  fails: 'Not in time, as it goes now.',
};

/** Whether a cooling under way gets to its marks in time, as its probe tells it, and the cheapest change that still saves it. */
export function CoolingAhead({ food }: { readonly food: FoodState }) {
  return food.cooling ? (
    <Planned food={food} plan={food.cooling.plan} plannedAt={food.cooling.plannedAt} />
  ) : (
    <ToPlan food={food} words="Say into what it goes, and Omtel tells whether it is cold in time" />
  );
}

interface PlannedProps {
  readonly food: FoodState;
  readonly plan: CoolingPlan;
  readonly plannedAt: number;
}

function Planned({ food, plan, plannedAt }: PlannedProps) {
  const { guidance, units, zone } = useKitchen(food);
  const { startC, container, count, lid, stirred, stays } = plan;
  const forecast = useForecast('cooling', {
    foodKey: food.foodKey,
    massKg: food.massKg,
    startC,
    container,
    count,
    lid,
    stirred,
    stays,
    refrigerator: USUAL_REFRIGERATOR,
    reading: readSincePlan(food),
    guidance,
  });
  const { answer } = forecast;
  const markWords = ({ rule, usualS, slowS, dueS }: MarkForecast): string => {
    const at = (s: number | null) => (s === null ? 'later' : clockWords(plannedAt + s * SECOND_MS, zone));
    const about = usualS === null ? 'later' : `${at(usualS)} to ${at(slowS)}`;
    return `${formatCeiling(rule.value.to, units)}: ${about}${dueS === null ? '' : `, due ${at(dueS)}`}`;
  };
  return (
    <View style={styles.group}>
      <Heading small>Whether it is cold in time</Heading>
      <ForecastState what="Computing how it cools on" forecast={forecast} />
      {answer && (
        <>
          <Words face="strong" tone={answer.verdict.passes === 'passes' ? 'ink' : 'hot'}>
            {answer.fit?.unmet
              ? `It reads ${answer.fit.unmet} than any usual kitchen explains. Check the probe, and what it stands in.`
              : PASSING[answer.verdict.passes]}
          </Words>
          {!answer.fit?.unmet &&
            answer.verdict.marks.map((mark) => (
              <Words key={mark.rule.id} tabular>
                {markWords(mark)}
              </Words>
            ))}
          {!answer.fit?.unmet && answer.verdict.passes !== 'passes' && answer.still && (
            <CheapestChange
              food={food}
              still={answer.still}
              found="Still in time with this: "
              none="No single change is enough any more: shallower, more of them, and ice water, all at once."
            />
          )}
          <ToPlan food={food} words="Cool it another way" />
        </>
      )}
    </View>
  );
}

function ToPlan({ food, words }: { readonly food: FoodState; readonly words: string }) {
  return (
    <PageLink href={`/food/${food.foodId}/cool`}>
      <Words tone="rim" face="strong">
        {words}
      </Words>
    </PageLink>
  );
}

const styles = StyleSheet.create({ group: { gap: space.xs } });
