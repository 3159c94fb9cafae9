import { moment } from '@omtel/core/time';
import { formatDuration, formatTemperature } from '@omtel/core/units';
import { StyleSheet, View } from 'react-native';
import { space } from '../tokens';
import { Rows } from '../Rows';
import { Words } from '../Words';
import type { DrawnTrail } from './drawnTrail';

/** The facts of a trail drawing, for those who would rather read them. */
export function TrailTable({ sketch, exposures, units, zone, now }: DrawnTrail) {
  const facts = [
    ...sketch.readings.map(({ at, temperature }) => ({
      at,
      what: 'Read',
      value: formatTemperature(temperature, units),
    })),
    ...exposures.map(({ from, to, certain }) => ({
      at: from,
      what: certain ? 'Out of the cold' : 'Perhaps out of the cold',
      value: formatDuration((to ?? now) - from),
    })),
  ].sort((a, b) => a.at - b.at);
  return (
    <Rows>
      {facts.map(({ at, what, value }) => (
        <View key={`${what}${at}`} style={styles.row}>
          <Words tabular style={styles.when}>
            {moment(at, now, zone)}
          </Words>
          <Words style={styles.what}>{what}</Words>
          <Words tabular face="strong">
            {value}
          </Words>
        </View>
      ))}
    </Rows>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: space.m },
  when: { minWidth: 120 },
  what: { flex: 1 },
});
