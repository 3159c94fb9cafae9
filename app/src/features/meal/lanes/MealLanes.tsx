import { outOfCold, type Cook, type MealLine, type MealStep } from '@omtel/core/meal';
import type { StepWords } from '@omtel/core/plan';
import { clockWords, type Interval } from '@omtel/core/time';
import { rulesOfFood, type FoodState, type MealState } from '@omtel/core/trail';
import { formatDuration } from '@omtel/core/units';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../../store/useKitchen';
import { space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { usePin } from '../usePin';
import { BUSY, COLD, Ground, HEAD, NAMES } from './Ground';
import { absences, hourMarks, hoursOf, lanesOf } from './lanes';
import { TaskBar } from './TaskBar';

interface MealLanesProps {
  readonly meal: MealState;
  readonly line: MealLine;
  readonly cooks: readonly Cook[];
  readonly foods: readonly FoodState[];
  readonly chosen: string | null;
  readonly onChoose: (id: string | null) => void;
  readonly wordsOf: (step: MealStep) => StepWords;
}

const TRACK = 40;

/**
 * The meal over its hours: what is where, who is busy when, and how long each dish is out of the cold, under one line of now and a thick
 * one of the table.
 */
export function MealLanes({ meal, line, cooks, foods, chosen, onChoose }: MealLanesProps) {
  const { zone, rules, guidance } = useKitchen();
  const [width, setWidth] = useState(0);
  const { pin } = usePin(meal.mealId);
  const hours = useMemo(() => hoursOf(meal, line), [meal, line]);
  const lanes = useMemo(() => lanesOf(meal, line, hours), [meal, line, hours]);
  const perMs = Math.max(0, width - NAMES) / (hours.to - hours.from);
  const x = (at: number) => (Math.min(Math.max(at, hours.from), hours.to) - hours.from) * perMs;

  const dishes = meal.wanted.dishes.map((dish) => {
    const food = foods.find(({ foodId }) => foodId === dish.foodId) ?? null;
    return { dish, ...outOfCold(dish, meal.schedule!, food, food ? rulesOfFood(food, guidance) : rules) };
  });
  const placesHigh = lanes.reduce((sum, { tracks }) => sum + tracks * TRACK + space.s, 0);
  const cooksHigh = cooks.length * (BUSY + space.m);
  const top = {
    places: HEAD,
    cooks: HEAD + placesHigh + space.m,
    dishes: HEAD + placesHigh + cooksHigh + 2 * space.m,
  };
  const height = top.dishes + dishes.length * (COLD + space.s);

  return (
    <View
      style={styles.whole}
      role="figure"
      aria-label={`${meal.wanted.name} by place, cook and dish, ${clockWords(hours.from, zone)} to ${clockWords(hours.to, zone)}`}
    >
      <View
        style={{ height: height + HEAD }}
        onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
      >
        {width > 0 && (
          <>
            <Ground {...{ width, height, hours, line, cooks, dishes, top, x }} />
            {hourMarks(hours).map((at) => (
              <Words key={at} tabular face="strong" style={[styles.hour, { left: NAMES + x(at) - 32 }]}>
                {clockWords(at, zone)}
              </Words>
            ))}
            {lanes.map((lane, index) => {
              const laneTop = top.places + lane.above * TRACK + index * space.s;
              return (
                <View
                  key={lane.id}
                  role="group"
                  aria-label={lane.label}
                  style={[styles.lane, { top: laneTop, height: lane.tracks * TRACK }]}
                >
                  <Words face="strong" style={styles.name}>
                    {lane.label}
                  </Words>
                  {lane.tasks.map((each) => (
                    <TaskBar
                      key={each.task.id}
                      placed={each}
                      x={NAMES + x(each.from)}
                      y={each.track * TRACK}
                      width={x(each.to) - x(each.from)}
                      height={TRACK - space.xs}
                      perMs={perMs}
                      since={each.from < hours.from}
                      chosen={each.step?.id === chosen}
                      onChoose={() => onChoose(each.step?.id === chosen ? null : (each.step?.id ?? null))}
                      onMoveTo={(at) => void pin(each.task.id, { at })}
                    />
                  ))}
                </View>
              );
            })}
            {cooks.map(({ id: cook, name, free }, index) => (
              <View key={cook} style={[styles.label, { top: top.cooks + index * (BUSY + space.m) }]}>
                <Words face="strong">{name}</Words>
                <Words size="small" tone="soft">
                  {awayWords(free, hours, zone)}
                </Words>
              </View>
            ))}
            {dishes.map(({ dish, leftMs, spans }, index) => (
              <View
                key={dish.id}
                style={[styles.label, styles.dish, { top: top.dishes + index * (COLD + space.s) }]}
              >
                <Words face="strong" numberOfLines={1}>
                  {dish.name}
                </Words>
                <Words size="small" tone={leftMs < 0 ? 'hot' : 'soft'} numberOfLines={1}>
                  {dish.kind === 'reheated' ? 'heated once: eat it up' : leftWords(leftMs, spans, zone)}
                </Words>
              </View>
            ))}
            <Words face="strong" style={[styles.table, { top: height, left: NAMES + x(line.serveAt) - 64 }]}>
              {`table, ${meal.wanted.people}`}
            </Words>
          </>
        )}
      </View>
      <Words size="small" tone="soft">
        Out of the cold is hatched. Drag a task, or press it and give it a time: the rest moves. Dotted:
        nobody there.
      </Words>
    </View>
  );
}

/** When a cook is out within the hours drawn, from its beginning to its end. */
function awayWords(free: readonly Interval[], hours: Interval, zone: string): string {
  const gone = absences(free, { from: free[0]?.from ?? hours.from, to: free.at(-1)?.to ?? hours.to });
  const first = gone.find(({ from, to }) => to > hours.from && from < hours.to);
  return first ? `out ${clockWords(first.from, zone)}–${clockWords(first.to, zone)}` : '';
}

function leftWords(leftMs: number, spans: readonly Interval[], zone: string): string {
  const until = clockWords(spans.at(-1)!.to, zone);
  if (leftMs === 0) return `nothing left at ${until}`;
  return leftMs < 0
    ? `${formatDuration(-leftMs)} too long at ${until}`
    : `${formatDuration(leftMs)} left at ${until}`;
}

const styles = StyleSheet.create({
  whole: { gap: space.s },
  hour: { position: 'absolute', top: 0, width: 64, textAlign: 'center' },
  lane: { position: 'absolute', left: 0, right: 0 },
  name: { width: NAMES, paddingTop: space.s },
  label: { position: 'absolute', left: 0, width: NAMES - space.s },
  dish: { height: COLD },
  table: { position: 'absolute', width: 128, textAlign: 'center' },
});
