import type { MealLine } from '@omtel/core/meal';
import { METHOD_WORDS } from '@omtel/core/plan';
import { clockWords } from '@omtel/core/time';
import type { FoodState, MealState } from '@omtel/core/trail';
import { formatDurationUp } from '@omtel/core/units';
import { useState } from 'react';
import { View } from 'react-native';
import type { WayToSave } from '@omtel/core/dishes';
import { useFoods } from '../../store/useFoods';
import { act } from '../../store/outbox/act';
import { newMealEvent } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Panel } from '../../ui/Panel';
import { Progress } from '../../ui/Progress';
import { Heading, Words } from '../../ui/Words';
import { useForecast } from '../../workers/useForecast';
import { useSyncExternalStore } from 'react';

interface LateNoticeProps {
  readonly meal: MealState;
  readonly line: MealLine;
  readonly foods: readonly FoodState[];
}

/** Dinner will be late: by how much, and what would save it, each tried. */
export function LateNotice({ meal, line, foods }: LateNoticeProps) {
  const { now, zone, settings, guidance, units } = useKitchen();
  const { data } = useFoods();
  const [others] = useState(() => (data?.meals ?? []).filter(({ mealId }) => mealId !== meal.mealId));
  const [askedAt] = useState(now);
  const dispatch = useAppDispatch();
  const forecast = useForecast('saveMeal', {
    wanted: meal.wanted,
    foods,
    others,
    settings,
    guidance,
    units,
    now: askedAt,
    meal,
  });
  const share = useSyncExternalStore(forecast.progress.watch, forecast.progress.get);
  const nameOf = (id: string) => meal.wanted.dishes.find((dish) => dish.id === id)?.name ?? '';
  const take = ({ wanted, schedule, change }: WayToSave) =>
    dispatch(
      act({
        what: `${meal.wanted.name}: ${changeWords(change, nameOf).toLowerCase()}`,
        events: [
          newMealEvent(meal.mealId, now, 'mealPlanned', wanted),
          newMealEvent(meal.mealId, now, 'mealScheduled', schedule),
        ],
        takeBack: [
          newMealEvent(meal.mealId, now, 'mealPlanned', meal.wanted),
          newMealEvent(meal.mealId, now, 'mealScheduled', meal.schedule!),
        ],
      }),
    );
  const ways = forecast.current ? (forecast.answer ?? []) : null;
  return (
    <Panel edge="hot">
      <Heading>{`Dinner ${formatDurationUp(line.lateMs)} late, at ${clockWords(line.serveAt, zone)}`}</Heading>
      {ways === null && !forecast.cancelled && (
        <Progress what="Looking for what would save it" share={share} onCancel={forecast.cancel} />
      )}
      {ways?.length === 0 && <Words>Nothing that was tried makes it earlier.</Words>}
      {ways?.map((way) => (
        <View key={JSON.stringify(way.change)}>
          <Button
            label={`${changeWords(way.change, nameOf)}: ${clockWords(way.schedule.serveAt, zone)}`}
            onPress={() => take(way)}
          />
        </View>
      ))}
    </Panel>
  );
}

function changeWords(change: WayToSave['change'], nameOf: (id: string) => string): string {
  return change.kind === 'without'
    ? `Without ${nameOf(change.dish)}`
    : `${nameOf(change.dish)}, ${METHOD_WORDS[change.method].toLowerCase()}`;
}
