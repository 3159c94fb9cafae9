import type { Part } from '@omtel/core/devices';
import { warmestAir } from '@omtel/core/clocks';
import type { RuleSet } from '@omtel/core/guidance';
import { clockWords, moment, monthOf, shortDay, shortMonth } from '@omtel/core/time';
import {
  DAY_MS,
  formatTemperature,
  inUnit,
  MINUTE_MS,
  toCelsius,
  type Temperature,
  type UnitSystem,
} from '@omtel/core/units';
import type { StoreId } from '@omtel/core/api';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Line, Path } from 'react-native-svg';
import { Button } from '../../ui/Button';
import { Along } from '../../ui/chart/Along';
import { STEPS } from '../../ui/chart/axes';
import { Chart } from '../../ui/chart/Chart';
import type { Drawn } from '../../ui/chart/Lines';
import { Rows } from '../../ui/Rows';
import { space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Plot } from '../../ui/trail/Plot';
import { fieldPath, rangeOf, ticksOf } from '../../ui/trail/scale';
import { Words } from '../../ui/Words';

interface RecordDrawingProps {
  readonly store: StoreId;
  /** The parts of the time in which somebody looked, at even distances. */
  readonly parts: readonly Part[];
  /** How many parts the whole of it has. */
  readonly of: number;
  readonly from: number;
  readonly to: number;
  /** Midnight where the household lives, by which moments are round. */
  readonly midnight: number;
  readonly rules: RuleSet;
  readonly units: UnitSystem;
  readonly zone: string;
  readonly now: number;
}

const ROWS = 8;
/** Of a longer time days of the week say nothing. */
const MOST_DAYS_MS = 14 * DAY_MS;
/** So many degrees are told beside the frame at most, and none so near the rule’s own, K. */
const [MOST_DEGREES, CLEAR_OF_K] = [5, 1.2];

/** What the air of a store read over a time: its mean as a line, in the field between its lowest and its highest. */
export function RecordDrawing(props: RecordDrawingProps) {
  const { store, parts, of, from, to, midnight, rules, units, zone, now } = props;
  const { colors } = useLook();
  const [asTable, setAsTable] = useState(false);
  const [step, setStep] = useState<number | null>(null);
  const limit = store === 'refrigerator' ? warmestAir(store, rules) : rules.bands.freezer.value.at;
  const long = to - from > 2 * DAY_MS;
  const when = (at: number) => (long ? moment(at, now, zone) : clockWords(at, zone));
  const degrees = (celsius: number) =>
    formatTemperature({ value: Math.round(celsius * 10) / 10, unit: 'C' }, units);
  const readAt = step === null ? null : from + ((to - from) * step) / STEPS;
  const partAt = (at: number) => parts.find((part) => Math.abs(part.at - at) <= (to - from) / of);
  const said = (at: number) => {
    const part = partAt(at);
    if (!part) return `${when(at)}: nobody looked`;
    const { lowC, highC, meanC } = part;
    return `${when(at)}: ${degrees(meanC)}${highC - lowC > 0.2 ? `, between ${degrees(lowC)} and ${degrees(highC)}` : ''}`;
  };
  const read = readAt === null ? 'A finger or the arrow keys read along it.' : said(readAt);
  return (
    <View>
      <Plot
        name={`The ${store} from ${when(from)} to ${when(to)}`}
        window={{
          from,
          to,
          temperaturesC: [toCelsius(limit), ...parts.flatMap(({ lowC, highC }) => [lowC, highC])],
          closeUp: true,
        }}
        band={rules.bands.growth.value}
        limits={[limit]}
        degrees={degreesBeside(parts, toCelsius(limit), units)}
        units={units}
        ticks={ticksOf({ from, to }, midnight, MINUTE_MS)}
        tick={(at) =>
          to - from > MOST_DAYS_MS
            ? shortMonth(monthOf(at, zone))
            : long
              ? shortDay(at, zone)
              : clockWords(at, zone)
        }
        inside={(scale) =>
          runsOf(parts, (to - from) / of).map((run) => (
            <Path
              key={run[0]!.at}
              d={fieldPath(
                { at: run.map(({ at }) => at), temperatureC: run.map(({ lowC }) => lowC) },
                { at: run.map(({ at }) => at), temperatureC: run.map(({ highC }) => highC) },
                scale,
              )}
              fill={colors.forecast}
              fillOpacity={0.6}
            />
          ))
        }
        beside={({ y }, { width, left, height, top, bottom }) => (
          <>
            <Chart
              lines={runsOf(parts, (to - from) / of).map((run) => lineOf(run, { from, to, of }, colors.ink))}
              steps={of}
              left={left}
              top={top}
              width={width - left}
              height={height - top - bottom}
              range={rangeOf(y, height - bottom, top)}
            />
            <Along
              name={`the ${store}’s record`}
              left={left}
              top={top}
              width={width - left}
              height={height - top - bottom}
              step={step}
              onStep={setStep}
              words={read}
            />
          </>
        )}
        over={({ x }, frame) =>
          readAt !== null && (
            <Line
              x1={x(readAt)}
              x2={x(readAt)}
              y1={frame.top}
              y2={frame.height - frame.bottom}
              stroke={colors.soft}
              strokeWidth={1.5}
            />
          )
        }
      />
      <Words size="small" tone="soft" tabular>
        {read}
      </Words>
      <Button
        kind="plain"
        label={asTable ? 'Hide the table' : 'The same as a table'}
        onPress={() => setAsTable(!asTable)}
      />
      {asTable && (
        <Rows>
          {Array.from({ length: ROWS + 1 }, (_, i) => from + ((to - from) * i) / ROWS).map((at) => (
            <Words key={at} tabular style={styles.row}>
              {said(at)}
            </Words>
          ))}
        </Rows>
      )}
    </View>
  );
}

/** Round temperatures of the record in the unit that is shown. */
function degreesBeside(parts: readonly Part[], limitC: number, units: UnitSystem): Temperature[] {
  const inUnitOf = (celsius: number) => inUnit({ value: celsius, unit: 'C' }, units.temperature).value;
  const low = inUnitOf(parts.reduce((least, { lowC }) => Math.min(least, lowC), Infinity));
  const high = inUnitOf(parts.reduce((most, { highC }) => Math.max(most, highC), -Infinity));
  const step = [1, 2, 5, 10, 20].find((each) => (high - low) / each < MOST_DEGREES) ?? 50;
  const first = Math.ceil(low / step) * step;
  return Array.from({ length: Math.max(0, Math.floor((high - first) / step) + 1) }, (_, i) => ({
    value: first + i * step,
    unit: units.temperature,
  })).filter((at) => Math.abs(toCelsius(at) - limitC) > CLEAR_OF_K * ((high - low) / 10));
}

/** Parts that follow each other; where nobody looked, a line ends. */
function runsOf(parts: readonly Part[], width: number): readonly (readonly Part[])[] {
  const runs: Part[][] = [];
  for (const part of parts) {
    const last = runs.at(-1)?.at(-1);
    if (last && part.at - last.at < 1.5 * width) runs.at(-1)!.push(part);
    else runs.push([part]);
  }
  return runs;
}

function lineOf(
  run: readonly Part[],
  { from, to, of }: { readonly from: number; readonly to: number; readonly of: number },
  colour: string,
): Drawn {
  const first = Math.round(((run[0]!.at - from) / (to - from)) * of);
  const means = run.map(({ meanC }) => meanC);
  return {
    label: String(first),
    colour,
    first,
    values: [...Array.from({ length: first }, () => means[0]!), ...means],
  };
}

const styles = StyleSheet.create({ row: { paddingVertical: space.xs } });
