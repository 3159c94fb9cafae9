import type { RuleSet } from '@omtel/core/guidance';
import { valueAt } from '@omtel/core/thermal';
import { formatDuration, formatTemperature, type Temperature, type UnitSystem } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Circle, Line, Path } from 'react-native-svg';
import { Button } from '../Button';
import { Along } from '../chart/Along';
import { evenly, STEPS } from '../chart/axes';
import { Chart } from '../chart/Chart';
import { Rows } from '../Rows';
import { space, type Colors } from '../tokens';
import { useLook } from '../theme';
import { Words } from '../Words';
import { DEGREES_ROOM, elapsedTick, Plot } from './Plot';
import { type Curve, fieldPath, rangeOf, ticksOf } from './scale';

/** One forecast: its usual course, and the field between its slow and fast ends. */
export interface ForecastCurve {
  readonly label: string;
  readonly timeS: readonly number[];
  readonly temperatureC: readonly number[];
  readonly field?: readonly [ForecastEdge, ForecastEdge];
  /** Drawn with dashes, as a mean is beside its core. */
  readonly dashed?: boolean;
}
interface ForecastEdge {
  readonly timeS: readonly number[];
  readonly temperatureC: readonly number[];
}

/** A moment by which a curve must have passed a temperature. */
interface DrawnMark {
  readonly atS: number;
  readonly temperatureC: number;
}

export interface ForecastDrawingProps {
  readonly name: string;
  readonly curves: readonly ForecastCurve[];
  readonly untilS: number;
  readonly marks?: readonly DrawnMark[];
  readonly readings?: readonly DrawnMark[];
  readonly limits?: readonly Temperature[];
  readonly rules: RuleSet;
  readonly units: UnitSystem;
}

const TONES: (keyof Colors)[] = ['ink', 'cold', 'hot'];
const ROWS = 8;
/** A live probe's readings are drawn smaller than a cook's few. */
const MANY = 12;
const MINUTE_S = 60;
const asCurve = ({ timeS, temperatureC }: ForecastEdge): Curve => ({ at: timeS, temperatureC });

/** Forecasts on the one drawing of temperature over time: bands, not promises. The same facts stand in a table. */
export default function DrawnForecast(props: ForecastDrawingProps) {
  const { name, curves, untilS, marks = [], readings = [], limits, rules, units } = props;
  const { colors } = useLook();
  const [asTable, setAsTable] = useState(false);
  const [step, setStep] = useState<number | null>(null);
  const shown = curves.map((curve) => within(curve, untilS));
  const toneOf = (i: number) => colors[TONES[i % TONES.length]!];
  const readS = step === null ? null : (untilS * step) / STEPS;
  const degrees = ({ timeS, temperatureC }: ForecastEdge, s: number) =>
    formatTemperature({ value: Math.round(valueAt(timeS, temperatureC, s)), unit: 'C' }, units);
  const read =
    readS === null
      ? 'Along the curve a finger or the arrow keys read time and temperature.'
      : `${elapsedTick(readS * 1000)}: ${shown.map((curve) => `${curve.label} ${degrees(curve, readS)}`).join(', ')}`;
  return (
    <View>
      <Plot
        name={`${name}: ${curves.map(({ label }) => label).join(', ')} over ${formatDuration(untilS * 1000)}`}
        window={{ from: 0, to: untilS, temperaturesC: shown.flatMap(({ temperatureC }) => temperatureC) }}
        band={rules.bands.growth.value}
        limits={limits}
        units={units}
        ticks={ticksOf({ from: 0, to: untilS }, 0, MINUTE_S)}
        tick={(s) => elapsedTick(s * 1000)}
        inside={(scale) => (
          <>
            {shown.map(
              ({ label, field }) =>
                field && (
                  <Path
                    key={label}
                    d={fieldPath(asCurve(field[0]), asCurve(field[1]), scale)}
                    fill={colors.forecast}
                    fillOpacity={0.6}
                  />
                ),
            )}
          </>
        )}
        beside={({ y }, { width, left, height, top, bottom }) => (
          <>
            <Chart
              lines={shown.map((curve, i) => ({
                label: curve.label,
                colour: toneOf(i),
                dashed: curve.dashed,
                values: evenly({ at: curve.timeS, value: curve.temperatureC }, { from: 0, to: untilS }),
              }))}
              left={left}
              top={top}
              width={width - left}
              height={height - top - bottom}
              range={rangeOf(y, height - bottom, top)}
            />
            <Along
              name={name}
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
        over={({ x, y }, frame) => (
          <>
            {readS !== null && (
              <Line
                x1={x(readS)}
                x2={x(readS)}
                y1={frame.top}
                y2={frame.height - frame.bottom}
                stroke={colors.soft}
                strokeWidth={1.5}
              />
            )}
            {marks.map(({ atS, temperatureC }) => (
              <Line
                key={`${atS}${temperatureC}`}
                x1={x(atS)}
                x2={x(atS)}
                y1={y(temperatureC) - 12}
                y2={y(temperatureC) + 12}
                stroke={colors.rim}
                strokeWidth={3}
              />
            ))}
            {readings.map(({ atS, temperatureC }) => (
              <Circle
                key={atS}
                cx={x(atS)}
                cy={y(temperatureC)}
                r={readings.length > MANY ? 3 : 5.5}
                fill={colors.enamel}
                stroke={colors.ink}
                strokeWidth={readings.length > MANY ? 1.5 : 2.5}
              />
            ))}
          </>
        )}
      />
      <View style={styles.key}>
        {curves.map(({ label, dashed }, i) => (
          <View key={label} style={styles.entry}>
            <View
              style={[styles.swatch, { borderColor: toneOf(i), borderStyle: dashed ? 'dashed' : 'solid' }]}
            />
            <Words size="small" tone="soft">
              {label}
            </Words>
          </View>
        ))}
      </View>
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
          {Array.from({ length: ROWS + 1 }, (_, i) => (untilS * i) / ROWS).map((s) => (
            <View key={s} style={styles.row}>
              <Words tabular style={styles.when}>
                {elapsedTick(s * 1000)}
              </Words>
              {curves.map((curve) => (
                <Words key={curve.label} tabular style={styles.value}>
                  {`${curve.label} ${degrees(curve, s)}`}
                </Words>
              ))}
            </View>
          ))}
        </Rows>
      )}
    </View>
  );
}

/** The part of a curve, and of its field, that the drawing shows. */
function within<Part extends ForecastCurve>(curve: Part, untilS: number): Part {
  const cut = ({ timeS, temperatureC }: ForecastEdge): ForecastEdge => {
    const past = timeS.findIndex((s) => s > untilS);
    const n = past < 0 ? timeS.length : past + 1;
    return { timeS: timeS.slice(0, n), temperatureC: temperatureC.slice(0, n) };
  };
  return { ...curve, ...cut(curve), field: curve.field && [cut(curve.field[0]), cut(curve.field[1])] };
}

const styles = StyleSheet.create({
  key: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    columnGap: space.m,
    rowGap: space.xs,
    paddingLeft: DEGREES_ROOM,
    paddingTop: space.xs,
  },
  entry: { flexDirection: 'row', alignItems: 'center', gap: space.xs },
  swatch: { width: 20, borderTopWidth: 3 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m },
  when: { width: 96 },
  value: { flexGrow: 1 },
});
