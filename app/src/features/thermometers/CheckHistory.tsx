import { offsetOf, type Thermometer, spanWords } from '@omtel/core/thermometers';
import { shortDay } from '@omtel/core/time';
import { kelvinOf, toCelsius } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { evenly } from '../../ui/chart/axes';
import { Chart } from '../../ui/chart/Chart';
import { useLook } from '../../ui/theme';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';

const HEIGHT = 120;
/** The room at the left for the degrees, px. */
const LEFT = 64;
const DOT = 10;
/** Above and below what lies furthest off, K. */
const ROOM_K = 0.5;

/** What its checks found it off by, one after the other, with what is in order shaded: each of them stands in the list below. */
export function CheckHistory({ log }: Pick<Thermometer, 'log'>) {
  const { units, rules, zone } = useKitchen();
  const { colors } = useLook();
  const [width, setWidth] = useState(0);
  const checks = log
    .flatMap((entry) =>
      entry.what === 'checked'
        ? [{ at: entry.at, off: offsetOf({ ...entry, readC: toCelsius(entry.read) }) }]
        : [],
    )
    .sort((a, b) => a.at - b.at);
  if (checks.length < 2) return null;
  const { degrees, unit } = rules.thermometer.icePoint.value;
  const fineK = kelvinOf(degrees, unit);
  const most = Math.max(fineK, ...checks.map(({ off }) => Math.abs(off))) + ROOM_K;
  const [from, to] = [checks[0]!.at, checks.at(-1)!.at];
  const plot = width - LEFT - DOT;
  const x = (at: number) => LEFT + ((at - from) / Math.max(1, to - from)) * plot;
  const y = (off: number) => HEIGHT * (0.5 - off / (2 * most));
  const line = { at: checks.map(({ at }) => at), value: checks.map(({ off }) => off) };
  return (
    <View>
      <Heading small tone="soft">
        Off by, check by check
      </Heading>
      <View
        role="img"
        aria-label={`Off by ${checks.map(({ at, off }) => `${spanWords(off, units)} ${shortDay(at, zone)}`).join(', ')}`}
        onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
        style={styles.whole}
      >
        <View
          style={{
            position: 'absolute',
            left: LEFT,
            right: 0,
            top: y(fineK),
            height: y(-fineK) - y(fineK),
            backgroundColor: colors.enamel,
          }}
        />
        {[fineK, 0, -fineK].map((off) => (
          <View key={off} style={{ position: 'absolute', left: 0, right: 0, top: y(off) - DOT }}>
            <Words size="small" tone="soft" tabular>
              {spanWords(off, units)}
            </Words>
          </View>
        ))}
        {plot > 0 && to > from && (
          <Chart
            lines={[{ label: 'off by', colour: colors.ink, values: evenly(line, { from, to }) }]}
            left={LEFT}
            top={0}
            width={plot}
            height={HEIGHT}
            range={{ low: -most, high: most }}
          />
        )}
        {plot > 0 &&
          checks.map(({ at, off }) => (
            <View
              key={at}
              style={[
                styles.dot,
                {
                  left: x(at) - DOT / 2,
                  top: y(off) - DOT / 2,
                  borderColor: Math.abs(off) > fineK ? colors.hot : colors.ink,
                  backgroundColor: colors.enamel,
                },
              ]}
            />
          ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  whole: { height: HEIGHT, marginVertical: space.s },
  dot: { position: 'absolute', width: DOT, height: DOT, borderRadius: DOT / 2, borderWidth: 2 },
});
