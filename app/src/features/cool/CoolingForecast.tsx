import type { MarkForecast, Passing } from '@omtel/core/forecast';
import type { CoolingAnswer, CoolingAsked } from '@omtel/core/jobs';
import type { FoodState } from '@omtel/core/trail';
import {
  formatCeiling,
  formatDuration,
  formatDurationUp,
  formatLength,
  formatMostLength,
  formatTemperature,
  SECOND_MS,
  toCelsius,
} from '@omtel/core/units';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Panel } from '../../ui/Panel';
import { RuleLink } from '../../ui/RuleLink';
import { Rows } from '../../ui/Rows';
import { space, type Colors } from '../../ui/tokens';
import { coreBand } from '../../ui/trail/coreBand';
import { ForecastDrawing } from '../../ui/trail/ForecastDrawing';
import { Heading, Words } from '../../ui/Words';
import { CheapestChange } from '../forecast';

interface CoolingForecastProps {
  /** What the answer belongs to. */
  readonly asked: CoolingAsked;
  readonly answer: CoolingAnswer;
  readonly food: FoodState;
}

const PASSING: Record<Passing, { readonly word: string; readonly edge: keyof Colors }> = {
  passes: { word: 'It should pass. Read it to be sure.', edge: 'rim' },
  close: { word: 'Too close to call.', edge: 'bandEdge' },
  fails: { word: 'It will not cool in time like this.', edge: 'hot' },
};
const HOUR_S = 3600;
const ROUND_UP_C = 0.05;

/**
 * Whether a batch will be cold in time: curves, both marks, the cheapest change, and what it does to the refrigerator.
 * Drawn once for each answer: what is asked next does not wait for it.
 */
export const CoolingForecast = memo(function CoolingForecast({ asked, answer, food }: CoolingForecastProps) {
  const { units, rules } = useKitchen(food);
  const { band, verdict, still, growth, fit } = answer;
  const { setC } = asked.refrigerator;
  const { usual } = band;
  const depth = formatLength(verdict.depthM, units);
  const lastDueS = verdict.marks.at(-1)?.dueS ?? 6 * HOUR_S;
  const warm = (t: number) =>
    formatTemperature({ value: Math.round((t + ROUND_UP_C) * 10) / 10, unit: 'C' }, units);
  const limits = verdict.marks.slice(0, 1).map(({ rule }) => rule.value.to);
  return (
    <>
      <Panel edge={PASSING[verdict.passes].edge}>
        <Heading>{PASSING[verdict.passes].word}</Heading>
        <Words>{`${depth} deep in each.${verdict.tooDeep ? ` The rule says ${formatMostLength(rules.cooling.depth.value.most, units)} at most.` : ''}`}</Words>
        {still && (
          <CheapestChange
            food={food}
            still={still}
            none="No single change is enough: shallower, more of them, and ice water first."
          />
        )}
      </Panel>
      <ForecastDrawing
        name={`Cooling of ${food.name}`}
        untilS={Math.min(usual.timeS.at(-1)!, lastDueS + HOUR_S)}
        curves={[
          coreBand('middle', usual, band),
          { label: 'mean', timeS: usual.timeS, temperatureC: usual.meanC, dashed: true },
        ]}
        marks={verdict.marks.flatMap(({ dueS, rule }) =>
          dueS === null ? [] : [{ atS: dueS, temperatureC: toCelsius(rule.value.to) }],
        )}
        readings={asked.reading && [{ atS: asked.reading.atS, temperatureC: asked.reading.coreC }]}
        limits={limits}
        rules={rules}
        units={units}
      />
      {fit !== null && (
        <Words>
          {fit.unmet
            ? `The last reading is ${fit.unmet} than any usual kitchen explains. Check it, and what it stands in.`
            : `Corrected by the last reading: ${fitWords(fit.times)}`}
        </Words>
      )}
      <Rows title="The marks">
        {verdict.marks.map((mark) => (
          <Mark key={mark.rule.id} mark={mark} />
        ))}
      </Rows>
      <Rows title="The refrigerator">
        <Words>
          {verdict.refrigerator.setTooWarm
            ? `It is set to ${warm(setC)}, warmer than ${formatCeiling(rules.bands.refrigerator.value.at, units)}: nothing gets cold enough in it.`
            : verdict.refrigerator.tooWarmMs > 0
              ? `Its air warms to ${warm(verdict.refrigerator.warmestC)} and is too warm for ${formatDurationUp(verdict.refrigerator.tooWarmMs)}.`
              : `Its air stays in order, ${warm(verdict.refrigerator.warmestC)} at most.`}
        </Words>
        {verdict.refrigerator.neighbours.map(({ name, warmestC }) => (
          <Words key={name}>{`${name}: up to ${warm(warmestC)}`}</Words>
        ))}
      </Rows>
      {growth !== null && (
        <Words tone="soft">
          {`Illustration, not a ruling: ${growth.toFixed(1)} times the growth of Clostridium perfringens in a batch that just passes.`}
        </Words>
      )}
    </>
  );
});

/** A reading this near the forecast says that all is as usual. */
const AS_USUAL = 0.05;

function fitWords(times: number): string {
  if (Math.abs(times - 1) < AS_USUAL) return 'it cools as forecast.';
  return `it cools ${times < 1 ? 'slower' : 'faster'} than usual, × ${times.toFixed(1)}.`;
}

function Mark({ mark: { rule, usualS, slowS, dueS, passes } }: { readonly mark: MarkForecast }) {
  const { units } = useKitchen();
  const time = (s: number | null) => (s === null ? 'later' : formatDuration(s * SECOND_MS));
  const word = { passes: 'in time', close: 'close', fails: 'too late' }[passes];
  return (
    <View>
      <View style={styles.line}>
        <Words
          size="lead"
          style={styles.grow}
        >{`${formatCeiling(rule.value.to, units)} by ${time(dueS)}`}</Words>
        <Words size="lead" face="strong">
          {word}
        </Words>
      </View>
      <Words tone="soft">{`Forecast ${time(usualS)}, at the slow end ${time(slowS)}, from now`}</Words>
      <RuleLink id={rule.id} />
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'baseline', gap: space.m },
  grow: { flex: 1 },
});
