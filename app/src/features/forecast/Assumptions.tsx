import type { Assumption } from '@omtel/core/forecast';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../ui/Button';
import { Rows } from '../../ui/Rows';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';

/** What a forecast took for granted, one tap away. What can be changed is changed in the fields above it. */
export function Assumptions({ items }: { readonly items: readonly Assumption[] }) {
  const [open, setOpen] = useState(false);
  return (
    <View>
      <Button
        kind="plain"
        label={open ? 'Hide what is assumed' : 'What is assumed'}
        onPress={() => setOpen(!open)}
      />
      {open && (
        <Rows>
          {items.map(({ what, value }) => (
            <View key={what} style={styles.line}>
              <Words style={styles.what}>{what}</Words>
              <Words tone="soft" style={styles.value}>
                {value}
              </Words>
            </View>
          ))}
        </Rows>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', gap: space.m },
  what: { flex: 1 },
  value: { flex: 2 },
});
