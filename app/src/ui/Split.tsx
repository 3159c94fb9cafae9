import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { space } from './tokens';
import { useLook, useWide } from './theme';
import { BesideList } from './useDocumentTitle';

/** A list with its detail beside it where there is room, the list alone on a phone. */
export function Split({ list, detail }: { readonly list: ReactNode; readonly detail: ReactNode }) {
  const { colors } = useLook();
  if (!useWide() || !detail) return list;
  return (
    <View style={styles.row}>
      <View style={styles.list}>{list}</View>
      <View style={[styles.detail, { borderLeftColor: colors.line }]}>
        <BesideList value>{detail}</BesideList>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flex: 1, flexDirection: 'row' },
  list: { flex: 1 },
  detail: { flex: 1, borderLeftWidth: space.hair },
});
