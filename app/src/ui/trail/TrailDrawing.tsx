import type { RuleSet } from '@omtel/core/guidance';
import { clockOf, daysBetween, shortDay } from '@omtel/core/time';
import type { Exposure, Sketch } from '@omtel/core/trail';
import {
  formatDuration,
  formatTemperature,
  shownDegrees,
  toCelsius,
  type UnitSystem,
} from '@omtel/core/units';
import { useId, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, ClipPath, Defs, G, Line, Path, Pattern, Rect, Text as SvgText } from 'react-native-svg';
import { Button } from '../Button';
import { fonts, space } from '../tokens';
import { useLook } from '../theme';
import { pathOf, scaleOf, type Frame } from './scale';
import { TrailTable } from './TrailTable';

export interface TrailDrawingProps {
  readonly name: string;
  readonly sketch: Sketch;
  readonly exposures: readonly Exposure[];
  readonly rules: RuleSet;
  readonly units: UnitSystem;
  readonly zone: string;
  readonly now: number;
}

const HEIGHT = 210;
const CLOCK_HEIGHT = 18;
const TICKS = 3;

/**
 * The one drawing of temperature over time: cold below, hot above, the growth band hatched between, the trail through
 * it, readings as points, stretches out of control as bars beneath. The same facts stand in a table one tap away.
 */
export function TrailDrawing(props: TrailDrawingProps) {
  const { sketch, exposures, rules, units, zone, now } = props;
  const { colors, sizes } = useLook();
  const [width, setWidth] = useState(0);
  const [asTable, setAsTable] = useState(false);
  const id = useId().replaceAll(':', '');
  const { low, high } = rules.bands.growth.value;
  const frame: Frame = {
    width: width - space.s,
    height: HEIGHT,
    left: 48,
    top: space.s,
    bottom: 22 + CLOCK_HEIGHT,
  };
  const { x, y } = scaleOf(sketch, { low: toCelsius(low), high: toCelsius(high) }, frame);
  const [bandTop, bandBottom] = [y(toCelsius(high)), y(toCelsius(low))];
  const floor = HEIGHT - frame.bottom;
  const label = { fontFamily: fonts.text, fontSize: sizes.small, fill: colors.soft };
  const ticks = Array.from(
    { length: TICKS },
    (_, i) => sketch.from + ((sketch.to - sketch.from) * i) / (TICKS - 1),
  );
  const seen = exposures.filter(({ to }) => (to ?? now) > sketch.from);

  return (
    <View style={styles.whole}>
      <View
        onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
        role="img"
        aria-label={inWords(props)}
      >
        {width > 0 && (
          <Svg width={width} height={HEIGHT}>
            <Defs>
              <Pattern
                id={`hatch${id}`}
                width={9}
                height={9}
                patternUnits="userSpaceOnUse"
                patternTransform="rotate(45)"
              >
                <Line x1={0} y1={0} x2={0} y2={9} stroke={colors.hatch} strokeWidth={2} />
              </Pattern>
              <ClipPath id={`clip${id}`}>
                <Rect x={frame.left} y={0} width={frame.width - frame.left} height={HEIGHT} />
              </ClipPath>
            </Defs>
            <Rect
              x={frame.left}
              y={bandTop}
              width={frame.width - frame.left}
              height={bandBottom - bandTop}
              fill={colors.band}
            />
            <Rect
              x={frame.left}
              y={bandTop}
              width={frame.width - frame.left}
              height={bandBottom - bandTop}
              fill={`url(#hatch${id})`}
            />
            {[high, low].map((edge) => (
              <G key={edge.value}>
                <Line
                  x1={frame.left}
                  x2={frame.width}
                  y1={y(toCelsius(edge))}
                  y2={y(toCelsius(edge))}
                  stroke={colors.bandEdge}
                  strokeWidth={1.5}
                />
                <SvgText {...label} x={frame.left - 6} y={y(toCelsius(edge)) + 5} textAnchor="end">
                  {`${Math.round(Number(shownDegrees(edge, units)))}°`}
                </SvgText>
              </G>
            ))}
            <G clipPath={`url(#clip${id})`}>
              <Path
                d={pathOf(sketch, { x, y })}
                stroke={colors.ink}
                strokeWidth={2.5}
                fill="none"
                strokeLinejoin="round"
              />
            </G>
            {sketch.readings
              .filter(({ at }) => at >= sketch.from)
              .map(({ at, temperature }) => (
                <Circle
                  key={at}
                  cx={x(at)}
                  cy={y(toCelsius(temperature))}
                  r={5.5}
                  fill={colors.enamel}
                  stroke={colors.ink}
                  strokeWidth={2.5}
                />
              ))}
            {now <= sketch.to && (
              <Line x1={x(now)} x2={x(now)} y1={0} y2={floor} stroke={colors.rim} strokeWidth={2} />
            )}
            {seen.map(({ from, to, certain }) => (
              <Line
                key={from}
                x1={x(Math.max(from, sketch.from))}
                x2={Math.max(x(to ?? now), x(Math.max(from, sketch.from)) + 3)}
                y1={floor + 8}
                y2={floor + 8}
                stroke={colors.rim}
                strokeWidth={5}
                strokeDasharray={certain ? undefined : '4 3'}
              />
            ))}
            {ticks.map((at, i) => (
              <SvgText
                key={at}
                {...label}
                x={x(at)}
                y={HEIGHT - 6}
                textAnchor={i === 0 ? 'start' : i === TICKS - 1 ? 'end' : 'middle'}
              >
                {tickWords(at, sketch, zone)}
              </SvgText>
            ))}
          </Svg>
        )}
      </View>
      <Button
        kind="plain"
        label={asTable ? 'Hide the table' : 'The same as a table'}
        onPress={() => setAsTable(!asTable)}
      />
      {asTable && <TrailTable {...props} />}
    </View>
  );
}

const tickWords = (at: number, { from, to }: Sketch, zone: string): string =>
  daysBetween(from, to, zone) === 0 ? clockOf(at, zone) : `${shortDay(at, zone)} ${clockOf(at, zone)}`;

function inWords({ name, sketch, exposures, units, now }: TrailDrawingProps): string {
  const last = sketch.readings.at(-1);
  const out = exposures.reduce((sum, { from, to }) => sum + Math.max(0, (to ?? now) - from), 0);
  const read = last ? `, last reading ${formatTemperature(last.temperature, units)}` : ', no readings';
  return `Trail of ${name}: ${sketch.readings.length} readings${read}, ${formatDuration(out)} out of the cold in all`;
}

const styles = StyleSheet.create({ whole: { alignItems: 'stretch' } });
