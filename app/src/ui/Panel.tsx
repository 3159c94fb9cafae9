import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { corner, EDGE, space, type Colors } from './tokens';
import { useLook } from './theme';

interface PanelProps {
  /** The coloured edge on top; it names the tone of what stands inside. */
  readonly edge?: keyof Colors;
  readonly children: ReactNode;
}

/** A sheet of enamel on the ground, for the one thing a screen is about. Never one inside another. */
export function Panel({ edge, children }: PanelProps) {
  const { colors } = useLook();
  return (
    <View style={[styles.sheet, { backgroundColor: colors.enamel }]}>
      {edge && <View style={[styles.edge, { backgroundColor: colors[edge] }]} />}
      <View style={styles.inside}>{children}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  sheet: { borderRadius: corner.l, overflow: 'hidden' },
  edge: { height: EDGE },
  inside: { padding: space.l, gap: space.s },
});
