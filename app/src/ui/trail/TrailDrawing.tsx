import { atClock, clockOf, daysBetween, shortDay } from '@omtel/core/time';
import type { Sketch } from '@omtel/core/trail';
import { formatDuration, formatTemperature, MINUTE_MS, toCelsius } from '@omtel/core/units';
import { useState } from 'react';
import { View } from 'react-native';
import { Line, Path } from 'react-native-svg';
import { Button } from '../Button';
import { useLook } from '../theme';
import { Plot } from './Plot';
import { pathOf, ticksOf, windowOf, type Frame, type Scale } from './scale';
import type { DrawnTrail } from './drawnTrail';
import { TrailTable } from './TrailTable';

/**
 * A food's trail through the growth band: readings as points, stretches out of control as bars beneath. The same facts
 * stand in a table one tap away.
 */
export function TrailDrawing(props: DrawnTrail) {
  const { sketch, exposures, rules, units, zone, now } = props;
  const { colors } = useLook();
  const [asTable, setAsTable] = useState(false);
  const seen = exposures.filter(({ to }) => (to ?? now) > sketch.from);

  const signs = ({ x, y }: Scale, { height, bottom }: Frame) => (
    <>
      <Path
        d={sketch.readings
          .filter(({ at }) => at >= sketch.from)
          .map(({ at, temperature }) => pointAt(x(at), y(toCelsius(temperature))))
          .join('')}
        fill={colors.enamel}
        stroke={colors.ink}
        strokeWidth={2.5}
      />
      {now <= sketch.to && (
        <Line x1={x(now)} x2={x(now)} y1={0} y2={height - bottom} stroke={colors.rim} strokeWidth={2} />
      )}
      {seen.map(({ from, to, certain }) => (
        <Line
          key={from}
          x1={x(Math.max(from, sketch.from))}
          x2={Math.max(x(to ?? now), x(Math.max(from, sketch.from)) + 3)}
          y1={height - bottom + 8}
          y2={height - bottom + 8}
          stroke={colors.rim}
          strokeWidth={5}
          strokeDasharray={certain ? undefined : '4 3'}
        />
      ))}
    </>
  );

  return (
    <View>
      <Plot
        name={inWords(props)}
        window={windowOf(sketch)}
        band={rules.bands.growth.value}
        units={units}
        ticks={ticksOf(sketch, atClock(sketch.from, 0, MIDNIGHT, zone), MINUTE_MS)}
        tick={(at) => tickWords(at, sketch, zone)}
        inside={(scale) => (
          <Path
            d={pathOf(sketch, scale)}
            stroke={colors.ink}
            strokeWidth={2.5}
            fill="none"
            strokeLinejoin="round"
          />
        )}
        over={signs}
      />
      <Button
        kind="plain"
        label={asTable ? 'Hide the table' : 'The same as a table'}
        onPress={() => setAsTable(!asTable)}
      />
      {asTable && <TrailTable {...props} />}
    </View>
  );
}

/** A circle as part of a path: a hundred readings are one shape. */
const POINT_R = 5.5;
const pointAt = (x: number, y: number): string =>
  `M${x - POINT_R} ${y}a${POINT_R} ${POINT_R} 0 1 0 ${2 * POINT_R} 0a${POINT_R} ${POINT_R} 0 1 0 ${-2 * POINT_R} 0z`;

const MIDNIGHT = { hour: 0, minute: 0 };

const tickWords = (at: number, { from, to }: Sketch, zone: string): string =>
  daysBetween(from, to, zone) === 0 ? clockOf(at, zone) : `${shortDay(at, zone)} ${clockOf(at, zone)}`;

function inWords({ name, sketch, exposures, units, now }: DrawnTrail): string {
  const last = sketch.readings.at(-1);
  const out = exposures.reduce((sum, { from, to }) => sum + Math.max(0, (to ?? now) - from), 0);
  const many = sketch.readings.length;
  const read = last
    ? `${many} ${many === 1 ? 'reading' : 'readings'}, last ${formatTemperature(last.temperature, units)}`
    : 'no readings';
  return `Trail of ${name}: ${read}, ${formatDuration(out)} out of the cold in all`;
}
