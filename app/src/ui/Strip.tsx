import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { space } from './tokens';
import { useLook } from './theme';

/** What is to be known on every page, above it. */
export function Strip({ icon, children }: { readonly icon?: ReactNode; readonly children: ReactNode }) {
  const { colors } = useLook();
  return (
    <View
      role="status"
      style={[styles.strip, { backgroundColor: colors.band, borderBottomColor: colors.bandEdge }]}
    >
      {icon}
      {children}
    </View>
  );
}

const styles = StyleSheet.create({
  strip: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.m,
    padding: space.m,
    borderBottomWidth: space.hair,
  },
});
