import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { space } from './tokens';
import { useWide } from './theme';

interface BesideProps {
  readonly left: ReactNode;
  readonly right: ReactNode;
}

/** Two parts of a roomy screen: one under the other on a phone, side by side where there is room. */
export function Beside({ left, right }: BesideProps) {
  const wide = useWide();
  return (
    <View style={wide ? styles.row : styles.part}>
      <View style={[styles.part, wide && styles.half]}>{left}</View>
      <View style={[styles.part, wide && styles.half]}>{right}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', gap: space.xxl, alignItems: 'flex-start' },
  part: { gap: space.l },
  half: { flex: 1, minWidth: 0 },
});
