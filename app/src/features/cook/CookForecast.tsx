import { foodById } from '@omtel/core/foods';
import { madeOf, startC, type CarryOver, type Unmet } from '@omtel/core/forecast';
import { allBlow } from '@omtel/core/meal';
import { media } from '@omtel/core/thermal';
import { clockWords } from '@omtel/core/time';
import { placesOf, targetOf } from '@omtel/core/clocks';
import type { FoodState } from '@omtel/core/trail';
import {
  formatTemperature,
  inUnit,
  kelvinIn,
  SECOND_MS,
  toCelsius,
  type UnitSystem,
} from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Choice } from '../../ui/Choice';
import { space } from '../../ui/tokens';
import { coreBand } from '../../ui/trail/coreBand';
import { ForecastDrawing } from '../../ui/trail/ForecastDrawing';
import { Heading, Words } from '../../ui/Words';
import { useForecast } from '../../workers/useForecast';
import { Assumptions, ForecastState, readTweaks, USUAL_WITH_THICKNESS } from '../forecast';

const ROOM_AFTER = 1.1;

const UNMET: Record<Unmet, string> = {
  colder: 'It reads colder than any usual oven and joint explain. Check the probe, the oven, and its weight.',
  warmer: 'It reads warmer than any usual oven and joint explain. Check the probe, the oven, and its weight.',
};

/** When a joint in the oven gets to its target, by heat transfer and the probe; only a reading says that it has. */
export function CookForecast({ food }: { readonly food: FoodState }) {
  const { rules, units, zone, settings } = useKitchen(food);
  const [fan, setFan] = useState(food.oven?.fan ?? allBlow(settings.kitchen.ovens));
  const [tweaks, setTweaks] = useState(USUAL_WITH_THICKNESS);
  const { roast } = foodById(food.foodKey);
  const target = targetOf(food, rules);
  const { cook } = food;
  const asked =
    roast && target && cook
      ? {
          ...readTweaks(tweaks, units),
          foodKey: food.foodKey,
          form: food.form,
          massKg: food.massKg,
          ovenC: toCelsius(rules.roasting[roast].value.oven),
          fan,
          startC: startC(cook.from, foodById(food.foodKey), rules),
          targetC: toCelsius(target.value.options[0]!.at),
          // Elsewhere it is warmer, and says nothing of the middle.
          readings: cook.readings
            .filter(({ place }) => place === placesOf(food)[0])
            .map(({ at, temperature }) => ({
              atS: (at - cook.startedAt) / SECOND_MS,
              coreC: toCelsius(temperature),
            })),
        }
      : null;
  const forecast = useForecast('roast', asked);
  const { answer } = forecast;
  if (!asked || !cook) return null;
  const oven = fan ? media.fanOven : media.stillOven;
  const dial = inUnit({ value: asked.ovenC, unit: 'C' }, units.temperature);
  return (
    <View style={styles.group}>
      <Heading small>When it is done</Heading>
      <ForecastState what="Computing when it is done" forecast={forecast} />
      {answer && (
        <>
          <Words size="title" face="display" tabular>
            {`${clockWords(cook.startedAt + answer.span.fastMs, zone)} to ${clockWords(cook.startedAt + answer.span.slowMs, zone)}`}
          </Words>
          <Words tone="soft">
            {answer.unmet
              ? UNMET[answer.unmet]
              : answer.told
                ? 'Corrected by the probe.'
                : 'A reading narrows this.'}
          </Words>
          {answer.asInC !== null && (
            <View role="alert">
              <Words tone="hot" face="strong">
                {`It warms as in an oven at about ${formatTemperature({ value: Math.round(answer.asInC / 5) * 5, unit: 'C' }, units)}. Is the oven as hot as it shows, and its door shut?`}
              </Words>
            </View>
          )}
          <Words tone="soft">{carryOverWords(answer.carryOver, units)}</Words>
          <ForecastDrawing
            name={`Roasting of ${food.name}`}
            untilS={(answer.span.slowMs / SECOND_MS) * ROOM_AFTER}
            curves={[coreBand('middle', answer.usual, answer)]}
            readings={asked.readings.map(({ atS, coreC }) => ({ atS, temperatureC: coreC }))}
            limits={[target!.value.options[0]!.at]}
            rules={rules}
            units={units}
          />
        </>
      )}
      <Choice
        label="Oven"
        quiet
        value={fan ? 'fan' : 'still'}
        onChange={(value) => setFan(value === 'fan')}
        options={[
          { value: 'still', label: 'Without a fan' },
          { value: 'fan', label: 'With a fan' },
        ]}
      />
      <Assumptions
        tweaks={tweaks}
        onChange={setTweaks}
        items={[
          madeOf(foodById(food.foodKey), asked),
          {
            what: 'Oven',
            value: `${formatTemperature({ ...dial, value: Math.round(dial.value) }, units)}, h ${oven.low}–${oven.high} W/m²K; it steams until it is dry`,
          },
          {
            what: 'It went in at',
            value: `${formatTemperature({ value: Math.round(asked.startC * 10) / 10, unit: 'C' }, units)}${cook.from === null ? ', as its store is to be' : ''}`,
          },
          { what: 'Shape', value: 'usual for its weight, set by the roasting charts' },
        ]}
      />
    </View>
  );
}

/** No measurement is at hand, so it is said as widely as it is known, and that no plan counts on it. */
function carryOverWords({ lowK, highK, lostShare }: CarryOver, { temperature }: UnitSystem): string {
  const [low, high] = [lowK, highK].map((k) => Math.round(kelvinIn(k, temperature)));
  return `Off the heat its middle may still rise by ${low} to ${high} °${temperature}: less in the open, more under foil. Only a reading counts. It has steamed off some ${Math.round(lostShare * 100)} % of its weight by then.`;
}

const styles = StyleSheet.create({ group: { gap: space.s } });
