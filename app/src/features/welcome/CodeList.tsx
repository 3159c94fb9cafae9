import { StyleSheet, View } from 'react-native';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';

/** Codes to be copied by hand or printed. */
export function CodeList({ codes }: { readonly codes: readonly string[] }) {
  return (
    <View style={styles.codes} role="list">
      {codes.map((code) => (
        <View key={code} role="listitem" style={styles.code}>
          <Words size="lead" face="strong" tabular>
            {code}
          </Words>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  codes: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m },
  code: { flexBasis: 220, flexGrow: 1 },
});
